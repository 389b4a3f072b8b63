import type { Working } from '../../basis/checks/index.ts';
import { finite, positive } from '../../basis/numeric/index.ts';

/** Depth of a drill's point: d/2 / tan(point angle / 2). @example drillPointMm(10, 118) // 3.004 */
export function drillPointMm(drillMm: number, pointAngleDeg = 118): number {
  return positive(drillMm, 'drill') / 2 / Math.tan((pointAngleDeg * Math.PI) / 360);
}

/**
 * Full thread that a blind hole can give: cylinder depth − (lead threads + 1)·P, one P less again where chips need room.
 * @example fullThreadReachMm({ cylinderMm: 17, pitchMm: 25.4 / 18, leadThreads: 1, chipRoom: false }) // 14.18
 */
export function fullThreadReachMm(input: {
  cylinderMm: number;
  pitchMm: number;
  leadThreads: number;
  chipRoom: boolean;
}): number {
  const { cylinderMm, pitchMm, leadThreads, chipRoom } = input;
  return finite(cylinderMm, 'cylinder depth') - (leadThreads + 1 + (chipRoom ? 1 : 0)) * positive(pitchMm, 'pitch');
}

/**
 * How deep the cylinder of a blind hole is drilled for a full thread: as deep as its last tap needs, never deeper than the
 * hole is. Every millimetre more takes metal from the floor and carries nothing.
 * @example drillStopMm({ cylinderMm: 36, pitchMm: 1.5, fullThreadMm: 21.5, leadThreads: 4, chipRoom: true }) // 30.5
 */
export function drillStopMm(input: {
  cylinderMm: number;
  pitchMm: number;
  fullThreadMm: number;
  leadThreads: number;
  chipRoom: boolean;
}): number {
  const { cylinderMm, pitchMm, fullThreadMm, leadThreads, chipRoom } = input;
  return Math.min(cylinderMm, fullThreadMm + (leadThreads + 1 + (chipRoom ? 1 : 0)) * positive(pitchMm, 'pitch'));
}

/** Tap leads in threads, longest first: a second (middle) tap 4, a bottoming tap 2, a short bottoming tap 1. */
export const TAP_LEADS = [4, 2, 1] as const;
export type TapLead = (typeof TAP_LEADS)[number];

export interface DepthBudget {
  cylinderMm: number;
  wantedFullThreadMm: number;
  /** What each lead reaches, with and without room for chips. */
  reaches: { leadThreads: TapLead; withChipsMm: number; withoutChipsMm: number }[];
  /** The longest lead that reaches what is wanted, with chip room if any does; null when none does. */
  last: { leadThreads: TapLead; chipRoom: boolean } | null;
  /** How much deeper the cylinder would have to be for a one-thread lead without chip room. 0 when it fits. */
  shortByMm: number;
}

/**
 * Depth budget of a blind hole: which last tap reaches the full thread wanted. Precedence: longest lead with chip room,
 * then longest lead without (the caller calls that *with care*), else none.
 */
export function depthBudget(input: { cylinderMm: number; pitchMm: number; wantedFullThreadMm: number }): DepthBudget {
  const { cylinderMm, pitchMm, wantedFullThreadMm } = input;
  const reaches = TAP_LEADS.map((leadThreads) => ({
    leadThreads,
    withChipsMm: fullThreadReachMm({ cylinderMm, pitchMm, leadThreads, chipRoom: true }),
    withoutChipsMm: fullThreadReachMm({ cylinderMm, pitchMm, leadThreads, chipRoom: false }),
  }));
  const reach = (mm: number) => mm + 1e-9 >= wantedFullThreadMm;
  const withChips = reaches.find((row) => reach(row.withChipsMm));
  const withoutChips = reaches.find((row) => reach(row.withoutChipsMm));
  const last = withChips
    ? { leadThreads: withChips.leadThreads, chipRoom: true }
    : withoutChips
      ? { leadThreads: withoutChips.leadThreads, chipRoom: false }
      : null;
  const most = reaches[reaches.length - 1]!.withoutChipsMm;
  return {
    cylinderMm,
    wantedFullThreadMm,
    reaches,
    last,
    shortByMm: Math.max(0, wantedFullThreadMm - most),
  };
}

/** Working of a blind hole's full thread, from its depth to the shoulder, its pitch and what is wanted. */
export function depthBudgetWorking(input: {
  cylinderMm: number;
  pitchMm: number;
  wantedFullThreadMm: number;
}): Working {
  const { cylinderMm, pitchMm, wantedFullThreadMm } = input;
  const { reaches } = depthBudget(input);
  return {
    title: 'Full thread that this blind hole can give',
    formula: 'full thread = cylinder − (lead + 1) · P, and one P less where chips need room',
    symbols: [
      { symbol: 'cylinder', meaning: 'depth to the shoulder', value: cylinderMm, unit: 'mm' },
      { symbol: 'P', meaning: 'pitch', value: pitchMm, unit: 'mm' },
      { symbol: 'wanted', meaning: 'full thread wanted', value: wantedFullThreadMm, unit: 'mm' },
    ],
    result: {
      symbol: 'full thread, lead 1, no chip room',
      value: reaches[reaches.length - 1]!.withoutChipsMm,
      unit: 'mm',
    },
    source: 'tap geometry; leads: second 3-5 threads, bottoming 1-2',
    notes: reaches.map(
      (row) =>
        `lead of ${row.leadThreads}: ${row.withChipsMm.toFixed(1)} mm with chip room, ${row.withoutChipsMm.toFixed(1)} mm without`,
    ),
  };
}
