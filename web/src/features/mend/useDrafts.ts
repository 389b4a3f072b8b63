import {
  INSTRUMENTS,
  parseLength,
  QUANTITIES,
  type InstrumentId,
  type LengthResult,
  type QuantityId,
  type UnitSystem,
} from '@deep-mend/core';
import { useCallback, useState } from 'react';

/** What is typed but not recorded yet: kept on the device until it is. */
export interface Draft {
  text: string;
  instrument: InstrumentId;
  halfWidth: string;
}
export type Drafts = Partial<Record<QuantityId, Draft>>;

export const quantityOf = (id: QuantityId) => QUANTITIES.find((row) => row.id === id)!;
export const instrumentOf = (id: InstrumentId) => INSTRUMENTS.find((row) => row.id === id)!;

/** Reads a draft in the field's range and the shown unit. */
export function readDraft(quantity: QuantityId, draft: Draft, units: UnitSystem): LengthResult {
  const { minMm, maxMm } = quantityOf(quantity);
  return parseLength(draft.text, { bareUnit: units, minMm, maxMm });
}

/** The half-width of a draft in mm: always typed in millimetres, because instruments are known by it. */
export function readHalfWidth(draft: Draft): LengthResult {
  return parseLength(draft.halfWidth, { bareUnit: 'mm', minMm: 0, maxMm: 20 });
}

export function useDrafts(holeId: string) {
  const storageKey = `drafts:${holeId}`;
  const [drafts, setDrafts] = useState<Drafts>(() => JSON.parse(localStorage.getItem(storageKey) ?? '{}') as Drafts);
  const change = useCallback(
    (update: (before: Drafts) => Drafts) => {
      setDrafts((before) => {
        const after = update(before);
        localStorage.setItem(storageKey, JSON.stringify(after));
        return after;
      });
    },
    [storageKey],
  );
  const setDraft = useCallback(
    (id: QuantityId, draft: Draft) => change((before) => ({ ...before, [id]: draft })),
    [change],
  );
  // What was typed while an earlier value was on its way must stay: only the draft that was recorded is cleared.
  const clearDraft = useCallback(
    (id: QuantityId, recorded: Draft) =>
      change((before) =>
        before[id]?.text === recorded.text && before[id]?.halfWidth === recorded.halfWidth
          ? Object.fromEntries(Object.entries(before).filter(([key]) => key !== id))
          : before,
      ),
    [change],
  );
  return { drafts, setDraft, clearDraft };
}
