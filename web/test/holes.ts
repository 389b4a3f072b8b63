import type { HoleSummary } from '@deep-mend/contract';

/** A hole in a list. */
export const holeRow = (changes: Partial<HoleSummary> = {}): HoleSummary => ({
  id: 'h1',
  name: 'Hole 4',
  code: '7KQ2M9XD',
  faceId: 'f1',
  faceName: 'Sump face',
  assetId: 'as1',
  assetName: 'Slipway winch',
  threadId: 'M8x1.25',
  generation: 0,
  repairs: 0,
  openMendId: null,
  station: null,
  what: '',
  lastOutcome: null,
  doNotUse: false,
  clockWhat: null,
  clockDueAt: null,
  updatedAt: '2026-01-02T08:00:00.000Z',
  revision: 3,
  ...changes,
});

export const pageOf = <T>(...items: T[]) => ({ items, next: null, more: false });
