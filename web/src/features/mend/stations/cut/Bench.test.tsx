import { act, cleanup, screen, within } from '@testing-library/react';
import type { MendEntry } from '@deep-mend/core';
import { useState } from 'react';
import { plannedCoil, show } from '../../../../../test/panel.tsx';
import { serve } from '../../../../../test/serve.ts';
import { Bench, BOUNCE_MS } from './Bench.tsx';
import type { BenchProps } from './BenchProps.ts';
import { Practice } from './Practice.tsx';
import { COPY_EVERY_MS } from './useBench.ts';

const plan = plannedCoil();
const steps = plan.said.mm.steps.filter(({ afterProof }) => !afterProof);
const tapAt = steps.findIndex(({ id }) => id === 'tap-1');
const told: [string, object][] = [];
const INSTRUMENTS = [
  { id: 'c1', kind: 'caliper', name: 'Caliper', unit: 'mm', simulated: true },
  { id: 't1', kind: 'thermometer', name: 'Thermometer', unit: '°C', simulated: true },
];

/** A mend whose recorded steps come back to the bench, as the page's own file does. */
function AtTheBench({ done = [], ...props }: Partial<BenchProps> & { done?: string[] }) {
  const told0 = done.map((stepId) => ({
    stepId,
    end: 'done' as const,
    note: '',
    mendId: 'm1',
    planId: 'p1',
    at: '',
    actor: 'Mechanic A',
  }));
  const [recorded, setRecorded] = useState<MendEntry['steps']>(told0);
  return (
    <Bench
      plan={plan}
      mend={{ id: 'm1', planId: 'p1', steps: recorded, stiff: [], handedOver: null, results: null, clocks: [] }}
      units="mm"
      heading="Gearbox, hole 4"
      actor="Mechanic A"
      drawn={null}
      clocks={() => null}
      counted={null}
      onCopy={() => undefined}
      onStep={async (step) => {
        told.push(['step-done', step]);
        setRecorded((before) => [...before, { ...step, mendId: 'm1', planId: 'p1', at: '', actor: 'Mechanic A' }]);
        return true;
      }}
      onStiff={async (stiff) => told.push(['went-stiff', stiff]) > 0}
      onHandOver={async (note) => told.push(['handed-over', { note }]) > 0}
      onOtherwise={() => undefined}
      practice={false}
      onPractise={() => told.push(['practise', {}])}
      onProve={() => told.push(['prove', {}])}
      onLeave={() => undefined}
      {...props}
    />
  );
}
const before = (id: string) =>
  steps
    .slice(
      0,
      steps.findIndex((step) => step.id === id),
    )
    .map((step) => step.id);
/** The page's clock, by hand: a slow machine must not turn a bounce into a second press. */
let now = 0;
/** Longer than a bounce: somebody has seen the step. */
const seenByThen = () => void (now += BOUNCE_MS + 10);
const title = () => screen.getByRole('heading', { level: 2 }).textContent;

beforeEach(() => {
  jest.spyOn(performance, 'now').mockImplementation(() => now);
  serve({ 'GET /instruments': INSTRUMENTS });
  localStorage.clear();
  told.length = 0;
});
afterEach(() => {
  jest.useRealTimers();
  jest.restoreAllMocks();
});

test('by one key from the first step to the proof: every step is recorded once, in order, with what was counted', async () => {
  const { user } = show(<AtTheBench />);
  for (let presses = 0; presses < 400 && told.at(-1)?.[0] !== 'prove'; presses += 1) {
    const recorded = told.length;
    await user.keyboard(' ');
    // A foot switch bounces: its second press falls into the moment in which the step came, and does nothing.
    if (told.length > recorded && told.at(-1)?.[0] !== 'prove') {
      const came = title();
      await user.keyboard(' ');
      expect([title(), told.length]).toEqual([came, recorded + 1]);
    }
    const asked = screen.queryByRole('dialog');
    if (asked) await user.click(within(asked).getByRole('button', { name: 'Cut it' }));
    seenByThen();
  }
  const recorded = told
    .filter(([kind]) => kind === 'step-done')
    .map(([, step]) => step as { stepId: string; turns?: number });
  expect(recorded.map(({ stepId }) => stepId)).toEqual(steps.map(({ id }) => id));
  const total = Number(steps[tapAt]!.number!.main);
  expect(recorded[tapAt]!.turns).toBeGreaterThanOrEqual(total);
  expect(recorded[tapAt]!.turns! - total).toBeLessThan(1);
});

test('a tap: one press a cycle, the square at three waits until it was looked at, each press can be taken back', async () => {
  const { user, text } = show(<AtTheBench done={before('tap-1')} />);
  expect(title()).toBe(steps[tapAt]!.title);
  await user.keyboard(' ');
  await user.click(screen.getByRole('button', { name: 'Cut it' }));
  for (let presses = 1; presses < 12; presses += 1) await user.keyboard('+');
  expect(text()).toContain('3of');
  expect(screen.getByText(/^Look from two sides/)).toBeTruthy();
  await user.keyboard('+');
  expect(text()).toContain('3of');
  await user.keyboard(' ');
  await user.keyboard('+');
  expect(text()).toContain('3¼of');
  await user.keyboard('-');
  await user.keyboard('-');
  expect(text()).toContain('2¾of');
});

test('a step begins at its top, however far the one before was read', async () => {
  const { user } = show(<AtTheBench />);
  const [body, what] = ['.bench-body', '.bench-what'].map((name) => document.querySelector(name)!);
  for (const part of [body!, what!]) part.scrollTop = 300;
  await user.keyboard(' ');
  expect([title() === steps[1]!.title, body!.scrollTop, what!.scrollTop]).toEqual([true, 0, 0]);
});

test('a key that is held down, as under a foot switch that sticks, acts once', () => {
  const { text } = show(<AtTheBench done={before('tap-1')} />);
  const key = (repeat: boolean) =>
    act(() => void window.dispatchEvent(new KeyboardEvent('keydown', { key: '+', repeat, cancelable: true })));
  key(false);
  act(() => screen.getByRole('button', { name: 'Cut it' }).click());
  for (let held = 0; held < 20; held += 1) key(true);
  expect(text()).toContain('¼of');
  key(false);
  expect(text()).toContain('½of');
});

test('the count outlives the page, and is copied no more often than every ten seconds', async () => {
  jest.useFakeTimers();
  const copied: [string, number][] = [];
  const onCopy = (stepId: string, turns: number) => void copied.push([stepId, turns]);
  const key = (name: string) => act(() => void window.dispatchEvent(new KeyboardEvent('keydown', { key: name })));
  const { again } = show(<AtTheBench done={before('tap-1')} onCopy={onCopy} />);
  // Turning on by its own key is asked about like the first press of any cut.
  key('+');
  act(() => screen.getByRole('button', { name: 'Cut it' }).click());
  for (const press of ['+', '+']) key(press);
  expect(copied).toEqual([]);
  act(() => void jest.advanceTimersByTime(COPY_EVERY_MS));
  expect(copied).toEqual([['tap-1', 0.75]]);
  jest.useRealTimers();
  again(<p>elsewhere</p>);
  again(<AtTheBench done={before('tap-1')} />);
  expect(screen.getByRole('progressbar').getAttribute('aria-valuenow')).toBe('0.75');
});

test('another device’s count is offered, and taken with one press', async () => {
  const { user, text } = show(
    <AtTheBench done={before('tap-1')} counted={{ stepId: 'tap-1', turns: 5.5, by: 'Mechanic B' }} />,
  );
  expect(text()).toContain('Mechanic B counted 5½ turns here.');
  await user.click(screen.getByRole('button', { name: 'Go on from there' }));
  expect(screen.getByRole('progressbar').getAttribute('aria-valuenow')).toBe('5.5');
});

test('stiff: stop, five causes in the order of what is known, and what was done is recorded with its turns', async () => {
  const { user, text } = show(<AtTheBench done={before('tap-1')} />);
  await user.keyboard(' ');
  await user.click(screen.getByRole('button', { name: 'Cut it' }));
  await user.keyboard('+');
  await user.keyboard('s');
  const dialog = screen.getByRole('dialog');
  expect(dialog.textContent).toContain('Do not turn on');
  expect(within(dialog).getAllByRole('listitem')).toHaveLength(5);
  expect(within(dialog).getAllByRole('listitem')[0]!.textContent).toMatch(/^Not in line/);
  await user.click(within(dialog).getAllByRole('button', { name: 'It was this, go on' })[0]!);
  expect(told).toEqual([['went-stiff', { cause: 'not-in-line', then: 'goes-on', stepId: 'tap-1', turns: 0.5 }]]);
  expect(text()).toContain('½of');
});

test('done otherwise, not done, handed over: each with its words, kept while they are typed', async () => {
  const { user } = show(<AtTheBench />);
  await user.click(screen.getByRole('button', { name: 'Done otherwise, or not done' }));
  expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Not done' }).disabled).toBe(true);
  await user.type(screen.getByLabelText('What was done, and why'), 'no vacuum here');
  await user.click(screen.getByRole('button', { name: 'Not now' }));
  await user.click(screen.getByRole('button', { name: 'Done otherwise, or not done' }));
  await user.click(screen.getByRole('button', { name: 'Done otherwise' }));
  expect(told[0]).toEqual([
    'step-done',
    expect.objectContaining({ stepId: steps[0]!.id, end: 'otherwise', note: 'no vacuum here' }),
  ]);
  await user.click(screen.getByRole('button', { name: 'Hand over' }));
  await user.type(screen.getByLabelText('What whoever goes on must know'), 'collar slips');
  await user.click(within(screen.getByRole('dialog')).getByRole('button', { name: 'Hand over' }));
  expect(told.at(-1)).toEqual(['handed-over', { note: 'collar slips' }]);
});

test('before metal goes it asks, with the size over all and what stands near its limit; not yet stays where it is', async () => {
  const checks = [{ id: 'wall', title: 'Wall beside the cut', verdict: 'with-care' as const, because: '2.1 mm left' }];
  const near = { ...plan, said: { ...plan.said, mm: { ...plan.said.mm, checks } } };
  const { user } = show(<AtTheBench done={before('drill')} plan={near} />);
  await user.keyboard(' ');
  const asked = screen.getByRole('dialog');
  expect(asked.textContent).toContain(`to ${plan.numbers.outermostMm.toFixed(1)} mm over`);
  expect(asked.textContent).toContain('Near its limit: wall beside the cut, 2.1 mm left.');
  await user.click(within(asked).getByRole('button', { name: 'Not yet' }));
  expect(title()).toBe(steps.find(({ id }) => id === 'drill')!.title);
  expect(told).toEqual([]);
});

test('while what was set still cures, that is said before metal is cut', async () => {
  const hour = (away: number) => new Date(Date.now() + away * 3_600_000).toISOString();
  const clock = { clockId: 'c1', what: 'full strength', by: 'Mechanic A', endedAt: null, cures: 'full' as const };
  const mend = { id: 'm1', planId: 'p1', stiff: [], handedOver: null, results: null };
  const steps = before('drill').map((stepId) => ({
    ...{ stepId, end: 'done' as const, note: '', mendId: 'm1', planId: 'p1', at: '', actor: '' },
  }));
  const asked = async (dueAt: string) => {
    const clocks = [{ ...clock, startedAt: hour(-30), dueAt }];
    const { user } = show(<AtTheBench mend={{ ...mend, steps, clocks }} />);
    await user.keyboard(' ');
    const words = screen.getByRole('dialog').textContent;
    cleanup();
    return words;
  };
  expect(await asked(hour(2))).toContain('What was set still cures');
  expect(await asked(hour(-2))).not.toContain('What was set still cures');
});

test('in inches the number in large type is in inches', () => {
  const step = plan.said.in.steps.find(({ number }) => number?.unit === 'in')!;
  const { text } = show(<AtTheBench units="in" done={before(step.id)} />, 'in');
  expect(text()).toContain(`${step.number!.main}in`);
});

const gauging = () => show(<AtTheBench done={before('gauge-bore')} />);

test('an instrument that types like a keyboard: its figure is the reading, Enter gives the keys back, the end carries it', async () => {
  const { user, text } = gauging();
  await user.keyboard('8.36{Enter}');
  expect(screen.getByLabelText<HTMLInputElement>('Bore, mm').value).toBe('8.36');
  expect(text()).toContain('Inside its limits.');
  await user.keyboard(' ');
  expect(told).toEqual([
    ['step-done', expect.objectContaining({ stepId: 'gauge-bore', end: 'done', reading: { text: '8.36', mm: 8.36 } })],
  ]);
});

test('a reading outside its limits is not simply done; a slip is asked about; no length is said at the field', async () => {
  const { user, text } = gauging();
  await user.keyboard('83.6{Enter}');
  expect(text()).toContain('Over its limits. Is it 83.6 mm, or 8.36 mm?');
  await user.keyboard(' ');
  expect(within(screen.getByRole('dialog')).getByLabelText('What was done, and why')).toBeTruthy();
  await user.click(screen.getByRole('button', { name: 'Not now' }));
  const field = screen.getByLabelText('Bore, mm');
  await user.clear(field);
  await user.type(field, '8,x{Enter}');
  await user.click(screen.getByRole('button', { name: /^Look at the reading/ }));
  expect([document.activeElement, told]).toEqual([field, []]);
});

test('a bore that was gauged too small comes first when the tap goes stiff', async () => {
  const reading = { text: '8.1', mm: 8.1 };
  const gauged = { stepId: 'gauge-bore', end: 'otherwise' as const, note: 'worn drill', reading };
  const steps = [{ ...gauged, mendId: 'm1', planId: 'p1', at: '', actor: 'Mechanic A' }];
  const mend = { id: 'm1', planId: 'p1', steps, stiff: [], handedOver: null, results: null, clocks: [] };
  const { user } = show(<AtTheBench mend={mend} />);
  await user.keyboard('s');
  expect(within(screen.getByRole('dialog')).getAllByRole('listitem')[0]!.textContent).toMatch(/^Hole too small/);
});

test('a drill is counted by bites, if somebody likes: the depth stands large, the last is the stop, done stays one press', async () => {
  const drill = steps.find(({ id }) => id === 'drill')!;
  const { user, text } = show(<AtTheBench done={before('drill')} />);
  expect(title()).toBe(drill.title);
  await user.keyboard('+');
  await user.click(screen.getByRole('button', { name: 'Cut it' }));
  expect(text()).toMatch(/deep, bite 1 of \d/);
  for (let bites = 0; bites < 20; bites += 1) await user.keyboard('+');
  const [, last] = /bite (\d+) of \1/.exec(text())!;
  expect(Number(last)).toBeGreaterThan(1);
  await user.keyboard('-');
  expect(text()).toContain(`bite ${Number(last) - 1} of ${last}`);
  await user.keyboard(' ');
  expect(told).toHaveLength(1);
  expect(told[0]![1]).not.toHaveProperty('turns');
});

/** What an instrument sends, by hand. */
class FakeSource {
  static last: FakeSource;
  readonly url: string;
  closed = false;
  onmessage: (event: { data: string }) => void = () => undefined;
  onerror: () => void = () => undefined;
  constructor(url: string) {
    this.url = url;
    FakeSource.last = this;
  }
  close() {
    this.closed = true;
  }
}

test('a reading comes from an instrument: at rest it is said, taken it bears its name; typed over, it is the hand’s', async () => {
  Object.assign(globalThis, { EventSource: FakeSource });
  const { user } = show(<AtTheBench done={before('gauge-bore')} />);
  await user.click(await screen.findByRole('button', { name: 'Read the Caliper (simulated)' }));
  expect(screen.queryByRole('button', { name: /Thermometer/ })).toBeNull();
  const source = FakeSource.last;
  expect(source.url).toMatch(/instrument=c1&near=8\.\d+$/);
  const dialog = within(screen.getByRole('dialog'));
  const send = (shown: string) => act(() => source.onmessage({ data: JSON.stringify({ text: shown, unit: 'mm' }) }));
  send('9.80');
  expect(dialog.getByRole('status').textContent).toContain('Moving');
  for (const shown of ['8.38', '8.37', '8.38', '8.38', '8.38']) send(shown);
  expect(dialog.getByRole('status').textContent).toContain('At rest');
  expect(dialog.getByText(/proves nothing about a real hole/)).toBeTruthy();
  await user.click(dialog.getByRole('button', { name: 'Take 8.38 mm' }));
  expect(source.closed).toBe(true);
  expect(screen.getByText(/^Inside its limits/)).toBeTruthy();
  await user.keyboard(' ');
  expect(told.at(-1)![1]).toMatchObject({
    reading: { text: '8.38 mm', mm: 8.38, instrument: 'Caliper (simulated)', simulated: true },
  });
});

test('an instrument that goes quiet says so, and a figure that was typed bears no instrument', async () => {
  Object.assign(globalThis, { EventSource: FakeSource });
  const { user } = show(<AtTheBench done={before('gauge-bore')} />);
  await user.click(await screen.findByRole('button', { name: 'Read the Caliper (simulated)' }));
  act(() => FakeSource.last.onerror());
  expect(screen.getByText(/It sends nothing any more/)).toBeTruthy();
  await user.click(screen.getByRole('button', { name: 'Leave it' }));
  await user.keyboard('8.38{Enter} ');
  expect(told.at(-1)![1]).toMatchObject({ reading: { text: '8.38' } });
  expect(told.at(-1)![1]).not.toHaveProperty('reading.instrument');
});

test('a practice on scrap goes through the whole card, ends by itself, and leaves nothing on the device', async () => {
  const ended: true[] = [];
  const mend = { id: 'm1', planId: 'p1', steps: [], stiff: [], handedOver: null, results: null, clocks: [] };
  const { user, text, again } = show(
    <Practice plan={plan} mend={mend} units="mm" drawn={null} onEnd={() => void ended.push(true)} />,
  );
  expect(text()).toContain('Practice on scrap: nothing is recorded');
  expect(screen.queryByRole('button', { name: 'Hand over' })).toBeNull();
  for (let presses = 0; presses < 400 && ended.length === 0; presses += 1) {
    await user.keyboard(' ');
    const asked = screen.queryByRole('dialog');
    if (asked) await user.click(within(asked).getByRole('button', { name: 'Cut it' }));
    seenByThen();
  }
  expect(ended).toEqual([true]);
  expect(told).toEqual([]);
  again(<p>elsewhere</p>);
  expect(Object.keys(localStorage).filter((key) => key.startsWith('bench:'))).toEqual([]);
});
