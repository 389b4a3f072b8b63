import type { ParentMaterial } from '../../facts/materials/index.ts';
import type { HoleCase, Measured } from './HoleCase.ts';

/**
 * Where an unknown plausibly lies: its unfavourable end, and where it usually is. A verdict holds only if it holds at the
 * unfavourable end; where it fails there and passes at the usual one it is with care and asks (docs/methods.md, What is not known).
 */
export type UnknownEnd = 'unfavourable' | 'usual';
export const UNKNOWN_ENDS = ['unfavourable', 'usual'] as const;

/** From the axis to an edge that nobody measured, in diameters of the thread as made (our estimate). */
export const UNKNOWN_EDGE_D: Readonly<Record<UnknownEnd, number>> = { unfavourable: 0.9, usual: 1.5 };

/** The edge as it was measured, else where it plausibly lies. */
export const edgeTaken = ({ edge, thread }: HoleCase, end: UnknownEnd): Measured =>
  edge ?? { mm: UNKNOWN_EDGE_D[end] * thread.majorMm, halfWidthMm: 0 };

/** Metals in which threads are made longer, as they strip more easily. */
export const isLight = ({ group }: Pick<ParentMaterial, 'group'>): boolean =>
  group === 'aluminium' || group === 'magnesium' || group === 'zinc' || group === 'plastic';

/** A screw that nobody measured reaches so far, in diameters: the least that is plausible (our estimate). */
export const leastReachMm = ({ thread, parent }: Pick<HoleCase, 'thread' | 'parent'>): number =>
  (isLight(parent) ? 1.5 : 1) * thread.majorMm;

/** A long screw, as a joint is designed with (rule of thumb). */
export const longReachMm = ({ thread, parent }: Pick<HoleCase, 'thread' | 'parent'>): number =>
  (isLight(parent) ? 2 : 1.5) * thread.majorMm;

/** Of any screw's tip so many pitches carry nothing (our estimate). */
export const TIP_PITCHES = 1;
/** A screw keeps so many pitches of free room at the bottom of a blind hole (our estimate). */
export const BOTTOM_ROOM_PITCHES = 2;

/** What is presumed of a service temperature that nobody gave, away from engine, exhaust, brake and heater, °C. */
const PRESUMED_C: Readonly<Partial<Record<ParentMaterial['group'], number>>> = { zinc: 50, plastic: 60 };
const PRESUMED_ELSE_C = 80;

/** @example presumedServiceC(parentById('zinc-die-cast')) // 50 */
export const presumedServiceC = ({ group }: Pick<ParentMaterial, 'group'>): number =>
  PRESUMED_C[group] ?? PRESUMED_ELSE_C;

/** The service temperature that is reckoned with. */
export const serviceTakenC = ({ parent, joint }: Pick<HoleCase, 'parent' | 'joint'>): number =>
  joint.serviceC ?? presumedServiceC(parent);
