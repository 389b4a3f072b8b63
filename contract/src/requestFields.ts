import {
  CHOICES,
  FASTENER_CLASS_NAMES,
  QUANTITIES,
  type ChoiceId,
  type ChoiceRow,
  type HoleChoices,
  type QuantityRow,
} from '@deep-mend/core';
import { z } from 'zod';
import { oneOf } from './basics.ts';
import { choiceInRequest } from './choices.ts';

// The planner's request names each choice and each reading where its row in the core says so: a new row is a new field.

export const mm = z.number().finite().positive().max(10_000);
export const Length = z
  .union([mm, z.strictObject({ mm: z.number().min(0).max(10_000), halfWidthMm: z.number().min(0).max(100) })])
  .describe('millimetres, or { mm, halfWidthMm } with the 95 % half-width of the reading');
type LengthInput = z.output<typeof Length>;

type Rows = (typeof CHOICES)[number];
type Readings = (typeof QUANTITIES)[number];
/** The name of a place under a prefix; none for a place that lies deeper. */
type Under<Place, Prefix extends string> = Place extends `${Prefix}${infer Name}`
  ? Name extends `${string}.${string}`
    ? never
    : Name
  : never;
type PlaceOf<Row, Field extends string> = Row extends { readonly [F in Field]: infer Place } ? Place : never;
type ChoiceFields<Field extends string, Prefix extends string> = {
  [Row in Rows as Under<PlaceOf<Row, Field>, Prefix>]: z.ZodOptional<z.ZodType<NonNullable<HoleChoices[Row['id']]>>>;
};
type ReadingFields<Prefix extends string> = {
  [Row in Readings as Under<PlaceOf<Row, 'inHole'>, Prefix>]: z.ZodOptional<z.ZodType<LengthInput>>;
};

/** Words for a field whose name does not say enough. */
const SAID: Readonly<Record<string, string>> = {
  damageTo: 'where sound thread begins; left out: stripped throughout',
  edge: 'axis to the nearest edge or void',
  'joint.torqueNm':
    'wanted preload by torque; left out: what the same hole carried new, unless mustCarry says otherwise',
  hard: 'default: taps and extractors are',
};

function choiceShape(row: ChoiceRow): z.ZodType {
  if (row.kind === 'row' && row.of === 'fastener-class') return oneOf(FASTENER_CLASS_NAMES);
  return choiceInRequest(row);
}

const said = (place: string, shape: z.ZodType) =>
  SAID[place] ? shape.optional().describe(SAID[place]) : shape.optional();

function fieldsAt(place: 'inHole' | 'inFree', prefix: string): Record<string, z.ZodType> {
  const choices = (CHOICES as readonly ChoiceRow[]).map((row) => ({ at: row[place], shape: choiceShape(row) }));
  const readings =
    place === 'inHole' ? (QUANTITIES as readonly QuantityRow[]).map((row) => ({ at: row.inHole, shape: Length })) : [];
  return Object.fromEntries(
    [...choices, ...readings].flatMap(({ at, shape }) => {
      if (at === undefined || !at.startsWith(prefix) || at.slice(prefix.length).includes('.')) return [];
      return [[at.slice(prefix.length), said(at, shape)]];
    }),
  );
}

export const holeFields = fieldsAt('inHole', '') as ChoiceFields<'inHole', ''> & ReadingFields<''>;
export const jointFields = fieldsAt('inHole', 'joint.') as ChoiceFields<'inHole', 'joint.'> & ReadingFields<'joint.'>;
export const workFields = fieldsAt('inHole', 'work.') as ChoiceFields<'inHole', 'work.'> & ReadingFields<'work.'>;
export const freeFields = fieldsAt('inFree', '') as ChoiceFields<'inFree', ''>;

/** Where a request holds what a row names; undefined where it was left out. */
export function requestedAt(request: object, place: string): unknown {
  return place.split('.').reduce<unknown>((at, key) => (at as Record<string, unknown> | undefined)?.[key], request);
}

/** The choices that a request makes. */
export function requestedChoices(request: object, place: 'inHole' | 'inFree'): Partial<HoleChoices> {
  const made: [ChoiceId, unknown][] = CHOICES.flatMap((row) => {
    const at = (row as ChoiceRow)[place];
    const value = at === undefined ? undefined : requestedAt(request, at);
    return value === undefined ? [] : [[row.id, value]];
  });
  return Object.fromEntries(made);
}
