import type { Say } from '../../basis/units/index.ts';
import type { ParentMaterial } from '../../facts/materials/index.ts';
import { FASTENER_HEAT, PARENT_HEAT, PLASTIC_LIMIT_C, type HeatCurve } from './tables/heat.ts';

/** Room temperature: every share is 1 up to here. */
const COLD_C = 20;

/** The share of cold strength on a curve, linear between its points; `beyond` past the last of them. */
function shareAt(curve: HeatCurve, serviceC: number): { share: number; beyond: boolean } {
  let [lastC, lastShare] = [COLD_C, 1];
  for (const [atC, share] of curve) {
    if (serviceC <= atC)
      return {
        share: serviceC <= lastC ? lastShare : lastShare + ((share - lastShare) * (serviceC - lastC)) / (atC - lastC),
        beyond: false,
      };
    [lastC, lastShare] = [atC, share];
  }
  return { share: lastShare, beyond: true };
}

/** What a parent is still worth at a service temperature. */
export interface HotParent {
  /** Share of its cold strength left. */
  factor: number;
  /** Past the last figure known for it: the last one is shown, and nothing is promised. */
  beyond: boolean;
  /** Whether a preload stays in it. */
  holdsPreload: boolean;
}

/** From these temperatures a preload creeps away, °C (our estimate); a plastic never keeps one. */
const CREEPS_OVER_C: Readonly<Partial<Record<ParentMaterial['group'], number>>> = { magnesium: 120, zinc: 50 };

/**
 * Share of a parent's cold strength at its service temperature, after long exposure (docs/methods.md, Heat).
 * @example parentAtTemperature(parentById('zinc-die-cast'), 80).holdsPreload // false
 * @example parentAtTemperature(parentById('aluminium-cast-heat-treated'), 150).factor // 0.7
 */
export function parentAtTemperature(parent: ParentMaterial, serviceC: number): HotParent {
  if (parent.group === 'plastic') return { factor: 1, beyond: serviceC > PLASTIC_LIMIT_C, holdsPreload: false };
  const { share, beyond } = shareAt(PARENT_HEAT[parent.id]!, serviceC);
  const creepsC = CREEPS_OVER_C[parent.group];
  return { factor: share, beyond, holdsPreload: creepsC === undefined || serviceC <= creepsC };
}

/** Screws of the usual classes are rated up to here, and count in full (ISO 898-1, ISO 3506). */
const SCREW_COUNTS_FROM_C = 150;
/** Above this no heat-treated or plain class is used, nor one that nobody knows (our estimate). */
const SCREW_HOTTEST_C = 300;

/**
 * The hottest that a screw of a class is used at, °C: the last figure known for it.
 * @example screwHottestC('A2-70') // 400
 */
export const screwHottestC = (classId: string | null): number =>
  (classId === null ? undefined : FASTENER_HEAT[classId]?.at(-1)?.[0]) ?? SCREW_HOTTEST_C;

/**
 * Share of its proof load that a screw keeps: in full up to 150 °C. It lowers what the product names as torque, never a
 * maker's torque and never the load that the thread must stand: a screw is tightened cold.
 * @example screwAtTemperature('8.8', 200) // 0.84
 */
export const screwAtTemperature = (classId: string, serviceC: number): number =>
  serviceC < SCREW_COUNTS_FROM_C ? 1 : shareAt(FASTENER_HEAT[classId]!, serviceC).share;

/** What heat does to a parent, in words. */
export function heatWords(
  { factor, beyond, holdsPreload }: HotParent,
  { parentName, serviceC }: { parentName: string; serviceC: number },
  say: Say,
): string {
  const creeps = holdsPreload ? '' : ', and no preload stays';
  if (factor >= 1 && !beyond) return `${parentName} at ${say.temperature(serviceC)}: no preload stays in it`;
  return beyond
    ? `${parentName} at ${say.temperature(serviceC)}: past the last figure known for it${creeps}`
    : `${parentName} at ${say.temperature(serviceC)}: ${Math.round(100 * factor)} % of its cold strength${creeps} (estimate)`;
}
