import {
  INSTRUMENTS,
  isGauged,
  parseLength,
  quantityRow,
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

export const instrumentOf = (id: InstrumentId) => INSTRUMENTS.find((row) => row.id === id)!;

/** Reads a draft in the field's range and the shown unit. */
export function readDraft(quantity: QuantityId, draft: Draft, units: UnitSystem): LengthResult {
  const { minMm, maxMm } = quantityRow(quantity);
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
  /** @param of - hears of one reading only; of all by default */
  subscribe: (listener: () => void, of?: QuantityId) => () => void;
  /** Puts on the shelf what is not there yet: after the frame that answers the key, which does not wait for it. */
  keep: () => void;
}

/** @param shelf - what was kept is read once, at the start */
export function draftStore(holeId: string, shelf: DraftShelf = localStorage): DraftStore {
  const storageKey = `drafts:${holeId}`;
  let drafts = JSON.parse(shelf.getItem(storageKey) ?? '{}') as Drafts;
  let saved = true;
  const listeners = new Set<{ hear: () => void; of: QuantityId | undefined }>();
  const change = (id: QuantityId, after: Drafts) => {
    drafts = after;
    saved = false;
    for (const { hear, of } of listeners) if (of === undefined || of === id) hear();
  };
  return {
    get: () => drafts,
    set: (id, draft) => change(id, { ...drafts, [id]: draft }),
    clear: (id, recorded) => {
      const now = drafts[id];
      if (now?.text !== recorded.text || now.halfWidth !== recorded.halfWidth) return;
      change(id, Object.fromEntries(Object.entries(drafts).filter(([key]) => key !== id)));
    },
    subscribe: (hear, of) => {
      const listener = { hear, of };
      listeners.add(listener);
      return () => void listeners.delete(listener);
    },
    keep: () => {
      if (!saved) shelf.setItem(storageKey, JSON.stringify(drafts));
      saved = true;
    },
  };
}
