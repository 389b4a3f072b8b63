import type { HoleFile, ParsedLength, QuantityId } from '@deep-mend/core';
import { useRef } from 'react';
import { useStable } from '../../base/useStable.ts';
import type { HoleAccess } from '../../parts/useHole.ts';
import { readDraft, readHalfWidth, type Draft, type DraftStore } from './drafts.ts';

interface Recording {
  file: HoleFile;
  store: DraftStore;
  access: HoleAccess;
  guarded: (work: () => Promise<unknown>) => Promise<boolean>;
}

/** Turns what was typed into readings of the record: each draft once, however many ways it is sent. */
export function useRecord({ file, store, access, guarded }: Recording) {
  const recordOnce = async (quantity: QuantityId, draft: Draft, length: ParsedLength, halfWidthMm: number) => {
    const { text, notation, mm } = length;
    const payload = { quantity, text, notation, mm, halfWidthMm, instrument: draft.instrument };
    const entry = file.live[quantity];
    const same =
      entry && entry.mm === mm && entry.halfWidthMm === halfWidthMm && entry.instrument === payload.instrument;
    if (!same) await access.append('reading', payload);
    store.clear(quantity, draft);
  };
  // Enter, leaving the field and planning may all record the same draft before the page has drawn its answer: the
  // draft object is what was typed, so it is sent once. A refused one may be sent again.
  const sent = useRef(new WeakMap<Draft, Promise<void>>());
  /** Records a draft if it can be read and says something new. */
  const record = async (quantity: QuantityId, draft: Draft): Promise<void> => {
    const length = readDraft(quantity, draft);
    const doubt = readHalfWidth(draft);
    if (!length.ok || !doubt.ok) return undefined;
    const before = sent.current.get(draft);
    if (before) return before;
    const now = recordOnce(quantity, draft, length.length, doubt.length.mm).catch((error: unknown) => {
      sent.current.delete(draft);
      throw error;
    });
    sent.current.set(draft, now);
    return now;
  };
  const commit = useStable((quantity: QuantityId) => {
    const draft = store.get()[quantity];
    if (!draft) return;
    if (draft.text.trim() === '') store.clear(quantity, draft);
    else void guarded(() => record(quantity, draft));
  });
  return { record, commit };
}
