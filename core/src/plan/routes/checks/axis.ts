import { STATEMENT, type CheckKind, type CheckOf } from '../../../basis/checks/index.ts';
import type { Way } from '../../../facts/ways/index.ts';
import type { Assessment } from '../../../judge/damage/index.ts';

export type AxisFacts = Record<string, never>;

/** A bore worn off its axis pulls a twist drill with it. */
export const judgeAxis = ({ guidesAstray }: Assessment, way: Way): CheckOf<'axis', AxisFacts>[] =>
  guidesAstray && way.drills
    ? [{ ...STATEMENT, kind: 'axis', id: 'axis', verdict: 'with-care', facts: {}, remedy: 'guide-axis' }]
    : [];

export const axis: CheckKind<AxisFacts> = {
  title: () => 'On the true axis',
  words: () => 'the worn hole would pull a twist drill off the true axis',
  working: null,
  step: () =>
    'Locate the true axis and cut with a guide bush, a boring head or a mill; a twist drill follows the old hole.',
};
