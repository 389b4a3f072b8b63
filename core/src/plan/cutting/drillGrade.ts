import type { ParentMaterial } from '../../facts/materials/index.ts';
import { isHeatShy } from './machineSpeed.ts';

/** What a drill is made of, for a metal (workshop practice). */
export type DrillGrade = 'hss' | 'hss-bright' | 'cobalt';

/** @example drillGrade({ id: 'austenitic-stainless', group: 'stainless' }) // 'cobalt' */
export function drillGrade(parent: Pick<ParentMaterial, 'id' | 'group'>): DrillGrade {
  if (isHeatShy(parent)) return 'cobalt';
  const { group } = parent;
  return group === 'aluminium' || group === 'magnesium' || group === 'zinc' || group === 'copper'
    ? 'hss-bright'
    : 'hss';
}
