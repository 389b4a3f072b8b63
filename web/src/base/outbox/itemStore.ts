import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import { noteShut } from '../kept.ts';
import type { Item, NewItem } from './Item.ts';

export type Change = (item: Item) => Item | null;

/** Where items lie until they are acknowledged. */
export interface ItemStore {
  /** All, in their order. */
  all: () => Promise<Item[]>;
  add: (item: NewItem) => Promise<Item>;
  /** Takes one out and changes others, all or nothing; `change` is asked for each of the rest, null: it stays as it is. */
  settle: (gone: number | null, change: Change) => Promise<void>;
}

interface Shape extends DBSchema {
  items: { key: number; value: Omit<Item, 'order'> & { order?: number } };
}

const open = async (name: string): Promise<IDBPDatabase<Shape>> =>
  openDB<Shape>(name, 1, {
    upgrade: (db) => void db.createObjectStore('items', { keyPath: 'order', autoIncrement: true }),
    // A newer build in another tab changes the shape: it must not wait for this one.
    blocking: (_now, _next, event) => (event.target as IDBDatabase).close(),
  });

/** In this page only: for tests, and where the browser keeps nothing. */
export function memoryStore(already: readonly Item[] = []): ItemStore {
  let items = [...already];
  let last = Math.max(0, ...items.map(({ order }) => order));
  return {
    all: async () => items,
    add: async (item) => {
      last += 1;
      const added = { ...item, order: last, problem: null };
      items = [...items, added];
      return added;
    },
    settle: async (gone, change) => {
      items = items.filter(({ order }) => order !== gone).map((item) => change(item) ?? item);
    },
  };
}

/** In the browser's own database, through reloads, for all tabs. */
export function browserStore(name: string): ItemStore {
  const opened = open(name);
  return {
    all: async () => (await (await opened).getAll('items')) as Item[],
    add: async (item) => {
      const value = { ...item, problem: null };
      const order = await (await opened).add('items', value);
      return { ...value, order };
    },
    settle: async (gone, change) => {
      const work = (await opened).transaction('items', 'readwrite');
      if (gone !== null) await work.store.delete(gone);
      for (const item of (await work.store.getAll()) as Item[]) {
        const changed = change(item);
        if (changed) await work.store.put(changed);
      }
      await work.done;
    },
  };
}

/** One that goes on in memory, from what it last saw, when the browser refuses; the page then says so. */
export function lastingStore(kept: ItemStore): ItemStore {
  let seen: Item[] = [];
  let instead: ItemStore | null = null;
  const tried = async <T>(work: (store: ItemStore) => Promise<T>): Promise<T> => {
    if (instead) return work(instead);
    try {
      return await work(kept);
    } catch {
      // Full, refused, broken, or not there at all: browsers say it in many ways, and the page says that nothing is kept.
      noteShut();
      instead = memoryStore(seen);
      return work(instead);
    }
  };
  return {
    all: async () => (seen = await tried((store) => store.all())),
    add: (item) => tried((store) => store.add(item)),
    settle: (gone, change) => tried((store) => store.settle(gone, change)),
  };
}
