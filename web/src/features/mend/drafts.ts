import {
  formatLength,
  INSTRUMENTS,
  isGauged,
  ownUsed,
  parseLength,
  quantityRow,
  type HouseRules,
  type InstrumentId,
  type LengthResult,
  type QuantityId,
  type UnitSystem,
  PRECISION,
} from '@deep-mend/core';
import { isRecordOf, onDevice, type Kept } from '../../base/kept.ts';

/** What is typed but not recorded yet: kept on the device until it is. */
export interface Draft {
  text: string;
  instrument: InstrumentId;
  /** A bare number is millimetres, because instruments are known by it; typed in inches it carries its unit. */
  halfWidth: string;
  /** The unit in which the text was typed: the switch of units does not change what a bare number means. */
  units: UnitSystem;
}
export type Drafts = Readonly<Partial<Record<QuantityId, Draft>>>;

export const instrumentOf = (id: InstrumentId) => INSTRUMENTS.find((row) => row.id === id)!;

/** Doubt of an instrument, mm: the shop's own where it is used, else the printed one. */
export const doubtMmOf = (id: InstrumentId, rules: Pick<HouseRules, 'own'>): number =>
  ownUsed(rules, 'doubt', id)?.value ?? instrumentOf(id).halfWidthMm;

/** Reads a draft in the field's range and the unit in which it was typed. */
export function readDraft(quantity: QuantityId, draft: Draft): LengthResult {
  const { minMm, maxMm } = quantityRow(quantity);
  return parseLength(draft.text, { bareUnit: draft.units, minMm, maxMm, gauges: isGauged(quantity) });
}

/** The half-width of a draft in mm. */
export function readHalfWidth(draft: Pick<Draft, 'halfWidth'>): LengthResult {
  return parseLength(draft.halfWidth, { bareUnit: 'mm', minMm: 0, maxMm: 20, gauges: false });
}

const INCHES = / in$/;
/** A half-width as it is shown in the reader's unit, without it. @example halfWidthShown('0.05', 'in') // '0.002' */
export function halfWidthShown(halfWidth: string, units: UnitSystem): string {
  const typed = halfWidth.replace(INCHES, '');
  if (INCHES.test(halfWidth) === (units === 'in')) return typed;
  const read = readHalfWidth({ halfWidth });
  return read.ok ? String(Number(formatLength(read.length.mm, units, PRECISION.bore[units]))) : typed;
}
/** One as it is kept: typed in inches it carries its unit. @example halfWidthTyped('0.002', 'in') // '0.002 in' */
export const halfWidthTyped = (text: string, units: UnitSystem): string =>
  units === 'in' && text.trim() !== '' ? `${text} in` : text;

const isDrafts = (value: unknown): value is Drafts => isRecordOf('text', 'instrument', 'halfWidth', 'units')(value);

/** The drafts of one hole, outside the page's own state: a key then redraws its field and the drawing, not the page. */
export interface DraftStore {
  readonly holeId: string;
  get: () => Drafts;
  set: (id: QuantityId, draft: Draft) => void;
  /** Forgets a draft once it is recorded, unless something else was typed over it meanwhile. */
  clear: (id: QuantityId, recorded: Draft) => void;
  /** @param of - hears of one reading only; of all by default */
  subscribe: (listener: () => void, of?: QuantityId) => () => void;
  /** Puts on the shelf what is not there yet: after the frame that answers the key, which does not wait for it. */
  keep: () => void;
  /** Goes on with what another tab typed on this hole, for as long as it is listened to. */
  follow: () => () => void;
}

/** @param kept - read once, at the start */
export function draftStore(holeId: string, kept: Kept = onDevice): DraftStore {
  const storageKey = `drafts:${holeId}`;
  let drafts: Drafts = {};
  /** What was typed or cleared here and is not on the shelf yet: another tab may have put something beside it. */
  const unsaved = new Set<QuantityId>();
  const listeners = new Set<{ hear: () => void; of: QuantityId | undefined }>();
  const change = (id: QuantityId, after: Drafts) => {
    drafts = after;
    unsaved.add(id);
    for (const { hear, of } of listeners) if (of === undefined || of === id) hear();
  };
  const onShelf = (): Drafts => kept.value(storageKey, isDrafts) ?? {};
  const merged = (): Drafts => {
    const all: Partial<Record<QuantityId, Draft>> = { ...onShelf() };
    for (const id of unsaved) {
      delete all[id];
      const own = drafts[id];
      if (own) all[id] = own;
    }
    return all;
  };
  drafts = onShelf();
  return {
    holeId,
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
      if (unsaved.size === 0) return;
      // What another tab typed has been heard and laid in: nothing is read here, a key waits for it.
      kept.keep(storageKey, drafts);
      unsaved.clear();
    },
    follow: () =>
      kept.heard(storageKey, () => {
        drafts = merged();
        for (const { hear } of listeners) hear();
      }),
  };
}
