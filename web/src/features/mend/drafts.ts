import {
  INSTRUMENTS,
  isGauged,
  parseLength,
  QUANTITIES,
  type InstrumentId,
  type LengthResult,
  type QuantityId,
  type UnitSystem,
} from '@deep-mend/core';

/** What is typed but not recorded yet: kept on the device until it is. */
export interface Draft {
  text: string;
  instrument: InstrumentId;
  halfWidth: string;
}
export type Drafts = Readonly<Partial<Record<QuantityId, Draft>>>;

export const quantityOf = (id: QuantityId) => QUANTITIES.find((row) => row.id === id)!;
export const instrumentOf = (id: InstrumentId) => INSTRUMENTS.find((row) => row.id === id)!;

/** Reads a draft in the field's range and the shown unit. */
export function readDraft(quantity: QuantityId, draft: Draft, units: UnitSystem): LengthResult {
  const { minMm, maxMm } = quantityOf(quantity);
  return parseLength(draft.text, { bareUnit: units, minMm, maxMm, gauges: isGauged(quantity) });
}

/** The half-width of a draft in mm: always typed in millimetres, because instruments are known by it. */
export function readHalfWidth(draft: Draft): LengthResult {
  return parseLength(draft.halfWidth, { bareUnit: 'mm', minMm: 0, maxMm: 20, gauges: false });
}

/** Where the drafts of one hole are kept between visits; the browser's own storage outside tests. */
export type DraftShelf = Pick<Storage, 'getItem' | 'setItem'>;

/** The drafts of one hole, outside the page's own state: a key then redraws its field and the drawing, not the page. */
export interface DraftStore {
  get: () => Drafts;
  set: (id: QuantityId, draft: Draft) => void;
  /** Forgets a draft once it is recorded, unless something else was typed over it meanwhile. */
  clear: (id: QuantityId, recorded: Draft) => void;
  subscribe: (listener: () => void) => () => void;
  /** Puts on the shelf what is not there yet: after the frame that answers the key, which does not wait for it. */
  keep: () => void;
}

/** @param shelf - what was kept is read once, at the start */
export function draftStore(holeId: string, shelf: DraftShelf = localStorage): DraftStore {
  const storageKey = `drafts:${holeId}`;
  let drafts = JSON.parse(shelf.getItem(storageKey) ?? '{}') as Drafts;
  let kept = true;
  const listeners = new Set<() => void>();
  const change = (after: Drafts) => {
    drafts = after;
    kept = false;
    for (const listener of listeners) listener();
  };
  return {
    get: () => drafts,
    set: (id, draft) => change({ ...drafts, [id]: draft }),
    clear: (id, recorded) => {
      const now = drafts[id];
      if (now?.text !== recorded.text || now.halfWidth !== recorded.halfWidth) return;
      change(Object.fromEntries(Object.entries(drafts).filter(([key]) => key !== id)));
    },
    subscribe: (listener) => {
      listeners.add(listener);
      return () => void listeners.delete(listener);
    },
    keep: () => {
      if (!kept) shelf.setItem(storageKey, JSON.stringify(drafts));
      kept = true;
    },
  };
}
