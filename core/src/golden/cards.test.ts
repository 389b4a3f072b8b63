import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { SAY, type UnitSystem } from '../basis/units/index.ts';
import { WAYS } from '../facts/ways/index.ts';
import { freeingCard, sayStep, writeWorkCard, type SaidStep } from '../plan/workcard/index.ts';
import { usualMachine } from '../facts/machines/index.ts';
import { parentById } from '../facts/materials/index.ts';
import { MEANS } from '../facts/means/index.ts';
import { threadById } from '../facts/threads/index.ts';
import { blankStuck, corePlan, drillingFromInputs, harmInput, proposeFreeing } from '../plan/freeing/index.ts';
import { cardCases } from '../test-support/cardCases.ts';

// Whole cards against a file, one line a step: changed on purpose by UPDATE_GOLDEN=1, with a line in docs/method-changes.md.
const FILE = join(__dirname, 'cards.json');
const CASES = cardCases();

const said = ({ hole, route }: (typeof CASES)[number], units: UnitSystem): SaidStep[] =>
  writeWorkCard(hole, route).map((step) => sayStep(step, SAY[units]));

function lineOf(step: SaidStep): string {
  const {
    id,
    title,
    what,
    number,
    caution,
    numbers = [],
    tools = [],
    fluid,
    feel,
    stop,
    practice = [],
    scale = [],
  } = step;
  return [
    `${id}${step.noReturn ? ' CUTS' : ''} ${step.minutes ?? 0} min`,
    title,
    what,
    number && `${number.label}: ${number.main} ${number.unit}`.trim(),
    numbers.map(({ label, value, note }) => `${label} ${value}${note ? ` (${note})` : ''}`).join('; '),
    tools.map(({ name, state }) => `${name}${state === 'missing' ? ' MISSING' : ''}`).join(', '),
    fluid,
    feel,
    stop,
    caution,
    practice
      .map(({ question, taken, settled, other }) => `${question}: ${taken}${settled ? '!' : ''} / ${other}`)
      .join('; '),
    scale.map(({ label, times, band }) => `${label} ${times} ${band}`).join(', '),
  ]
    .filter(Boolean)
    .join(' | ');
}

const actual = Object.fromEntries(CASES.map((one) => [one.label, said(one, 'mm').map(lineOf)]));
if (process.env.UPDATE_GOLDEN === '1') writeFileSync(FILE, `${JSON.stringify(actual, null, 1)}\n`);

test.each(CASES.map(({ label }) => [label]))('%s', (label) => {
  const golden = JSON.parse(readFileSync(FILE, 'utf8')) as typeof actual;
  expect(actual[label]).toEqual(golden[label]);
});

test('the golden file holds exactly these cards, one of each way and more', () => {
  const golden = JSON.parse(readFileSync(FILE, 'utf8')) as typeof actual;
  expect(Object.keys(golden)).toEqual(CASES.map(({ label }) => label));
  expect(CASES.length).toBeGreaterThan(25);
});

// Every means of freeing that stands for a snapped stud, a broken tap and a spun coil has a card that begins with what is looked at.
test.each(['stud', 'tap', 'coil', 'dowel', 'screw'] as const)('the cards of every means for a stuck %s', (what) => {
  const stuck = {
    ...blankStuck(what, threadById('M8x1.25'), parentById('grey-iron')),
    machines: [usualMachine('bench-drill', 'b')],
  };
  const window = harmInput(stuck, { ...drillingFromInputs({ choices: {}, readings: {}, generations: [] }) }).window;
  const plan = corePlan(stuck, window, 6, 0.1);
  const standing = proposeFreeing(stuck).filter(({ verdict }) => verdict !== 'does-not-hold');
  expect(standing.length).toBeGreaterThan(1);
  for (const means of standing) {
    const [mm, inch] = (['mm', 'in'] as const).map((units) => freeingCard(stuck, means, plan, SAY[units])) as [
      SaidStep[],
      SaidStep[],
    ];
    expect(mm.map(({ id }) => id)).toEqual(inch.map(({ id }) => id));
    expect(mm[0]!.id).toMatch(/^before-/);
    expect(mm.at(-1)!.id).toBe('after');
    expect(new Set(mm.map(({ id }) => id)).size).toBe(mm.length);
    expect(JSON.stringify([mm, inch])).not.toMatch(/NaN|undefined| -\d+(\.\d+)? (mm|in)\b/);
    const drilled = mm.filter(({ id }) => /^core-\d/.test(id));
    expect(drilled.length > 0).toBe(MEANS[means.id].drillsToCore);
    // A freed screw: hardly over the speed, so the machine's own step below.
    for (const step of drilled) expect(step.numbers![0]!.value).toMatch(/^(300|540|950|1500|2400) rev\/min$/);
  }
});

// Laws that hold of every card, whatever the case.
describe.each(CASES.map((one) => [one.label, one] as const))('%s', (_, one) => {
  const steps = said(one, 'mm');
  const index = (id: RegExp) => steps.findIndex((step) => id.test(step.id));
  const all = JSON.stringify([steps, said(one, 'in')]);

  test('ids are its own, nothing is NaN, undefined, negative or a fact in place of a word', () => {
    expect(new Set(steps.map(({ id }) => id)).size).toBe(steps.length);
    expect(all).not.toMatch(/NaN|undefined|Infinity|null mm|\[object| -\d+(\.\d+)? (mm|in)\b/);
    for (const { title, what } of steps) expect([title.length > 3, what.length > 10]).toEqual([true, true]);
  });

  test('what is tapped is gauged before the tap and after it', () => {
    for (const prefix of ['', 'inner-']) {
      const [drill, bore, tap, thread] = ['drill', 'gauge-bore', 'tap-1', 'gauge-thread'].map((id) =>
        index(new RegExp(`^${prefix}${id}$`)),
      ) as [number, number, number, number];
      if (tap >= 0 && drill >= 0) expect([bore > drill, tap > bore]).toEqual([true, true]);
      if (tap >= 0) expect(thread).toBeGreaterThan(tap);
    }
  });

  test('nothing turns before the part is safe, held and ready; every cut says so, with its stop rule', () => {
    const drill = index(/drill$/);
    if (drill >= 0 && !WAYS[one.route.method].elsewhere) {
      const before = ['strip', 'hold', 'ready'].map((id) => index(new RegExp(`^${id}$`)));
      for (const at of before) expect([at >= 0, at < drill]).toEqual([true, true]);
    }
    for (const step of steps.filter(({ id }) => /drill$|tap-1$/.test(id) && id !== 'counter-drill')) {
      expect([step.id, step.stop !== undefined, step.caution !== null]).toEqual([step.id, true, true]);
      expect(step.fluid).toBeDefined();
    }
  });

  test('never water on magnesium, never active sulphur on copper alloys, never air into a blind hole', () => {
    const fluids = steps.map(({ fluid = '' }) => fluid.split('Never')[0]!).join(' ');
    if (one.hole.parent.group === 'magnesium') expect(fluids).not.toMatch(/water/);
    if (one.hole.parent.group === 'copper') expect(fluids).not.toMatch(/EP cutting/);
    if (one.hole.kind === 'blind')
      for (const step of steps.filter(({ id }) => id.endsWith('clean'))) expect(step.what).not.toMatch(/^Air/);
  });
});
