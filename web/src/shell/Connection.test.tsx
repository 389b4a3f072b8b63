import { act, screen, waitFor } from '@testing-library/react';
import { isAway, noteAnswer } from '../base/connection.ts';
import type { Item } from '../base/outbox/Item.ts';
import { Undecided } from '../parts/Undecided.tsx';
import { show } from '../../test/panel.tsx';
import { problem, serve } from '../../test/serve.ts';
import { Connection } from './Connection.tsx';

const entry = (changes: Partial<Item> = {}): Item => ({
  order: 1,
  line: '/holes/h1',
  method: 'post',
  address: '/holes/h1/events',
  body: { id: 'e9' },
  key: 'e9e9e9e9',
  actorId: 'a1',
  seen: 3,
  decides: true,
  shows: [],
  title: 'Cut in: Zinc die casting',
  problem: null,
  ...changes,
});
const met = problem(409, 'Someone changed this hole meanwhile.', {
  theirs: {
    kind: 'choice',
    payload: { field: 'parentId', value: 'brass' },
    actor: 'Mechanic B',
    happenedAt: '2026-01-02T08:00:00Z',
  },
});
const hole = { id: 'h1', code: '7KQ2M9XD', revision: 8, place: null, events: [] };
afterEach(() => noteAnswer(true));

test('nothing is said while all is recorded', () => {
  expect(show(<Connection />).text()).toBe('');
});

test('the server is away: it is said, with what waits, and it is asked until it is back', async () => {
  let there = false;
  const writes = serve({
    'GET /actors': () => (there ? [] : problem(503, 'away')),
    'POST /holes/h1/events': () => (there ? { id: 'h1', revision: 4, since: 3, events: [] } : problem(503, 'away')),
    'GET /holes/h1': hole,
  });
  const { user, text } = show(<Connection />, 'mm', { already: [entry()] });
  await waitFor(() => expect(text()).toContain('1 entry not sent yet'));
  await user.click(screen.getByRole('button', { name: 'See it' }));
  expect(screen.getByRole('dialog').textContent).toContain('Cut in: Zinc die casting, waits to be sent');
  await user.click(screen.getByRole('button', { name: 'Close' }));
  there = true;
  await waitFor(() => expect(isAway()).toBe(false));
  expect(writes[0]!.headers['If-Match']).toBe('"3"');
  await waitFor(() => expect(screen.queryByText(/does not answer/)).toBeNull());
});

test('two decisions that met stand side by side in words; kept, yours goes out on what is there now', async () => {
  const writes = serve({
    'GET /holes/h1': hole,
    'POST /holes/h1/events': { id: 'h1', revision: 9, since: 8, events: [] },
  });
  const { user, text } = show(<Undecided line="/holes/h1" />, 'mm', { already: [entry({ problem: met })] });
  await screen.findByText('Cut in: Zinc die casting');
  expect(text()).toContain('YouCut in: Zinc die casting');
  expect(text()).toMatch(/Mechanic B, 2 Jan 2026.*Cut in: Brass/);
  await act(() => user.click(screen.getByRole('button', { name: 'Keep yours' })));
  await waitFor(() => expect(text()).toBe(''));
  expect(writes.map(({ body, headers }) => [body, headers['Idempotency-Key']])).toEqual([[{ id: 'e9' }, 'e9e9e9e9']]);
});

test('theirs kept, nothing is sent; a plan on old numbers can only be looked at again', async () => {
  const writes = serve({ 'GET /holes/h1': hole });
  const plan = entry({
    order: 2,
    address: '/holes/h1/plans',
    title: 'Planned: coil',
    problem: problem(409, 'Not the numbers.'),
  });
  const { user, text } = show(<Undecided line="/holes/h1" />, 'mm', { already: [entry({ problem: met }), plan] });
  await user.click(await screen.findByRole('button', { name: 'Keep theirs' }));
  await waitFor(() => expect(text()).not.toContain('Zinc'));
  expect(screen.queryByRole('button', { name: 'Keep yours' })).toBeNull();
  await user.click(screen.getByRole('button', { name: 'Look at the numbers again' }));
  await waitFor(() => expect(text()).toBe(''));
  expect(writes).toEqual([]);
});
