import type { EventKind } from './EventKind.ts';

/** Who may release a hole that can hurt someone. */
export const RELEASERS = [
  { id: 'maker', name: 'the maker' },
  { id: 'engineer', name: 'a competent engineer' },
  { id: 'code-body', name: 'the code’s body' },
] as const;
export type Releaser = (typeof RELEASERS)[number]['id'];

/** A release as somebody named it: nobody has proved who it was, and nothing later turns it into a signature. */
export type ReleasedPayload = {
  mendId: string;
  role: Releaser;
  /** Name as it was given. */
  by: string;
  reference: string;
  /** Date on the release, YYYY-MM-DD. */
  date: string;
  /** What it allows, in its own words. */
  allows: string;
};

export const released: EventKind<ReleasedPayload> = {
  class: 'chosen',
  version: 1,
  upcast: {},
  standsOnRevision: true,
  apply: (file, { mendId, ...release }) => {
    const mend = file.mends.find((entry) => entry.id === mendId);
    if (mend) mend.release = release;
  },
};
