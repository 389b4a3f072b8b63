import { CHART_SHEETS } from '@deep-mend/core';
import { z } from 'zod';
import { Id } from '../basics.ts';

const paper = z.enum(['a4', 'letter']).default('a4');
const units = z.enum(['mm', 'in']).optional();

/** Which mend's plan is printed: the open one, or the last, where none is named. */
export const CardQuery = z.strictObject({ mend: Id.optional(), paper, units });
export type CardQuery = z.output<typeof CardQuery>;

/** How a paper is printed. */
export const PaperQuery = z.strictObject({ paper, units });
export type PaperQuery = z.output<typeof PaperQuery>;

/** Labels of a hole: one beside it, one for the book. */
export const LabelQuery = PaperQuery.extend({ copies: z.coerce.number().int().min(1).max(60).default(2) });
export type LabelQuery = z.output<typeof LabelQuery>;

/** The drills of the rack have a sheet of their own. */
export const ChartQuery = z.strictObject({
  sheet: z.enum([...CHART_SHEETS.map(({ id }) => id), 'drills']).default('metric-coarse'),
  paper,
  units,
});
export type ChartQuery = z.output<typeof ChartQuery>;

/** The bytes of a file. */
export const Pdf = z.custom<Uint8Array>((value) => value instanceof Uint8Array);
