import { freezePlan, type FrozenPlan } from '../../plan/freeze/index.ts';
import { EXPECTATION_IDS, expectationsOf, type Expectation, type ProofId } from '../../plan/proof/index.ts';
import { SAY } from '../../basis/units/index.ts';
import { afterCutWords, asCut } from '../../plan/routes/asCut.ts';
import { weighCase } from '../../pipeline.ts';
import { goodResult } from '../../test-support/goodResult.ts';
import { holeCase } from '../../test-support/holeCase.ts';
import { cureWaitAt } from './cureWaitAt.ts';
import { proofStanding, type RecordedResult } from './index.ts';

const STRIPPED = { damageTo: { mm: 20, halfWidthMm: 0 }, strippedThroughout: true } as const;
const planOf = (way: string, changes: Parameters<typeof holeCase>[0] = {}): FrozenPlan => {
  const proposal = weighCase(holeCase({ ...STRIPPED, ...changes }));
  const route = proposal.routes.find(({ id, verdict }) => id.startsWith(way) && verdict !== 'does-not-hold');
  if (!route)
    throw new Error(`${way}: none of ${proposal.routes.map(({ id, verdict }) => `${id} ${verdict}`).join(', ')}`);
  return freezePlan(proposal, route.id);
};
const BLIND = { kind: 'blind', depth: { mm: 26, halfWidthMm: 0.2 }, floor: { mm: 40, halfWidthMm: 0.5 } } as const;
const coil = planOf('wire-coil');

const allGood = (plan: FrozenPlan, but: Partial<Record<ProofId, RecordedResult | null>> = {}): RecordedResult[] =>
  plan.expectations.flatMap((row) => {
    const other = but[row.id];
    return other === null ? [] : [other ?? goodResult(row)];
  });
const standing = (plan: FrozenPlan, but: Parameters<typeof allGood>[1] = {}) => proofStanding(plan, allGood(plan, but));

/** What proves one way, with steps that a card of it may have. */
function rowsOf(way: string, changes: Parameters<typeof holeCase>[0] = {}, steps: string[] = []): Expectation[] {
  const proposal = weighCase(holeCase({ ...STRIPPED, ...changes }));
  return expectationsOf(
    proposal.hole,
    proposal.routes.find(({ method }) => method === way)!,
    steps.map((kind) => ({ kind, id: kind })),
  );
}
/** Every kind of proof at least once. */
const ALL_KINDS: Expectation[] = [
  ...coil.expectations,
  ...rowsOf('keyed-bush'),
  ...rowsOf('bonded-stud', {}, ['cure']),
  ...planOf('plug').expectations,
  ...rowsOf('wire-coil', { duty: 'can-hurt' }),
  ...rowsOf('wire-coil', { joint: { serviceC: 150 } }),
  ...rowsOf('wire-coil', { joint: { sealing: 'oil' } }),
  ...rowsOf('wire-coil', {
    threadId: 'M14x1.25',
    joint: { screwedIn: 'spark-plug', seat: { mm: 21, halfWidthMm: 0 } },
  }),
];

test('every way asks for what it can go wrong by, and each says what it does not show', () => {
  const ids = (plan: FrozenPlan) => plan.expectations.map(({ id }) => id);
  expect(ids(coil)).toEqual(
    expect.arrayContaining(['bore', 'gauge', 'no-go', 'screw', 'set-down', 'tang', 'turns-out']),
  );
  expect(EXPECTATION_IDS.filter((id) => !ALL_KINDS.some((row) => row.id === id))).toEqual([]);
  for (const { id, cannotShow, need } of ALL_KINDS) expect([id, !cannotShow || !need]).toEqual([id, false]);
  // What carries no thread is not gauged; a blind hole must be shown deep enough.
  expect(rowsOf('through-bolt').map(({ id }) => id)).not.toContain('gauge');
  const depth = (changes: Parameters<typeof holeCase>[0]) =>
    rowsOf('wire-coil', changes).find(({ id }) => id === 'full-thread')!.need;
  expect([depth({}), depth(BLIND)]).toEqual(['if-can', 'must']);
});

test.each(EXPECTATION_IDS)('%s: good is good, bad is refused, a reason is no pass, silence is open', (id) => {
  const row = ALL_KINDS.find((candidate) => candidate.id === id)!;
  const of = (...results: RecordedResult[]) => proofStanding({ expectations: [row] }, results).rows[0]!.state;
  const bad: Record<Expectation['kind'], Partial<RecordedResult>> = {
    length: { mm: row.lowMm === null ? row.highMm! + 1 : row.lowMm - 1 },
    turns: { turns: (row.mostTurns ?? 0) + 0.5 },
    torque: { nm: 0.9 * (row.leastNm ?? 0) },
    load: { n: 0.9 * (row.leastN ?? 0) },
    'pass-fail': { passed: false },
  };
  const states = [of(goodResult(row)), of({ id, ...bad[row.kind] }), of({ id, notDone: 'no time' }), of()];
  expect(states).toEqual(['passed', 'failed', 'not-done', 'open']);
});

test('torque and pull are what parent and screw both stand, in steps, never the screw’s full value', () => {
  const row = (rows: Expectation[], id: ProofId) => rows.find((candidate) => candidate.id === id);
  // M8 8.8, oiled: 0.75 · 580 MPa · 36.6 mm² = 15.9 kN, at K 0.15 that is 19.1 Nm; it is set to whole Nm.
  const strong = rowsOf('plug', { joint: { fastenerClassId: '8.8' } });
  const torque = row(strong, 'torque')!;
  const pull = row(strong, 'pull')!;
  expect(torque.steps).toEqual([9.5, 14, 19]);
  expect(pull.leastN!).toBeLessThanOrEqual(15_900);
  expect(pull.leastN!).toBeGreaterThan(1_000);
  expect(pull.steps!.at(-1)).toBe(pull.leastN);
  // What somebody gave for the joint is what it is proved to; a locking coil’s running torque comes on top.
  const demand = { mode: 'preload', torqueNm: 12, friction: 'dry', load: 'static' } as const;
  const given = rowsOf('keyed-bush', { joint: { fastenerClassId: '8.8', demand, runningTorqueNm: 2 } });
  expect(row(given, 'torque')!.leastNm).toBe(14);
  // 12 Nm dry: 12 / (0.20 · 8 mm) = 7.5 kN.
  expect(row(given, 'pull')!.leastN).toBe(7_500);
  // The metal’s own thread is not pulled, unless it can hurt someone; of a screw of no known class nothing is named.
  expect(row(rowsOf('oversize', { joint: { fastenerClassId: '8.8' } }), 'pull')).toBeUndefined();
  expect(row(rowsOf('plug', { joint: { fastenerClassId: null } }), 'torque')).toBeUndefined();
});

test('what cures is proved when its clock is over, not when somebody says so', () => {
  const cured = ALL_KINDS.find(({ id }) => id === 'cured')!;
  const stands = (...clocks: Parameters<typeof cureWaitAt>[0]) => {
    const wait = cureWaitAt(clocks, '2026-03-02T12:00:00.000Z');
    const { rows } = proofStanding({ expectations: [cured] }, [{ id: 'cured', passed: true, wait }]);
    return [wait, rows[0]!.state];
  };
  const clock = (dueAt: string, endedAt: string | null = null, cures: 'firm' | 'full' = 'full') =>
    ({ cures, startedAt: '2026-03-01T12:00:00.000Z', dueAt, endedAt }) as const;
  expect(stands(clock('2026-03-02T11:00:00.000Z'))).toEqual(['over', 'passed']);
  expect(stands(clock('2026-03-02T13:00:00.000Z'))).toEqual(['running', 'open']);
  expect(stands(clock('2026-03-02T13:00:00.000Z', '2026-03-02T09:00:00.000Z'))).toEqual(['broken-off', 'with-care']);
  expect(stands(clock('2026-02-01T12:00:00.000Z'))).toEqual(['none', 'with-care']);
  // Firm is not cured; a second clock is the one that counts.
  expect(stands(clock('2026-03-02T09:00:00.000Z', null, 'firm'))).toEqual(['none', 'with-care']);
  expect(stands(clock('2026-03-02T09:00:00.000Z'), clock('2026-03-03T09:00:00.000Z'))).toEqual(['running', 'open']);
});

test('a spark plug’s hole is proved by compression and its coil’s end, a drain plug’s by no weep, whatever was said of sealing', () => {
  const ids = (screwedIn: 'spark-plug' | 'plug' | 'screw') =>
    rowsOf('wire-coil', { threadId: 'M14x1.25', joint: { screwedIn, seat: { mm: 21, halfWidthMm: 0 } } });
  const spark = ids('spark-plug');
  expect(spark.find(({ id }) => id === 'leak')!.title).toMatch(/^Compression/);
  expect(spark.map(({ id }) => id)).toContain('chamber-end');
  expect(spark.find(({ id }) => id === 'screw')!.title).toMatch(/^Good plug/);
  expect(ids('plug').find(({ id }) => id === 'leak')!.title).toMatch(/^Tight/);
  expect(ids('plug').map(({ id }) => id)).not.toContain('chamber-end');
  expect(ids('screw').map(({ id }) => id)).not.toContain('leak');
});

test('proved: everything, or of two ways that show the same one whole', () => {
  expect(standing(coil).standing).toBe('proved');
  expect(standing(coil, { gauge: null, 'no-go': null }).standing).toBe('proved');
  expect(standing(coil, { screw: null }).standing).toBe('proved');
  expect(standing(coil, { square: null }).standing).toBe('proved');
  expect(standing(coil, { torque: null, 'full-thread': null }).standing).toBe('proved');
  const half = standing(coil, { 'no-go': null, screw: null });
  expect([half.standing, half.wants.map(({ id }) => id)]).toEqual(['open', ['no-go']]);
});

test('a bore of 45 % is refused though a good screw runs in; a no-go that goes is too', () => {
  // M8 × 1.25 retapped M10 × 1.5: 45 % of its thread is left at 10 − 0.45 · 1.299 · 1.5 mm.
  const retap = planOf('oversize:M10x1.5');
  const mm = 10 - 0.45 * 1.29904 * 1.5;
  const found = proofStanding(retap, allGood(retap, { bore: { id: 'bore', mm }, gauge: null, 'no-go': null }));
  expect([found.standing, found.wants.map(({ id }) => id)]).toEqual(['failed', ['bore']]);
  expect(found.rows.find(({ expectation }) => expectation.id === 'screw')!.state).toBe('passed');
  expect(standing(coil, { 'no-go': { id: 'no-go', turns: 2.5 } }).standing).toBe('failed');
  expect(standing(coil, { torque: { id: 'torque', nm: 3 } }).standing).toBe('failed');
  expect(standing(coil, { tang: { id: 'tang', passed: false } }).standing).toBe('failed');
});

test('without the bore gauged nothing that was drilled is proved: blank is open, a reason is no pass', () => {
  expect(standing(coil, { bore: null })).toMatchObject({ standing: 'open', wants: [{ id: 'bore' }] });
  const away = standing(coil, { bore: { id: 'bore', notDone: 'the gauge was away' } });
  expect([away.standing, away.rows[0]!.reason]).toEqual(['not-proved', 'the gauge was away']);
  // A reason for one thing does not stand for another.
  const both = standing(coil, { bore: { id: 'bore', notDone: 'away' }, tang: null });
  expect([both.standing, both.wants.map(({ id }) => id)]).toEqual(['open', ['bore', 'tang']]);
  const unsquare = { square: { id: 'square', notDone: 'no room' }, 'head-gap': null, lean: null } as const;
  expect(standing(coil, unsquare).standing).toBe('not-proved');
});

test('a plug is bored twice: the bore in it is proved by the thread of the screw, and without it nothing is', () => {
  const plug = planOf('plug');
  const row = (id: ProofId) => plug.expectations.find((expectation) => expectation.id === id)!;
  expect([row('inner-bore').lowMm, row('inner-bore').highMm]).toEqual([6.647, 6.912]);
  expect(row('bore').lowMm!).toBeGreaterThan(8);
  expect(standing(plug).standing).toBe('proved');
  expect(standing(plug, { 'inner-bore': null })).toMatchObject({ standing: 'open', wants: [{ id: 'inner-bore' }] });
  expect(standing(plug, { 'inner-bore': { id: 'inner-bore', mm: 7.27 } }).standing).toBe('failed');
});

test('what a stand-in sent fails what it fails, and proves nothing', () => {
  const bore = coil.expectations.find(({ id }) => id === 'bore')!;
  const made = { ...goodResult(bore), instrument: 'Caliper (simulated)', simulated: true } as const;
  const found = standing(coil, { bore: made });
  expect([found.standing, found.rows[0]!.state, found.rows[0]!.reason]).toEqual([
    'not-proved',
    'not-done',
    'read from a simulated instrument',
  ]);
  expect(standing(coil, { bore: { ...made, mm: bore.highMm! + 1 } }).standing).toBe('failed');
  expect(standing(coil, { bore: { ...made, simulated: undefined } }).standing).toBe('proved');
});

test('an empty list proves nothing: where nothing is needed, something must have been found', () => {
  const away = planOf('replace-part');
  expect(away.expectations.every(({ need }) => need === 'if-can')).toBe(true);
  expect(proofStanding(away, []).standing).toBe('open');
  expect(proofStanding(away, [{ id: 'screw', notDone: 'not back yet' }]).standing).toBe('not-proved');
  expect(proofStanding(away, [{ id: 'screw', passed: true }]).standing).toBe('proved');
});

test('cleaned up, nothing is drilled: gauge, or a good screw', () => {
  const clean = planOf('clean-up', { damageTo: { mm: 4, halfWidthMm: 0 }, strippedThroughout: false });
  expect(clean.expectations.map(({ id }) => id)).not.toContain('bore');
  expect(standing(clean, { gauge: null, 'no-go': null }).standing).toBe('proved');
  expect(standing(clean, { gauge: null, 'no-go': null, screw: null }).standing).toBe('open');
});

test('outside the usual class as planned it holds with care, and says on what; beyond that it does not', () => {
  const bore: Expectation = {
    ...coil.expectations.find(({ id }) => id === 'bore')!,
    lowMm: 8.2,
    highMm: 8.4,
    plannedMm: { lowMm: 8.2, highMm: 8.5 },
  };
  const state = (mm: number) => proofStanding({ expectations: [bore] }, [{ id: 'bore', mm }]).rows[0]!.state;
  expect([8.3, 8.45, 8.55].map(state)).toEqual(['passed', 'with-care', 'failed']);
});

test('a plan of an engine that named no needs is proved by what was found, as it was', () => {
  const old = { expectations: coil.expectations.map(({ need: _need, ...row }) => row) };
  expect(proofStanding(old, [{ id: 'gauge', passed: true }]).standing).toBe('proved');
  expect(proofStanding(old, [{ id: 'gauge', passed: false }]).standing).toBe('failed');
});

test('what was cut carries what it carries: as planned to the digit, less where thread or bore came out less', () => {
  for (const [way, changes] of [
    ['wire-coil', BLIND],
    ['oversize:M10x1.5', {}],
    ['keyed-bush', {}],
    ['solid-bush', {}],
    ['plug', {}],
  ] as const) {
    const proposal = weighCase(holeCase({ ...STRIPPED, ...changes }));
    const route = proposal.routes.find(({ id, verdict }) => id.startsWith(way) && verdict !== 'does-not-hold')!;
    const { boreMm } = route.cut;
    const asPlanned = asCut(proposal.hole, route, { boreMm, fullThreadMm: null })!;
    expect(asPlanned.stripLoadN).toBeCloseTo(route.stripLoadN!, 6);
    const words = (boreMm: number | null, fullThreadMm: number | null) =>
      afterCutWords(proposal.hole, route, { boreMm, fullThreadMm }, SAY.mm);
    const { fullThreadToMm } = route.depths;
    expect(words(boreMm, fullThreadToMm)[0]).toMatch(/^As it was cut, its thread carries .* kN, as planned\.$/);
    // Nobody gauged it: that is said, not taken for granted.
    expect(words(null, fullThreadToMm)[0]).toMatch(/^As it was cut, its bore taken as planned, /);
    expect(words(null, null)).toEqual([expect.stringMatching(/^Metal left/)]);
    const shorter = asCut(proposal.hole, route, { boreMm: null, fullThreadMm: route.depths.fullThreadToMm / 2 })!;
    expect(shorter.stripLoadN!).toBeLessThan(0.7 * route.stripLoadN!);
    expect(words(null, fullThreadToMm / 2)[0]).toMatch(/ kN; planned was .* kN\.$/);
    expect(asCut(proposal.hole, route, { boreMm: boreMm + 1, fullThreadMm: null })!.stripLoadN!).toBeLessThan(
      route.stripLoadN!,
    );
    expect(asCut(proposal.hole, route, { boreMm: null, fullThreadMm: null })).toBeNull();
  }
});
