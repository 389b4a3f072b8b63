/** Cutting fluids by what they are, as a shop calls them; `watery` ones burn with magnesium and rust iron. */
export const FLUIDS = [
  { id: 'ep-oil', name: 'EP cutting oil (sulphurised)', short: 'EP cutting oil', watery: false },
  { id: 'plain-oil', name: 'Plain cutting oil', short: 'plain cutting oil', watery: false },
  { id: 'light-oil', name: 'Light oil (spindle or paraffin type)', short: 'light oil, paraffin type', watery: false },
  { id: 'paste', name: 'Tapping paste or wax', short: 'tapping paste', watery: false },
  { id: 'emulsion', name: 'Soluble oil in water', short: 'soluble oil in water', watery: true },
  { id: 'motor-oil', name: 'Motor oil or spray at hand', short: 'motor oil', watery: false },
  { id: 'tallow', name: 'Lard oil or tallow', short: 'lard oil', watery: false },
  { id: 'food-oil', name: 'Food-grade oil', short: 'food-grade oil', watery: false },
] as const;
export type FluidId = (typeof FLUIDS)[number]['id'];

/** Without any: why, as half a sentence. */
export type DryReason = 'graphite' | 'powder' | 'melts';

/** What goes on one metal at one operation. `first` null: dry, with the reason. */
export type FluidRow = {
  metal:
    'iron' | 'ductile' | 'steel' | 'tough' | 'stainless' | 'aluminium' | 'magnesium' | 'zinc' | 'copper' | 'plastic';
  first: FluidId | null;
  dry: DryReason | null;
  /** In their order, where the first is not at hand. */
  willDo: readonly FluidId[];
  /** Tapping wants more of it than drilling. */
  tapping: FluidId | null;
  never: readonly FluidId[];
  /** Why never, as half a sentence; empty: nothing is forbidden. */
  neverBecause: string;
};

/** Workshop practice (docs/methods.md, The work card): by material; water never on magnesium, sulphur stains copper alloys. */
export const FLUID_ROWS: readonly FluidRow[] = [
  {
    metal: 'iron',
    first: null,
    dry: 'graphite',
    willDo: ['light-oil'],
    tapping: 'light-oil',
    never: ['emulsion'],
    neverBecause: 'water rusts it, and oil with its dust makes a grinding paste in quantity',
  },
  {
    metal: 'ductile',
    first: 'light-oil',
    dry: null,
    willDo: ['plain-oil', 'motor-oil'],
    tapping: 'plain-oil',
    never: [],
    neverBecause: '',
  },
  {
    metal: 'steel',
    first: 'plain-oil',
    dry: null,
    willDo: ['ep-oil', 'emulsion', 'motor-oil'],
    tapping: 'ep-oil',
    never: [],
    neverBecause: '',
  },
  {
    metal: 'tough',
    first: 'ep-oil',
    dry: null,
    willDo: ['paste', 'tallow', 'plain-oil'],
    tapping: 'ep-oil',
    never: [],
    neverBecause: '',
  },
  {
    metal: 'stainless',
    first: 'ep-oil',
    dry: null,
    willDo: ['paste', 'tallow'],
    tapping: 'ep-oil',
    never: ['motor-oil', 'light-oil'],
    neverBecause: 'its film breaks: the metal galls and hardens',
  },
  {
    metal: 'aluminium',
    first: 'light-oil',
    dry: null,
    willDo: ['emulsion', 'tallow', 'motor-oil'],
    tapping: 'light-oil',
    never: ['ep-oil'],
    neverBecause: 'active sulphur stains it, and chips stick in thick oil',
  },
  {
    metal: 'magnesium',
    first: 'light-oil',
    dry: null,
    willDo: ['plain-oil'],
    tapping: 'light-oil',
    never: ['emulsion', 'ep-oil'],
    neverBecause: 'water feeds burning chips: mineral oil or nothing',
  },
  {
    metal: 'zinc',
    first: 'light-oil',
    dry: null,
    willDo: ['emulsion', 'motor-oil'],
    tapping: 'light-oil',
    never: [],
    neverBecause: '',
  },
  {
    metal: 'copper',
    first: 'light-oil',
    dry: null,
    willDo: ['emulsion', 'tallow'],
    tapping: 'light-oil',
    never: ['ep-oil'],
    neverBecause: 'active sulphur stains copper alloys black',
  },
  {
    metal: 'plastic',
    first: null,
    dry: 'melts',
    willDo: ['emulsion'],
    tapping: null,
    never: ['ep-oil', 'plain-oil', 'light-oil', 'motor-oil', 'paste'],
    neverBecause: 'oil cracks many plastics under stress',
  },
];
