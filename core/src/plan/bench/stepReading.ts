import type { ParsedLength } from '../../basis/units/index.ts';
import { questionSlip, type BenchInstrumentKind } from '../../judge/hole/index.ts';
import type { FrozenPlan } from '../freeze/index.ts';
import type { Expectation } from '../proof/index.ts';
import { isInner } from '../workcard/index.ts';

/** What is read at a step, and what it should be, mm; null: no limit on that side. */
export interface AskedReading {
  title: string;
  lowMm: number | null;
  highMm: number | null;
  /** Where Prove asks for the same. */
  proves: Expectation['id'] | null;
  /** What reads it, the usual first. */
  by: readonly BenchInstrumentKind[];
}

/** Steps at which a length is read that the plan holds limits for. A bore by its own step: a plug has a bore before that of its thread. */
const READ_AT: Readonly<Record<string, { proves: Expectation['id']; by: readonly BenchInstrumentKind[] }>> = {
  'gauge-bore': { proves: 'bore', by: ['caliper'] },
  'gauge-thread': { proves: 'full-thread', by: ['depth-gauge', 'caliper'] },
  insert: { proves: 'set-down', by: ['depth-gauge', 'dial-indicator'] },
};

/** What a step of a frozen plan asks to be read; null: nothing. */
export function readingAt(
  plan: Pick<FrozenPlan, 'expectations'>,
  step: Pick<FrozenPlan['steps'][number], 'kind' | 'id' | 'facts'>,
): AskedReading | null {
  const row = READ_AT[step.kind];
  // What fills a hole is bored and gauged a second time.
  const proves = row && step.kind === 'gauge-bore' && isInner(step.id) ? 'inner-bore' : row?.proves;
  const expected = row && plan.expectations.find(({ id }) => id === proves);
  if (!expected) return null;
  const { by } = row;
  const { title, lowMm, highMm } = expected;
  if (step.kind !== 'gauge-bore') return { title, lowMm, highMm, proves: expected.id, by };
  const own = step.facts as { lowMm: number; highMm: number };
  // A bore of its own, where a plug is bored, is not that of the thread.
  const meant = expected.plannedMm ?? { lowMm, highMm };
  const same = own.lowMm === meant.lowMm && own.highMm === meant.highMm;
  return { title: 'Bore', lowMm: own.lowMm, highMm: own.highMm, proves: same ? expected.id : null, by };
}

/** Read to the last figure of a limit is inside it: what a computer adds in the fifteenth place is nobody’s reading. */
const SAME_MM = 1e-6;
/** A reading of another thing, or a slip, lies further off than this from its limits. */
const LIKELY = { least: 0.5, most: 2 } as const;

/**
 * A reading held against its limits, and asked about where one usual slip would put it near them. It never changes what was read.
 * @example judgeReading({ title: 'Bore', lowMm: 8.271, highMm: 8.483, proves: 'bore', by: ['caliper'] }, { text: '8.5', mm: 8.5, notation: 'mm', bare: true }).place // 'over'
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
