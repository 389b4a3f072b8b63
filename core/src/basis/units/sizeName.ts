import { mmToInch } from './inch.ts';

const FINEST = 64;

/**
 * A size of a thing that is bought, in the system that it is made in, whatever the reader's: keys and screws of inch threads go by
 * fractions.
 * @example sizeName(6, 'metric') // '6 mm'
 * @example sizeName(31.75, 'inch') // '1 1/4 in'
 */
export function sizeName(mm: number, system: 'metric' | 'inch'): string {
  if (system === 'metric') return `${Number(mm.toFixed(2))} mm`;
  const parts = Math.round(mmToInch(mm) * FINEST);
  const whole = Math.floor(parts / FINEST);
  let [top, bottom] = [parts % FINEST, FINEST];
  while (top > 0 && top % 2 === 0) [top, bottom] = [top / 2, bottom / 2];
  const fraction = top === 0 ? '' : `${top}/${bottom}`;
  return `${[whole > 0 || fraction === '' ? String(whole) : '', fraction].filter((part) => part !== '').join(' ')} in`;
}
