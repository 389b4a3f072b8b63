import type { FrozenPlan } from '../../plan/freeze/index.ts';
import type { Expectation } from '../../plan/proof/index.ts';
import { judgeAsPlanned, judgeCured, judgePassed, type Check, type CureWait } from '../../plan/routes/index.ts';

/** What was found when the work was done: read, counted, passed or failed, or not done with its reason. Absent: nobody said. */
export type RecordedResult = {
  id: Expectation['id'];
  mm?: number | undefined;
  turns?: number | undefined;
  nm?: number | undefined;
  n?: number | undefined;
  passed?: boolean | undefined;
  /** Of what cures: how its clock stood when somebody answered for it. */
  wait?: CureWait | undefined;
  /** Why it was not done. Never a pass. */
  notDone?: string | undefined;
  /** By its name, where an instrument sent the reading; simulated: it is a stand-in, and what it sent is made up. */
  instrument?: string | undefined;
  simulated?: true | undefined;
};

/** A figure rounded in one unit and read in another is the same torque or load, as a share. */
const SAME_LOAD = 0.995;
/** Loads are shown to 10 lbf: half of that is the same, N. */
const SHOWN_N = 23;

/** One result held against what was expected of it; null: nothing was read or tried. */
export function compareResult(expectation: Expectation, result: RecordedResult | undefined): Check | null {
  const { id, title, kind, lowMm, highMm, plannedMm, mostTurns = 0, leastNm = 0, leastN = 0 } = expectation;
  if (id === 'cured' && result?.passed === true) return judgeCured(id, title, result.wait ?? 'none');
  if (kind === 'pass-fail' && result?.passed !== undefined) return judgePassed(id, title, result.passed);
  if (kind === 'turns' && result?.turns !== undefined) return judgePassed(id, title, result.turns <= mostTurns);
  if (kind === 'torque' && result?.nm !== undefined) return judgePassed(id, title, result.nm >= SAME_LOAD * leastNm);
  if (kind === 'load' && result?.n !== undefined)
    return judgePassed(id, title, result.n >= Math.min(SAME_LOAD * leastN, leastN - SHOWN_N));
  if (kind === 'length' && result?.mm !== undefined)
    return judgeAsPlanned(id, { title, foundMm: result.mm, lowMm, highMm, ...(plannedMm ? { plannedMm } : {}) });
  return null;
}

/**
 * A bore measured before tapping, held against what the plan expects of it: the same check that Prove makes afterwards. Null
 * where the plan drills nothing.
 */
export function checkPlannedBore(plan: Pick<FrozenPlan, 'expectations'>, boreMm: number): Check | null {
  const expected = plan.expectations.find(({ id }) => id === 'bore');
  return expected ? compareResult(expected, { id: 'bore', mm: boreMm }) : null;
}
