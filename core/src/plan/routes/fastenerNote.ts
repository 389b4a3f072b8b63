import type { TakenFastener } from './fastener.ts';

/** What class of screw was taken where the other system has none such; that a class is not known is said where it decides. */
export function fastenerNote({ fastenerTaken }: { fastenerTaken: TakenFastener }): string[] {
  const { name, taken, insteadOf } = fastenerTaken;
  return taken === 'replaced' ? [`${name} taken in place of ${insteadOf}`] : [];
}
