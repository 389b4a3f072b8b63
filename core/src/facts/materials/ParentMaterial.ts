export type ParentGroup = 'iron' | 'steel' | 'stainless' | 'aluminium' | 'magnesium' | 'zinc' | 'copper' | 'plastic';

export interface ParentMaterial {
  id: string;
  name: string;
  group: ParentGroup;
  tensileLowMpa: number;
  tensileHighMpa: number;
  /** Shear strength as a share of tensile (our estimate). */
  shearRatio: number;
  /** How it cuts: `tough` asks for less thread, `brittle` for support. */
  cutting: 'soft' | 'medium' | 'tough' | 'brittle';
  note: string;
}
