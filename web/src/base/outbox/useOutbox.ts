import { createContext, useCallback, useContext, useMemo, useSyncExternalStore } from 'react';
import type { Address, EndpointAt, EndpointSent, Problem } from '@deep-mend/contract';
import type { Item, NewItem } from './Item.ts';
import type { Outbox, Sent } from './outbox.ts';

export const OutboxContext = createContext<Outbox | null>(null);

export function useOutbox(): Outbox {
  const outbox = useContext(OutboxContext);
  if (!outbox) throw new Error('useOutbox outside its provider');
  return outbox;
}

/** Everything that is not acknowledged yet. */
export function useItems(): readonly Item[] {
  const outbox = useOutbox();
  return useSyncExternalStore(outbox.subscribe, outbox.items);
}

/** What of one line waits to be sent, and what is to be decided. */
export function useLine(line: string): { waiting: readonly Item[]; refused: readonly Item[] } {
  const items = useItems();
  return useMemo(() => {
    const ours = items.filter((item) => item.line === line);
    return {
      waiting: ours.filter(({ problem }) => problem === null),
      refused: ours.filter(({ problem }) => problem !== null),
    };
  }, [items, line]);
}

/** What a write at an address sends, typed from the contract's table; the rest belongs to what was typed. */
export type Writing<M extends 'post' | 'put', A extends Address<M>> = Omit<NewItem, 'method' | 'address' | 'body'> & {
  method: M;
  address: A;
  body: EndpointSent<EndpointAt<M, A>>;
};

/** Writes once, through the outbox. */
export function useWrite() {
  const outbox = useOutbox();
  return useCallback(
    <M extends 'post' | 'put', A extends Address<M>>(writing: Writing<M, A>): Promise<Sent> => outbox.send(writing),
    [outbox],
  );
}

/** Whether it met another's decision: that is decided where both are shown. */
export const isConflict = ({ status }: Problem): boolean => status === 409;
