import type { HoleDetail, Problem } from '@deep-mend/contract';
import { ApiProblem } from '../client.ts';
import type { Item, NewItem } from './Item.ts';
import type { Change, ItemStore } from './itemStore.ts';

/** What came of a delivery. */
export type Delivered =
  | { kind: 'recorded'; body: unknown; revision: number | null }
  /** Nothing answered, or not the server itself: whether it was recorded is not known. */
  | { kind: 'away' }
  /** It broke at the server; the same again may pass. */
  | { kind: 'broke'; problem: Problem }
  | { kind: 'refused'; problem: Problem };

/** Acknowledged, or kept here until the server is back. */
export type Sent = 'recorded' | 'kept';
type Told = { what: 'changed' } | { what: 'recorded'; item: Item; body: unknown } | { what: 'refused'; item: Item };

export interface Surroundings {
  store: ItemStore;
  deliver: (item: Item) => Promise<Delivered>;
  /** Other tabs of this device; null where the browser has no such thing. */
  channel: Pick<BroadcastChannel, 'postMessage' | 'addEventListener'> | null;
  /** One tab at a time on a line. Without it two may deliver the same item: the server records it once all the same. */
  alone: <T>(line: string, work: () => Promise<T>) => Promise<T>;
  /** What was recorded is laid into what is shown, before it is no more shown as waiting. */
  recorded: (item: Item, body: unknown) => Promise<void>;
}

type Events = HoleDetail['events'];
const BROKEN_TRIES = 4;
const BROKEN_PAUSE_MS = 2_000;
const CONFLICT = 409;

const eventsOf = (body: unknown): Events => (body as { events?: Events } | null)?.events ?? [];

const only =
  ({ order }: Item, change: (now: Item) => Item): Change =>
  (item) =>
    item.order === order ? change(item) : null;

/** The last thing that others decided, among what the answer to an item shows; 0: nothing. */
async function lastDecided(item: Item, events: Events): Promise<number> {
  const others = events.filter(({ id }) => item.shows.every(({ event }) => event.id !== id));
  if (others.length === 0) return 0;
  // What kinds there are is known by the judgement, which the first view does not load.
  const { decides } = await import('./decides.ts');
  return Math.max(0, ...others.filter(({ kind }) => decides(kind)).map(({ seq }) => seq));
}

/**
 * Everything that is written goes through here: it is kept on the device first, delivered in the order of its line, and only
 * forgotten when the server has acknowledged it. What the server refuses while somebody waits for it goes back to them; what
 * it refuses later, and what meets another's decision, stays to be decided.
 */
export class Outbox {
  readonly #around: Surroundings;
  #items: readonly Item[] = [];
  readonly #listeners = new Set<() => void>();
  readonly #waiting = new Map<number, { recorded: (sent: Sent) => void; refused: (problem: ApiProblem) => void }>();
  readonly #running = new Map<string, Promise<void>>();
  readonly #broke = new Map<number, number>();

  constructor(around: Surroundings) {
    this.#around = around;
    around.channel?.addEventListener('message', (event) => void this.#hear((event as MessageEvent<Told>).data));
  }

  /** What is not acknowledged; the same array until something changes. */
  readonly items = (): readonly Item[] => this.#items;
  readonly subscribe = (hear: () => void): (() => void) => {
    this.#listeners.add(hear);
    return () => void this.#listeners.delete(hear);
  };

  /** Reads what an earlier page left, and delivers it. */
  async start(): Promise<void> {
    await this.#look();
    this.deliverAll();
  }

  deliverAll(): void {
    for (const line of new Set(this.#items.map((item) => item.line))) void this.#deliver(line);
  }

  /** @throws ApiProblem - the server refused it, and nothing of it is kept; or 409: it is kept to be decided */
  async send(item: NewItem): Promise<Sent> {
    const added = await this.#around.store.add(item);
    await this.#look();
    this.#tell({ what: 'changed' });
    const sent = new Promise<Sent>((recorded, refused) => this.#waiting.set(added.order, { recorded, refused }));
    void this.#deliver(item.line);
    return sent;
  }

  /** A refused item goes out again, on what is seen now; its body may have been changed by the decision. */
  async again(item: Item, changes: Partial<Pick<Item, 'seen' | 'body' | 'key'>>): Promise<void> {
    await this.#settle(
      null,
      only(item, (now) => ({ ...now, ...changes, problem: null })),
    );
    void this.#deliver(item.line);
  }

  /** Somebody decided against it. */
  async drop(item: Item): Promise<void> {
    await this.#settle(item.order, () => null);
    void this.#deliver(item.line);
  }

  #tell(told: Told): void {
    this.#around.channel?.postMessage(told);
  }

  async #hear(told: Told): Promise<void> {
    if (told.what === 'recorded') await this.#around.recorded(told.item, told.body);
    await this.#look();
    if (told.what === 'recorded') this.#answer(told.item.order, 'recorded');
    if (told.what === 'refused' && this.#waiting.has(told.item.order)) await this.#refuse(told.item);
  }

  async #look(): Promise<void> {
    this.#items = await this.#around.store.all();
    for (const hear of this.#listeners) hear();
  }

  async #settle(gone: number | null, change: Change): Promise<void> {
    await this.#around.store.settle(gone, change);
    await this.#look();
    this.#tell({ what: 'changed' });
  }

  #answer(order: number, sent: Sent): void {
    this.#waiting.get(order)?.recorded(sent);
    this.#waiting.delete(order);
  }

  /** Delivers a line until nothing of it can go; a second call while it runs waits for what is new. */
  #deliver(line: string): Promise<void> {
    const before = this.#running.get(line) ?? Promise.resolve();
    const now = before.then(() => this.#around.alone(line, () => this.#run(line)));
    this.#running.set(line, now);
    return now;
  }

  #next(line: string): Item | undefined {
    const ours = this.#items.filter((item) => item.line === line);
    const undecided = ours.some((item) => item.problem !== null && item.decides);
    return ours.find((item) => item.problem === null && !(undecided && item.decides));
  }

  async #run(line: string): Promise<void> {
    for (;;) {
      // Another tab may have delivered some of it.
      await this.#look();
      const item = this.#next(line);
      if (!item) return;
      const done = await this.#around.deliver(item);
      if (done.kind === 'recorded') await this.#recorded(item, done);
      else if (done.kind === 'refused') await this.#refuse({ ...item, problem: done.problem });
      else if (done.kind === 'broke' && this.#brokeOften(item)) await this.#refuse({ ...item, problem: done.problem });
      else {
        // It waits here, with those behind it; whoever recorded it need not.
        for (const { order } of this.#items.filter((other) => other.line === line)) this.#answer(order, 'kept');
        return;
      }
    }
  }

  async #recorded(item: Item, { body, revision }: { body: unknown; revision: number | null }): Promise<void> {
    await this.#around.recorded(item, body);
    const decided = await lastDecided(item, eventsOf(body));
    // Those behind it were decided on what was seen, and on this: they stand on the revision that has both.
    await this.#around.store.settle(item.order, (later) =>
      later.line === item.line &&
      later.problem === null &&
      later.seen !== null &&
      revision !== null &&
      later.seen < revision &&
      decided <= later.seen
        ? { ...later, seen: revision }
        : null,
    );
    this.#broke.delete(item.order);
    await this.#look();
    this.#tell({ what: 'recorded', item, body });
    this.#answer(item.order, 'recorded');
  }

  #brokeOften({ order, line }: Item): boolean {
    const tries = (this.#broke.get(order) ?? 0) + 1;
    this.#broke.set(order, tries);
    if (tries < BROKEN_TRIES) setTimeout(() => void this.#deliver(line), BROKEN_PAUSE_MS * tries);
    return tries >= BROKEN_TRIES;
  }

  /** Back to whoever waits for it; else, and where it met another's decision, it stays to be decided. */
  async #refuse(item: Item): Promise<void> {
    const waits = this.#waiting.get(item.order);
    const stays = !waits || item.problem?.status === CONFLICT;
    await (stays
      ? this.#settle(
          null,
          only(item, () => item),
        )
      : this.#settle(item.order, () => null));
    if (!waits) this.#tell({ what: 'refused', item });
    this.#waiting.delete(item.order);
    waits?.refused(new ApiProblem(item.problem!));
  }
}
