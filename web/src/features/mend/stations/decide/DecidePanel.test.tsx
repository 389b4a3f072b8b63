import { screen, within } from '@testing-library/react';
import {
  blankCase,
  parentById,
  threadById,
  titleOf,
  VERDICT_WORDS,
  weighCase,
  type HoleCase,
  type Sensitivity,
} from '@deep-mend/core';
import { show } from '../../../../../test/panel.tsx';
import { DecidePanel } from './DecidePanel.tsx';

const exact = (mm: number) => ({ mm, halfWidthMm: 0.05 });
const hole: HoleCase = blankCase({
  thread: threadById('M8x1.25'),
  parent: parentById('aluminium-cast-heat-treated'),
  kind: 'through',
  depth: exact(20),
  damageTo: exact(9),
  edge: exact(13.5),
  edgeName: 'oil side',
});
const proposal = weighCase(hole);
const coils = proposal.routes.filter(({ method }) => method === 'wire-coil');
const standing = proposal.routes.find(({ verdict }) => verdict !== 'does-not-hold')!;
const fallen = proposal.routes.find(({ verdict }) => verdict === 'does-not-hold')!;

const panel = (props: Partial<Parameters<typeof DecidePanel>[0]> = {}) => (
  <DecidePanel
    hole={hole}
    unsettled={null}
    proposal={proposal}
    route={standing}
    units="mm"
    showWorking={false}
    onShowWorking={() => undefined}
    onSelect={() => undefined}
    onPlan={null}
    {...props}
  />
);

test('a way says its verdict in a word beside its mark, and every check that is not passed', () => {
  const { text } = show(panel());
  expect(screen.getByRole('heading', { level: 2 }).textContent).toBe(standing.title);
  expect(text()).toContain(VERDICT_WORDS[standing.verdict]);
  const open = standing.checks.filter(({ verdict }) => verdict !== 'holds');
  expect(open.length).toBeGreaterThan(0);
  for (const check of open) expect(text()).toContain(titleOf(check));
});

test('the lengths of a coil are one group of choices, the chosen one marked', async () => {
  const chosen: string[] = [];
  const { user } = show(panel({ route: coils[0]!, onSelect: (id) => void chosen.push(id) }));
  const lengths = within(screen.getByRole('radiogroup', { name: 'Length of the coil' })).getAllByRole('radio');
  expect(lengths).toHaveLength(coils.length);
  expect(lengths.filter((length) => length.getAttribute('aria-checked') === 'true')).toHaveLength(1);
  await user.click(lengths.find((length) => length.getAttribute('aria-checked') === 'false')!);
  expect(coils.map(({ id }) => id)).toContain(chosen[0]);
});

test('what does not hold cannot be planned; what does is planned once, however often it is pressed', async () => {
  let planned = 0;
  const onPlan = () => new Promise<void>(() => void (planned += 1));
  const { user, again } = show(panel({ route: fallen, onPlan }));
  expect((screen.getByRole('button', { name: /^This does not hold/ }) as HTMLButtonElement).disabled).toBe(true);
  again(panel({ onPlan }));
  const plan = screen.getByRole('button', { name: /^Plan this mend/ });
  await user.click(plan);
  expect([planned, (plan as HTMLButtonElement).disabled]).toEqual([1, true]);
});

test('without a mend there is nothing to plan on', () => {
  show(panel());
  expect(screen.queryByRole('button', { name: /Plan this mend|does not hold/ })).toBeNull();
});

test('why not: each way that is out with its reason, and those that are never offered here', async () => {
  const chosen: string[] = [];
  const out = proposal.routes.filter(({ verdict }) => verdict === 'does-not-hold');
  const { user } = show(panel({ onSelect: (id) => void chosen.push(id) }));
  const why = screen.getByText(`Why not (${out.length})`);
  await user.click(why);
  const group = within(why.closest('details')!);
  await user.click(group.getAllByRole('button', { name: out[0]!.title })[0]!);
  expect(chosen).toEqual([out[0]!.id]);
  expect(group.getAllByText(/: /).length).toBeGreaterThanOrEqual(out.length);
});

test('the working opens and closes by whoever holds it', async () => {
  const told: boolean[] = [];
  const { user, again } = show(panel({ onShowWorking: (open) => void told.push(open) }));
  await user.click(screen.getByRole('button', { name: 'Show working' }));
  again(panel({ showWorking: true, onShowWorking: (open) => void told.push(open) }));
  await user.click(within(screen.getByRole('dialog')).getByRole('button', { name: 'Close' }));
  expect(told).toEqual([true, false]);
});

test('the reading that would change most is said with what hangs on it', () => {
  const edge = { quantity: 'edge', state: 'rough', changesVerdicts: 1, firstChanges: null } as unknown as Sensitivity;
  const { text } = show(panel({ unsettled: [edge] }));
  expect(text()).toContain('Axis to nearest edge: it decides 1 verdict.');
});

test('the cut is said in the reader’s unit', () => {
  const { majorMm } = standing.cut;
  const { text, again } = show(panel());
  expect(text()).toContain(`cuts to ${majorMm.toFixed(1)}`);
  again(panel({ units: 'in' }));
  expect(text()).toContain(`cuts to ${(majorMm / 25.4).toFixed(3)}`);
});
