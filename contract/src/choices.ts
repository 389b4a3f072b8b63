import {
  CHOICES,
  mayBeEmptied,
  type ChoiceId,
  type ChoiceRow,
  type EventPayloads,
  type HoleChoices,
} from '@deep-mend/core';
import { z } from 'zod';
import { oneOf, plainText } from './basics.ts';

function filled(row: ChoiceRow): z.ZodType {
  switch (row.kind) {
    case 'options':
      return oneOf(row.options);
    case 'flag':
      return z.boolean();
    case 'number':
      return z.number().min(row.min).max(row.max);
    case 'text':
      return plainText().max(row.most);
    case 'row':
      return plainText().max(row.most);
  }
}

const valueOf = (row: ChoiceRow): z.ZodType => (mayBeEmptied(row) ? filled(row).nullable() : filled(row));

/**
 * What each choice may be, by the table of choices. The types are the table's own: that the shapes made here accept and
 * refuse the same is shown row by row in `choices.test.ts`.
 */
export const CHOICE_VALUES = Object.fromEntries(CHOICES.map((row) => [row.id, valueOf(row)])) as unknown as {
  readonly [Id in ChoiceId]: z.ZodType<HoleChoices[Id]>;
};

/** The values of choices that may stand in a request of the planner, where nothing is emptied. */
export const choiceInRequest = (row: ChoiceRow): z.ZodType => filled(row);

const rows = CHOICES.map((row) => z.strictObject({ field: z.literal(row.id), value: valueOf(row) }));
export const ChoicePayload = z.discriminatedUnion(
  'field',
  rows as unknown as [(typeof rows)[number], ...(typeof rows)[number][]],
) as unknown as z.ZodType<EventPayloads['choice']>;
