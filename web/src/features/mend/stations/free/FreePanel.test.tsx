import { screen, within } from '@testing-library/react';
import {
  blankStuck,
  coreWindow,
  HEAT_TICK_IDS,
  parentById,
  proposeFreeing,
  threadById,
  type StuckCase,
} from '@deep-mend/core';
import { fileWith, show } from '../../../../../test/panel.tsx';
import { ClockContext } from '../../ClockContext.ts';
import { FreePanel, type FreeProps } from './FreePanel.tsx';

const thread = threadById('M10x1.5');
function panel(stuck: StuckCase, props: Partial<FreeProps> = {}) {
  const free = {
    stuck,
    drilling: { start: 'punched', hold: 'freehand' },
    drilledMm: null,
    means: proposeFreeing(stuck),
    window: coreWindow(thread, 'nominal'),
    question: null,
    harm: { drills: null, pointsMm: [], progress: 0, stopped: false, levers: {}, stop: () => {}, again: () => {} },
    best: null,
    step: null,
    plan: null,
  } as FreeProps['free'];
  return (
    <FreePanel
      holeId="h1"
      free={free}
      file={fileWith({ stuck: stuck.what })}
      units="mm"
      readOnly={false}
      choose={() => undefined}
      reading={() => null}
      onAttempt={() => undefined}
      charts={false}
      {...props}
    />
  );
}
const screw: StuckCase = { ...blankStuck('screw', thread, parentById('aluminium-6xxx')), proudMm: 0, why: 'rust' };

beforeEach(() => sessionStorage.clear());

test('what comes first, what never, and why, before anything else', () => {
  const { text } = show(panel(screw));
  expect(text()).toMatch(/^Free the screwBefore anything: look for pressure/);
  expect(text()).toMatch(/First: soak and heat in turns\.Not: screw extractor, it is seized/);
});

test('the pressure behind it is answered where it is asked', async () => {
  const chosen: unknown[] = [];
  const { user } = show(panel(screw, { choose: (field, value) => void chosen.push([field, value]) }));
  await user.selectOptions(screen.getByLabelText('Pressure, spring, load or fuel behind it'), 'none');
  expect(chosen).toEqual([['stuckBehind', 'none']]);
});

test('heat waits for its ticks, the soak does not; the try is recorded with them', async () => {
  const tried: unknown[] = [];
  const started: unknown[] = [];
  const clocks = { running: [], start: (...clock: unknown[]) => void started.push(clock), end: () => undefined };
  const { user } = show(
    <ClockContext value={clocks}>{panel(screw, { onAttempt: (...row) => void tried.push(row) })}</ClockContext>,
  );
  expect(screen.getByRole('button', { name: 'Start 20 min' })).toHaveProperty('disabled', false);
  expect(screen.getByRole('button', { name: 'Tick off first' })).toHaveProperty('disabled', true);
  const ticks = within(screen.getByRole('group', { name: /^Before the heat/ })).getAllByRole('checkbox');
  for (const tick of ticks) await user.click(tick);
  await user.click(screen.getByRole('button', { name: 'Start 5 min' }));
  expect(started).toEqual([[expect.stringMatching(/^Soak and heat in turns, step \d$/), 5]]);
  await user.click(screen.getByRole('button', { name: 'Nothing' }));
  expect(tried).toEqual([['heat-soak', 'nothing', HEAT_TICK_IDS]]);
});

test('magnesium’s fire rules stand beside the usual cautions; a broken tap says what spares the next', () => {
  const { text } = show(panel({ ...screw, parent: parentById('magnesium-cast') }));
  expect(text()).toMatch(/Eyes and face guarded.*Magnesium chips burn/);
  const tap = show(panel(blankStuck('tap', thread, parentById('mild-steel'))));
  expect(tap.text()).toMatch(/So that the next one does not break.*the tap takes about/);
});

test('a closed mend shows the ways and takes no try', () => {
  show(panel(screw, { readOnly: true }));
  expect(screen.queryByRole('button', { name: 'It is out' })).toBeNull();
});

test('a broken tap is turned back by its flutes; carbide waits for a rigid machine', () => {
  const { text } = show(panel(blankStuck('tap', thread, parentById('mild-steel'))));
  expect(text()).toMatch(/First: turn the tap back by its flutes\./);
  expect(screen.getByRole('button', { name: /Carbide, in a rigid machine/ })).toBeTruthy();
});

test('a dowel is drilled and pulled, unless it is too hard for a drill', () => {
  const dowel = blankStuck('dowel', thread, parentById('mild-steel'));
  const { text, again } = show(panel(dowel));
  expect(screen.getByRole('button', { name: /Drill it, tap it and pull it/ }).textContent).toContain(
    'leaves the pin 2 mm of wall',
  );
  again(panel({ ...dowel, hard: true, hardnessKnown: true }));
  expect(text()).toMatch(/Not: drill it, tap it and pull it.*do not blunt the first drill/);
});
