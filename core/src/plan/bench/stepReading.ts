import type { ParsedLength } from '../../basis/units/index.ts';
import { questionSlip } from '../../judge/hole/index.ts';
import type { Expectation, FrozenPlan } from '../freeze/index.ts';

/** What is read at a step, and what it should be, mm; null: no limit on that side. */
export interface AskedReading {
  title: string;
  lowMm: number | null;
  highMm: number | null;
  /** Where Prove asks for the same. */
  proves: Expectation['id'] | null;
}

/** Steps at which a length is read that the plan holds limits for. A bore by its own step: a plug has a bore before that of its thread. */
const READ_AT: Readonly<Record<string, Expectation['id']>> = {
  'gauge-bore': 'bore',
  'gauge-thread': 'full-thread',
  insert: 'set-down',
};

/** What a step of a frozen plan asks to be read; null: nothing. */
export function readingAt(
  plan: Pick<FrozenPlan, 'expectations'>,
  step: Pick<FrozenPlan['steps'][number], 'kind' | 'facts'>,
): AskedReading | null {
  const proves = READ_AT[step.kind];
  const expected = plan.expectations.find(({ id }) => id === proves);
  if (!expected) return null;
  const { title, lowMm, highMm } = expected;
  if (step.kind !== 'gauge-bore') return { title, lowMm, highMm, proves: expected.id };
  const own = step.facts as { lowMm: number; highMm: number };
  const same = own.lowMm === lowMm && own.highMm === highMm;
  return { title: 'Bore', lowMm: own.lowMm, highMm: own.highMm, proves: same ? expected.id : null };
}

/** Read to the last figure of a limit is inside it: what a computer adds in the fifteenth place is nobody’s reading. */
const SAME_MM = 1e-6;
/** A reading of another thing, or a slip, lies further off than this from its limits. */
const LIKELY = { least: 0.5, most: 2 } as const;

/**
 * A reading held against its limits, and asked about where one usual slip would put it near them. It never changes what was read.
 * @example judgeReading({ title: 'Bore', lowMm: 8.271, highMm: 8.483, proves: 'bore' }, { text: '8.5', mm: 8.5, notation: 'mm', bare: true }).place // 'over'
 */
export function judgeReading(
  { lowMm, highMm }: AskedReading,
  read: ParsedLength,
): { place: 'inside' | 'under' | 'over'; question: string | null } {
  const place =
    lowMm !== null && read.mm < lowMm - SAME_MM
      ? 'under'
      : highMm !== null && read.mm > highMm + SAME_MM
        ? 'over'
        : 'inside';
  const [near, far] = [lowMm ?? highMm, highMm ?? lowMm];
  const question = near === null || far === null ? null : questionSlip(read, near * LIKELY.least, far * LIKELY.most);
  return { place, question };
}
