import { STATEMENT, type CheckKind, type CheckOf } from '../../../basis/checks/index.ts';
import type { Way } from '../../../facts/ways/index.ts';
import type { HoleCase } from '../../../judge/hole/index.ts';

/** Over so much lean in degrees a screw head bears on one side; over the second the screw bends (our estimate). */
const LEAN_CARE_DEG = 0.8;
const LEAN_FAILS_DEG = 2;
const LEAN_OVER_MM = 50;

export type LeanFacts = { leanDeg: number; bored: boolean };

/** Is the hole square to the face? A way that drills can set it right; one that keeps the hole keeps its lean. */
export function judgeLean({ leanPer50 }: HoleCase, way: Way): CheckOf<'lean', LeanFacts>[] {
  if (leanPer50 === null || !way.followsHole) return [];
  const leanDeg = (Math.atan(leanPer50.mm / LEAN_OVER_MM) * 180) / Math.PI;
  const base = { ...STATEMENT, kind: 'lean', id: 'lean' } as const;
  if (leanDeg <= LEAN_CARE_DEG) return [{ ...base, verdict: 'holds', facts: { leanDeg, bored: false } }];
  if (way.drills) return [{ ...base, verdict: 'with-care', facts: { leanDeg, bored: true }, remedy: 'square-up' }];
  const verdict = leanDeg > LEAN_FAILS_DEG ? 'does-not-hold' : 'with-care';
  return [{ ...base, verdict, facts: { leanDeg, bored: false } }];
}

const TAIL = {
  holds: '',
  'with-care': ': the head bears on one side',
  'does-not-hold': ': the screw bends at its head',
} as const;

export const lean: CheckKind<LeanFacts> = {
  title: () => 'Square to the face',
  words: ({ leanDeg, bored }, verdict) =>
    `the hole leans ${leanDeg.toFixed(1)}°${bored ? ': a drill follows it unless it is bored square' : TAIL[verdict]}`,
  working: null,
  step: () => 'Set the axis square to the face: guide bush, boring or milling; never a twist drill down the old hole.',
};
