import {
  createContext,
  startTransition,
  useCallback,
  useContext,
  useEffect,
  useLayoutEffect,
  useMemo,
  useRef,
  useState,
  useSyncExternalStore,
  type RefObject,
} from 'react';
import { draftStore, type Draft, type Drafts, type DraftStore } from './drafts.ts';
import { viewsOf, startedDraft, type ReadingView, type ReadingInput } from './readingView.ts';

const Context = createContext<DraftStore | null>(null);
export const DraftContext = Context.Provider;

function useStore(): DraftStore {
  const store = useContext(Context);
  if (!store) throw new Error('a draft outside a mend');
  return store;
}

/** The name under which this device keeps what is typed for a choice about the hole. */
export const useChoiceKey = (field: string): string => `choice:${useStore().holeId}:${field}`;

/** The drafts of a hole for as long as its page is open. Whoever leaves the page leaves nothing behind. */
export function useDraftStore(holeId: string): DraftStore {
  const [store] = useState(() => draftStore(holeId));
  useEffect(() => {
    const stop = store.follow();
    window.addEventListener('pagehide', store.keep);
    return () => {
      stop();
      window.removeEventListener('pagehide', store.keep);
      store.keep();
    };
  }, [store]);
  return store;
}

/**
 * One field's draft. The browser owns the text in the input: it is put there when it comes from elsewhere, and a key that
 * changes nothing round the text draws nothing again.
 *
 * @returns the input's reference, what stands round it, and how to change its draft
 */
export function useReading(
  input: Omit<ReadingInput, 'draft'>,
): [RefObject<HTMLInputElement | null>, ReadingView, (change: Partial<Draft>) => void] {
  const store = useStore();
  const { quantity, threadId, entry, units, rules } = input;
  const viewOf = useMemo(
    () => viewsOf({ quantity, threadId, entry, units, rules }),
    [quantity, threadId, entry, units, rules],
  );
  const subscribe = useCallback((hear: () => void) => store.subscribe(hear, quantity), [store, quantity]);
  const view = useSyncExternalStore(subscribe, () => viewOf(store.get()[quantity]));
  const ref = useRef<HTMLInputElement>(null);
  useLayoutEffect(() => {
    const show = (text: string | undefined) => {
      if (ref.current && text !== undefined && ref.current.value !== text) ref.current.value = text;
    };
    show(store.get()[quantity]?.text ?? entry?.text ?? '');
    return subscribe(() => show(store.get()[quantity]?.text));
  }, [store, subscribe, quantity, entry, view.drafted]);
  const change = (part: Partial<Draft>) => {
    const started = startedDraft({ ...input, draft: store.get()[quantity] });
    // An emptied field begins again in the unit that is shown.
    store.set(quantity, { ...started, ...part, ...(started.text.trim() === '' ? { units } : {}) });
  };
  return [ref, view, change];
}

/**
 * All drafts within the keystroke's own frame: for the drawing. Not `useSyncExternalStore`, which leaves an effect to run
 * after each key and so wakes the scheduler once more.
 */
export function useDraftsNow(store: DraftStore): Drafts {
  const [drafts, setDrafts] = useState(store.get);
  useLayoutEffect(() => {
    const follow = () => setDrafts(store.get());
    follow();
    return store.subscribe(follow);
  }, [store]);
  return drafts;
}

/**
 * All drafts, for what stands round the drawing: it follows in the next free moment, and gives way to the next key.
 *
 * @param atOnce - follow within the key's own frame after all
 */
export function useSettledDrafts(store: DraftStore, atOnce: boolean): Drafts {
  const [drafts, setDrafts] = useState(store.get);
  useEffect(() => {
    let frame = 0;
    const later = () => {
      frame = 0;
      startTransition(() => setDrafts(store.get()));
    };
    const follow = () => {
      if (atOnce) setDrafts(store.get());
      else if (frame === 0) frame = requestAnimationFrame(later);
    };
    // What was typed before this ran.
    follow();
    const stop = store.subscribe(follow);
    return () => {
      stop();
      cancelAnimationFrame(frame);
    };
  }, [store, atOnce]);
  useEffect(() => store.keep(), [store, drafts]);
  return drafts;
}
