import type { HoleDetail, NewEvent } from '@deep-mend/contract';
import { foldHole, type HoleEvent, type HoleFile } from '@deep-mend/core';
import { useCallback, useEffect, useMemo, useRef } from 'react';
import useSWR from 'swr';
import { newId, read, write } from '../api/client.ts';
import { useShop } from '../app/ShopContext.tsx';

type BodyOf<K extends NewEvent['kind']> = Extract<NewEvent, { kind: K }>['payload'];

/** The folded file of a hole's detail. */
export function fileOfDetail(detail: HoleDetail): HoleFile {
  // The server parsed every payload with the contract before storing it.
  return foldHole(detail.events as unknown as HoleEvent[]);
}

/**
 * One hole: its detail, its folded file, and how to add to it. Writes go out one after the other, each on the revision
 * that is on the screen by then, so that two quick changes of one person never conflict with each other.
 */
export function useHole(id: string) {
  const { actor } = useShop();
  const { data, error, mutate } = useSWR(`/holes/${id}`, read<HoleDetail>);
  const file = useMemo(() => (data ? fileOfDetail(data) : null), [data]);
  const shownRevision = useRef(0);
  const queue = useRef<Promise<unknown>>(Promise.resolve());
  useEffect(() => {
    // Never backwards: this runs after the drawing, and the next write's answer may have come in between.
    if (data) shownRevision.current = Math.max(shownRevision.current, data.revision);
  }, [data]);

  const post = useCallback(
    (path: string, body: object): Promise<HoleDetail> => {
      const send = async () => {
        const options = { actorId: actor.id, ifMatch: shownRevision.current };
        const after = await write<HoleDetail>('POST', `/holes/${id}/${path}`, body, options);
        shownRevision.current = after.revision;
        await mutate(after, { revalidate: false });
        return after;
      };
      // A refused write must not stop those behind it; its own caller hears of it.
      const sent = queue.current.then(send, send);
      queue.current = sent;
      return sent;
    },
    [id, actor.id, mutate],
  );
  const append = useCallback(
    <K extends NewEvent['kind']>(kind: K, payload: BodyOf<K>): Promise<HoleDetail> =>
      post('events', { id: newId(), kind, payload, happenedAt: new Date().toISOString() }),
    [post],
  );
  return { detail: data ?? null, file, error: error as Error | undefined, append, post, refresh: mutate };
}

export type HoleAccess = ReturnType<typeof useHole>;
