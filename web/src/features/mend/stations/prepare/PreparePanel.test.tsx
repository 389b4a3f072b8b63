import { screen } from '@testing-library/react';
import { ENGINE_VERSION } from '@deep-mend/core';
import { plannedCoil, show } from '../../../../../test/panel.tsx';
import { PreparePanel } from './PreparePanel.tsx';

const plan = plannedCoil();
const panel = (props: Partial<Parameters<typeof PreparePanel>[0]> = {}) => (
  <PreparePanel
    plan={plan}
    before={null}
    stale={false}
    moved={false}
    onPaper={null}
    units="mm"
    bar={null}
    onAgain={() => undefined}
    onOtherwise={null}
    onCut={() => undefined}
    {...props}
  />
);

test('the numbers are the plan’s, in the reader’s unit', () => {
  const { text, again } = show(panel());
  const { numbers } = plan;
  expect(text()).toContain(`Drill${numbers.drillId}bores about ${numbers.boreMm.toFixed(1)}`);
  expect(text()).toContain(`reaching ${numbers.screwReachMm.toFixed(1)}`);
  again(panel({ units: 'in' }));
  expect(text()).toContain(`bores about ${(numbers.boreMm / 25.4).toFixed(3)}`);
});

test('the card’s steps are printed as they were frozen, in order, in both units', () => {
  const { again } = show(panel());
  const shown = () =>
    screen.getAllByRole('heading', { level: 4 }).map((head) => head.querySelector('span:nth-child(2)')!.textContent);
  expect(shown()).toEqual(plan.said.mm.steps.map(({ title }) => title));
  again(panel({ units: 'in' }));
  for (const { what } of plan.said.in.steps) expect(screen.getByText(what)).toBeTruthy();
});

test('while something is open the machine is shut, and it says what', async () => {
  let cut = 0;
  const { user, again } = show(panel({ bar: 'Look first: is it cracked?', onCut: () => void (cut += 1) }));
  const go = () => screen.getByRole('button', { name: 'Go to the machine' }) as HTMLButtonElement;
  expect([go().disabled, screen.getByText('Look first: is it cracked?.') !== null]).toEqual([true, true]);
  again(panel({ onCut: () => void (cut += 1) }));
  await user.click(go());
  expect(cut).toBe(1);
});

test.each([
  [ENGINE_VERSION, 'The readings or house rules changed since this plan was frozen.'],
  ['0.4.0', 'The computation was improved since this plan was frozen.'],
])('a plan of engine %s that is stale says why, and is weighed again', async (engineVersion, why) => {
  let again = 0;
  const { user } = show(panel({ plan: { ...plan, engineVersion }, stale: true, onAgain: () => void (again += 1) }));
  expect(screen.getByRole('alert').textContent).toContain(why);
  await user.click(screen.getByRole('button', { name: 'Weigh again' }));
  expect(again).toBe(1);
});

test('it came out otherwise only where there is something to record it on', async () => {
  let told = 0;
  const { user, again } = show(panel());
  expect(screen.queryByRole('button', { name: 'It came out otherwise' })).toBeNull();
  again(panel({ onOtherwise: () => void (told += 1) }));
  await user.click(screen.getByRole('button', { name: 'It came out otherwise' }));
  expect(told).toBe(1);
});

test('a step says its numbers, fluid, stop rule and tools; where mechanics differ lies folded', () => {
  const { text } = show(panel());
  const tap = plan.said.mm.steps.find(({ id }) => id === 'tap-1')!;
  for (const { value } of tap.numbers!) expect(text()).toContain(value);
  expect(text()).toContain(tap.fluid!);
  expect(text()).toContain(tap.stop!);
  expect(screen.getByRole('img', { name: /^Tap against its cut: sharp, with fluid, [\d.]+ times$/ })).toBeTruthy();
  expect(screen.getAllByText('Where good mechanics differ').length).toBeGreaterThan(1);
});

test('what the crib does not have stands above the steps, with what does in its place', () => {
  const steps = plan.said.mm.steps.map((step) => ({
    ...step,
    tools: step.tools?.map((tool) => ({
      ...tool,
      state: tool.name.startsWith('stop') ? tool.state : ('missing' as const),
    })),
  })) as typeof plan.said.mm.steps;
  const { text } = show(panel({ plan: { ...plan, said: { ...plan.said, mm: { ...plan.said.mm, steps } } } }));
  expect(text()).toContain('Not in the crib: vacuum (instead: a brush, and grease on the flutes)');
});

test('a card of another place or machine asks to be frozen again; its numbers stand', async () => {
  let again = 0;
  const { user, text } = show(panel({ moved: true, onAgain: () => void (again += 1) }));
  expect(text()).toContain('The numbers stand.');
  await user.click(screen.getByRole('button', { name: 'Weigh again' }));
  expect(again).toBe(1);
});

test('on paper only once the server has the plan; the paper is kept on the device', async () => {
  const { user, again } = show(panel());
  expect(screen.queryByRole('link', { name: /on paper/ })).toBeNull();
  again(panel({ onPaper: (paper) => `/card.pdf?paper=${paper}` }));
  const link = () => screen.getByRole('link', { name: /on paper/ }).getAttribute('href');
  expect(link()).toBe('/card.pdf?paper=a4');
  await user.click(screen.getByLabelText('Paper'));
  await user.click(screen.getByRole('option', { name: 'Letter' }));
  expect([link(), localStorage.getItem('paper')]).toEqual(['/card.pdf?paper=letter', '"letter"']);
  localStorage.clear();
});
