import fc from 'fast-check';
import { deepestMm, stickOut } from '../../facts/drills/index.ts';
import { DRILL_LENGTHS } from '../../facts/drills/tables/drillLengths.ts';
import { fluidFor } from '../../facts/fluids/index.ts';
import { FLUID_ROWS, FLUIDS } from '../../facts/fluids/tables/fluids.ts';
import { MACHINE_KINDS, readSpeeds, speedsWords, usualMachine } from '../../facts/machines/index.ts';
import { parentById, PARENTS } from '../../facts/materials/index.ts';
import { PRACTICES } from '../../facts/practice/index.ts';
import { threadById } from '../../facts/threads/index.ts';
import { shortByMm } from './machineReach.ts';
import {
  cuttingSpeedFtPerMin,
  cuttingSpeedMPerMin,
  drillSpeed,
  flagSetting,
  headGapMm,
  holding,
  isHeatShy,
  loadBand,
  loadScale,
  openingOf,
  pecks,
  powerTapping,
  reachOnMachine,
  rhythmOf,
  speedOnMachine,
  squareAid,
  stopSettingMm,
  tapChoice,
  tapTurns,
  tapWrench,
} from './index.ts';

const OLD = { steps: [540, 950] };

test('10 mm in mild steel at 27 m/min is 859 rev/min; a machine with 540 and 950 gets 950, and its cutting speed is said', () => {
  const wanted = drillSpeed('mild-steel', 10).speedRpm;
  expect(Math.round(wanted)).toBe(859);
  const set = speedOnMachine(wanted, OLD, isHeatShy(parentById('mild-steel')));
  expect(set).toMatchObject({ speedRpm: 950, state: 'near' });
  expect(cuttingSpeedMPerMin(10, set.speedRpm)).toBeCloseTo(29.8, 1);
});

test.each([
  ['stainless, where 750 is wanted', 750, true, 540, 'lower'],
  ['elsewhere the same', 750, false, 950, 'near'],
  ['15 % over is allowed in stainless', 830, true, 950, 'near'],
  ['even the slowest too fast', 300, true, 540, 'too-fast'],
  ['too fast, elsewhere', 350, false, 540, 'too-fast'],
  ['slower than it could', 3000, false, 950, 'slower-than-could'],
] as const)('%s: %d rev/min', (_, wanted, careful, speedRpm, state) => {
  expect(speedOnMachine(wanted, OLD, careful)).toMatchObject({ speedRpm, state });
});

test('of any machine the speed is one that it has, and never over what the tool stands', () => {
  fc.assert(
    fc.property(
      fc.array(fc.integer({ min: 50, max: 4000 }), { minLength: 1, maxLength: 9 }),
      fc.double({ min: 40, max: 6000, noNaN: true }),
      fc.boolean(),
      (rpms, wanted, careful) => {
        const steps = [...new Set(rpms)].sort((a, b) => a - b);
        const { speedRpm, state } = speedOnMachine(wanted, { steps }, careful);
        expect(steps).toContain(speedRpm);
        if (state !== 'too-fast') expect(speedRpm).toBeLessThanOrEqual(wanted * (careful ? 1.15 : 1.4) + 1e-6);
        else expect(speedRpm).toBe(steps[0]);
      },
    ),
  );
});

test('1/2 in at 500 rev/min is 65 ft/min', () => {
  expect(cuttingSpeedFtPerMin(12.7, 500)).toBeCloseTo(65.4, 1);
});

test.each([
  ['540, 300 950', { steps: [300, 540, 950] }],
  ['60 to 2800', { fromRpm: 60, toRpm: 2800 }],
  ['60-2800 rev/min', { fromRpm: 60, toRpm: 2800 }],
] as const)('speeds as they are written: %s', (text, speeds) => {
  expect(readSpeeds(text)).toEqual({ ok: true, speeds });
  expect(readSpeeds(speedsWords(speeds as never))).toEqual({ ok: true, speeds });
});
test.each(['', 'fast', '2800 to 60', '0', '1e9', '300, x', '99999999', '-5'])('speeds that are none: %s', (text) => {
  const read = readSpeeds(text);
  expect([read.ok, read.ok || read.problem.includes('for example')]).toEqual([false, true]);
});

test('wall 19, guide 12, margin 2: flag 29, not 31, which is breakthrough and raises the alarm', () => {
  expect(flagSetting({ guideMm: 12, gapMm: 0, toTipMm: 17, wallMm: 19 })).toEqual({
    flagMm: 29,
    breaksAtMm: 31,
    alarm: false,
  });
  expect(flagSetting({ guideMm: 12, gapMm: 0, toTipMm: 19, wallMm: 19 })).toMatchObject({ flagMm: 31, alarm: true });
  expect(flagSetting({ guideMm: 12, gapMm: 1.5, toTipMm: 17, wallMm: 19 }).flagMm).toBe(30.5);
});

test('touch 7, depth 23: stop 30; on a scale that grows upward it goes down', () => {
  expect(stopSettingMm({ touchMm: 7, depthMm: 23, growsDown: true })).toBe(30);
  expect(stopSettingMm({ touchMm: 40, depthMm: 23, growsDown: false })).toBe(17);
});

test('nose to table 420: short by 25 with a chuck, fits with a collet and a stub', () => {
  const stack = { parallelsMm: 20, workMm: 250, gapMm: 5 };
  expect(shortByMm(420, { ...stack, holderMm: 75, toolOutMm: 95 })).toBe(25);
  expect(420 + shortByMm(420, { ...stack, holderMm: 18, toolOutMm: 60 })).toBe(353);
});

const BENCH = usualMachine('bench-drill', 'b');
const job = { drillMm: 10, depthMm: 20, workMm: 250, through: true, sideRoomMm: null };

test.each([
  ['fits as it is', BENCH, { ...job, workMm: 200 }, { usual: -28, change: null }],
  ['a stub makes it fit', BENCH, job, { usual: 22, change: ['chuck', 'stub', -22] }],
  [
    'a collet makes it fit',
    { ...BENCH, collet: { mostMm: 13, lengthMm: 18 } },
    { ...job, workMm: 275 },
    { usual: 47, change: ['collet', 'jobber', -10] },
  ],
  ['nothing does', BENCH, { ...job, workMm: 320 }, { usual: 92, change: null }],
] as const)('under the spindle: %s', (_, machine, at, { usual, change }) => {
  const reach = reachOnMachine(machine, at)!;
  expect(reach.usual.shortMm).toBe(usual);
  expect(reach.change && [reach.change.holder, reach.change.series, reach.change.shortMm]).toEqual(change);
});

test('what nobody measured is no verdict; travel and the wall beside are judged apart', () => {
  expect(reachOnMachine(BENCH, { ...job, workMm: null })).toBeNull();
  expect(reachOnMachine({ ...BENCH, daylightMm: null }, job)).toBeNull();
  expect(reachOnMachine(BENCH, { ...job, drillMm: 25 })).toBeNull();
  expect(reachOnMachine(BENCH, { ...job, depthMm: 90 })!.travelShortMm).toBe(15);
  expect(reachOnMachine(BENCH, { ...job, sideRoomMm: 15 })!.besideShortMm).toBe(9);
});

test('a stub drill is too short for a deep hole, and is not offered for it', () => {
  expect(deepestMm(stickOut(10, 'stub')!, 10)).toBe(28);
  expect(reachOnMachine(BENCH, { ...job, depthMm: 40 })!.change).toBeNull();
});

test.each([
  [{ fullThreadMm: 20, pitchMm: 1.25, leadThreads: 8, through: true }, 16, 8, 24],
  // 1 1/4-5 Acme nut 3 in long, tandem tap 8 in.
  [{ fullThreadMm: 76.2, pitchMm: 5.08, leadThreads: 8, through: true, tandemMm: 203.2 }, 15, 40, 55],
  [{ fullThreadMm: 20, pitchMm: 1.25, leadThreads: 8, through: true, starts: 2 }, 8, 4, 12],
])('turns of %j', (input, inWork, runOut, total) => {
  expect(tapTurns(input)).toMatchObject({ inWork, runOut, total });
});

test('an Acme tandem tap wants 8 in of room below and is never turned back', () => {
  const { roomBelowMm } = tapTurns({
    fullThreadMm: 76.2,
    pitchMm: 5.08,
    leadThreads: 8,
    through: true,
    tandemMm: 203.2,
  });
  expect(roomBelowMm / 25.4).toBeCloseTo(8, 9);
  const acme = threadById('Tr20x4');
  const { style } = tapChoice({
    thread: acme,
    parent: parentById('bronze'),
    through: true,
    open: true,
    followsHelix: false,
  });
  expect(style).toBe('tandem');
  const rhythm = rhythmOf({
    parent: parentById('bronze'),
    through: true,
    depthD: 2,
    majorMm: 20,
    style,
    school: 'short',
  });
  expect([rhythm.back, rhythm.clearEvery]).toEqual([0, null]);
});

test('in a blind hole no tap is turned past the shoulder, whatever is wanted', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 1, max: 80, noNaN: true }),
      fc.double({ min: 2, max: 80, noNaN: true }),
      (fullThreadMm, shoulderMm) => {
        const { total, runOut } = tapTurns({ fullThreadMm, pitchMm: 1.25, leadThreads: 8, through: false, shoulderMm });
        expect(total * 1.25).toBeLessThanOrEqual(shoulderMm - 1.25 + 1e-9 > 0 ? shoulderMm : 1e-9);
        expect(runOut).toBe(0);
      },
    ),
  );
});

test('a 13 mm head leaning 1.5° stands 0.34 mm off on one side', () => {
  expect(headGapMm(13, 1.5)).toBeCloseTo(0.34, 2);
});

test.each([
  ['blind', { through: false, open: false }, 'spiral-point', 'blind'],
  ['closed behind', { through: true, open: false }, 'spiral-point', 'closed-behind'],
] as const)('%s: no spiral point', (_, where, style, because) => {
  const choice = tapChoice({
    thread: threadById('M8x1.25'),
    parent: parentById('mild-steel'),
    followsHelix: false,
    ...where,
  });
  expect(choice.not).toContainEqual({ style, because });
  expect(choice.also.map((row) => row.style)).not.toContain('spiral-point');
});

const POWER = {
  houseRule: 'through',
  machine: { reverse: true, clutch: false },
  through: true,
  followsHelix: false,
  power: false,
  majorMm: 10,
  loadRatio: 6,
  slowEnough: true,
  hurts: false,
} as const;
test.each([
  [{}, []],
  [{ houseRule: null }, ['house-rule']],
  [{ through: false }, ['blind-no-clutch']],
  [{ machine: { reverse: false, clutch: false } }, ['no-reverse']],
  [{ machine: null, majorMm: 3, loadRatio: 2, hurts: true }, ['no-machine', 'small', 'load', 'duty']],
] as const)('power tapping with %j', (change, reasons) => {
  const { allowed, because } = powerTapping({ ...POWER, ...change });
  expect([allowed, because]).toEqual([reasons.length === 0, reasons.length === 0 ? ['ok'] : reasons]);
});

test.each([
  [3, 'pin', 1],
  [6, 't', 1],
  [10, 'bar', 2],
  [30, 'bar', 2],
] as const)('an M%d tap is turned with a %s', (mm, handle, hands) => {
  expect(tapWrench(mm)).toMatchObject({ handle, hands });
});

test('the scale: worn and dry are worse, a larger drill and a first tap better, deeper worse', () => {
  const cut = { majorMm: 8, majorInternalMm: 8, pitchMm: 1.25, form: 'iso-60' } as const;
  const steel = parentById('mild-steel');
  const of = (depthMm: number) =>
    Object.fromEntries(
      loadScale(cut, 6.8, steel, { depthMm, largerBoreMm: 6.9, counterMm: 8, twoTaps: false }).lines.map(
        ({ id, ratio }) => [id, ratio],
      ),
    );
  const scale = of(20);
  expect(scale['worn-dry']).toBeLessThan(scale.worn!);
  expect(scale.worn).toBeLessThan(scale['as-planned']!);
  for (const better of ['larger-drill', 'two-taps', 'counter-drill'])
    expect(scale[better]).toBeGreaterThan(scale['as-planned']!);
  expect(of(40)['as-planned']).toBeLessThan(scale['as-planned']!);
  // To 1.5 D depth costs nothing: the check of the route says the same.
  expect(of(12)['as-planned']).toBeCloseTo(3.8, 1);
  expect([5, 3, 2, 1.9].map(loadBand)).toEqual(['easy', 'feel', 'care', 'snaps']);
});

test.each([
  ['a worn oval hole', { group: 'copper', found: { boreMm: 13.1, acrossMm: 12.4 }, drillMm: 13.5 }, 'bush', true],
  ['hardly anything left', { group: 'steel', found: { boreMm: 8.1, acrossMm: 8.05 }, drillMm: 8.3 }, 'ream', false],
  ['an ordinary one', { group: 'iron', found: { leastMm: 6.6, mostMm: 8 }, drillMm: 8.3 }, 'drill', false],
  ['full metal', { group: 'aluminium', found: null, drillMm: 6.8 }, 'full', false],
] as const)('%s is opened by', (_, at, by, grabs) => {
  expect(openingOf({ ...at, through: true })).toMatchObject({ by, grabs });
});

test.each([
  [
    { depthMm: 20, drillMm: 8, stringy: false },
    { firstMm: 20, stepMm: 8, count: 1 },
  ],
  [
    { depthMm: 30, drillMm: 8, stringy: true },
    { firstMm: 20, stepMm: 4, count: 4 },
  ],
  [
    { depthMm: 60, drillMm: 8, stringy: false },
    { firstMm: 20, stepMm: 4, count: 11 },
  ],
])('bites of %j', (input, expected) => {
  expect(pecks(input)).toEqual(expected);
});

test.each([
  [{ inPlace: false, shape: 'sheet', massKg: 1, drillMm: 5 }, 'backed-sheet', false, true],
  [{ inPlace: false, shape: 'tube', massKg: 1, drillMm: 5 }, 'plugged', false, true],
  [{ inPlace: false, shape: 'block', massKg: 40, drillMm: 5 }, 'vice', true, false],
  [{ inPlace: false, shape: 'block', massKg: 40, drillMm: 9 }, 'vice', false, false],
  [{ inPlace: true, shape: null, massKg: null, drillMm: 5 }, 'stays', true, false],
  [{ inPlace: false, shape: null, massKg: null, drillMm: 5 }, 'clamps', false, false],
] as const)('held: %j', (at, by, freehand, backing) => {
  expect(holding({ ...at, forceMpa: 2300, through: true })).toMatchObject({ by, freehand, backing });
});

test.each([
  [{ follows: true, spindle: 'mill', majorMm: 8, flatAround: true }, 'hole'],
  [{ follows: false, spindle: 'mill', majorMm: 8, flatAround: true }, 'mill-guide'],
  [{ follows: false, spindle: null, majorMm: 8, flatAround: false }, 'square'],
  [{ follows: false, spindle: null, majorMm: 3, flatAround: false }, 'guide-block'],
] as const)('square by %j', (at, aid) => {
  expect(squareAid(at)).toBe(aid);
});

test('a tandem tap goes right through: a blind power thread has none', () => {
  const choose = (through: boolean) =>
    tapChoice({
      thread: threadById('Tr20x4'),
      parent: parentById('bronze'),
      through,
      open: true,
      followsHelix: false,
    }).style;
  expect([choose(true), choose(false)]).toEqual(['tandem', 'hand']);
});

test('tables: fluids named once and never forbidden where they are offered; drills ascending; practices with a choice', () => {
  expect(new Set(FLUIDS.map(({ id }) => id)).size).toBe(FLUIDS.length);
  for (const { first, tapping, willDo, never, dry, neverBecause } of FLUID_ROWS) {
    for (const id of [first, tapping, ...willDo]) if (id) expect(never).not.toContain(id);
    expect(first === null).toBe(dry !== null);
    expect(never.length > 0).toBe(neverBecause !== '');
  }
  for (const parent of PARENTS) expect(fluidFor(parent)).toBeDefined();
  const watery = FLUIDS.filter((row) => row.watery).map(({ id }) => id);
  const { never } = fluidFor(parentById('magnesium-cast'));
  for (const id of watery) expect(never).toContain(id);
  DRILL_LENGTHS.forEach((row, at) => {
    const before = DRILL_LENGTHS[at - 1];
    if (before)
      expect([row.toMm > before.toMm, row.jobberMm > before.jobberMm, row.stubMm > before.stubMm]).toEqual([
        true,
        true,
        true,
      ]);
    expect(row.jobberFluteMm).toBeLessThan(row.jobberMm);
  });
  for (const { options } of PRACTICES) expect(options.length).toBeGreaterThan(1);
  for (const { id } of MACHINE_KINDS) expect(usualMachine(id, 'x').kind).toBe(id);
});
