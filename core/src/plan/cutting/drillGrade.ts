import type { ParentMaterial } from '../../facts/materials/index.ts';

/** What a drill is made of, for a metal (workshop practice). */
export type DrillGrade = 'hss' | 'hss-bright' | 'cobalt';

/** @example drillGrade({ id: 'austenitic-stainless', group: 'stainless' }) // 'cobalt' */
export function drillGrade({ id, group }: Pick<ParentMaterial, 'id' | 'group'>): DrillGrade {
  if (group === 'stainless' || id === 'alloy-steel') return 'cobalt';
  return group === 'aluminium' || group === 'magnesium' || group === 'zinc' || group === 'copper'
    ? 'hss-bright'
    : 'hss';
}
