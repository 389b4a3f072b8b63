import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import { noteShut } from '../kept.ts';
import { SHOP_LISTS } from '../shopLists.ts';

/** What the server answered at an address, and when. */
export interface KeptReply {
  address: string;
  body: unknown;
  revision: number | null;
  /** ms */
  readAt: number;
}
type Row = KeptReply & { openedAt: number };

/** A mend that was opened within this time can be opened without the server. */
export const KEPT_DAYS = 7;
const DAY_MS = 86_400_000;

/** What a mend at the machine needs: the shop, who works there, what is open, what runs, and the holes themselves. */
const KEPT_ADDRESSES: ReadonlySet<string> = new Set(['/shop', '/actors', '/clocks', ...Object.values(SHOP_LISTS)]);
const HOLE = /^\/holes\/[\w-]+$/;
export const isKeptAddress = (address: string): boolean => KEPT_ADDRESSES.has(address) || HOLE.test(address);

/** Replies on this device, so that a page that is opened again without the server has what it showed. */
export interface ReplyStore {
  keep: (reply: KeptReply) => Promise<void>;
  /** As it was last read; null: not opened here within {@link KEPT_DAYS}. */
  take: (address: string) => Promise<KeptReply | null>;
}

interface Shape extends DBSchema {
  replies: { key: string; value: Row };
}

async function open(name: string, now: number): Promise<IDBPDatabase<Shape>> {
  const db = await openDB<Shape>(name, 1, {
    upgrade: (made) => void made.createObjectStore('replies', { keyPath: 'address' }),
    // A newer build in another tab changes the shape: it must not wait for this one.
    blocking: (_now, _next, event) => (event.target as IDBDatabase).close(),
  });
  const work = db.transaction('replies', 'readwrite');
  for (const { address, openedAt } of await work.store.getAll())
    if (openedAt < now - KEPT_DAYS * DAY_MS) await work.store.delete(address);
  await work.done;
  return db;
}

/** @param now - ms, asked for at each use */
export function replyStore(name: string, now: () => number = Date.now): ReplyStore {
  let opened: Promise<IDBPDatabase<Shape>> | null = null;
  const tried = async <T>(work: (db: IDBPDatabase<Shape>) => Promise<T>): Promise<T | null> => {
    try {
      opened ??= open(name, now());
      return await work(await opened);
    } catch {
      // Full, refused, or not there at all: browsers say it in many ways, and the page says that nothing is kept.
      noteShut();
      return null;
    }
  };
  return {
    keep: async (reply) => {
      await tried((db) => db.put('replies', { ...reply, openedAt: now() }));
    },
    take: (address) =>
      tried(async (db) => {
        const row = await db.get('replies', address);
        if (!row) return null;
        const { openedAt, ...reply } = row;
        if (openedAt < now() - KEPT_DAYS * DAY_MS) return null;
        await db.put('replies', { ...row, openedAt: now() });
        return reply;
      }),
  };
}

/** The one of this browser. */
export const keptReplies = replyStore('deep-mend replies');
