import { verdictUnderDoubt, type Check, type Verdict } from '../../../basis/checks/index.ts';
import { inchToMm, spokenLength } from '../../../basis/units/index.ts';
import type { HoleCase } from '../../../judge/hole/index.ts';
import type { Thread } from '../../../facts/threads/index.ts';

/** Clearance holes for screws, fine (close) and medium (normal) series. Source: ISO 273. */
const ISO_273: readonly { majorMm: number; closeMm: number; normalMm: number }[] = [
  { majorMm: 3, closeMm: 3.2, normalMm: 3.4 },
  { majorMm: 3.5, closeMm: 3.7, normalMm: 3.9 },
  { majorMm: 4, closeMm: 4.3, normalMm: 4.5 },
  { majorMm: 5, closeMm: 5.3, normalMm: 5.5 },
  { majorMm: 6, closeMm: 6.4, normalMm: 6.6 },
  { majorMm: 7, closeMm: 7.4, normalMm: 7.6 },
  { majorMm: 8, closeMm: 8.4, normalMm: 9 },
  { majorMm: 10, closeMm: 10.5, normalMm: 11 },
  { majorMm: 12, closeMm: 13, normalMm: 13.5 },
  { majorMm: 14, closeMm: 15, normalMm: 15.5 },
  { majorMm: 16, closeMm: 17, normalMm: 17.5 },
  { majorMm: 18, closeMm: 19, normalMm: 20 },
  { majorMm: 20, closeMm: 21, normalMm: 22 },
  { majorMm: 22, closeMm: 23, normalMm: 24 },
  { majorMm: 24, closeMm: 25, normalMm: 26 },
];

/**
 * Close and normal clearance holes: ISO 273 for metric; for inch, 1/64 and 1/32 in over the screw (shop practice).
 * @example clearanceHoles(threadById('M10x1.5')).normalMm // 11
 */
export function clearanceHoles(thread: Thread): { closeMm: number; normalMm: number; source: string } {
  const row = thread.family === 'metric' ? ISO_273.find((r) => r.majorMm === thread.majorMm) : undefined;
  if (row) return { closeMm: row.closeMm, normalMm: row.normalMm, source: 'ISO 273' };
  return {
    closeMm: thread.majorMm + inchToMm(1 / 64),
    normalMm: thread.majorMm + inchToMm(1 / 32),
    source: 'shop practice: 1/64 in close, 1/32 in normal',
  };
}

/** Does the new screw pass through the mating part? Too small is with care, because opening it is a step of the plan. */
export function mateCheck(hole: HoleCase, thread: Thread): Check {
  const { closeMm, normalMm, source } = clearanceHoles(thread);
  const base = { id: 'mate', title: 'Hole in the mating part', limit: closeMm, unit: 'mm' as const };
  const step = `Open the mating part’s hole to ${spokenLength(normalMm)}.`;
  if (hole.joint.mateHole === null) {
    return {
      ...base,
      verdict: 'with-care',
      value: null,
      valuePessimistic: null,
      because: `not measured; the screw needs ${spokenLength(closeMm)} at least`,
      working: null,
      settledBy: 'mate-hole',
      remedy: { id: 'open-mate', step },
    };
  }
  const { mm, halfWidthMm } = hole.joint.mateHole;
  const judge = (holeMm: number): Verdict => (holeMm >= closeMm ? 'holds' : 'with-care');
  const { verdict } = verdictUnderDoubt(judge(mm), judge(mm - halfWidthMm));
  return {
    ...base,
    verdict,
    value: mm,
    valuePessimistic: mm - halfWidthMm,
    because:
      verdict === 'holds'
        ? `${spokenLength(mm)} clears the screw`
        : `${spokenLength(mm)} is too small: open the mate to ${spokenLength(normalMm)}`,
    working: {
      title: 'Clearance hole',
      formula: 'hole ≥ close clearance',
      symbols: [{ symbol: 'hole', meaning: 'hole in the mating part', value: mm, unit: 'mm' }],
      result: { symbol: 'close clearance', value: closeMm, unit: 'mm' },
      source,
    },
    ...(verdict === 'holds' ? {} : { remedy: { id: 'open-mate' as const, step } }),
  };
}
