import { screen, within } from '@testing-library/react';
import { plannedCoil, show } from '../../../../../test/panel.tsx';
import { CutPanel } from './CutPanel.tsx';

const plan = plannedCoil();
const steps = plan.said.mm.steps.filter(({ afterProof }) => !afterProof);
const firstCut = steps.findIndex(({ noReturn }) => noReturn);
const panel = ({ mendId = 'm1', ...props }: Partial<Parameters<typeof CutPanel>[0]> = {}) => (
  <CutPanel
    key={mendId}
    plan={plan}
    mendId={mendId}
    units="mm"
    onOtherwise={() => undefined}
    onProve={() => undefined}
    {...props}
  />
);
const next = () => screen.getByRole('button', { name: 'Done, next' });

beforeEach(() => localStorage.clear());

test('the steps are the plan’s own words, in its order; the last leads to the measuring', async () => {
  let proved = 0;
  const { user } = show(panel({ onProve: () => void (proved += 1) }));
  const seen: string[] = [];
  for (const step of steps) {
    expect(screen.getByText(step.what)).toBeTruthy();
    seen.push(screen.getByRole('heading', { level: 2 }).textContent!);
    if (step === steps.at(-1)) break;
    await user.click(next());
    const asked = screen.queryByRole('dialog');
    if (asked) await user.click(within(asked).getByRole('button', { name: 'Cut it' }));
  }
  expect(seen).toEqual(steps.map(({ title }) => title));
  await user.click(screen.getByRole('button', { name: 'Measure what was cut' }));
  expect(proved).toBe(1);
});

test('before metal goes for good it asks, with the size over all; not yet stays where it is', async () => {
  expect(firstCut).toBeGreaterThan(0);
  localStorage.setItem(`step:m1:${plan.digest}`, String(firstCut - 1));
  const { user } = show(panel());
  await user.click(next());
  const asked = screen.getByRole('dialog');
  expect(asked.textContent).toContain(`to ${plan.numbers.outermostMm.toFixed(1)} mm over`);
  await user.click(within(asked).getByRole('button', { name: 'Not yet' }));
  expect(screen.getByText(`Step ${firstCut} of ${steps.length}`)).toBeTruthy();
});

test('the step is kept on the device; another mend begins at its first', async () => {
  const { user, again } = show(panel());
  await user.click(next());
  again(panel({ mendId: 'm2' }));
  expect(screen.getByText(`Step 1 of ${steps.length}`)).toBeTruthy();
  again(panel());
  expect(screen.getByText(`Step 2 of ${steps.length}`)).toBeTruthy();
});

test('in inches the number in large type is in inches', () => {
  const withNumber = plan.said.in.steps.findIndex(({ number }) => number?.unit === 'in');
  localStorage.setItem(`step:m1:${plan.digest}`, String(withNumber));
  expect(withNumber).toBeGreaterThanOrEqual(0);
  expect(show(panel({ units: 'in' }), 'in').text()).toContain(`${plan.said.in.steps[withNumber]!.number!.main}in`);
});
