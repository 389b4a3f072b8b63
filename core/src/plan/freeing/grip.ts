import type { StuckCase } from './StuckCase.ts';

/** Grip that pliers want, and two thin nuts, in diameters of the thread (rule of thumb). */
export const GRIP_D = 0.5;
export const TWO_NUTS_D = 1;
/** Room beside the axis that a nut and its socket want, in diameters (estimate). */
const NUT_ROOM_D = 1.3;

export const cramped = ({ sideRoomMm, thread }: Pick<StuckCase, 'sideRoomMm' | 'thread'>): boolean =>
  sideRoomMm !== null && sideRoomMm < NUT_ROOM_D * thread.majorMm;
