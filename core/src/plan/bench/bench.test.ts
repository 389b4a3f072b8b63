import { weighCase } from '../../pipeline.ts';
import { holeCase } from '../../test-support/holeCase.ts';
import { freezePlan } from '../freeze/index.ts';
import { parseLength } from '../../basis/units/index.ts';
import { cureMinutes } from '../workcard/index.ts';
import { biteDepthMm, bitePlanOf } from './bites.ts';
import { isSteady } from './steady.ts';
import { judgeReading, readingAt } from './stepReading.ts';
import { stageNow } from './stageNow.ts';
import { stiffCauses, type StiffNow } from './stiff.ts';
import { advanceOf, marksOf, stoppedEarly, turnPlanOf, turnsAt, turnsWords, type TurnPlan } from './turnCounter.ts';

const plan: TurnPlan = {
  total: 14,
  inWork: 14,
  leadMm: 1.25,
  leadTurns: 4,
  on: 0.5,
  back: 0.25,
  clearEvery: 4,
  blind: true,
  inMachine: 3,
};

test('a press is one cycle of the rhythm, exact in quarters', () => {
  expect(advanceOf({ on: 0.5, back: 0.25 })).toBe(0.25);
  expect(advanceOf({ on: 1, back: 0.5 })).toBe(0.5);
  expect(advanceOf({ on: 1, back: 0 })).toBe(1);
  expect([0, 0.25, 3, 8.5, 11.75].map(turnsWords)).toEqual(['0', '¼', '3', '8½', '11¾']);
});

test('square and machine fall on three turns, chips at each fourth, feel in the last two, blind only', () => {
  expect(marksOf(plan).map(({ kind, at }) => `${kind} ${at}`)).toEqual([
    'square 3',
    'machine 3',
    'clear 4',
    'clear 8',
    'clear 12',
    'last 12',
    'end 14',
  ]);
  expect(marksOf({ ...plan, blind: false, clearEvery: null, inMachine: null }).map(({ kind }) => kind)).toEqual([
    'square',
    'end',
  ]);
});

test('a mark stands as reached by the press that reached or passed it, and not twice', () => {
  expect(turnsAt(plan, 3, 2.75).now).toEqual(['square', 'machine']);
  expect(turnsAt(plan, 3.25, 3).now).toEqual([]);
  expect(turnsAt(plan, 4.5, 3.5).now).toEqual(['clear']);
  expect(turnsAt(plan, 12, 11.75)).toMatchObject({
    now: ['clear', 'last'],
    inLast: true,
    next: { kind: 'end', at: 14 },
  });
});

test('turns tell where the tip is and how far the thread is full', () => {
  expect(turnsAt(plan, 8.5, 8.25)).toMatchObject({ left: 5.5, tipMm: 10.625, fullMm: 5.625 });
  expect(turnsAt(plan, 2, 1.75).fullMm).toBe(0);
});

test('a tap that stops before its count stopped early; one turn is within what a hand counts', () => {
  expect([13, 13.5, 14, 15].map((turns) => stoppedEarly(plan, turns))).toEqual([0, 0, 0, 0]);
  expect(stoppedEarly(plan, 11)).toBe(3);
});

test('a frozen tap counts by its own facts, another step by none', () => {
  const hole = holeCase({ kind: 'blind', depth: { mm: 24, halfWidthMm: 0 } });
  const frozen = freezePlan(weighCase(hole), 'oversize:M10x1.5');
  const taps = frozen.steps.flatMap((step) => turnPlanOf(step) ?? []);
  expect(taps.length).toBeGreaterThan(0);
  for (const tap of taps) expect(tap.total * tap.leadMm).toBeLessThanOrEqual(frozen.numbers.drillTipMm);
  expect(turnPlanOf({ kind: 'drill', facts: {} })).toBeNull();
  expect(turnPlanOf({ kind: 'tap', facts: {} })).toBeNull();
});

const now: StiffNow = {
  turns: 8,
  totalTurns: 14,
  blind: true,
  clearEvery: 4,
  sinceClear: 1,
  ratio: 6,
  boreInside: true,
  cutting: 'medium',
};
const first = (changes: Partial<StiffNow>) => stiffCauses({ ...now, ...changes })[0]!;

test('what is known orders the five causes', () => {
  expect(first({ turns: 13.25 }).id).toBe('bottom');
  expect(first({ turns: 2 }).id).toBe('not-in-line');
  expect(first({ boreInside: false })).toMatchObject({
    id: 'too-small',
    because: 'the bore was gauged outside its limits',
  });
  expect(first({ sinceClear: 5 }).id).toBe('packed');
  expect(first({ blind: false, ratio: 2 }).id).toBe('blunt');
  for (const changes of [{}, { turns: null }, { ratio: Infinity, clearEvery: null, sinceClear: null }])
    expect(new Set(stiffCauses({ ...now, ...changes }).map(({ id }) => id)).size).toBe(5);
});

test('never the bottom in a through hole, nor where it stopped early', () => {
  expect(stiffCauses({ ...now, blind: false }).at(-1)!.id).toBe('bottom');
  expect(stiffCauses(now).find(({ id }) => id === 'bottom')!.because).toContain('it stopped early');
});

test('a cold shop cures slower, a warm one no faster than the sheet says', () => {
  expect([30, 20, 5].map((celsius) => cureMinutes(30, celsius))).toEqual([30, 30, 90]);
  expect(cureMinutes(30, 12)).toBeCloseTo(53.9, 1);
  expect(() => cureMinutes(30, -5)).toThrow();
});

const read = (text: string) => {
  const parsed = parseLength(text, { bareUnit: 'mm' });
  if (!parsed.ok) throw new Error(parsed.problem.code);
  return parsed.length;
};

test('what is read at a step has the limits of its plan; nothing is asked where the plan holds none', () => {
  const frozen = freezePlan(weighCase(holeCase()), 'wire-coil:M8x1.25:1.5D');
  const asked = frozen.steps.flatMap((step) => readingAt(frozen, step) ?? []);
  expect(asked.map(({ title, proves }) => [title, proves])).toEqual([
    ['Bore', 'bore'],
    ['Full thread to', 'full-thread'],
    ['Coil under the face', 'set-down'],
  ]);
  expect(
    readingAt(
      frozen,
      frozen.steps.find(({ kind }) => kind === 'tap')!,
    ),
  ).toBeNull();
  const [bore] = asked;
  const place = (text: string) => judgeReading(bore!, read(text)).place;
  expect([place('8.36'), place('8.25'), place('8.5'), place(String(bore!.highMm))]).toEqual([
    'inside',
    'under',
    'over',
    'inside',
  ]);
});

test.each([
  ['83.6', 'Is it 83.6 mm, or 8.36 mm?'],
  ['.329', 'Is it 0.33 mm, or 0.329 in?'],
  ['8.6', null],
])('%s at a bore of 8.3 is asked about in words, and never changed', (text, question) => {
  const bore = { title: 'Bore', lowMm: 8.271, highMm: 8.483, proves: 'bore', by: ['caliper'] } as const;
  expect(judgeReading(bore, read(text)).question).toBe(question);
});

test('a drill is counted by its bites: none beyond its stop, nothing where it goes in one, or is no drill', () => {
  const facts = {
    pecks: { firstMm: 24.6, stepMm: 8.2, count: 3 },
    blind: true,
    tipMm: 30,
    shoulderMm: 27.5,
    diameterMm: 8.2,
  };
  const bites = bitePlanOf({ kind: 'drill', facts })!;
  expect([0, 1, 2, 3, 9].map((count) => biteDepthMm(bites, count))).toEqual([0, 24.6, 30, 30, 30]);
  // Right through, the point has to come out too.
  expect(bitePlanOf({ kind: 'drill', facts: { ...facts, blind: false } })!.endMm).toBeGreaterThan(27.5 + 2);
  expect(bitePlanOf({ kind: 'drill', facts: { ...facts, pecks: { ...facts.pecks, count: 1 } } })).toBeNull();
  expect(bitePlanOf({ kind: 'tap', facts })).toBeNull();
});

test('an instrument is at rest when its last readings agree in all but the last figure, by its own figures', () => {
  const moving = ['11.20', '9.80', '8.60', '8.41', '8.39'];
  expect(isSteady(moving)).toBe(false);
  expect(isSteady([...moving, '8.38', '8.40', '8.39', '8.40'])).toBe(true);
  expect(isSteady(['8.4', '8.4', '8.4', '8.4'])).toBe(false);
  expect(isSteady(['0.051', '0.052', '0.058', '0.052', '0.051'])).toBe(false);
  expect(isSteady(['-1', '-1', '0', '1', '-1'])).toBe(true);
});

test('a plug is drawn in the hole, solid, before what is bored and tapped in it', () => {
  const proposal = weighCase(holeCase({ damageTo: { mm: 20, halfWidthMm: 0 }, strippedThroughout: true }));
  const { steps } = freezePlan(proposal, proposal.routes.find(({ method }) => method === 'plug')!.id);
  const stages = steps.map((_, index) => stageNow({ steps }, new Set(steps.slice(0, index + 1).map(({ id }) => id))));
  const firstOf = (stage: string) => steps[stages.indexOf(stage as 'bored')]?.id;
  expect(['bored', 'tapped', 'filled', 'fitted'].map(firstOf)).toEqual([
    'drill',
    expect.stringMatching(/^tap-/),
    'set-plug',
    'inner-drill',
  ]);
  expect(stages.at(-1)).toBe('fitted');
  expect(stageNow({ steps }, new Set())).toBe('found');
});
