import type { TakenFastener } from './checks/strength.ts';

/** What class of screw was taken where nobody said, or where the other system has none such; empty where it was said. */
export function fastenerNote({ fastenerTaken }: { fastenerTaken: TakenFastener }): string[] {
  const { name, taken, insteadOf } = fastenerTaken;
  if (taken === 'as-said') return [];
  return [
    taken === 'assumed' ? `strength of the screw not known: ${name} assumed` : `${name} taken in place of ${insteadOf}`,
  ];
}
