import { worstVerdict, type Check, type Verdict } from '../../basis/checks/index.ts';
import { spokenLength } from '../../basis/units/index.ts';
import type { Expectation, FrozenPlan } from '../../plan/freeze/index.ts';

/** What was found when the work was done. A length, or passed / failed; absent means not measured. */
export interface RecordedResult {
  id: Expectation['id'];
  mm?: number | undefined;
  passed?: boolean | undefined;
}

export interface ResultComparison {
  checks: Check[];
  verdict: Verdict;
  /** Expected, but nothing was recorded. */
  open: Expectation['id'][];
}

function outsideWords(expectation: Expectation, mm: number): string {
  const { lowMm, highMm } = expectation;
  const range =
    lowMm !== null && highMm !== null
      ? `${spokenLength(lowMm)} to ${spokenLength(highMm)}`
      : lowMm !== null
        ? `at least ${spokenLength(lowMm)}`
        : `at most ${spokenLength(highMm ?? 0)}`;
  return `${spokenLength(mm)} found, ${range} planned`;
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
  const open: Expectation['id'][] = [];
  for (const expectation of plan.expectations) {
    const result = results.find((candidate) => candidate.id === expectation.id);
    const { lowMm, highMm } = expectation;
    const base = { id: expectation.id, title: expectation.title, valuePessimistic: null, limit: lowMm, working: null };
    if (expectation.kind === 'pass-fail' && result?.passed !== undefined) {
      const { passed } = result;
      checks.push({
        ...base,
        verdict: passed ? 'holds' : 'does-not-hold',
        value: null,
        unit: 'none',
        because: () => (passed ? 'passed' : 'failed'),
      });
    } else if (expectation.kind === 'length' && result?.mm !== undefined) {
      const { mm } = result;
      const inside = (lowMm === null || mm >= lowMm - 1e-9) && (highMm === null || mm <= highMm + 1e-9);
      checks.push({
        ...base,
        verdict: inside ? 'holds' : 'does-not-hold',
        value: mm,
        unit: 'mm',
        because: () => (inside ? `${spokenLength(mm)}, as planned` : outsideWords(expectation, mm)),
      });
    } else {
      open.push(expectation.id);
    }
  }
  return { checks, verdict: worstVerdict(checks.map((check) => check.verdict)), open };
}

/**
 * A bore measured before tapping, held against what the plan expects of it: the same check that Prove makes afterwards. Null
 * where the plan drills nothing.
 */
export function checkPlannedBore(plan: Pick<FrozenPlan, 'expectations'>, boreMm: number): Check | null {
  const expectations = plan.expectations.filter((row) => row.id === 'bore');
  return compareResult({ expectations }, [{ id: 'bore', mm: boreMm }]).checks[0] ?? null;
}
