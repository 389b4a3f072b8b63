import { cleanup, screen } from '@testing-library/react';
import { formatLengthWithUnit, readingAt, type Expectation, type RecordedResult } from '@deep-mend/core';
import { fileWith, plannedCoil, show } from '../../../../../test/panel.tsx';
import { serve } from '../../../../../test/serve.ts';
import { ProvePanel } from './ProvePanel.tsx';

const plan = plannedCoil();
beforeEach(() => void serve({ 'GET /instruments': [] }));
const length = plan.expectations.find(
  ({ kind, lowMm, highMm }) => kind === 'length' && lowMm !== null && highMm !== null,
)!;
const good = (length.lowMm! + length.highMm!) / 2;
const mendWith = (results: RecordedResult[] | null) => fileWith({}, { results }).mends[0]!;
const panel = (props: Partial<Parameters<typeof ProvePanel>[0]> = {}) => (
  <ProvePanel
    plan={plan}
    mend={mendWith(null)}
    units="mm"
    drawn={null}
    threadId="M8x1.25"
    gated={false}
    bars={{ mended: null, unproved: null }}
    onRecord={async () => true}
    onClose={async () => undefined}
    {...props}
  />
);
const field = () => screen.getByRole<HTMLInputElement>('textbox', { name: new RegExp(`^${length.title}, `) });
const button = (name: RegExp) => screen.getByRole<HTMLButtonElement>('button', { name });

beforeEach(() => localStorage.clear());

test('nothing measured cannot be recorded, nor signed', () => {
  show(panel());
  expect(button(/^Record what was measured/).disabled).toBe(true);
  expect(screen.queryByRole('button', { name: /^Mended and proved, signed/ })).toBeNull();
});

test('what was read at the bench stands where it is proved; of an earlier plan it does not', () => {
  const step = plan.steps.find((row) => readingAt(plan, row)?.proves === length.id)!;
  const told = { mendId: 'm1', stepId: step.id, end: 'done' as const, note: '', at: '', actor: 'Mechanic A' };
  const reading = { text: String(good), mm: good };
  const mend = mendWith(null);
  show(panel({ mend: { ...mend, steps: [{ ...told, planId: mend.planId!, reading }] } }));
  expect(screen.getByLabelText<HTMLInputElement>(`${length.title}, mm`).value).toBe(formatLengthWithUnit(good, 'mm'));
  cleanup();
  show(panel({ mend: { ...mend, steps: [{ ...told, planId: 'before', reading }] } }));
  expect(field().value).toBe('');
});

test('what is typed in inches is recorded in millimetres, and the draft goes when it is', async () => {
  const sent: RecordedResult[][] = [];
  const { user } = show(panel({ units: 'in', onRecord: async (results) => sent.push(results) > 0 }), 'in');
  await user.type(field(), (good / 25.4).toFixed(4));
  expect(localStorage.getItem('result:m1')).toContain('"units":"in"');
  await user.click(button(/^Record what was measured/));
  expect(sent).toEqual([[{ id: length.id, mm: expect.closeTo(good, 2) as number }]]);
  expect(localStorage.getItem('result:m1')).toBeNull();
});

test('refused, both the readings and the note stay as they were typed, also on the next visit', async () => {
  const { user } = show(panel({ onRecord: async () => false }));
  await user.type(field(), String(good));
  await user.type(screen.getByLabelText('Note'), 'second bite');
  await user.click(button(/^Record what was measured/));
  cleanup();
  show(panel());
  const shown = screen.getAllByRole<HTMLInputElement>('textbox').map(({ value }) => value);
  expect(shown).toEqual(expect.arrayContaining([String(good), 'second bite']));
});

test('a slip is said at the field, and cannot be recorded', async () => {
  const { user } = show(panel());
  await user.type(field(), '8,x');
  expect(field().getAttribute('aria-invalid')).toBe('true');
  expect(button(/^Record what was measured/).disabled).toBe(true);
  expect(field().value).toBe('8,x');
});

test('a result beside the plan cannot be signed as mended', () => {
  show(panel({ mend: mendWith([{ id: length.id, mm: length.highMm! + 3 }]) }));
  expect(button(/^Mended and proved, signed/).disabled).toBe(true);
  // What is signed for is said before it is signed.
  const then = screen.getByRole('region', { name: 'What the hole is then' }).textContent;
  expect(then).toMatch(/^The hole is then: M8 × 1\.25: Wire coil.*Do not drill it or chase it with a tap/);
  expect(screen.getByText(/Something came out other than planned/)).toBeTruthy();
});

test('where someone can be hurt a second person signs, never the same one', async () => {
  const closed: unknown[] = [];
  const { user } = show(
    panel({
      mend: mendWith([{ id: length.id, mm: good }]),
      gated: true,
      onClose: async (...how) => void closed.push(how),
    }),
  );
  expect(button(/^Mended and proved, signed/).disabled).toBe(true);
  await user.click(screen.getByRole('combobox', { name: 'Second signature' }));
  expect(screen.getAllByRole('option').map((option) => option.textContent)).toEqual(['Lead hand']);
  await user.click(screen.getByRole('option', { name: 'Lead hand' }));
  await user.click(button(/^Mended and proved, signed/));
  expect(closed).toEqual([['mended', 'a2']]);
});

test('what bars it is said, and it stays unsigned', () => {
  show(
    panel({ mend: mendWith([{ id: length.id, mm: good }]), bars: { mended: 'Nobody released it', unproved: null } }),
  );
  expect(screen.getByText('Nobody released it.')).toBeTruthy();
  expect(button(/^Mended and proved, signed/).disabled).toBe(true);
});

test('each proof says what it cannot show; not done needs a reason, and is never a pass', async () => {
  const sent: RecordedResult[][] = [];
  const { user } = show(panel({ onRecord: async (results) => sent.push(results) > 0 }));
  expect(screen.getByText(/one with 45 % of its depth takes a good screw too/)).toBeTruthy();
  await user.click(button(/^Tang out and counted.*: not done$/));
  expect(button(/^Record what was measured/).disabled).toBe(true);
  await user.type(screen.getByLabelText('Why it was not done'), 'tangless');
  await user.click(button(/^Record what was measured/));
  expect(sent).toEqual([[{ id: 'tang', notDone: 'tangless' }]]);
});

test('mended, not proved, is offered only where a reason stands for what was not done', async () => {
  const closed: unknown[] = [];
  const all = plan.expectations.map(({ id, kind, lowMm, mostTurns, leastNm }): RecordedResult => {
    if (id === 'bore') return { id, notDone: 'the gauge was away' };
    if (kind === 'length') return { id, mm: (lowMm ?? 0) + 0.01 };
    if (kind === 'pass-fail') return { id, passed: true };
    return kind === 'turns' ? { id, turns: mostTurns! } : { id, nm: leastNm! };
  });
  const { user } = show(
    panel({
      mend: mendWith(all),
      bars: { mended: 'Something that proves it was not done', unproved: null },
      onClose: async (...how) => void closed.push(how),
    }),
  );
  expect(screen.getByText(/^Not proved: not done was/)).toBeTruthy();
  expect(button(/^Mended and proved, signed/).disabled).toBe(true);
  await user.click(button(/^Mended, not proved/));
  expect(closed).toEqual([['unproved', null]]);
});

test('said to be cured while its clock runs, it stays open and says why; once that is over it passes', async () => {
  const cured: Expectation = {
    ...{ id: 'cured', title: 'Compound cured', kind: 'pass-fail', lowMm: null, highMm: null, need: 'must' },
  };
  const clockTo = (hours: number) => {
    const at = (away: number) => new Date(Date.now() + away * 3_600_000).toISOString();
    const clock = { clockId: 'c1', what: 'full strength', by: 'Mechanic A', endedAt: null, cures: 'full' as const };
    return { ...mendWith(null), clocks: [{ ...clock, startedAt: at(-30), dueAt: at(hours) }] };
  };
  const bonded = { ...plan, expectations: [cured] };
  const yes = () => screen.getByRole('button', { name: 'yes' });
  const { user } = show(panel({ plan: bonded, mend: clockTo(2) }));
  await user.click(yes());
  expect(screen.getByText('Not yet: its clock still ran when this was said.')).toBeTruthy();
  expect(screen.getByText(/^Still to be shown/)).toBeTruthy();
  cleanup();
  show(panel({ plan: bonded, mend: clockTo(-1) }));
  expect(screen.getByText('Proved by what was found')).toBeTruthy();
});

test('a pull is typed in the unit that is shown and recorded in newtons, against its steps', async () => {
  const pull: Expectation = {
    ...{ id: 'pull', title: 'Pulled', kind: 'load', lowMm: null, highMm: null, need: 'if-can' },
    leastN: 15_900,
    steps: [7_900, 11_900, 15_900],
  };
  const sent: RecordedResult[][] = [];
  const onRecord = async (results: RecordedResult[]) => sent.push(results) > 0;
  const { user } = show(panel({ plan: { ...plan, expectations: [pull] }, onRecord }));
  expect(screen.getByText('7.9 kN, then 11.9 kN, then 15.9 kN')).toBeTruthy();
  await user.type(screen.getByLabelText('Pulled, kN'), '15,9');
  await user.click(button(/^Record what was measured/));
  expect(sent).toEqual([[{ id: 'pull', n: 15_900 }]]);
});
