import { SAY } from '../../basis/units/index.ts';
import { becauseOf, type Check } from '../../plan/routes/index.ts';
import type { FrozenPlan } from '../../plan/freeze/index.ts';
import { PROOF_NEEDS, type Expectation, type ProofId } from '../../plan/proof/index.ts';
import { compareResult, type RecordedResult } from './compareResult.ts';

/** What became of one thing that proves: with-care holds, and says what it holds on. */
export type ProofState = 'passed' | 'with-care' | 'failed' | 'not-done' | 'open';

export interface ProofRow {
  expectation: Expectation;
  state: ProofState;
  check: Check | null;
  /** Why it was not done, or what it still waits for. */
  reason: string | null;
}

/**
 * How a mend stands by its proofs. `failed`: something did not come out; `open`: something that it needs is neither tried nor
 * given a reason; `not-proved`: something that it needs was not done, with a reason; a reason is never a pass.
 */
export interface ProofStanding {
  standing: 'proved' | 'not-proved' | 'failed' | 'open';
  rows: ProofRow[];
  /** What is in the way, in the plan's order. */
  wants: Expectation[];
}

/** Why a reading from a stand-in is none. */
const SIMULATED = 'read from a simulated instrument';

const STATES = { holds: 'passed', 'with-care': 'with-care', 'does-not-hold': 'failed' } as const;

function rowOf(expectation: Expectation, results: readonly RecordedResult[]): ProofRow {
  const result = results.find(({ id }) => id === expectation.id);
  const check = compareResult(expectation, result);
  // What a stand-in sent is made up: it fails what it fails, and proves nothing.
  if (check && result?.simulated && check.verdict !== 'does-not-hold')
    return { expectation, check: null, state: 'not-done', reason: SIMULATED };
  // What still cures has not failed: its time is not over.
  if (check?.kind === 'cured' && check.facts.wait === 'running')
    return { expectation, check: null, state: 'open', reason: becauseOf(check, SAY.mm) };
  if (check) return { expectation, check, state: STATES[check.verdict], reason: null };
  const reason = result?.notDone ?? null;
  return { expectation, check: null, state: reason === null ? 'open' : 'not-done', reason };
}

const good = (state: ProofState): boolean => state === 'passed' || state === 'with-care';

/** What keeps one need from being met; nothing: it is. Of several ways the one that is nearest to it. */
function wantsOf(ways: readonly (readonly ProofId[])[], rows: readonly ProofRow[]): ProofRow[] {
  const known = ways
    .map((ids) => rows.filter(({ expectation }) => ids.includes(expectation.id)))
    .filter((way) => way.length > 0);
  const missing = known.map((way) => way.filter(({ state }) => !good(state)));
  if (missing.length === 0 || missing.some((way) => way.length === 0)) return [];
  // A way that has an answer is the one that somebody goes; else the first.
  return (
    missing.find((way) => way.every(({ state }) => state === 'not-done')) ??
    missing[known.findIndex((way) => way.some(({ state }) => good(state)))] ??
    missing[0]!
  );
}

/**
 * How a mend is proved. A need that several ways meet wants one of them, and that one whole. Plans before 0.9.0 name no needs:
 * what they expect and nobody measured stays open and blocks nothing.
 */
export function proofStanding(
  { expectations }: Pick<FrozenPlan, 'expectations'>,
  results: readonly RecordedResult[],
): ProofStanding {
  const rows = expectations.map((expectation) => rowOf(expectation, results));
  const failed = rows.filter(({ state }) => state === 'failed');
  if (failed.length > 0) return { standing: 'failed', rows, wants: failed.map(({ expectation }) => expectation) };
  const needs = Object.entries(PROOF_NEEDS).filter(([need]) =>
    rows.some(({ expectation }) => expectation.need === need),
  );
  const missing = [
    ...rows.filter(({ expectation, state }) => expectation.need === 'must' && !good(state)),
    ...needs.flatMap(([, ways]) => wantsOf(ways, rows)),
  ];
  const wants = rows.filter((candidate) => missing.includes(candidate)).map(({ expectation }) => expectation);
  // Where nothing is needed, something must have been found all the same: an empty list proves nothing.
  if (missing.length === 0 && !rows.some(({ state }) => good(state)))
    return { standing: rows.some(({ state }) => state === 'not-done') ? 'not-proved' : 'open', rows, wants };
  if (missing.length === 0) return { standing: 'proved', rows, wants };
  return { standing: missing.every(({ state }) => state === 'not-done') ? 'not-proved' : 'open', rows, wants };
}
