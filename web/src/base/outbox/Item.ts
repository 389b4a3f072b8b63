import type { HoleDetail, Problem } from '@deep-mend/contract';

/** An event as it will stand on its hole once it is recorded; its place in the hole's life is the server's to give. */
export type ShownEvent = Omit<HoleDetail['events'][number], 'seq'>;

/** Something to be written, with all that belongs to what was typed: its id, its time, who, and what was seen. */
export interface NewItem {
  /** What is written in order, one after the other: the address of the hole, of the asset, of the shop. */
  line: string;
  method: 'post' | 'put';
  address: string;
  body: unknown;
  /** The same key records once, however often it is delivered. */
  key: string;
  actorId: string;
  /** The revision on the screen when it was decided; null: it stands on none. */
  seen: number | null;
  /** It is a decision on what was seen: it may meet another's, and those behind it wait until that is decided. */
  decides: boolean;
  /** What will stand on a hole when it is recorded; shown until then. */
  shows: readonly { holeId: string; event: ShownEvent }[];
  /** What stood there when it was decided, where a whole is written at once: what of it was changed follows from it. */
  saw?: unknown;
  /** What it is, for whoever reads the list of what waits. */
  title: string;
}

/** One that waits on this device until the server has acknowledged it. */
export interface Item extends NewItem {
  /** Its place in the order of this device. */
  order: number;
  /** Why the server would not take it; null: it waits to be sent. */
  problem: Problem | null;
}
