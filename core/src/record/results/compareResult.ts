import { worstVerdict, type Verdict } from '../../basis/checks/index.ts';
import type { Expectation, FrozenPlan } from '../../plan/freeze/index.ts';
import { judgeAsPlanned, judgePassed, type Check } from '../../plan/routes/index.ts';

/** What was found when the work was done. A length, or passed / failed; absent means not measured. */
export type RecordedResult = {
  id: Expectation['id'];
  mm?: number | undefined;
  passed?: boolean | undefined;
};

export interface ResultComparison {
  checks: Check[];
  verdict: Verdict;
  /** Expected, but nothing was recorded. */
  unmeasured: Expectation['id'][];
}

function compareOne(expectation: Expectation, result: RecordedResult | undefined): Check | null {
  const { id, title, kind, lowMm, highMm } = expectation;
  if (kind === 'pass-fail' && result?.passed !== undefined) return judgePassed(id, title, result.passed);
  if (kind === 'length' && result?.mm !== undefined)
    return judgeAsPlanned(id, { title, foundMm: result.mm, lowMm, highMm });
  return null;
}

/**
 * Holds what was recorded against what the plan expected. A length outside its range and a failed gauge do not hold;
 * what was not measured stays open and is listed, never taken as good.
 */
export function compareResult(
  plan: Pick<FrozenPlan, 'expectations'>,
  results: readonly RecordedResult[],
): ResultComparison {
  const checks: Check[] = [];
  const unmeasured: Expectation['id'][] = [];
  for (const expectation of plan.expectations) {
    const check = compareOne(
      expectation,
      results.find((candidate) => candidate.id === expectation.id),
    );
    if (check) checks.push(check);
    else unmeasured.push(expectation.id);
  }
  return { checks, verdict: worstVerdict(checks.map((check) => check.verdict)), unmeasured };
}

/**
 * A bore measured before tapping, held against what the plan expects of it: the same check that Prove makes afterwards. Null
 * where the plan drills nothing.
 */
export function checkPlannedBore(plan: Pick<FrozenPlan, 'expectations'>, boreMm: number): Check | null {
  const expectations = plan.expectations.filter((row) => row.id === 'bore');
  return compareResult({ expectations }, [{ id: 'bore', mm: boreMm }]).checks[0] ?? null;
}
