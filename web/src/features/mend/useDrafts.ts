import { createContext, startTransition, useContext, useEffect, useState, useSyncExternalStore } from 'react';
import type { QuantityId } from '@deep-mend/core';
import { draftStore, type Draft, type Drafts, type DraftStore } from './drafts.ts';

const Context = createContext<DraftStore | null>(null);
export const DraftContext = Context.Provider;

function useStore(): DraftStore {
  const store = useContext(Context);
  if (!store) throw new Error('a draft outside a mend');
  return store;
}

/** The drafts of a hole for as long as its page is open. Whoever leaves the page leaves nothing behind. */
export function useDraftStore(holeId: string): DraftStore {
  const [store] = useState(() => draftStore(holeId));
  useEffect(() => {
    window.addEventListener('pagehide', store.keep);
    return () => {
      window.removeEventListener('pagehide', store.keep);
      store.keep();
    };
  }, [store]);
  return store;
}

/** One field's draft, and how to change it: the field is drawn again when this draft changes, and only then. */
export function useDraft(quantity: QuantityId): [Draft | undefined, (draft: Draft) => void] {
  const store = useStore();
  const draft = useSyncExternalStore(store.subscribe, () => store.get()[quantity]);
  return [draft, (next) => store.set(quantity, next)];
}

/** All drafts within the keystroke's own frame: for the drawing. */
export const useDraftsNow = (store: DraftStore): Drafts => useSyncExternalStore(store.subscribe, store.get);

/**
 * All drafts, for what stands round the drawing: it follows in the next free moment, and gives way to the next key.
 *
 * @param atOnce - follow within the key's own frame after all
 */
export function useSettledDrafts(store: DraftStore, atOnce: boolean): Drafts {
  const [drafts, setDrafts] = useState(store.get);
  useEffect(() => {
    const follow = () => {
      if (atOnce) setDrafts(store.get());
      else startTransition(() => setDrafts(store.get()));
    };
    // What was typed before this ran.
    follow();
    return store.subscribe(follow);
  }, [store, atOnce]);
  useEffect(() => store.keep(), [store, drafts]);
  return drafts;
}
