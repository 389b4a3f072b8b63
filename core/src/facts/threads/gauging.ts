import type { Thread } from './Thread.ts';

/** Turns that a no-go plug may enter (ISO 1502: two; ASME B1.2 for unified threads: three). */
const ISO_TURNS = 2;
const UNIFIED_TURNS = 3;

/**
 * How far a no-go plug may enter from either end, turns: further, the thread is too large.
 * @example noGoTurns(threadById('M8x1.25')) // 2
 * @example noGoTurns(threadById('3/8-16')) // 3
 */
export const noGoTurns = ({ form, threadsPerInch }: Pick<Thread, 'form' | 'threadsPerInch'>): number =>
  form === 'iso-60' && threadsPerInch !== null ? UNIFIED_TURNS : ISO_TURNS;
