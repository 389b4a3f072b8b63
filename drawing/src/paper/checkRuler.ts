import type { UnitSystem } from '@deep-mend/core';
import type { Pen, Shape } from '../DisplayList.ts';
import { level, upright, words } from '../shapes.ts';
import { PT_PER_INCH, PT_PER_MM } from './Paper.ts';

const PEN: Pen = { ink: 'ink', width: 0.8 };
const TICK_PT = 4;

/** So long a ruler is drawn, in its own unit, with its ticks. */
const RULERS = {
  mm: { length: 50, unitPt: PT_PER_MM, step: 5, longEvery: 10, words: '50 mm' },
  in: { length: 2, unitPt: PT_PER_INCH, step: 0.25, longEvery: 1, words: '2 in' },
} as const;

export const rulerLengthPt = (units: UnitSystem): number => RULERS[units].length * RULERS[units].unitPt;

/** A ruler at its true size: a print that was scaled shows when a rule is held to it. */
export function checkRuler(units: UnitSystem, x: number, y: number): Shape[] {
  const { length, unitPt, step, longEvery, words: text } = RULERS[units];
  const ticks = Array.from({ length: Math.round(length / step) + 1 }, (_, index) => index * step);
  return [
    level('ruler', y, x, x + length * unitPt, PEN),
    ...ticks.map((at) =>
      upright(`ruler ${at}`, x + at * unitPt, y - (at % longEvery === 0 ? 1.6 : 1) * TICK_PT, y, PEN),
    ),
    words('ruler words', [x, y + 9], `${text}: hold a rule to it. A print that was scaled shows here.`, {
      sizePt: 6.8,
      ink: 'faint',
      font: 'text',
    }),
  ];
}
