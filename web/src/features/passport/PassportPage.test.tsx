import { screen, waitFor, within } from '@testing-library/react';
import { pageOf } from '../../../test/holes.ts';
import { show } from '../../../test/panel.tsx';
import { serve } from '../../../test/serve.ts';
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
