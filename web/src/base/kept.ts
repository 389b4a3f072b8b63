/**
 * What is kept on this device alone: drafts, timers, the step that is open, who works here. A browser may refuse it (a
 * private window, a full disk); then this page remembers it until it is closed, and says so ({@link onShut}).
 */
export interface Kept {
  /** As it was kept; null: nothing. */
  text: (key: string) => string | null;
  /** What was kept with `keep`; null: nothing, or something that this build cannot read. */
  value: <T>(key: string, isOf: (value: unknown) => value is T) => T | null;
  keepText: (key: string, text: string) => void;
  keep: (key: string, value: unknown) => void;
  forget: (key: string) => void;
  /** Hears when another tab keeps or forgets it. @returns stops it */
  heard: (key: string, hear: () => void) => () => void;
}

let shut = false;
const listeners = new Set<() => void>();

/** Whether the browser refused to keep something, in this page. */
export const isShut = (): boolean => shut;
export function onShut(hear: () => void): () => void {
  listeners.add(hear);
  return () => void listeners.delete(hear);
}

/** The browser refused to keep something. */
export function noteShut(): void {
  shut = true;
  for (const hear of listeners) hear();
}

function parsed(text: string): unknown {
  try {
    return JSON.parse(text) as unknown;
  } catch (error) {
    if (!(error instanceof SyntaxError)) throw error;
    return undefined;
  }
}

/** The part of the browser's storage that is used; a test passes its own. */
export type Shelf = Pick<Storage, 'getItem' | 'setItem' | 'removeItem'>;

/** @param shelf - asked for at each use: the browser may throw already at its name */
export function keptOn(shelf: () => Shelf): Kept {
  // Only what the browser refused; it goes before what lies on the shelf.
  const here = new Map<string, string | null>();
  const tried = <T>(ask: (storage: Shelf) => T): { done: T } | null => {
    try {
      return { done: ask(shelf()) };
    } catch (error) {
      if (!(error instanceof DOMException)) throw error;
      noteShut();
      return null;
    }
  };
  const text = (key: string): string | null => {
    const own = here.get(key);
    if (own !== undefined) return own;
    return tried((storage) => storage.getItem(key))?.done ?? null;
  };
  const keepText = (key: string, words: string) => {
    if (tried((storage) => storage.setItem(key, words))) here.delete(key);
    else here.set(key, words);
  };
  return {
    text,
    value: (key, isOf) => {
      const words = text(key);
      const value = words === null ? undefined : parsed(words);
      return isOf(value) ? value : null;
    },
    keepText,
    keep: (key, value) => keepText(key, JSON.stringify(value)),
    forget: (key) => {
      if (tried((storage) => storage.removeItem(key))) here.delete(key);
      else here.set(key, null);
    },
    heard: (key, hear) => {
      // The browser tells it to all tabs but the one that did it; without a key: all was emptied.
      const listen = (event: StorageEvent) => (event.key === key || event.key === null) && hear();
      window.addEventListener('storage', listen);
      return () => window.removeEventListener('storage', listen);
    },
  };
}

export const isNumber = (value: unknown): value is number => typeof value === 'number' && Number.isFinite(value);
export const isRecord = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

export const isText = (value: unknown): value is string => typeof value === 'string';
/** A record whose every value has these texts in it. @example isRecordOf('text')({ depth: { text: '30' } }) // true */
export const isRecordOf =
  (...texts: string[]) =>
  (value: unknown): boolean =>
    isRecord(value) && Object.values(value).every((row) => isRecord(row) && texts.every((name) => isText(row[name])));
export const isTexts = (value: unknown): value is string[] => Array.isArray(value) && value.every(isText);

/** Until it is forgotten. */
export const onDevice = keptOn(() => localStorage);
/** Until the tab is closed. */
export const inTab = keptOn(() => sessionStorage);
