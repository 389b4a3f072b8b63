import type { HouseRules } from './HoleCase.ts';

/** What a shop's own records may stand for, each by an id: a way, a way in a metal, an instrument. */
export const OWN_KINDS = ['minutes', 'came-back', 'doubt'] as const;

/** A figure of the shop's own that somebody said yes to. It stays as it was then, with the records it stood on. */
export type OwnUsed = {
  kind: (typeof OWN_KINDS)[number];
  /** `wire-coil`; `wire-coil aluminium-cast`; `caliper`. */
  id: string;
  /** Minutes, a share, or mm. */
  value: number;
  count: number;
};

/** What a shop uses in place of what is printed; null: what is printed. @example ownUsed({ own: [] }, 'doubt', 'caliper') // null */
export const ownUsed = ({ own }: Pick<HouseRules, 'own'>, kind: OwnUsed['kind'], id: string): OwnUsed | null =>
  own?.find((row) => row.kind === kind && row.id === id) ?? null;
