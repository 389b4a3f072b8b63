import type { EndpointAt, EndpointSent, HoleDetail, HoleWritten, NewEvent } from '@deep-mend/contract';
import { InputError, foldHole, type HoleFile } from '@deep-mend/core';
import { useCallback, useEffect, useMemo, useRef } from 'react';
import { newId, useRead, write } from '../base/client.ts';
import { useShop } from '../base/ShopContext.tsx';
import { applyWritten } from './applyWritten.ts';

/** What is posted under a hole, by the last part of its address. */
type HolePart = 'events' | 'moves' | 'plans';
type HoleAddress<P extends HolePart = HolePart> = `/holes/${string}/${P}`;
type HoleBodies = { [P in HolePart]: EndpointSent<EndpointAt<'post', HoleAddress<P>>> };
type BodyOf<K extends NewEvent['kind']> = Extract<NewEvent, { kind: K }>['payload'];

/** The folded file of a hole, or why this build cannot read it: another one wrote what it does not know. */
function fileOfDetail(detail: HoleDetail): HoleFile | Error {
  try {
    return foldHole(detail.events);
  } catch (error) {
    if (!(error instanceof InputError && error.code === 'unknown-event')) throw error;
    return new Error(`A newer build recorded something here (${String(error.given)}). Load the page again.`);
  }
}

/**
 * One hole: its detail, its folded file, and how to add to it. Writes go out one after the other, each on the revision
 * that is on the screen by then, so that two quick changes of one person never conflict with each other.
 */
export function useHole(id: string) {
  const { actor } = useShop();
  const { data, error, mutate } = useRead(`/holes/${id}`);
  const folded = useMemo(() => (data ? fileOfDetail(data) : null), [data]);
  const unreadable = folded instanceof Error ? folded : undefined;
  const shown = useRef(data);
  useEffect(() => {
    // Never backwards: a later write may have been laid over it before this one was drawn.
    if (data && data.revision >= (shown.current?.revision ?? 0)) shown.current = data;
  }, [data]);
  const shownRevision = useRef(0);
  const queue = useRef<Promise<unknown>>(Promise.resolve());
  useEffect(() => {
    // Never backwards: this runs after the drawing, and the next write's answer may have come in between.
    if (data) shownRevision.current = Math.max(shownRevision.current, data.revision);
  }, [data]);

  const post = useCallback(
    <P extends HolePart>(path: P, body: HoleBodies[P]): Promise<HoleWritten> => {
      const send = async () => {
        const options = { actorId: actor.id, ifMatch: shownRevision.current };
        const after = await write<'post', HoleAddress>('post', `/holes/${id}/${path}`, body, options);
        shownRevision.current = after.revision;
        // The newest that was put on the screen, also where the page has not drawn it yet.
        const next = shown.current ? applyWritten(shown.current, after) : null;
        if (next) {
          shown.current = next;
          await mutate(next, { revalidate: false });
        } else await mutate();
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
    <K extends NewEvent['kind']>(kind: K, payload: BodyOf<K>): Promise<HoleWritten> =>
      post('events', { id: newId(), kind, payload, happenedAt: new Date().toISOString() }),
    [post],
  );
  return {
    detail: unreadable ? null : (data ?? null),
    file: folded instanceof Error ? null : folded,
    error: unreadable ?? error,
    append,
    post,
    refresh: mutate,
  };
}

export type HoleAccess = ReturnType<typeof useHole>;
