import { SAY } from '../../basis/units/index.ts';
import { FULL_RACK } from '../../facts/drills/index.ts';
import {
  caseFromInputs,
  DEFAULT_HOUSE_RULES,
  ORDINARY,
  type CaseInputs,
  type HoleCase,
} from '../../judge/hole/index.ts';
import { weighCase } from '../../pipeline.ts';
import { sayStep, writeWorkCard } from '../workcard/index.ts';
import { judgePlugReach } from './checks/plugReach.ts';
import { becauseOf, type Route } from './index.ts';

// What the best mechanic would not get wrong: each rule with a case that it must stop and one that it must let through.

type Choices = CaseInputs['choices'];
type Readings = Record<string, number>;

/** An M8 in sand-cast aluminium, stripped throughout, looked at; what a row says is laid over it. */
function given(choices: Choices, readings: Readings): HoleCase {
  const built = caseFromInputs(
    {
      choices: {
        threadId: 'M8x1.25',
        parentId: 'aluminium-sand-cast',
        kind: 'through',
        strippedThroughout: readings['damage-to'] === undefined && readings['bore-a'] === undefined,
        ...ORDINARY,
        ...choices,
      },
      readings: Object.fromEntries(Object.entries(readings).map(([id, mm]) => [id, { mm, halfWidthMm: 0 }])),
      generations: [],
    },
    { rules: DEFAULT_HOUSE_RULES, rack: FULL_RACK },
  );
  if (!built.ok) throw new Error(built.missing.join());
  return built.hole;
}
const UNSEEN: Choices = {
  screwedIn: null,
  metalBeside: null,
  behind: null,
  crack: null,
  earlierRepair: null,
  nearHeat: null,
};
const torque = (torqueNm: number, friction: 'dry' | 'oiled' = 'oiled'): Choices => ({
  demandMode: 'preload',
  torqueNm,
  friction,
});

interface Weighed {
  hole: HoleCase;
  routes: Route[];
}
type Claim = (weighed: Weighed) => void;
const of = ({ routes }: Weighed, way: string): Route => {
  const found = routes.find(({ id }) => id === way) ?? routes.find(({ method }) => method === way);
  if (!found) throw new Error(`${way} is not offered; ${routes.map(({ id }) => id).join(', ')}`);
  return found;
};
const first =
  (way: string, verdict: Route['verdict']): Claim =>
  ({ routes }) =>
    expect([routes[0]!.id.startsWith(way) ? way : routes[0]!.id, routes[0]!.verdict]).toEqual([way, verdict]);
const is =
  (way: string, verdict: Route['verdict']): Claim =>
  (weighed) =>
    expect([way, of(weighed, way).verdict]).toEqual([way, verdict]);
const check =
  (way: string, id: string, verdict: Route['verdict'] | 'none'): Claim =>
  (weighed) =>
    expect([id, of(weighed, way).checks.find((entry) => entry.id === id)?.verdict ?? 'none']).toEqual([id, verdict]);
const waits =
  (way: string, ...readings: string[]): Claim =>
  (weighed) =>
    expect([
      ...new Set(
        of(weighed, way)
          .checks.filter(({ shut }) => shut)
          .map(({ settledBy }) => settledBy),
      ),
    ]).toEqual(readings);
const ticks =
  (way: string, ...ids: string[]): Claim =>
  (weighed) =>
    expect(of(weighed, way).ticks.map(({ id }) => id)).toEqual(ids);
const absent =
  (method: string): Claim =>
  ({ routes }) =>
    expect(routes.filter((route) => route.method === method)).toEqual([]);
const says =
  (way: string, words: RegExp): Claim =>
  (weighed) => {
    const route = of(weighed, way);
    const steps = writeWorkCard(weighed.hole, route).map((step) => sayStep(step, SAY.mm));
    const because = route.checks.map((entry) => becauseOf(entry, SAY.mm));
    expect(
      [...steps.map(({ title, what, number }) => `${title}: ${what} ${number?.main ?? ''}`), ...because].join('\n'),
    ).toMatch(words);
  };
const saysNot =
  (way: string, words: RegExp): Claim =>
  (weighed) => {
    const steps = writeWorkCard(weighed.hole, of(weighed, way)).map((step) => sayStep(step, SAY.mm));
    expect(steps.map(({ title, what }) => `${title}: ${what}`).join('\n')).not.toMatch(words);
  };
const named =
  (way: string, torqueNm: number | null): Claim =>
  (weighed) => {
    const found = of(weighed, way).torque;
    if (torqueNm === null) expect(found?.torqueNm ?? null).toBeNull();
    else expect(found!.torqueNm).toBeCloseTo(torqueNm, 0);
  };
const drill =
  (way: string, id: string): Claim =>
  (weighed) =>
    expect(of(weighed, way).cut.drill?.drill.id).toBe(id);

const COIL = 'wire-coil:M8x1.25:2D';
const RETAP = 'oversize:M10x1.5';
const CLEAN = 'clean-up';
const BLIND: Choices = { kind: 'blind' };
const AT = { depth: 20 };
const DEEP = { depth: 24 };
const C88: Choices = { fastenerClassId: '8.8' };
const PLUG: Choices = { threadId: 'M14x1.5', screwedIn: 'plug', behind: 'liquid', sealing: 'oil' };
const SPARK: Choices = {
  threadId: 'M14x1.25',
  screwedIn: 'spark-plug',
  parentId: 'aluminium-cast-heat-treated',
  behind: 'closed',
};
const HURT: Choices = { duty: 'can-hurt', hurtKind: 'lifts', parentId: 'cast-steel' };
const M12: Choices = { threadId: 'M12x1.75' };
const COIL12 = 'wire-coil:M12x1.75:2D';

const ROWS: [rule: string, choices: Choices, readings: Readings, ...claims: Claim[]][] = [
  // 1 What is not known
  [
    'five things known: a coil holds, a look settles the rest',
    { ...UNSEEN, ...BLIND },
    DEEP,
    first(COIL, 'holds'),
    ticks(COIL, 'crack', 'earlier', 'edge'),
    waits(COIL),
  ],
  [
    'the card says how much metal is to be seen',
    { ...UNSEEN, ...BLIND },
    DEEP,
    says(COIL, /3\.2 mm of metal beside the old thread/),
  ],
  ['the card prints what is presumed', { ...UNSEEN, ...BLIND }, DEEP, says(COIL, /service up to 80 °C/)],
  ['all true: nothing is asked, nothing to tick', {}, AT, first(COIL, 'holds'), ticks(COIL), waits(COIL)],
  ['edge not seen: a coil holds with a tick', { metalBeside: null }, AT, is(COIL, 'holds'), ticks(COIL, 'edge')],
  [
    'edge not seen: a bush waits for it',
    { metalBeside: null },
    AT,
    is('solid-bush:M12x1.5', 'with-care'),
    waits('solid-bush:M12x1.5', 'edge'),
  ],
  ['edge seen a diameter wide: a bush is judged with 1.5 D', {}, AT, check('solid-bush:M12x1.5', 'wall', 'holds')],
  ['edge measured: it wins over what was seen', {}, { ...AT, edge: 5.5 }, check(COIL, 'wall', 'does-not-hold')],
  [
    'behind a through hole not looked at: what drills waits',
    { behind: null },
    AT,
    is(COIL, 'with-care'),
    waits(COIL, 'behind'),
  ],
  ['the same for a retap', { behind: null }, { ...AT, 'mate-hole': 11 }, waits(RETAP, 'behind')],
  [
    'cleaning up sends nothing there: a tick',
    { behind: null },
    { ...AT, 'damage-to': 2, 'screw-reach': 21 },
    waits(CLEAN),
    ticks(CLEAN, 'behind'),
  ],
  ['free air behind: nothing is asked', {}, AT, waits(COIL), check(COIL, 'behind', 'none')],
  [
    'a closed space behind: holds, with chips and tang caught',
    { behind: 'closed' },
    AT,
    is(COIL, 'holds'),
    says(COIL, /caught and counted|Grease on the flutes/),
  ],
  ['a tang never falls free into a closed space', { behind: 'closed' }, AT, saysNot(COIL, /fall free/)],
  ['into free air it may', {}, AT, says(COIL, /fall free/)],
  [
    'a liquid behind: the level is let down, sealant goes on',
    { behind: 'liquid' },
    AT,
    is(COIL, 'holds'),
    says(COIL, /level down.*Sealant/),
  ],
  ['pressure behind: it is let off first', { behind: 'pressure' }, AT, says(COIL, /pressure off/)],
  [
    'floor not looked at: a coil stays above the old shoulder',
    { ...BLIND, behind: null },
    DEEP,
    is(COIL, 'holds'),
    check(COIL, 'floor', 'holds'),
  ],
  [
    'floor not looked at: a retap drills deeper and waits',
    { ...BLIND, behind: null },
    DEEP,
    is(RETAP, 'with-care'),
    waits(RETAP, 'behind'),
  ],
  [
    'M20 in grey iron, floor never asked: M24 waits',
    { ...UNSEEN, ...BLIND, threadId: 'M20x2.5', parentId: 'grey-iron' },
    { depth: 45 },
    is('oversize:M24x2', 'with-care'),
    waits('oversize:M24x2', 'behind'),
  ],
  [
    'nothing below, as somebody said: it does not wait',
    { ...BLIND, threadId: 'M20x2.5', parentId: 'grey-iron' },
    { depth: 45 },
    waits('oversize:M24x2'),
  ],
  [
    'water below, not measured: the floor is asked for',
    { ...BLIND, behind: 'liquid', floorName: 'water' },
    DEEP,
    waits(RETAP, 'floor'),
  ],
  [
    'water below, plenty of floor',
    { ...BLIND, behind: 'liquid' },
    { ...DEEP, floor: 40 },
    check(RETAP, 'floor', 'holds'),
  ],
  [
    'water below, 2.5 mm of floor: with care',
    { ...BLIND, behind: 'liquid' },
    { ...DEEP, floor: 29.1 },
    check(RETAP, 'floor', 'with-care'),
  ],
  [
    'water below, 1.5 mm of floor: does not hold',
    { ...BLIND, behind: 'liquid' },
    { ...DEEP, floor: 28 },
    check(RETAP, 'floor', 'does-not-hold'),
  ],
  [
    'another hole below, 2.5 mm of floor: enough',
    { ...BLIND, behind: 'closed' },
    { ...DEEP, floor: 29.1 },
    check(RETAP, 'floor', 'holds'),
  ],
  [
    'a rod at the centre read the point: a coil that fitted no more',
    { ...BLIND, depthBy: 'point' },
    { depth: 22.5 },
    is(COIL, 'with-care'),
  ],
  ['to the shoulder it fits', BLIND, { depth: 22.5 }, is(COIL, 'holds')],
  [
    'damage to 11 of 24, reach unknown: cleaning up waits for it',
    BLIND,
    { ...DEEP, 'damage-to': 4 },
    is(CLEAN, 'with-care'),
    waits(CLEAN, 'screw-reach'),
  ],
  [
    'with 16 mm typed it does not hold',
    BLIND,
    { ...DEEP, 'damage-to': 11, 'screw-reach': 16 },
    is(CLEAN, 'does-not-hold'),
  ],
  [
    'a screw that reaches sound thread enough: cleaning up holds',
    { parentId: 'ductile-iron' },
    { ...AT, 'damage-to': 1, 'screw-reach': 13 },
    is(CLEAN, 'with-care'),
  ],
  [
    'undamaged below a countersink: it holds',
    { parentId: 'ductile-iron' },
    { ...AT, 'damage-to': 0, 'screw-reach': 13 },
    is(CLEAN, 'holds'),
  ],
  [
    'a coil prescribes the screw that it wants',
    { cause: 'too-short' },
    { ...AT, 'screw-reach': 9 },
    says(COIL, /Fit a screw that reaches/),
  ],
  [
    'the present screw stays where it is enough',
    {},
    { ...AT, 'screw-reach': 16 },
    is(COIL, 'holds'),
    saysNot(COIL, /Fit a screw that reaches/),
  ],
  [
    'a screw is told its reach, and the room at the bottom',
    BLIND,
    DEEP,
    says(COIL, /at most 21\.5 mm\. The hole is dry/),
  ],
  [
    'bore 7.6 in an M8, no damage stated: cleaning up does not hold',
    {},
    { ...DEEP, 'bore-a': 7.6 },
    is(CLEAN, 'does-not-hold'),
  ],
  [
    'bore 6.8 in an M8, no damage stated: whole',
    { parentId: 'ductile-iron' },
    { ...AT, 'bore-a': 6.8, 'screw-reach': 13 },
    is(CLEAN, 'holds'),
  ],
  [
    'a bore wider than the insert thread’s crests lowers a coil',
    {},
    { ...AT, 'bore-a': 8.9, 'damage-to': 20 },
    check(COIL, 'as-made', 'does-not-hold'),
  ],
  [
    'a bore that the drill takes away does not',
    {},
    { ...AT, 'bore-a': 8.2, 'damage-to': 20 },
    check(COIL, 'as-made', 'holds'),
  ],
  ['class unknown is not asked as made', {}, AT, waits(COIL), named(COIL, null)],
  [
    'the thread’s own limit stands beside the usual classes',
    {},
    AT,
    says(COIL, /The thread in the part stands .* class 5\.8: 13 Nm, class 8\.8: 19 Nm/),
  ],
  ['class known: a torque is named', C88, AT, named(COIL, 19)],
  [
    'class unknown, screw to break first: it waits for the head',
    { parentId: 'mild-steel', demandMode: 'fastener-first' },
    { depth: 16, edge: 30 },
    is('wire-coil:M8x1.25:1D', 'does-not-hold'),
  ],
  ['crack not looked for: a tick, no lower verdict', { crack: null }, AT, is(COIL, 'holds'), ticks(COIL, 'crack')],
  ['a crack near: with care', { crack: 'near' }, AT, check(COIL, 'crack', 'with-care')],
  [
    'a crack that reaches it: a new part goes first',
    { crack: 'reaches' },
    AT,
    first('replace-part', 'holds'),
    is(COIL, 'does-not-hold'),
  ],
  ['old coil not looked for: a tick', { earlierRepair: null }, AT, ticks(COIL, 'earlier')],
  ['why it failed is not known: nothing is lowered', { cause: 'unknown' }, AT, is(COIL, 'holds')],
  [
    'it was too weak: as made is not enough',
    { cause: 'too-weak', ...BLIND },
    DEEP,
    is(COIL, 'holds'),
    is('wire-coil:M8x1.25:1.5D', 'does-not-hold'),
  ],
  ['near an exhaust, no temperature: it waits', { nearHeat: 'near' }, AT, waits(COIL, 'serviceC')],
  ['near an exhaust, with its temperature', { nearHeat: 'near', serviceC: 120 }, AT, waits(COIL)],
  // 2 Drills and classes
  [
    'tough metal takes the largest drill inside the class',
    { threadId: 'M4x0.7', parentId: 'austenitic-stainless' },
    { depth: 10, 'mate-hole': 5.5 },
    drill('oversize:M5x0.8', '4.3 mm'),
  ],
  ['ordinary metal: D − P', {}, { ...AT, 'mate-hole': 11 }, drill(RETAP, '8.5 mm')],
  ['a drill that is not there is got and then used', {}, AT, is(COIL, 'holds')],
  // 3 What the joint asks
  [
    'M6 valve cover, die-cast: coil 2 D',
    { threadId: 'M6x1', parentId: 'aluminium-die-cast', ...C88, ...BLIND },
    AT,
    first('wire-coil:M6x1:2D', 'holds'),
  ],
  [
    'M6 8.8 with 10 Nm oiled holds',
    { threadId: 'M6x1', parentId: 'aluminium-die-cast', ...C88, ...torque(10) },
    AT,
    check('wire-coil:M6x1:2D', 'torque', 'holds'),
  ],
  ['M8 8.8 with 25 Nm oiled holds', { ...C88, ...torque(25) }, AT, check(COIL, 'torque', 'holds')],
  ['M8 8.8 with 28 Nm oiled: with care', { ...C88, ...torque(28) }, AT, check(COIL, 'torque', 'with-care')],
  ['M8 8.8 with 30 Nm oiled: refused', { ...C88, ...torque(30) }, AT, check(COIL, 'torque', 'does-not-hold')],
  ['the same 30 Nm dry holds', { ...C88, ...torque(30, 'dry') }, AT, check(COIL, 'torque', 'holds')],
  [
    'class unknown, 20 Nm: it waits for the class',
    torque(20),
    AT,
    check(COIL, 'torque', 'with-care'),
    waits(COIL, 'fastenerClassId'),
  ],
  ['class unknown, 5 Nm: the weakest holds it', torque(5), AT, check(COIL, 'torque', 'holds'), waits(COIL)],
  [
    'class unknown, socket head: 20 Nm holds',
    { ...torque(20), drive: 'socket-head' },
    AT,
    check(COIL, 'torque', 'holds'),
  ],
  [
    'class unknown, slotted: 20 Nm is refused',
    { ...torque(20), drive: 'slotted' },
    AT,
    check(COIL, 'torque', 'does-not-hold'),
  ],
  [
    'a given torque above what the thread stands is capped by it',
    { ...C88, ...torque(20), parentId: 'engineering-plastic' },
    AT,
    is(COIL, 'does-not-hold'),
  ],
  [
    'a locking coil’s running torque is added',
    { ...C88, ...torque(15), runningTorqueNm: 2 },
    AT,
    says(COIL, /running torque, 2\.0 Nm/),
  ],
  [
    'tightened to yield: a new screw, no torque computed',
    { ...C88, demandMode: 'to-yield' },
    AT,
    named(COIL, null),
    says(COIL, /maker’s steps of torque and angle/),
  ],
  [
    'a larger screw in light metal wants a hardened washer',
    C88,
    { ...AT, 'mate-hole': 11 },
    says(RETAP, /hardened washer/),
  ],
  [
    'in steel it does not',
    { ...C88, parentId: 'mild-steel' },
    { ...AT, 'mate-hole': 11 },
    saysNot(RETAP, /hardened washer/),
  ],
  [
    'the screw is to break first, where the new hole did not: judged as made',
    { ...C88, demandMode: 'fastener-first', parentId: 'magnesium-cast' },
    { depth: 12 },
    says(COIL.replace('2D', '1D'), /judged as made/),
  ],
  [
    'where it did, it is asked',
    { ...C88, demandMode: 'fastener-first', parentId: 'ductile-iron' },
    AT,
    check(COIL, 'breaks-first', 'holds'),
  ],
  ['M8 through a 20 mm flange, 9 mm in what it holds', {}, { ...AT, 'mate-hole': 9 }, first(COIL, 'holds')],
  [
    'M10 farm gearbox, oil behind: coil 1.5 D, sealant a step',
    { threadId: 'M10x1.5', parentId: 'grey-iron', behind: 'liquid', sealing: 'oil' },
    { depth: 25 },
    first('wire-coil:M10x1.5:1.5D', 'holds'),
    says('wire-coil:M10x1.5:1.5D', /Sealant on the screw/),
  ],
  [
    'M12 in 10 mm mild steel: a larger thread as made',
    { ...M12, parentId: 'mild-steel' },
    { depth: 10, 'mate-hole': 18 },
    first('oversize:M14', 'holds'),
  ],
  [
    'M6 8.8 in 4 mm steel: a retap before moving the hole',
    { threadId: 'M6x1', parentId: 'mild-steel', ...C88 },
    { depth: 4 },
    first('oversize:M8', 'with-care'),
    is('move-hole', 'with-care'),
  ],
  [
    'a drain plug is no bolt: no torque, no moving',
    PLUG,
    { depth: 14 },
    named('oversize:M16x1.5', null),
    absent('move-hole'),
    absent('through-bolt'),
    absent('longer-screw'),
  ],
  [
    'its card says the maker’s torque',
    PLUG,
    { depth: 14 },
    says('oversize:M16x1.5', /maker’s torque, with a new washer/),
  ],
  [
    'no washer measured: the coil asks for the ring',
    PLUG,
    { depth: 14 },
    is('wire-coil:M14x1.5:1D', 'with-care'),
    check('wire-coil:M14x1.5:1D', 'seat', 'with-care'),
  ],
  ['a wide washer: the coil holds', PLUG, { depth: 14, seat: 22 }, check('wire-coil:M14x1.5:1D', 'seat', 'holds')],
  [
    'a narrow washer: it does not',
    PLUG,
    { depth: 14, seat: 17 },
    check('wire-coil:M14x1.5:1D', 'seat', 'does-not-hold'),
  ],
  [
    'no countersink where a washer seals',
    PLUG,
    { depth: 16, seat: 22 },
    saysNot('wire-coil:M14x1.5:1D', /Countersink/),
  ],
  ['a screw’s coil has one', { threadId: 'M14x1.5' }, { depth: 18 }, says('wire-coil:M14x1.5:1D', /Countersink/)],
  ['the next plug brings its own washer', PLUG, { depth: 14, seat: 17 }, check('oversize:M16x1.5', 'seat', 'none')],
  [
    'a spark plug’s coil ends at the chamber',
    SPARK,
    { depth: 19, edge: 16, seat: 21 },
    first('wire-coil', 'holds'),
    check('wire-coil:M14x1.25:1D', 'plug-reach', 'with-care'),
  ],
  [
    'nothing of it may fall into the cylinder',
    SPARK,
    { depth: 19, edge: 16, seat: 21 },
    says('wire-coil', /Piston low.*borescope/),
    saysNot('wire-coil', /fall free/),
  ],
  ['a spark plug of another size does not exist', SPARK, { depth: 19, edge: 16 }, absent('oversize')],
  [
    'a long coil stands into the chamber: refused',
    SPARK,
    { depth: 19, edge: 16, seat: 21 },
    is('wire-coil:M14x1.25:1.5D', 'does-not-hold'),
  ],
  [
    'G 3/8 in a port is no grade 5 bolt',
    { threadId: 'G3/8', screwedIn: null, parentId: 'ductile-iron', ...BLIND },
    { depth: 25 },
    named('oversize:G1/2', null),
    absent('move-hole'),
  ],
  [
    'pipe goes to pipe',
    { threadId: 'G3/8', screwedIn: null, parentId: 'ductile-iron' },
    { depth: 25 },
    (weighed) =>
      expect(
        weighed.routes.filter(({ method, thread }) => method === 'oversize' && thread.family !== 'pipe-parallel'),
      ).toEqual([]),
  ],
  [
    'a power thread gets no V thread and no other lead',
    { threadId: 'Tr20x4', screwedIn: null, parentId: 'bronze' },
    { depth: 40 },
    (weighed) =>
      expect(
        weighed.routes.filter(
          ({ method, thread }) => method === 'oversize' && (thread.family !== 'trapezoidal' || thread.pitchMm !== 4),
        ),
      ).toEqual([]),
  ],
  // 4 Metal left, other ways
  [
    'a coil came out, its hole sound: a new coil, nothing cut',
    { ...M12, earlierRepair: 'wire-coil', coilState: 'out-sound' },
    { depth: 30 },
    first('new-coil', 'holds'),
    saysNot('new-coil', /Drill/),
  ],
  [
    'it pulled out with metal: not offered',
    { ...M12, earlierRepair: 'wire-coil', coilState: 'out-metal' },
    { depth: 30 },
    absent('new-coil'),
  ],
  [
    'a coil still in comes out before any drill',
    { ...M12, earlierRepair: 'wire-coil' },
    { depth: 30 },
    says('solid-bush', /Take the old coil out[\s\S]*Drill/),
  ],
  ['no coil in: no such step', M12, { depth: 30 }, saysNot(COIL12, /Take the old coil out/)],
  [
    'the thread inside a bush is checked in its own metal',
    { ...M12, parentId: 'alloy-steel' },
    { depth: 20, edge: 40 },
    says('solid-bush', /the thread inside the bush strips/),
  ],
  [
    'in cast iron it is the stronger side',
    { ...M12, parentId: 'grey-iron' },
    { depth: 24, edge: 40 },
    says('solid-bush', /the parent strips/),
  ],
  [
    'a left-hand bush is pinned: its outside is right-handed',
    { threadId: 'M16x2 LH', parentId: 'cast-steel' },
    { depth: 30 },
    says('solid-bush', /Turn clockwise[\s\S]*Pin it or stake it/),
  ],
  [
    'a right-hand one is staked where the face allows',
    { threadId: 'M16x2', parentId: 'cast-steel' },
    { depth: 30 },
    saysNot('solid-bush', /turns it out/),
  ],
  [
    'a left-hand retap turns anticlockwise',
    { threadId: 'M16x2 LH', parentId: 'cast-steel' },
    { depth: 30 },
    says('oversize:M20x2.5 LH', /Turn anticlockwise/),
  ],
  ['moving is judged as the new hole', C88, AT, check('move-hole', 'as-made', 'holds')],
  [
    'beside a weld heat-treated aluminium is soft',
    { parentId: 'aluminium-cast-heat-treated' },
    AT,
    check('weld', 'as-made', 'does-not-hold'),
  ],
  ['beside a weld mild steel is not', { parentId: 'mild-steel' }, AT, check('weld', 'as-made', 'holds')],
  [
    'a through bolt says what it carries',
    { ...C88, backReached: true },
    AT,
    says('through-bolt', /the bolt breaks at 29\.3 kN/),
  ],
  [
    'a given torque counts for the through bolt too',
    { ...C88, ...torque(40), backReached: true },
    AT,
    check('through-bolt', 'torque', 'does-not-hold'),
  ],
  ['replacing is always there', {}, AT, is('replace-part', 'with-care')],
  ['a part cheaper than the mend goes first', { partCost: 8 }, { ...AT, edge: 5 }, first('replace-part', 'with-care')],
  ['a dear part does not', { partCost: 900 }, AT, first(COIL, 'holds')],
  [
    'two turns of wall: a plate where the back is reached',
    { parentId: 'mild-steel', backReached: true },
    { depth: 2.5 },
    first('backing-plate', 'holds'),
    is('weld-nut', 'with-care'),
  ],
  [
    'two turns of wall, front only: a rivet nut',
    { parentId: 'mild-steel' },
    { depth: 2.5 },
    is('rivet-nut', 'with-care'),
    is('backing-plate', 'does-not-hold'),
  ],
  ['a weld nut is not for aluminium', { backReached: true }, { depth: 2.5 }, is('weld-nut', 'does-not-hold')],
  [
    'a thick wall needs none of them',
    { backReached: true },
    AT,
    absent('rivet-nut'),
    absent('backing-plate'),
    absent('weld-nut'),
  ],
  [
    'as few turns as new: with care, not refused',
    { parentId: 'mild-steel' },
    { depth: 3, 'mate-hole': 11 },
    is('oversize:M10x1.25', 'with-care'),
  ],
  [
    'coarse before fine in a casting',
    {},
    { ...AT, 'mate-hole': 11, edge: 5.9 },
    (weighed) =>
      expect(weighed.routes.findIndex(({ id }) => id === RETAP)).toBeLessThan(
        weighed.routes.findIndex(({ id }) => id === 'oversize:M10x1.25'),
      ),
  ],
  [
    'wall to water 4 mm: holds',
    { edgeName: 'water side' },
    { ...AT, edge: 8.9 },
    check(COIL, 'wet-wall water side', 'holds'),
  ],
  [
    'wall to water 2.5 mm: with care',
    { edgeName: 'water side' },
    { ...AT, edge: 7.3 },
    check(COIL, 'wet-wall water side', 'with-care'),
  ],
  [
    'wall to water 1.8 mm: does not hold',
    { edgeName: 'water side' },
    { ...AT, edge: 6.6 },
    check(COIL, 'wet-wall water side', 'does-not-hold'),
  ],
  ['the same to a plain edge is judged by strength', {}, { ...AT, edge: 6.9 }, check(COIL, 'wet-wall edge', 'none')],
  [
    'water pump, stops or drips: the wall to water is asked',
    { ...UNSEEN, ...BLIND, duty: 'leak-or-damage', sealing: 'water' },
    DEEP,
    waits(COIL, 'edge'),
  ],
  [
    'stops or drips: no derated thread',
    { duty: 'leak-or-damage' },
    { ...AT, 'damage-to': 8, 'screw-reach': 20 },
    is('leave-it', 'does-not-hold'),
  ],
  [
    'a blind coil’s taps stop above the shoulder',
    { ...BLIND, behind: null },
    DEEP,
    says(COIL, /second tap.* 15\.75/),
    says(COIL, /bottoming tap.* 14\.75/),
  ],
  [
    'what a hand sets is a tenth, to the safe side',
    { ...BLIND, behind: null },
    DEEP,
    says(COIL, /shoulder is at 21 mm, the tip at 23\.4 mm/),
  ],
  [
    'an insert tap’s load is checked',
    { parentId: 'austenitic-stainless', threadId: 'M3x0.5' },
    { depth: 9 },
    (weighed) => expect(of(weighed, 'wire-coil').checks.some(({ id }) => id === 'tapping')).toBe(true),
  ],
  [
    'the mouth of a sealing hole is not bored clear',
    { parentId: 'ductile-iron', demandMode: 'fastener-first', ...C88, sealing: 'oil', threadId: 'M5x0.8' },
    { depth: 18, 'mate-hole': 6.6 },
    (weighed) => expect(of(weighed, 'oversize:M6x1').counterDrillMm).toBeNull(),
  ],
  [
    'of a dry one it may be, and a diameter stays',
    { parentId: 'ductile-iron', demandMode: 'fastener-first', ...C88, threadId: 'M5x0.8' },
    { depth: 18, 'mate-hole': 6.6 },
    (weighed) => {
      const { counterDrillMm, engagementMm } = of(weighed, 'oversize:M6x1');
      expect(engagementMm - counterDrillMm!).toBeGreaterThanOrEqual(6);
    },
  ],
  [
    'a slot cleans up round the true axis',
    { kind: 'through' },
    { ...AT, 'bore-a': 9, 'bore-b': 8, 'slot-end': 0.5, 'damage-to': 20, 'mate-hole': 11 },
    says(RETAP, /clean-up diameter of 9 mm/),
    check(RETAP, 'axis', 'with-care'),
  ],
  [
    'a longer slot takes more',
    {},
    { ...AT, 'bore-a': 10, 'bore-b': 8, 'slot-end': 1, 'damage-to': 20, 'mate-hole': 11 },
    says(RETAP, /clean-up diameter of 10 mm/),
  ],
  [
    'the next hole is an edge: near, it does not hold',
    {},
    { ...AT, 'next-hole': 10 },
    check(COIL, 'wall', 'does-not-hold'),
  ],
  ['farther off it does', {}, { ...AT, 'next-hole': 14 }, check(COIL, 'wall', 'holds')],
  [
    'a larger cut next door takes its share',
    {},
    { ...AT, 'next-hole': 14, 'next-hole-cut': 16 },
    check(COIL, 'wall', 'does-not-hold'),
  ],
  // 5 Heat
  [
    'aluminium at 300 °C: past what is known, with care',
    { serviceC: 300, ...C88 },
    AT,
    is(COIL, 'with-care'),
    named(COIL, null),
  ],
  [
    'at 420 °C no usual screw',
    { serviceC: 420, ...C88 },
    AT,
    check(COIL, 'screw-heat', 'with-care'),
    says(COIL, /heat-resisting screw/),
  ],
  [
    'a keyed bush at 800 °C does not hold',
    { serviceC: 800, parentId: 'grey-iron' },
    AT,
    is('keyed-bush', 'does-not-hold'),
  ],
  [
    'at 200 °C it does',
    { serviceC: 200, parentId: 'grey-iron' },
    { ...AT, edge: 40 },
    check('keyed-bush', 'temperature', 'holds'),
  ],
  [
    'retaining compound at 260 °C does not',
    { serviceC: 260, parentId: 'grey-iron' },
    AT,
    is('solid-bush', 'does-not-hold'),
  ],
  ['aluminium at 160 °C: as made holds, its heat in both', { serviceC: 160 }, AT, is(COIL, 'holds')],
  [
    'hot magnesium: with care and seated only, a coil too',
    { serviceC: 130, parentId: 'magnesium-cast', ...C88 },
    AT,
    is(COIL, 'with-care'),
    named(COIL, null),
    says(COIL, /Seat the screw and no further/),
  ],
  [
    'cool magnesium: not',
    { serviceC: 60, parentId: 'magnesium-cast', ...C88 },
    AT,
    check(COIL, 'parent-temperature', 'holds'),
  ],
  ['hot zinc likewise', { serviceC: 80, parentId: 'zinc-die-cast', ...torque(8), ...C88 }, AT, is(COIL, 'with-care')],
  [
    'a plastic never keeps a preload',
    { parentId: 'engineering-plastic', ...C88 },
    AT,
    is(COIL, 'with-care'),
    named(COIL, null),
  ],
  [
    'a hot screw’s torque is lowered, a cold one’s is not',
    { serviceC: 200, parentId: 'grey-iron', ...C88 },
    AT,
    named(COIL, 16),
  ],
  ['below 150 °C it counts in full', { serviceC: 149, parentId: 'grey-iron', ...C88 }, AT, named(COIL, 19)],
  // 6 Duty and release
  [
    'someone can be hurt: a sound part first, every mend with care',
    HURT,
    AT,
    first('replace-part', 'holds'),
    is(COIL, 'with-care'),
    check(COIL, 'release', 'with-care'),
  ],
  ['cleaning up waits too', HURT, { ...AT, 'damage-to': 0, 'screw-reach': 13 }, check(CLEAN, 'release', 'with-care')],
  ['a longer screw too', HURT, { ...AT, 'damage-to': 4 }, check('longer-screw', 'release', 'with-care')],
  ['a through bolt too', { ...HURT, backReached: true }, AT, check('through-bolt', 'release', 'with-care')],
  ['leaving it is no answer', HURT, { ...AT, 'damage-to': 4, 'screw-reach': 20 }, is('leave-it', 'does-not-hold')],
  [
    'nothing there hangs on adhesive',
    HURT,
    AT,
    is('solid-bush', 'does-not-hold'),
    is('bonded-stud', 'does-not-hold'),
    is('plug', 'does-not-hold'),
  ],
  ['sending it out stays open', HURT, AT, check('send-out', 'release', 'none')],
  ['under a code likewise', { ...HURT, duty: 'under-code' }, AT, check(COIL, 'release', 'with-care')],
  ['stops or drips needs no release', { duty: 'leak-or-damage' }, AT, check(COIL, 'release', 'none')],
  [
    'as made is not enough where someone can be hurt',
    { ...HURT, ...BLIND, threadId: 'M16x2' },
    { depth: 50 },
    check('wire-coil:M16x2:1.5D', 'as-made', 'with-care'),
  ],
  [
    'a coil where a port stands at 200 bar: refused',
    { threadId: 'M16x1.5', screwedIn: 'fitting', pressureBar: 200, sealing: 'pressure', parentId: 'ductile-iron' },
    { depth: 25 },
    check('wire-coil', 'port', 'does-not-hold'),
  ],
  [
    'with a washer that seals outside its cut: with care',
    { threadId: 'M16x1.5', screwedIn: 'fitting', pressureBar: 200, sealing: 'pressure', parentId: 'ductile-iron' },
    { depth: 30, seat: 26 },
    check('wire-coil', 'port', 'with-care'),
  ],
  [
    'the next port size: with care',
    { threadId: 'M16x1.5', screwedIn: 'fitting', pressureBar: 200, sealing: 'pressure', parentId: 'ductile-iron' },
    { depth: 30 },
    check('oversize:M20x2', 'port', 'with-care'),
  ],
  [
    'at 4 bar it is no such port',
    { threadId: 'M16x1.5', screwedIn: 'fitting', pressureBar: 4, sealing: 'water' },
    { depth: 30, seat: 26 },
    check('wire-coil', 'port', 'none'),
  ],
  [
    'a spark plug is no port',
    { ...SPARK, pressureBar: 60 },
    { depth: 19, edge: 16 },
    check('wire-coil', 'port', 'none'),
  ],
  // What a way sends behind, and what stands there
  [
    'chips of a tap go into a gearbox too: caught',
    { behind: 'closed' },
    { depth: 20, 'damage-to': 6, 'screw-reach': 18 },
    check(CLEAN, 'behind', 'holds'),
    says(CLEAN, /Grease on the flutes/),
  ],
  [
    'a spark plug’s thread is chased with the piston low',
    { ...SPARK, screwedIn: 'spark-plug' },
    { depth: 19, 'damage-to': 4, edge: 16 },
    says(CLEAN, /Piston low, both valves shut/),
  ],
  [
    'a chase with nobody having looked: a tick, not a reading',
    { behind: null },
    { depth: 20, 'damage-to': 6, 'screw-reach': 18 },
    ticks(CLEAN, 'behind'),
    waits(CLEAN),
  ],
  [
    'left as it is, nothing goes anywhere',
    { behind: 'closed' },
    { depth: 20, 'damage-to': 6 },
    check('leave-it', 'behind', 'none'),
  ],
  [
    'a new coil breaks a tang off into the tank, but no chips',
    { earlierRepair: 'wire-coil', coilState: 'out-sound', behind: 'liquid' },
    AT,
    says('new-coil', /Let the level down.*tangless/),
    saysNot('new-coil', /Grease on the flutes/),
  ],
  [
    'and waits where nobody looked',
    { earlierRepair: 'wire-coil', coilState: 'out-sound', behind: null },
    AT,
    waits('new-coil', 'behind'),
  ],
  ['a new hole beside the old one comes out there too', { behind: null }, AT, waits('move-hole', 'behind')],
  ['into free air it waits for nothing', {}, AT, waits('move-hole')],
  [
    'chips are kept out of a liquid, and it is let down first',
    { behind: 'liquid', sealing: 'oil' },
    AT,
    says(RETAP, /Let the level down below the hole first\. Grease on the flutes.*Sealant/),
  ],
  // Pressure that nobody gave
  [
    'a fitting whose pressure nobody said: a coil waits for it',
    { threadId: 'M16x1.5', screwedIn: 'fitting', parentId: 'ductile-iron' },
    { depth: 30 },
    waits('wire-coil', 'pressureBar'),
  ],
  [
    'no pressure, said: nothing is asked',
    { threadId: 'M16x1.5', screwedIn: 'fitting', parentId: 'ductile-iron', pressureBar: 0 },
    { depth: 30, seat: 30 },
    check('wire-coil', 'port', 'none'),
    waits('wire-coil'),
  ],
  ['a drain plug is asked for none', PLUG, { depth: 14, seat: 22 }, check('wire-coil:M14x1.5:1D', 'port', 'none')],
  [
    'a cover’s screw in a blind hole is no port',
    { ...BLIND, pressureBar: 200 },
    DEEP,
    check(COIL, 'port', 'none'),
    waits(COIL, 'duty'),
  ],
  ['200 bar on what counts as harmless: the duty is asked', { pressureBar: 200 }, AT, waits('clean-up', 'duty')],
  ['3 bar: with care', { pressureBar: 3 }, AT, check(COIL, 'pressure', 'with-care'), waits(COIL)],
  [
    'a coolant pump’s 1.5 bar is no danger',
    { pressureBar: 1.5, sealing: 'water' },
    AT,
    check(COIL, 'pressure', 'none'),
  ],
  [
    'said to be dangerous: the release is what it waits for',
    { ...HURT, pressureBar: 200 },
    AT,
    check(COIL, 'pressure', 'none'),
  ],
  // Heat of screws
  [
    'stainless screws are used up to 400 °C',
    { fastenerClassId: 'A2-70', serviceC: 350, parentId: 'grey-iron' },
    AT,
    check(RETAP, 'screw-heat', 'none'),
  ],
  [
    'class 8.8 is not',
    { fastenerClassId: '8.8', serviceC: 350, parentId: 'grey-iron' },
    AT,
    check(RETAP, 'screw-heat', 'with-care'),
    named(RETAP, null),
  ],
  [
    'nor stainless above that',
    { fastenerClassId: 'A2-70', serviceC: 450, parentId: 'grey-iron' },
    AT,
    check(RETAP, 'screw-heat', 'with-care'),
  ],
  // Cards that can be kept
  ['the screw stays out of the gearbox', { behind: 'closed' }, AT, says(RETAP, /at most 20 mm/)],
  ['into free air it may stand out', {}, AT, saysNot(RETAP, /at most 20 mm/)],
  [
    'a torque is held to its bolt, whatever holds the nut',
    { ...C88, ...torque(60), backReached: true },
    { depth: 3 },
    check('rivet-nut', 'torque', 'does-not-hold'),
  ],
];

test('there are as many rows as were promised', () => {
  expect(ROWS.length).toBeGreaterThanOrEqual(150);
});

test.each(ROWS.map(([rule, choices, readings, ...claims]) => [rule, { choices, readings, claims }] as const))(
  '%s',
  (_, { choices, readings, claims }) => {
    const hole = given(choices, readings);
    const weighed = { hole, routes: weighCase(hole).routes };
    for (const claim of claims) claim(weighed);
  },
);

test('a release changes no number, and so does who is asked for it', () => {
  const numbers = (choices: Choices) =>
    weighCase(given({ ...HURT, ...choices }, AT))
      .routes.map((route) => [route.id, route.stripLoadN, route.cut.boreMm])
      .sort();
  expect(numbers({ hurtKind: 'lifts' })).toEqual(numbers({ hurtKind: null }));
});

test('a shop that lists its coils is offered those, by their real lengths', () => {
  const hole = given({}, AT);
  const kit = {
    taps: null,
    coils: null,
    coilLengths: [12, 14].map((lengthMm) => ({ threadId: 'M8x1.25', lengthMm })),
    extractorDrillsMm: null,
  };
  const coils = weighCase({ ...hole, rules: { ...hole.rules, kit } }).routes.filter(
    ({ method }) => method === 'wire-coil',
  );
  expect(coils.map(({ title }) => title).sort()).toEqual(['Wire coil, 1.5 D', 'Wire coil, 14 mm long']);
});

test('no fit drill in the rack: it is got, then drilled with, and the floor is checked all the same', () => {
  const hole = given({ kind: 'blind', behind: 'liquid' }, { depth: 24, floor: 28 });
  const bare = { ...hole, rack: { setIds: ['number' as const], missingIds: [] } };
  const weighed = { hole: bare, routes: weighCase(bare).routes };
  const retap = of(weighed, RETAP);
  expect(retap.cut.drill).toBeNull();
  const steps = writeWorkCard(bare, retap).map((step) => sayStep(step, SAY.mm));
  const at = (words: RegExp) => steps.findIndex(({ title, what }) => words.test(`${title}: ${what}`));
  expect(at(/Get a drill of 8\.5 mm/)).toBeGreaterThan(-1);
  expect(at(/^Drill 8\.5 mm: Open the hole/)).toBeGreaterThan(at(/Get a drill/));
  check(RETAP, 'floor', 'does-not-hold')(weighed);
  check(RETAP, 'drill', 'holds')(weighed);
});

test.each([
  ['flush with the chamber', 19, 0, 'holds'],
  ['flush as read, perhaps half a millimetre in it', 19, 0.5, 'does-not-hold'],
  ['short by more than the doubt', 18.2, 0.5, 'holds'],
  ['bare thread left', 17, 0.5, 'with-care'],
  ['in the chamber', 19.4, 0, 'does-not-hold'],
] as const)('a spark plug’s coil, %s', (_, endsMm, halfWidthMm, verdict) => {
  const hole = given(SPARK, { depth: 19, edge: 16 });
  const [reach] = judgePlugReach({ ...hole, depth: { mm: 19, halfWidthMm } }, endsMm);
  expect(reach).toMatchObject({ verdict });
  if (halfWidthMm > 0 && verdict === 'does-not-hold') expect(reach).toMatchObject({ settledBy: 'depth' });
});

test('a slot that was read and no bore: cleaned up round its far end all the same', () => {
  const cleanUp = (readings: Readings) => weighCase(given({ strippedThroughout: true }, readings)).assessment.cleanUp;
  expect(cleanUp(AT).mm).toBe(8);
  expect(cleanUp({ ...AT, 'slot-end': 1.5 }).mm).toBe(11);
  // Round its own axis the slot is where it is.
  const own = given({ strippedThroughout: true, axis: 'own' }, { ...AT, 'slot-end': 1.5 });
  expect(weighCase(own).assessment.cleanUp.mm).toBe(8);
});
