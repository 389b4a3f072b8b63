import { MM_PER_INCH, type UnitSystem } from '@deep-mend/core';

export interface RuleTick {
  y: number;
  /** Share of the longest tick. */
  length: number;
  numeral: string | null;
}

export function ruleTicks(
  units: UnitSystem,
  totalMm: number,
  scale: number,
  hidden: { fromMm: number; toMm: number } | null,
  yOf: (mm: number) => number,
) {
  const inch = units === 'in';
  const step = inch ? MM_PER_INCH / 16 : 1;
  const sparse = step * scale < 4 ? (inch ? 2 : 5) : 1;
  // Numerals need 22 px; in inches they stand at quarters or halves.
  const numeralEvery = inch ? (4 * step * scale >= 22 ? 4 : 8) : 5 * scale >= 22 ? 5 : 10;
  const ticks: RuleTick[] = [];
  for (let n = 0; n * step <= totalMm + 1e-9; n += sparse) {
    const mm = n * step;
    if (hidden && mm > hidden.fromMm && mm < hidden.toMm) continue;
    const major = n % numeralEvery === 0;
    const middle = n % (inch ? 2 : 5) === 0;
    ticks.push({
      y: yOf(mm),
      length: major ? 1 : middle ? 0.6 : 0.35,
      numeral: major ? (inch ? sixteenths(n) : String(n)) : null,
    });
  }
  return ticks;
}

function sixteenths(n: number): string {
  const whole = Math.floor(n / 16);
  const rest = n % 16;
  if (rest === 0) return String(whole);
  const divisor = rest % 8 === 0 ? 8 : rest % 4 === 0 ? 4 : rest % 2 === 0 ? 2 : 1;
  return `${whole === 0 ? '' : `${whole} `}${rest / divisor}/${16 / divisor}`;
}
