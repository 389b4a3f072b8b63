import { CHOICES } from './choices.ts';
import { QUANTITIES } from './quantities.ts';

/** What a reading or an answer that is asked for is called, as its field calls it. @example askedName('behind') // 'What lies behind it' */
export const askedName = (id: string): string =>
  QUANTITIES.find((row) => row.id === id)?.name ?? CHOICES.find((row) => row.id === id)?.label ?? id;
