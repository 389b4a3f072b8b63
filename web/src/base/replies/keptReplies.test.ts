import 'fake-indexeddb/auto';
import { serve, problem } from '../../../test/serve.ts';
import { isShut } from '../kept.ts';
import { ApiProblem, read } from '../client.ts';
import { isAway, noteAnswer } from '../connection.ts';
import { isKeptAddress, keptReplies, replyStore } from './keptReplies.ts';
import { oldestKept } from './shownKept.ts';

const DAY_MS = 86_400_000;
afterEach(() => noteAnswer(true));

test('what a mend needs is kept; searches and papers are not', () => {
  expect(['/shop', '/actors', '/clocks', '/mends?state=open&limit=100', '/holes/h1'].every(isKeptAddress)).toBe(true);
  expect(['/holes?search=oil', '/holes/h1/card', '/assets/a1', '/shopping'].some(isKeptAddress)).toBe(false);
});

test('kept for seven days after it was last opened, through a new page', async () => {
  let now = 100 * DAY_MS;
  const first = replyStore('week', () => now);
  await first.keep({ address: '/holes/h1', body: { a: 1 }, revision: 3, readAt: now });
  await first.keep({ address: '/holes/h2', body: { a: 2 }, revision: 1, readAt: now });
  now += 6 * DAY_MS;
  expect(await first.take('/holes/h1')).toEqual({
    address: '/holes/h1',
    body: { a: 1 },
    revision: 3,
    readAt: 100 * DAY_MS,
  });
  now += 2 * DAY_MS;
  const later = replyStore('week', () => now);
  // Opened two days ago, read eight days ago; the other was not opened.
  expect((await later.take('/holes/h1'))?.body).toEqual({ a: 1 });
  expect(await later.take('/holes/h2')).toBeNull();
  now += 7.1 * DAY_MS;
  expect(await later.take('/holes/h1')).toBeNull();
});

test('while the server is away, what it said last is shown with its age; nothing kept is said as such', async () => {
  const hole = { id: 'h1', code: '7KQ2M9XD', revision: 8, place: null, events: [] };
  let there = true;
  serve({
    'GET /holes/h1': () => (there ? hole : problem(503, 'away')),
    'GET /holes/h2': () => problem(503, 'away'),
    'GET /holes/h3': () => problem(404, 'gone'),
  });
  const before = Date.now();
  await read('/holes/h1');
  expect(oldestKept()).toBeNull();
  there = false;
  expect(await read('/holes/h1')).toEqual(hole);
  expect(isAway()).toBe(true);
  expect(oldestKept()).toBeGreaterThanOrEqual(before);
  await expect(read('/holes/h2')).rejects.toThrow(/not opened on this device in the last 7 days/);
  there = true;
  await read('/holes/h1');
  expect(oldestKept()).toBeNull();
  // What the server refuses is its answer: nothing older is shown instead.
  await keptReplies.keep({ address: '/holes/h3', body: hole, revision: 8, readAt: before });
  await expect(read('/holes/h3')).rejects.toBeInstanceOf(ApiProblem);
});

test('a browser that keeps nothing says so, and reading goes on', async () => {
  const none = replyStore('', () => {
    throw new Error('refused');
  });
  await none.keep({ address: '/shop', body: {}, revision: 1, readAt: 0 });
  expect(await none.take('/shop')).toBeNull();
  expect(isShut()).toBe(true);
});
