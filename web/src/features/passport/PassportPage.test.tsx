import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { pageOf } from '../../../test/holes.ts';
import { plannedCoil, show } from '../../../test/panel.tsx';
import { problem, serve } from '../../../test/serve.ts';
import { PassportPage } from './PassportPage.tsx';

const at = '2026-01-02T08:00:00.000Z';
const event = (seq: number, kind: string, payload: object) => ({
  id: `e${seq}`,
  seq,
  kind,
  payloadVersion: 1,
  payload,
  happenedAt: at,
  recordedAt: at,
  actor: 'Mechanic A',
});
const edge = { quantity: 'edge', text: '13.5', notation: 'mm', mm: 13.5, halfWidthMm: 0.05, instrument: 'caliper' };
const EVENTS = [
  event(1, 'located', { name: 'Hole 4', faceId: null }),
  event(2, 'mend-opened', { mendId: 'm1', what: 'pulled out' }),
  event(3, 'choice', { field: 'threadId', value: 'M8x1.25' }),
  event(4, 'reading', edge),
  event(5, 'reading', { ...edge, text: '14', mm: 14 }),
  event(6, 'reading-struck', { readingId: 'e5', reason: 'caliper not zeroed' }),
];
const detail = (events: object[] = EVENTS) => ({
  id: 'h1',
  code: '7KQ2M9XD',
  revision: events.length,
  place: null,
  events,
});

function passport(events?: object[], answers: Parameters<typeof serve>[0] = {}) {
  const writes = serve({ 'GET /holes/h1': detail(events), 'GET /holes?': pageOf(), ...answers });
  return { writes, ...show(<PassportPage />, 'mm', { at: '/holes/h1', path: '/holes/:holeId' }) };
}

test('what was struck out stays, with its reason and a line through it; only what counts can be corrected', async () => {
  passport();
  const struck = await screen.findByText('14 mm ± 0.05 mm');
  expect(getComputedStyle(struck.parentElement!).textDecoration).toBe('line-through');
  expect(struck.closest('div')!.textContent).toContain('struck out: caliper not zeroed');
  expect(screen.getAllByRole('button', { name: 'Correct Axis to nearest edge' })).toHaveLength(1);
});

test('a mend that is open says so and is gone on with; a generation that nobody cut is as made', async () => {
  const { text } = passport();
  expect((await screen.findByRole('link', { name: 'Go on with the mend' })).getAttribute('href')).toBe('/mend/h1');
  expect(text()).toContain('Generation 0: as made, M8 × 1.25');
  expect(text()).toContain('pulled out');
});

test('a hole that must not be used says so before anything else', async () => {
  passport([...EVENTS, event(7, 'choice', { field: 'doNotUse', value: true })]);
  expect((await screen.findByRole('alert')).textContent).toBe('Do not use this hole.');
});

test('a reading is struck out only with a reason, and the record is sent with it', async () => {
  const { user, writes } = passport(undefined, {
    'POST /holes/h1/events': {
      id: 'h1',
      revision: 7,
      since: 6,
      events: [event(7, 'reading-struck', { readingId: 'e4', reason: 'wrong edge' })],
    },
  });
  await user.click(await screen.findByRole('button', { name: 'Correct Axis to nearest edge' }));
  const dialog = screen.getByRole('dialog');
  const strike = within(dialog).getByRole('button', { name: 'Strike it out' }) as HTMLButtonElement;
  expect(strike.disabled).toBe(true);
  await user.type(within(dialog).getByLabelText('Why'), ' wrong edge ');
  await user.click(strike);
  await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
  expect(writes[0]!.body).toMatchObject({ kind: 'reading-struck', payload: { readingId: 'e4', reason: 'wrong edge' } });
  expect(screen.queryByRole('button', { name: /^Correct/ })).toBeNull();
});

test('what a newer build recorded is named, and the page asks to be loaded again', async () => {
  passport([...EVENTS, event(7, 'blessed', {})]);
  await screen.findByText(/A newer build recorded something here/);
});

test('an entry of a device whose clock ran ahead is named; the code is there to be read out', async () => {
  const [first, ...rest] = EVENTS as { happenedAt: string }[];
  const { text } = passport([{ ...first!, happenedAt: '2031-01-01T08:00:00.000Z' }, ...rest]);
  await screen.findByText(/One entry was made on a device whose clock ran ahead/);
  expect(text()).toContain('7KQ2 M9XD');
});

const MENDED = [
  ...EVENTS.slice(0, 4),
  event(5, 'plan-frozen', { mendId: 'm1', planId: 'p1', plan: plannedCoil(), supersedes: null, inputs: null }),
  event(6, 'result', {
    mendId: 'm1',
    planId: 'p1',
    results: [
      { id: 'bore', notDone: 'the gauge was away' },
      { id: 'no-go', turns: 1 },
    ],
    note: '',
  }),
  event(7, 'mend-closed', { mendId: 'm1', outcome: 'unproved', note: '', secondSignedBy: null }),
].map((row) => (row.kind === 'plan-frozen' ? { ...row, payloadVersion: 3 } : row));

test('in one glance: what is in it, what must not be done to it, how we know, and its life; both papers are a press away', async () => {
  const { text } = passport(MENDED);
  const inIt = await screen.findByRole('region', { name: 'What is in it' });
  expect(inIt.textContent).toContain('M8 × 1.25: Wire coil');
  expect(inIt.textContent).toContain('Not proved');
  expect(inIt.textContent).toContain('Do not drill it or chase it with a tap');
  const known = screen.getByRole('region', { name: 'How we know' });
  expect(known.textContent).toContain('not done: the gauge was away');
  expect(known.textContent).toContain('1 turn, passed');
  expect(within(screen.getByRole('region', { name: 'Its life' })).getAllByRole('listitem')).toHaveLength(3);
  expect(text()).not.toContain('Proved by');
  const entries = screen.getByText(/^All that was recorded, in order: 7$/).closest('details')!;
  expect(within(entries).queryAllByRole('listitem', { hidden: true })).toHaveLength(0);
  entries.open = true;
  fireEvent(entries, new Event('toggle'));
  expect(within(entries).getAllByRole('listitem')[6]!.textContent).toContain('Mend ended: mended, not proved');
  const href = (name: RegExp) => screen.getByRole('link', { name }).getAttribute('href');
  expect(href(/^The passport on paper/)).toBe('/api/v1/holes/h1/passport.pdf?paper=a4&units=mm');
  expect(href(/^Labels/)).toBe('/api/v1/holes/h1/labels.pdf?paper=a4&units=mm');
});

test('a signed mend is amended beside what was signed, with the reason; refused, what was typed stays', async () => {
  let refuse = true;
  const amendment = { mendId: 'm1', what: 'The coil is 1.5 D', reason: 'read off the packet' };
  const { user, writes } = passport(MENDED, {
    'POST /holes/h1/events': () =>
      refuse ? problem(422, 'Not now.') : { id: 'h1', revision: 8, since: 7, events: [event(8, 'amended', amendment)] },
  });
  await user.click(await screen.findByRole('button', { name: 'Amend it' }));
  expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Put it beside' }).disabled).toBe(true);
  await user.type(screen.getByLabelText('What is right'), amendment.what);
  await user.type(screen.getByLabelText('Why it was wrong'), amendment.reason);
  await user.click(screen.getByRole('button', { name: 'Put it beside' }));
  await waitFor(() => expect(writes).toHaveLength(1));
  expect(screen.getByLabelText<HTMLTextAreaElement>('What is right').value).toBe(amendment.what);
  refuse = false;
  await user.click(screen.getByRole('button', { name: 'Put it beside' }));
  await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
  expect(screen.getByText(/^Amended .* by Mechanic A/).textContent).toContain('The coil is 1.5 D');
  expect(screen.getByText(/mended, not proved, /)).toBeTruthy();
});

test('it is looked at again by a day or after hours: set, told, and done with', async () => {
  const look = { by: '2027-03-28', afterHours: 500, what: 'the gap' };
  const { user, writes } = passport(MENDED, {
    'POST /holes/h1/events': ({ body }) => ({
      id: 'h1',
      revision: 7 + writes.length,
      since: 6 + writes.length,
      events: [event(7 + writes.length, 'look-again', (body as { payload: object }).payload)],
    }),
  });
  const next = await screen.findByRole('region', { name: 'Next' });
  expect(next.textContent).toContain('Nothing is due.');
  await user.click(within(next).getByRole('button', { name: 'Look again by a day' }));
  const set = screen.getByRole<HTMLButtonElement>('button', { name: 'Set it' });
  expect(set.disabled).toBe(true);
  await user.type(screen.getByLabelText('By'), look.by);
  await user.type(screen.getByLabelText('Or after, running hours'), '5h');
  expect(set.disabled).toBe(true);
  await user.clear(screen.getByLabelText('Or after, running hours'));
  await user.type(screen.getByLabelText('Or after, running hours'), '500');
  await user.type(screen.getByLabelText('At what'), look.what);
  await user.click(set);
  await waitFor(() => expect(next.textContent).toContain('Look again by 2027-03-28 or after 500 h'));
  expect(writes[0]!.body).toMatchObject({ kind: 'look-again', payload: look });
  await user.click(within(next).getByRole('button', { name: 'Looked at' }));
  await waitFor(() => expect(next.textContent).toContain('Nothing is due.'));
});
