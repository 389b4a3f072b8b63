import { InputError } from '../../basis/numeric/index.ts';
import type { EventStamp } from './EventKind.ts';
import { EVENT_KIND_IDS, EVENT_KINDS, type EventKindId, type HoleEvent, type HoleEventBody } from './registry.ts';

/** An event as it lies in a store or comes over a border: its kind and its payload may be of another build. */
export interface StoredEvent extends EventStamp {
  kind: string;
  payloadVersion: number;
  payload: unknown;
}

const isKind = (kind: string): kind is EventKindId => Object.hasOwn(EVENT_KINDS, kind);

/**
 * A payload at the version that this build writes. A kind or a version that this build does not know is named, never
 * skipped: throws `unknown-event`, and whoever shows the hole asks for a reload.
 */
export function readPayload(kind: string, payloadVersion: number, payload: unknown): HoleEventBody {
  if (!isKind(kind)) throw new InputError('unknown-event', kind, EVENT_KIND_IDS);
  const { version, upcast } = EVENT_KINDS[kind];
  if (!(payloadVersion >= 1 && payloadVersion <= version))
    throw new InputError('unknown-event', `${kind}, version ${payloadVersion}`, [`${kind}, version 1 to ${version}`]);
  let body = payload;
  for (let from = payloadVersion; from < version; from += 1) body = upcast[from]!(body as never);
  return { kind, payload: body } as HoleEventBody;
}

/** A stored event at the version that this build writes. Throws `unknown-event`. */
export const readStored = ({ kind, payloadVersion, payload, ...stamp }: StoredEvent): HoleEvent => ({
  ...stamp,
  ...readPayload(kind, payloadVersion, payload),
});
