import 'fake-indexeddb/auto';
import type { Problem } from '@deep-mend/contract';
import { ApiProblem } from '../client.ts';
import type { Item, NewItem } from './Item.ts';
import { browserStore, lastingStore, memoryStore, type ItemStore } from './itemStore.ts';
import { Outbox, type Delivered, type Surroundings } from './outbox.ts';

let made = 0;
const item = (changes: Partial<NewItem> = {}): NewItem => ({
  line: '/holes/h1',
  method: 'post',
  address: '/holes/h1/events',
  body: { n: (made += 1) },
  key: `key-${made}`,
  actorId: 'a1',
  seen: 5,
  decides: true,
  shows: [{ holeId: 'h1', event: shown(`e${made}`) }],
  title: `Entry ${made}`,
  ...changes,
});
const shown = (id: string, kind = 'choice') => ({
  id,
  kind,
  payload: {},
  payloadVersion: 1,
  happenedAt: '2026-01-01T08:00:00Z',
  recordedAt: '2026-01-01T08:00:00Z',
  actor: 'Mechanic A',
});
const refusal = (status: number): Delivered => ({
  kind: 'refused',
  problem: { type: 'urn:deep-mend:x', title: 'No', status, detail: 'No.' } satisfies Problem,
});
const recorded = (revision: number, ...others: { id: string; kind: string }[]): Delivered => ({
  kind: 'recorded',
  revision,
  body: { revision, events: others.map(({ id, kind }, index) => ({ ...shown(id, kind), seq: revision - index })) },
});

/** An outbox with a server that answers in turn; what it was sent, with the revision that each named. */
function outbox(
  answers: (Delivered | Promise<Delivered>)[],
  store: ItemStore = memoryStore(),
  more: Partial<Surroundings> = {},
) {
  const sent: [string, number | null][] = [];
  const laid: string[] = [];
  const box = new Outbox({
    store,
    channel: null,
    alone: (_line, work) => work(),
    recorded: async ({ key }) => void laid.push(key),
    deliver: async ({ key, seen }: Item) => {
      sent.push([key, seen]);
      return answers.shift() ?? { kind: 'away' };
    },
    ...more,
  });
  return { box, sent, laid };
}
const turn = () => new Promise((resolve) => setTimeout(resolve, 20));

test('what was typed keeps its key while the server is away, through a reload, and is recorded once', async () => {
  const store = memoryStore();
  const before = outbox([{ kind: 'away' }], store);
  const typed = item();
  expect(await before.box.send(typed)).toBe('kept');
  expect(before.box.items().map(({ key }) => key)).toEqual([typed.key]);
  // The page is loaded again; the reply to the first try may have been the one that was lost.
  const after = outbox([recorded(6)], store);
  await after.box.start();
  await turn();
  expect([after.sent, after.laid, after.box.items()]).toEqual([[[typed.key, 5]], [typed.key], []]);
});

test('one after the other on a hole: the later stands on what the earlier left', async () => {
  const { box, sent } = outbox([recorded(6), recorded(7)]);
  const [first, second] = [item(), item()];
  await Promise.all([box.send(first), box.send(second)]);
  expect(sent).toEqual([
    [first.key, 5],
    [second.key, 6],
  ]);
});

test('another’s decision that came in between is not overruled unseen; a reading of theirs is no decision', async () => {
  const behind = async (kind: string) => {
    const { box, sent } = outbox([recorded(7, { id: 'theirs', kind })]);
    const two = [item(), item()];
    await Promise.all(two.map((one) => box.send(one)));
    return sent[1]![1];
  };
  expect([await behind('choice'), await behind('reading'), await behind('blessed')]).toEqual([5, 7, 5]);
});

test('refused while somebody waits, it goes back to them and nothing of it is kept', async () => {
  const { box } = outbox([refusal(422)]);
  await expect(box.send(item())).rejects.toBeInstanceOf(ApiProblem);
  expect(box.items()).toEqual([]);
});

test('two decisions that met stay to be decided; those behind wait, a reading does not', async () => {
  const { box, sent } = outbox([refusal(409), recorded(6), recorded(9), recorded(10)]);
  const [choice, later, reading] = [item(), item(), item({ decides: false })];
  const tried = await Promise.allSettled([box.send(choice), box.send(reading)]);
  void box.send(later);
  await turn();
  expect(tried.map(({ status }) => status)).toEqual(['rejected', 'fulfilled']);
  expect(sent.map(([key]) => key)).toEqual([choice.key, reading.key]);
  const [undecided] = box.items();
  expect([undecided!.key, undecided!.problem?.status]).toEqual([choice.key, 409]);
  await box.again(undecided!, { seen: 8 });
  await turn();
  expect(sent.slice(2).map(([key, seen]) => [key, seen])).toEqual([
    [choice.key, 8],
    [later.key, 9],
  ]);
  expect(box.items()).toEqual([]);
});

test('what is refused after it was kept stays with its reason until somebody throws it away', async () => {
  const store = memoryStore();
  await outbox([{ kind: 'away' }], store).box.send(item());
  const { box } = outbox([refusal(404)], store);
  await box.start();
  await turn();
  expect(box.items()[0]!.problem?.detail).toBe('No.');
  await box.drop(box.items()[0]!);
  expect(box.items()).toEqual([]);
});

test('two tabs share one outbox: either delivers, both hear', async () => {
  const store = memoryStore();
  const hears: ((event: { data: unknown }) => void)[] = [];
  const channelOf = (own: number): Surroundings['channel'] => ({
    postMessage: (data: unknown) =>
      hears.forEach((hear, index) => index !== own && hear({ data: structuredClone(data) })),
    addEventListener: ((_: string, hear: (event: { data: unknown }) => void) => void (hears[own] = hear)) as never,
  });
  const one = outbox([{ kind: 'away' }], store, { channel: channelOf(0) });
  const other = outbox([recorded(6)], store, { channel: channelOf(1) });
  await one.box.send(item());
  await turn();
  expect(other.box.items()).toHaveLength(1);
  other.box.deliverAll();
  await turn();
  expect([one.box.items(), other.box.items(), one.laid.length]).toEqual([[], [], 1]);
});

test('the browser’s own database keeps order, changes only what is there, and is shared by name', async () => {
  const store = browserStore('test outbox');
  const [first, second] = [await store.add(item()), await store.add(item())];
  await store.settle(first!.order, (later) => ({ ...later, seen: 9 }));
  const again = browserStore('test outbox');
  expect((await again.all()).map(({ key, seen }) => [key, seen])).toEqual([[second!.key, 9]]);
});

test('a browser that refuses to keep loses nothing that it had', async () => {
  const kept = memoryStore();
  const first = await kept.add(item());
  const store = lastingStore({
    ...kept,
    add: async () => {
      throw new DOMException('full', 'QuotaExceededError');
    },
  });
  await store.all();
  const second = await store.add(item());
  expect((await store.all()).map(({ key }) => key)).toEqual([first.key, second.key]);
});
