import { CHOICES, mayBeEmptied, type ChoiceRow } from '@deep-mend/core';
import { CHOICE_VALUES, ChoicePayload } from './choices.ts';

/** What a row takes and what it refuses, by the row alone. */
function samples(row: ChoiceRow): { good: unknown[]; bad: unknown[] } {
  switch (row.kind) {
    case 'options':
      return { good: row.options.map((option) => option.id), bad: ['no such option', 3, ''] };
    case 'flag':
      return { good: [true, false], bad: ['true', 1] };
    case 'number':
      return { good: [row.min, row.max], bad: [row.min - 1, row.max + 1, NaN, String(row.min)] };
    case 'text':
      return { good: ['', row.usual, 'x'.repeat(row.most)], bad: ['x'.repeat(row.most + 1), 'a\u0000b', 4] };
    case 'row':
      return { good: ['M8x1.25'], bad: ['x'.repeat(row.most + 1), 8] };
  }
}

test.each(CHOICES.map((row) => [row.id, row] as const))('%s takes what its row says and nothing else', (id, row) => {
  const { good, bad } = samples(row);
  const takes = (value: unknown) => CHOICE_VALUES[id].safeParse(value).success;
  for (const value of good) expect([value, takes(value)]).toEqual([value, true]);
  for (const value of bad) expect([value, takes(value)]).toEqual([value, false]);
  expect(takes(null)).toBe(mayBeEmptied(row));
  expect(ChoicePayload.safeParse({ field: id, value: good[0] }).success).toBe(true);
  expect(ChoicePayload.safeParse({ field: id, value: bad[0] }).success).toBe(false);
});
