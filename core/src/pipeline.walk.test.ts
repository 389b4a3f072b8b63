import { SAY, type Say } from './basis/units/index.ts';
import { PARENTS } from './facts/materials/index.ts';
import { MEANS_IDS } from './facts/means/index.ts';
import { threadById } from './facts/threads/index.ts';
import { WAY_IDS, WAYS } from './facts/ways/index.ts';
import { STUCK_THINGS } from './judge/hole/choices/freeingRows.ts';
import { freezePlan, type FrozenPlan } from './plan/freeze/index.ts';
import { blankStuck, proposeFreeing, sayMeans, type Means } from './plan/freeing/index.ts';
import { CHECK_KINDS } from './plan/routes/checks/registry.ts';
import { becauseOf, titleOf, whyNothing, workingOf, type Check } from './plan/routes/index.ts';
import { STEP_KINDS } from './plan/workcard/steps/registry.ts';
import { sayStep, writeWorkCard, type WorkStep } from './plan/workcard/index.ts';
import { weighCase } from './pipeline.ts';
import { proofStanding, type RecordedResult } from './record/results/index.ts';
import { GOLDEN_CASES } from './test-support/goldenCases.ts';

// Every entry of every registry, as it comes out of real cases: what it says in both units, that its facts go through a
// worker and through JSON, that a number has its working. An entry that no case reaches fails here too.

const UNITS: readonly Say[] = [SAY.mm, SAY.in];
const CASES = Object.values(GOLDEN_CASES).flatMap((hole) => [
  hole,
  { ...hole, joint: { ...hole.joint, appearance: true } },
]);
const OWN = WAY_IDS.map((way) => ({
  kind: 'came-back' as const,
  id: `${way} ${CASES[0]!.parent.id}`,
  value: 0.3,
  count: 10,
}));
const PROPOSALS = [...CASES, { ...CASES[0]!, rules: { ...CASES[0]!.rules, own: OWN } }].map(weighCase);

/** Of each entry so many different cases are read: more would say the same again. */
const DIFFERENT = 25;

/** What came out, by its entry: each case once. */
function gather<T, K extends string>(cases: Iterable<T>, keyOf: (entry: T) => K): Map<K, T[]> {
  const by = new Map<K, Map<string, T>>();
  for (const entry of cases) {
    const of = by.get(keyOf(entry)) ?? new Map<string, T>();
    by.set(keyOf(entry), of);
    if (of.size < DIFFERENT) of.set(JSON.stringify(entry), entry);
  }
  return new Map([...by].map(([key, of]) => [key, [...of.values()]]));
}

/** What was measured of plans, one of which cures: in part as planned, in part not. */
function resultChecks(): Check[] {
  return PROPOSALS.flatMap((proposal) => {
    const route = proposal.routes.find(({ verdict }) => verdict !== 'does-not-hold');
    const cures = proposal.routes.find(({ method, verdict }) => method === 'solid-bush' && verdict !== 'does-not-hold');
    return [route, cures].flatMap((one) => (one ? checksOfResults(freezePlan(proposal, one.id)) : []));
  });
}
function checksOfResults(plan: FrozenPlan): Check[] {
  const results = (passed: boolean): RecordedResult[] =>
    plan.expectations.map((row): RecordedResult =>
      row.kind === 'length' ? { id: row.id, mm: (row.lowMm ?? 5) + (passed ? 0 : -3) } : { id: row.id, passed },
    );
  return [true, false].flatMap((passed) =>
    proofStanding(plan, results(passed)).rows.flatMap(({ check }) => (check ? [check] : [])),
  );
}

const CHECKS = gather(
  [...PROPOSALS.flatMap(({ routes }) => routes.flatMap(({ checks }) => checks)), ...resultChecks()],
  ({ kind }) => kind,
);
const STEPS = gather(
  PROPOSALS.flatMap(({ hole, routes }) => routes.flatMap((route) => writeWorkCard(hole, route))),
  ({ kind }) => kind,
);
const MEANS_SEEN = gather(
  STUCK_THINGS.flatMap(({ id }) =>
    PARENTS.flatMap((parent) => {
      const stuck = blankStuck(id, threadById('M10x1.5'), parent);
      return [stuck, { ...stuck, proudMm: 6, through: true }, { ...stuck, proudMm: -6, why: 'rust' as const }].flatMap(
        proposeFreeing,
      );
    }),
  ),
  ({ id }) => id,
);

/** Words that somebody reads: nothing that a program says to itself. */
function expectWords(words: string, where: string): void {
  expect([where, words]).toEqual([where, expect.stringMatching(/\S/)]);
  expect([where, words]).toEqual([where, expect.not.stringMatching(/undefined|NaN|Infinity|\[object|null|\$\{/)]);
}

/** What went through a worker and through JSON. */
const carried = <T>(entry: T): T => JSON.parse(JSON.stringify(structuredClone(entry))) as T;

test.each(Object.keys(CHECK_KINDS) as (keyof typeof CHECK_KINDS)[])('check %s', (kind) => {
  const seen = CHECKS.get(kind) ?? [];
  expect(seen.length).toBeGreaterThan(0);
  for (const check of seen) {
    expectWords(titleOf(check), kind);
    const after = carried(check);
    expect(after).toEqual(check);
    for (const say of UNITS) {
      const because = becauseOf(check, say);
      expectWords(because, `${kind}, ${say.units}`);
      expect(becauseOf(after, say)).toBe(because);
    }
    const working = workingOf(check);
    if (check.limit !== null) expect([kind, working]).toEqual([kind, expect.anything()]);
    if (working) {
      expectWords(working.formula, kind);
      expectWords(working.source, kind);
    }
  }
});

test.each(Object.keys(STEP_KINDS) as (keyof typeof STEP_KINDS)[])('step %s', (kind) => {
  const seen: WorkStep[] = STEPS.get(kind) ?? [];
  expect(seen.length).toBeGreaterThan(0);
  for (const step of seen) {
    expect(carried(step)).toEqual(step);
    for (const say of UNITS) {
      const said = sayStep(step, say);
      expectWords(said.title, kind);
      expectWords(said.what, `${kind}, ${say.units}`);
      expect(sayStep(carried(step), say)).toEqual(said);
    }
  }
});

test.each(MEANS_IDS)('means %s', (id) => {
  const seen: Means[] = MEANS_SEEN.get(id) ?? [];
  expect(seen.length).toBeGreaterThan(0);
  for (const means of seen) {
    expect(carried(means)).toEqual(means);
    for (const say of UNITS) {
      const said = sayMeans(means, say);
      for (const words of [said.title, said.because, said.takes, ...said.steps.map(({ what }) => what)])
        expectWords(words, `${id}, ${say.units}`);
      // What is sent out has no stop of ours.
      if (said.stop !== '') expectWords(said.stop, id);
      expect(sayMeans(carried(means), say)).toEqual(said);
    }
  }
});

test.each(WAY_IDS)('way %s', (id) => {
  expectWords(WAYS[id].name, id);
  expectWords(WAYS[id].past, id);
  for (const hole of CASES) expectWords(whyNothing(id, hole), id);
  // Somewhere it is offered; where it is not, its reason was just read.
  expect(PROPOSALS.some(({ routes }) => routes.some(({ method }) => method === id))).toBe(true);
});
