import { eventWords } from '@deep-mend/core';
import type { EndpointAt, EndpointSent, HoleDetail, NewEvent } from '@deep-mend/contract';
import {
  EVENT_KINDS,
  InputError,
  foldHole,
  type EventKindId,
  type HoleEventBody,
  type HoleFile,
} from '@deep-mend/core';
import { useCallback, useMemo } from 'react';
import { useSWRConfig } from 'swr';
import { newId, useRead } from '../base/client.ts';
import type { ShownEvent } from '../base/outbox/Item.ts';
import type { Sent } from '../base/outbox/outbox.ts';
import { useItems, useWrite } from '../base/outbox/useOutbox.ts';
import { useShop } from '../base/ShopContext.tsx';

/** What is posted under a hole, by the last part of its address. */
type HolePart = 'events' | 'moves' | 'plans';
type HoleAddress<P extends HolePart = HolePart> = `/holes/${string}/${P}`;
type HoleBodies = {
  [P in HolePart]: EndpointSent<EndpointAt<'post', HoleAddress<P>>> & { id: string; happenedAt: string };
};
type BodyOf<K extends NewEvent['kind']> = Extract<NewEvent, { kind: K }>['payload'];
/** What a write will leave on a hole: on this one, where none is named. */
export type Leaves = HoleEventBody & { id: string; holeId?: string };

/** The folded file of a hole, or why this build cannot read it: another one wrote what it does not know. */
function fileOfDetail(detail: HoleDetail): HoleFile | Error {
  try {
    return foldHole(detail.events);
  } catch (error) {
    if (!(error instanceof InputError && error.code === 'unknown-event')) throw error;
    return new Error(`A newer build recorded something here (${String(error.given)}). Load the page again.`);
  }
}

/** A hole with what waits on this device laid after what is recorded, so that nothing typed snaps back meanwhile. */
function withWaiting(detail: HoleDetail, waiting: readonly ShownEvent[]): HoleDetail {
  const there = new Set(detail.events.map(({ id }) => id));
  const more = waiting.filter(({ id }) => !there.has(id));
  if (more.length === 0) return detail;
  const laid = more.map((event, index) => ({ ...event, seq: detail.revision + index + 1 }));
  return { ...detail, events: [...detail.events, ...laid] };
}

/** What waits to be recorded on a hole. */
function useWaitingOn(id: string): readonly ShownEvent[] {
  const items = useItems();
  return useMemo(
    () =>
      items
        .filter(({ problem }) => problem === null)
        .flatMap(({ shows }) => shows.filter(({ holeId }) => holeId === id).map(({ event }) => event)),
    [items, id],
  );
}

/** One hole: its detail, its folded file with what waits to be recorded, and how to add to it. */
export function useHole(id: string) {
  const { actor } = useShop();
  const write = useWrite();
  const { cache } = useSWRConfig();
  const line = `/holes/${id}` as const;
  const { data, error, mutate } = useRead(line);
  const waiting = useWaitingOn(id);
  const detail = useMemo(() => (data ? withWaiting(data, waiting) : null), [data, waiting]);
  const folded = useMemo(() => (detail ? fileOfDetail(detail) : null), [detail]);
  const unreadable = folded instanceof Error ? folded : undefined;

  const post = useCallback(
    <P extends HolePart>(path: P, body: HoleBodies[P], leaves: readonly Leaves[]): Promise<Sent> => {
      // What is laid in by now, also where the page has not drawn it yet: a person does not conflict with herself.
      const seen = (cache.get(line)?.data as HoleDetail | undefined)?.revision ?? 0;
      const { id: key, happenedAt } = body;
      const [first] = leaves;
      return write<'post', HoleAddress>({
        line,
        method: 'post',
        address: `${line}/${path}`,
        body,
        key,
        actorId: actor.id,
        seen,
        decides: leaves.some(({ kind }) => EVENT_KINDS[kind].standsOnRevision),
        shows: leaves.map(({ id: eventId, holeId = id, kind, payload }) => ({
          holeId,
          event: {
            id: eventId,
            kind,
            payload: payload as unknown as ShownEvent['payload'],
            payloadVersion: EVENT_KINDS[kind].version,
            happenedAt,
            recordedAt: happenedAt,
            actor: actor.name,
          },
        })),
        title: first ? eventWords(first) : '',
      });
    },
    [write, cache, line, id, actor],
  );
  const append = useCallback(
    <K extends NewEvent['kind']>(kind: K, payload: BodyOf<K>): Promise<Sent> => {
      const event = { id: newId(), kind, payload };
      const body = {
        ...event,
        payloadVersion: EVENT_KINDS[kind as EventKindId].version,
        happenedAt: new Date().toISOString(),
      };
      return post('events', body as HoleBodies['events'], [event as unknown as Leaves]);
    },
    [post],
  );
  return {
    detail: unreadable ? null : detail,
    file: folded instanceof Error ? null : folded,
    error: unreadable ?? error,
    append,
    post,
    refresh: mutate,
  };
}

export type HoleAccess = ReturnType<typeof useHole>;
