import { screen } from '@testing-library/react';
import {
  blankStuck,
  corePlan,
  coreWindow,
  parentById,
  PRECISION,
  threadById,
  type HarmOfDrill,
  type StuckCase,
  type UnitSystem,
} from '@deep-mend/core';
import { show } from '../../../../../test/panel.tsx';
import { CorePanel } from './CorePanel.tsx';

const thread = threadById('M10x1.5');
const window = coreWindow(thread, 'nominal');
const stud: StuckCase = { ...blankStuck('stud', thread, parentById('grey-iron')), proudMm: -6, lengthMm: 20 };
const chance = (p: number) => ({ p, low: p, high: p, trials: 100_000 });
const best = { drillMm: 7.4, touched: chance(0.01) } as unknown as HarmOfDrill;
const harm = { drills: [best], pointsMm: [], progress: 1, stopped: false, levers: {}, stop: () => {}, again: () => {} };

type Free = Parameters<typeof CorePanel>[0]['free'];
const panel = (
  changes: Partial<Free> = {},
  props: { units?: UnitSystem; readOnly?: boolean; choose?: unknown } = {},
) => (
  <CorePanel
    units="mm"
    readOnly={false}
    choose={(() => undefined) as never}
    reading={() => null}
    charts={false}
    question={{ window, keepShellMm: 0.31, spareShare: 0.4, trials: 100_000 } as never}
    {...(props as object)}
    free={
      {
        stuck: stud,
        drilling: { start: 'punched', hold: 'freehand', limit: null, boredMm: null },
        harm,
        best,
        step: null,
        plan: corePlan(stud, window, 7.4, 0),
        ...changes,
      } as Free
    }
  />
);

test('the stop is said from the break and from the face, by what is read at touch, with its flag', () => {
  const { text } = show(panel());
  expect(text()).toMatch(/Stop the drill 18 mm below the break, 24 mm below the face: reading at touch plus/);
  expect(text()).toMatch(/Flag .* from the tip with a guide/);
});

test('in inches a shell is said to a tenth of a thou: hundredths of an inch would say nothing', () => {
  const { text } = show(panel({}, { units: 'in' }));
  expect(PRECISION.bore.in).toBe(4);
  expect(text()).toContain('Every drill leaves 0.0122 in of shell');
});

test('while it is simulated it says how far, and can be stopped; stopped, it can be begun again', async () => {
  const done: string[] = [];
  const running = { ...harm, drills: null, progress: 0.42, stop: () => void done.push('stop') };
  const { user, again } = show(panel({ harm: running as never, best: null }));
  expect(screen.getByRole('status').textContent).toContain('Simulating: 42 %');
  await user.click(screen.getByRole('button', { name: 'Stop' }));
  again(panel({ harm: { ...running, stopped: true, again: () => void done.push('again') } as never }));
  await user.click(screen.getByRole('button', { name: 'Simulate again' }));
  expect(done).toEqual(['stop', 'again']);
});

test('no safe drill: it says what to do instead of naming one', () => {
  const { text } = show(panel({ best: null, plan: null }));
  expect(text()).toContain('Largest safe drillnoneevery drill touches the parent too often');
  expect(text()).not.toContain('Stop the drill');
});

test('a length that nobody measured is no stop: look for the other piece first', () => {
  const unknown = { ...stud, lengthMm: null };
  const { text } = show(panel({ stuck: unknown, plan: corePlan(unknown, window, 7.4, 0) }));
  expect(text()).toContain('Its length is not known: first look for the other piece');
});

test('what another set-up would buy is listed as it is found', () => {
  const levers = { rigid: 8, punch: null } as never;
  const { text } = show(panel({ harm: { ...harm, levers } as never }));
  expect(screen.getByRole('table', { name: 'What would help' })).toBeTruthy();
  expect(text()).toContain('…');
});

test('after a step the advice stands first', () => {
  const step = { advice: 'correct', offsetMm: 0.4, roomMm: 0.2 } as never;
  show(panel({ step }));
  expect(screen.getByRole('status').textContent).toMatch(/^Correct it first/);
});
