import { SAY } from '../../basis/units/index.ts';
import { FULL_RACK } from '../../facts/drills/index.ts';
import { threadById, withFit } from '../../facts/threads/index.ts';
import { CAUSES } from '../../facts/ways/index.ts';
import { weighCase } from '../../pipeline.ts';
import { rankWords } from '../routes/index.ts';
import { holeCase } from '../../test-support/holeCase.ts';
import { usualMachine, type Machine } from '../../facts/machines/index.ts';
import { DEFAULT_HOUSE_RULES, type HoleCase } from '../../judge/hole/index.ts';
import { cardStands, freezePlan } from '../freeze/index.ts';
import { sayStep, writeWorkCard } from './index.ts';

const card = (hole: ReturnType<typeof holeCase>, id: string) => {
  const route = weighCase(hole).routes.find((candidate) => candidate.id === id)!;
  return writeWorkCard(hole, route).map((step) => sayStep(step, SAY.mm));
};
const blind = holeCase({
  kind: 'blind',
  depth: { mm: 30, halfWidthMm: 0 },
  damageTo: { mm: 30, halfWidthMm: 0 },
  strippedThroughout: true,
});

test('a blind coil: stop at the tip, taps in order, no air gun, tang taken out', () => {
  const steps = card(blind, 'wire-coil:M8x1.25:2D');
  expect(steps.map((step) => step.id)).toEqual([
    'strip',
    'hold',
    'ready',
    'locate',
    'drill',
    'gauge-bore',
    'countersink',
    'tap-1',
    'clean',
    'gauge-thread',
    'insert',
    'tang',
    'prove',
    'screw',
    'fasten',
  ]);
  expect(steps.at(-1)!.what).toMatch(
    /^M8 × 1.25, class 8.8: the maker’s torque; where there is none 19 Nm oiled, no more; beyond that the screw stretches\. It reaches 16.2 mm/,
  );
  const drill = steps.find((step) => step.id === 'drill')!;
  expect(drill.number).toMatchObject({
    label: 'stop at the tip',
    valueMm: 24.75 + 8.3 / 2 / Math.tan((59 * Math.PI) / 180),
  });
  expect(steps.find((step) => step.id === 'clean')!.caution).toMatch(/air gun/);
  expect(steps.find((step) => step.id === 'tang')!.what).toMatch(/tangless/);
});

test('a remedy is a step of its own, before the drill', () => {
  const steps = card(holeCase(), 'oversize:M10x1.5');
  expect(steps.findIndex((step) => step.id === 'remedy-open-mate')).toBeLessThan(
    steps.findIndex((step) => step.id === 'drill'),
  );
  expect(steps.find((step) => step.id === 'remedy-open-mate')!.what).toBe('Open the mating part’s hole to 11 mm.');
});

test('left hand turns the other way; cleaning up follows the old helix and drills nothing', () => {
  expect(
    card(holeCase({ threadId: 'M8x1.25 LH' }), 'wire-coil:M8x1.25 LH:2D').find((step) => step.id === 'tap-1')!.what,
  ).toMatch(/anticlockwise/);
  const cleanUp = card(holeCase(), 'clean-up:M8x1.25');
  expect(cleanUp.some((step) => step.id === 'drill')).toBe(false);
  expect(cleanUp.find((step) => step.id === 'tap-1')!.what).toMatch(/Find the old helix first/);
});

test('magnesium asks for a dry hand and something to put a fire out with', () => {
  const steps = card(holeCase({ parentId: 'magnesium-cast' }), 'wire-coil:M8x1.25:3D');
  expect(steps[0]!.caution).toMatch(/no water-based fluid/);
});

test('a torque that is wanted is the one to tighten to; where no thread carries, none is given', () => {
  const wanted = { mode: 'preload', torqueNm: 12, friction: 'dry', load: 'static' } as const;
  const fasten = (hole: ReturnType<typeof holeCase>, id: string) =>
    card(hole, id).find((step) => step.id === 'fasten')?.what;
  expect(fasten(holeCase({ joint: { demand: wanted } }), 'wire-coil:M8x1.25:2D')!).toBe(
    'M8 × 1.25, class 8.8: 12 Nm, dry. It reaches 16.2 mm below the face.',
  );
  expect(fasten(holeCase(), 'send-out')).toBeUndefined();
});

// What a card counts on must be there: never more thread than the metal has, never more screw than there is room for.
const THROUGH = { kind: 'through', depth: { mm: 20, halfWidthMm: 0 }, damageTo: { mm: 4, halfWidthMm: 0 } } as const;
const reaching = (mm: number, over: Parameters<typeof holeCase>[0] = {}) =>
  holeCase({ ...THROUGH, ...over, joint: { screwReach: { mm, halfWidthMm: 0 } } });
const expected = (hole: ReturnType<typeof holeCase>, id: string) =>
  freezePlan(weighCase(hole), id).expectations.map(({ id: what, lowMm }) => [what, lowMm && Number(lowMm.toFixed(2))]);

test.each([
  ['a screw longer than the part is thick: thread to its far side', 30, 20],
  ['a short one: to where its point begins', 16, 14.75],
])('%s', (_, reachMm, toMm) => {
  const hole = reaching(reachMm);
  expect(expected(hole, 'clean-up:M8x1.25')).toContainEqual(['full-thread', toMm]);
  expect(card(hole, 'clean-up:M8x1.25').find(({ id }) => id === 'prove')!.number).toMatchObject({ valueMm: toMm });
});

test('a retap is proved as deep as its tap goes, not as the screw’s point does', () => {
  const retap = expected({ ...blind, behind: 'nothing' }, 'oversize:M10x1.5');
  const proposal = weighCase({ ...blind, behind: 'nothing' });
  const { depths } = proposal.routes.find(({ id }) => id === 'oversize:M10x1.5')!;
  expect(depths.screwReachMm).toBeGreaterThan(depths.fullThreadToMm);
  expect(retap).toContainEqual(['full-thread', Number(depths.fullThreadToMm.toFixed(2))]);
});

test('a bolt that goes through has no thread to gauge and no bore of a thread', () => {
  const hole = holeCase({ ...THROUGH, joint: { backReached: true } });
  expect(expected(hole, 'through-bolt').map(([id]) => id)).toEqual(['screw', 'square', 'lean', 'head-gap']);
  const proved = card(hole, 'through-bolt').find(({ id }) => id === 'prove')!;
  expect(proved.what).toMatch(/goes in by hand over its whole length/);
  expect(proved.number).toBeNull();
});

test.each([
  ['into a gearbox no farther than the metal', 'closed', 16, 'at most 20 mm'],
  ['the one that always stood out stays', 'closed', 22, 'at most 22 mm'],
  ['into free air as far as it likes', 'nothing', 22, null],
] as const)('the screw goes back %s', (_, behind, reachMm, most) => {
  const fasten = card(reaching(reachMm, { behind }), 'clean-up:M8x1.25').find(({ id }) => id === 'fasten')!;
  if (most === null) expect(fasten.what).not.toMatch(/at most/);
  else expect(fasten.what).toContain(most);
});

test('a class of fit that was chosen is held to when the bore is gauged, and rules the drill', () => {
  const thread = threadById('M8x1.25');
  const boreOf = (fitted: typeof thread) => {
    const hole = { ...holeCase({ ...THROUGH, damageTo: { mm: 20, halfWidthMm: 0 } }), thread: fitted };
    const { lowMm, highMm } = freezePlan(weighCase(hole), 'oversize:M10x1.5').expectations.find(
      ({ id }) => id === 'bore',
    )!;
    return { lowMm, highMm };
  };
  expect(boreOf(withFit(thread, '5H'))).toMatchObject({ lowMm: 8.376, highMm: 8.612 });
  expect(boreOf(thread).highMm).toBeGreaterThanOrEqual(8.676);
  // A class of another standard is no class of this thread.
  expect(withFit(thread, '2B')).toBe(thread);
});

test.each(CAUSES.filter(({ id }) => id !== 'unknown').map(({ id }) => [id] as const))(
  'why it failed, %s: the card says what keeps it from coming back, and no verdict is lower',
  (cause) => {
    const known = holeCase({ joint: { cause, demand: { mode: 'as-made' } } });
    const unknown = holeCase({ joint: { demand: { mode: 'as-made' } } });
    const [weighed, before] = [weighCase(known), weighCase(unknown)];
    const verdicts = (proposal: typeof before) =>
      Object.fromEntries(proposal.routes.map(({ id, verdict }) => [id, verdict]));
    // Only a thread that was too weak, or a screw too short, asks for more strength than it had.
    if (cause !== 'too-weak' && cause !== 'too-short') expect(verdicts(weighed)).toEqual(verdicts(before));
    const step = writeWorkCard(known, weighed.routes[0]!).find(({ kind }) => kind === 'prevent')!;
    expect(step.afterProof).toBe(true);
    for (const units of ['mm', 'in'] as const) expect(sayStep(step, SAY[units]).what.length).toBeGreaterThan(40);
    expect(writeWorkCard(unknown, before.routes[0]!).some(({ kind }) => kind === 'prevent')).toBe(false);
  },
);

test('worn by use moves ways: steel in the wall goes before a thread that wears again, and says why', () => {
  const hole = (cause: 'unknown' | 'worn') => holeCase({ ...THROUGH, joint: { cause, demand: { mode: 'as-made' } } });
  const first = (cause: 'unknown' | 'worn') => weighCase(hole(cause)).routes[0]!;
  expect(first('unknown').method).not.toBe('wire-coil');
  expect(first('worn').method).toBe('wire-coil');
  expect(rankWords(first('worn').rank, SAY.mm)).toMatch(/^prevents what made it fail, worn by use/);
});

test.each([
  ['goes back', 18, /The present one goes back, 18 mm below the face \(at least 12 mm, at most 20 mm\)/],
  ['too short', 6, /The present one, 6 mm below the face, is too short: one that reaches 12 mm/],
  ['too long', 26, /The present one, 26 mm below the face, is too long/],
])('the screw that goes back is the present one where it fits: %s', (_, presentMm, words) => {
  const hole = reaching(16);
  const steps = writeWorkCard(
    hole,
    weighCase(hole).routes.find(({ id }) => id === 'wire-coil:M8x1.25:2D')!,
  );
  const step = steps.find((row) => row.kind === 'fasten')!;
  const reach = { leastMm: 12, mostMm: 20, blind: false, presentMm };
  expect(sayStep({ ...step, facts: { ...step.facts, reach } }, SAY.mm).what).toMatch(words);
});

test.each([
  ['stainless in aluminium', 'aluminium-6xxx', /Insulate the pair/],
  ['stainless in stainless', 'austenitic-stainless', /Anti-seize on the thread.*back at once/],
])('%s: a step of its own says how', (_, parentId, words) => {
  const steps = card(holeCase({ ...THROUGH, parentId, joint: { fastenerClassId: 'A2-70' } }), 'clean-up:M8x1.25');
  expect(steps.map(({ what }) => what).join(' ')).toMatch(words);
});

test('a coil in light metal: stainless wire and aluminium corrode each other where it is wet', () => {
  const insertOf = (parentId: string) =>
    card(holeCase({ ...THROUGH, parentId }), 'wire-coil:M8x1.25:2D').find(({ id }) => id === 'insert')!.what;
  expect(insertOf('aluminium-6xxx')).toMatch(/primer on the thread or a coated coil/);
  expect(insertOf('grey-iron')).not.toMatch(/primer/);
});

// The shop's own: what it has settled is followed, what must not be done never is.
const inShop = (rules: Partial<HoleCase['rules']>, over: Parameters<typeof holeCase>[0] = {}) =>
  holeCase({ ...THROUGH, damageTo: { mm: 20, halfWidthMm: 0 }, ...over, rules: { ...DEFAULT_HOUSE_RULES, ...rules } });
const stepOfCard = (hole: HoleCase, route: string, id: string) => card(hole, route).find((step) => step.id === id);

test('first tap by the shop: taper; by the case in tough metal too; a bottoming tap never starts a thread', () => {
  const first = (hole: HoleCase, route = 'wire-coil:M8x1.25:2D') => stepOfCard(hole, route, 'tap-1')!.title;
  expect(first(inShop({}))).toMatch(/second tap, 4 threads of lead \(no\. 2\)$/);
  expect(first(inShop({ practice: { 'first-tap': 'taper' } }))).toMatch(/taper tap, 8 threads of lead \(no\. 1\)$/);
  expect(first(inShop({ practice: { 'first-tap': 'bottoming' } }))).toMatch(/second tap/);
});

const taken = (hole: HoleCase, id: string, question: string, route = 'wire-coil:M8x1.25:2D') =>
  stepOfCard(hole, route, id)!.practice!.find((row) => row.question === question)!;

test.each([
  ['air into a closed space', { practice: { cleaning: 'air' } }, { behind: 'closed' }, 'clean', 'Cleaning', /^vacuum/],
  ['a bottoming tap first', { practice: { 'first-tap': 'bottoming' } }, {}, 'tap-1', 'First tap', /^second/],
  ['power without reverse', { practice: { power: 'through' } }, {}, 'tap-1', 'Power tapping', /^machine as a guide/],
] as const)(
  'a house rule that the case does not allow is not told as taken: %s',
  (_, rules, over, id, question, told) => {
    const row = taken(inShop(rules, over), id, question);
    expect([row.taken, row.settled]).toEqual([expect.stringMatching(told), false]);
  },
);

test('what is told as taken is what the step says', () => {
  const feed = inShop({ practice: { pressing: 'feed' } });
  expect(stepOfCard(feed, 'wire-coil:M8x1.25:2D', 'tap-1')!.what).toMatch(/No pressure: it feeds itself/);
  expect(taken(feed, 'tap-1', 'The first turns')).toMatchObject({ settled: true, taken: expect.stringMatching(/^no/) });
  // On an old helix pressure starts a second one, whatever a shop does elsewhere.
  const press = inShop({ practice: { pressing: 'press' } }, { damageTo: { mm: 4, halfWidthMm: 0 } });
  expect(taken(press, 'tap-1', 'The first turns', 'clean-up:M8x1.25')).toMatchObject({ settled: false });
  const small = (practice: HoleCase['rules']['practice']) =>
    stepOfCard(
      inShop(practice ? { practice } : {}, { threadId: 'M4x0.7', joint: { mateHole: { mm: 5, halfWidthMm: 0 } } }),
      'oversize:M5x0.8',
      'tap-1',
    )!.numbers!.find(({ label }) => label === 'Square by')!.value;
  expect([small({}), small({ 'small-taps': 'hand' })]).toEqual([
    expect.stringMatching(/^spindle/),
    expect.stringMatching(/^guide block/),
  ]);
});

test('a hole that leans: in a bush square to the face, or followed where the shop follows; the worn side only where it is oval', () => {
  const at = (practice: HoleCase['rules']['practice']) =>
    stepOfCard(
      inShop(practice ? { practice } : {}, { leanPer50: { mm: 1.3, halfWidthMm: 0 } }),
      'wire-coil:M8x1.25:2D',
      'locate',
    )!.what;
  expect(at({})).toMatch(/^Clamp a guide bush.*Square to the face/);
  expect(at({ follow: 'hole' })).toMatch(/^Put a pin.*It leans 1\.5°, more than 0\.8°/);
});

test('a welded plug has nothing that cures, a bonded one has', () => {
  const ids = (parentId: string) => {
    const hole = inShop({}, { parentId });
    const route = weighCase(hole).routes.find(({ method }) => method === 'plug')!;
    return writeWorkCard(hole, route).map(({ kind }) => kind);
  };
  expect(ids('mild-steel')).not.toContain('cure');
  expect(ids('aluminium-6xxx')).toContain('cure');
});

test('countersink before or after, and not at all where a seat wants its face whole', () => {
  const order = (practice: HoleCase['rules']['practice']) => {
    const ids = card(inShop(practice ? { practice } : {}), 'wire-coil:M8x1.25:2D').map(({ id }) => id);
    return ids.indexOf('countersink') - ids.indexOf('tap-1');
  };
  expect(order({ countersink: 'before' })).toBeLessThan(0);
  expect(order({ countersink: 'after' })).toBeGreaterThan(0);
  const seat = inShop(
    {},
    {
      threadId: 'M14x1.25',
      behind: 'closed',
      joint: { screwedIn: 'spark-plug', mateHole: null, fastenerClassId: null, seat: { mm: 21, halfWidthMm: 0 } },
    },
  );
  const coil = weighCase(seat).routes.find(({ method }) => method === 'wire-coil')!;
  expect(writeWorkCard(seat, coil).some(({ kind }) => kind === 'countersink')).toBe(false);
});

test.each([
  ['settled for the oil at hand, in soft metal', 'mild-steel', 'Motor oil'],
  ['but never in stainless, where its film breaks', 'austenitic-stainless', 'EP cutting oil'],
  ['nor on magnesium water', 'magnesium-cast', 'Light oil'],
])('%s', (_, parentId, first) => {
  const hole = inShop({ practice: { lubricant: 'at-hand' } }, { parentId });
  const way = weighCase(hole).routes.find(
    ({ method, verdict }) => method === 'wire-coil' && verdict !== 'does-not-hold',
  )!;
  const tap = sayStep(
    writeWorkCard(hole, way).find(({ id }) => id === 'tap-1')!,
    SAY.mm,
  );
  expect(tap.fluid).toMatch(new RegExp(`^${first}`));
});

test('what is not on the crib’s list is missing and says what does in its place; never listed, nothing is missing', () => {
  const kit = { taps: [], coils: [], extractorDrillsMm: null, tools: ['square' as const], fluids: [] };
  const tools = card(inShop({ kit }), 'wire-coil:M8x1.25:2D').flatMap((step) => step.tools ?? []);
  expect(tools.find(({ name }) => name.startsWith('small engineer'))!.state).toBe('owned');
  const missing = tools.filter(({ state }) => state === 'missing').map(({ name }) => name);
  expect(missing).toEqual(
    expect.arrayContaining(['bore gauge or plug gauges', 'M8 × 1.25 insert tap', 'coil M8 × 1.25']),
  );
  expect(tools.find(({ name }) => name.startsWith('bore gauge'))!.instead).toMatch(/drill shanks/);
  const unlisted = card(inShop({}), 'wire-coil:M8x1.25:2D').flatMap((step) => step.tools ?? []);
  expect(unlisted.filter(({ state }) => state === 'missing')).toEqual([]);
});

test('the first machine that can do it: one that holds the drill and turns slowly enough before one that does not', () => {
  const fast = { ...usualMachine('bench-drill', 'f'), name: 'Fast one', speeds: { steps: [1500, 3000] } };
  const slow = { ...usualMachine('bench-drill', 's'), name: 'Slow one' };
  const ready = (machines: Machine[], parentId: string) =>
    stepOfCard(inShop({ machines }, { parentId }), 'wire-coil:M8x1.25:2D', 'ready')!.what;
  expect(ready([fast, slow], 'mild-steel')).toMatch(/^Written for Slow one,/);
  expect(ready([fast, slow], 'aluminium-6xxx')).toMatch(/^Written for Fast one,/);
  expect(ready([], 'mild-steel')).toMatch(/none is listed/);
});

test('too fast at its slowest is said with a way out, and the machine that turns slowly enough is named', () => {
  const drill = (machines: Machine[]) => {
    const hole = inShop({ machines }, { parentId: 'austenitic-stainless', work: { access: 'in-place' } });
    const way = weighCase(hole).routes.find(
      ({ method, verdict }) => method === 'wire-coil' && verdict !== 'does-not-hold',
    )!;
    return sayStep(
      writeWorkCard(hole, way).find(({ id }) => id === 'drill')!,
      SAY.mm,
    ).numbers![0]!.note!;
  };
  const fast = { ...usualMachine('hand-drill', 'h'), speeds: { steps: [1200] } };
  expect(drill([fast])).toMatch(/too fast still.*short bites/);
  expect(drill([fast, { ...usualMachine('mill', 'm'), name: 'The mill' }])).toMatch(
    /take The mill, with the part off$/,
  );
});

test('into a gearbox: the point just out and no farther, no air, no spiral point, chips counted', () => {
  const hole = inShop({ practice: { cleaning: 'air' } }, { behind: 'closed', floorName: 'gearbox' });
  const steps = card(hole, 'wire-coil:M8x1.25:2D');
  const of = (id: string) => steps.find((step) => step.id === id)!;
  expect(of('strip').what).toMatch(/closed space \(gearbox\).*never air/);
  expect(of('drill').numbers!.find(({ label }) => label === 'Stop')!.note).toMatch(/just out, no farther/);
  expect(of('clean').what).toMatch(/^Brush and vacuum/);
  expect(of('tap-1').numbers!.find(({ label }) => label === 'Style')!.note).toMatch(
    /no spiral-point tap: it drives its chips ahead, into/,
  );
});

test('in place the flag hangs on a guide, and says where it would be through the wall', () => {
  const hole = holeCase({ ...blind, floor: { mm: 30, halfWidthMm: 0 }, work: { access: 'in-place' } });
  const drill = card(hole, 'wire-coil:M8x1.25:2D').find(({ id }) => id === 'drill');
  const flag = drill?.numbers?.find(({ label }) => label.startsWith('Flag'));
  expect(flag).toMatchObject({ value: '44.2 mm' });
  expect(flag!.note).toMatch(/^guide 17 mm \+ depth; at 47 mm it is through the wall\. A collar/);
});

test('a card stands until place, machine, tools or rules change; then it is another card', () => {
  const proposal = weighCase(inShop({}));
  const plan = freezePlan(proposal, 'wire-coil:M8x1.25:2D');
  // As it comes back from the store.
  const stored = JSON.parse(JSON.stringify(plan)) as typeof plan;
  expect(cardStands(proposal, stored)).toBe(true);
  expect(cardStands(weighCase(inShop({ practice: { 'first-tap': 'taper' } })), stored)).toBe(false);
  expect(cardStands(weighCase(inShop({}, { work: { access: 'in-place' } })), stored)).toBe(false);
});

test('a plan says whether its bore is reckoned by the shop’s own oversize or by the printed estimate', () => {
  const bores = (rack: HoleCase['rack']) =>
    card(holeCase({ damageTo: { mm: 20, halfWidthMm: 0 }, strippedThroughout: true, rack }), 'oversize:M10x1.5')
      .find(({ id }) => id === 'drill')!
      .numbers!.find(({ label }) => label === 'Bores about')!;
  expect(bores(FULL_RACK).note).toContain('printed estimate');
  const own = bores({ ...FULL_RACK, drilling: { setUp: 'bench-drill', measuredOversizeMm: 0.06 } });
  expect([own.value, own.note]).toEqual(['8.56 mm', 'by the shop’s own oversize']);
});
