import type { Clock } from '@deep-mend/core';
import { createContext, useContext } from 'react';

/** Waits of the mend that is open: events with a due time, so that they run on whatever becomes of this page. */
export interface MendClocks {
  running: readonly Clock[];
  /** Null: no mend is open. */
  start: ((what: string, minutes: number, cures?: Clock['cures']) => void) | null;
  end: (clockId: string) => void;
}

export const ClockContext = createContext<MendClocks>({ running: [], start: null, end: () => undefined });
export const useMendClocks = (): MendClocks => useContext(ClockContext);
