import { positive } from '../../basis/numeric/index.ts';
import { mmToInch } from '../../basis/units/index.ts';
import type { ParentMaterial } from '../../facts/materials/index.ts';
import type { SpindleSpeeds } from '../../facts/machines/index.ts';
import { setSpeedRpm } from './spindleSpeed.ts';

/** Metals that harden under a drill that runs too fast stand this much over the speed; the rest the second (our estimate). */
const OVER_CAREFUL = 1.15;
const OVER_ELSE = 1.4;

/** Stainless and alloy steel, which the nearest speed above may burn. Freed screws are of that kind as well. */
export const isHeatShy = ({ id, group }: Pick<ParentMaterial, 'id' | 'group'>): boolean =>
  group === 'stainless' || id === 'alloy-steel';

/** A speed that the machine has. `too-fast`: even its slowest is over what the tool stands. */
export type SetSpeed = {
  speedRpm: number;
  wantedRpm: number;
  state: 'near' | 'lower' | 'slower-than-could' | 'too-fast';
};

/**
 * The speed to set: of a machine with steps the nearest by ratio, at most 15 % over in stainless, alloy and freed screws and
 * 40 % elsewhere, else the next lower; of a stepless one what is wanted, rounded down. Slower is always allowed.
 * @example speedOnMachine(859, { steps: [540, 950] }, false).speedRpm // 950
 * @example speedOnMachine(750, { steps: [540, 950] }, true).speedRpm // 540
 */
export function speedOnMachine(wantedRpm: number, speeds: SpindleSpeeds, careful: boolean): SetSpeed {
  positive(wantedRpm, 'speed wanted');
  const over = careful ? OVER_CAREFUL : OVER_ELSE;
  if (!('steps' in speeds)) {
    const { fromRpm, toRpm } = speeds;
    if (wantedRpm * over < fromRpm) return { speedRpm: fromRpm, wantedRpm, state: 'too-fast' };
    if (wantedRpm > toRpm) return { speedRpm: toRpm, wantedRpm, state: 'slower-than-could' };
    return { speedRpm: Math.max(fromRpm, setSpeedRpm(wantedRpm)), wantedRpm, state: 'near' };
  }
  const stands = speeds.steps.filter((rpm) => rpm <= wantedRpm * over + 1e-9);
  if (stands.length === 0) return { speedRpm: Math.min(...speeds.steps), wantedRpm, state: 'too-fast' };
  const off = (rpm: number) => Math.abs(Math.log(rpm / wantedRpm));
  const speedRpm = stands.reduce((best, rpm) => (off(rpm) < off(best) ? rpm : best));
  const nearest = speeds.steps.reduce((best, rpm) => (off(rpm) < off(best) ? rpm : best));
  if (nearest !== speedRpm) return { speedRpm, wantedRpm, state: 'lower' };
  return { speedRpm, wantedRpm, state: speedRpm < wantedRpm / OVER_ELSE ? 'slower-than-could' : 'near' };
}

/** How fast the tool's edge goes, m/min: π·d·n. @example cuttingSpeedMPerMin(10, 859) // 27.0 */
export const cuttingSpeedMPerMin = (toolMm: number, speedRpm: number): number =>
  (Math.PI * positive(toolMm, 'tool') * speedRpm) / 1000;

/** The same in ft/min: π·d·n/12, d in inches. @example cuttingSpeedFtPerMin(12.7, 500) // 65 */
export const cuttingSpeedFtPerMin = (toolMm: number, speedRpm: number): number =>
  (Math.PI * mmToInch(positive(toolMm, 'tool')) * speedRpm) / 12;

/** Tapping by machine goes at about a third of drilling, reaming and opening out at about half (rule of thumb). */
export const SPEED_SHARE = { drill: 1, ream: 1 / 2, tap: 1 / 3 } as const;
