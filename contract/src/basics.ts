import { z } from 'zod';

/** One of a table's rows, by its id. */
export const oneOf = <T extends { id: string }>(rows: readonly T[]) =>
  z.enum(rows.map((row) => row.id) as [T['id'], ...T['id'][]]);

/** One id is one text: of either case it is the same. */
export const Id = z
  .uuid()
  .toLowerCase()
  .meta({ id: 'Id', description: 'UUID, made by the client (v7), so that work can start offline' });
// The database stores no zero bytes and no half of a character, and nobody types control characters into a name.
const NO_CONTROLS = /^[^\p{Cc}\p{Cs}]*$/u;
/** Every text that crosses the border is made by this or by {@link Note}: what a database cannot keep is told at its field. */
export const plainText = () => z.string().regex(NO_CONTROLS, 'no control characters');
export const Name = plainText().trim().min(1).max(120);
export const Note = z
  .string()
  .max(2000)
  .regex(/^[^\u0000\p{Cs}]*$/u, 'no zero bytes');
export const Reason = plainText().trim().min(1).max(500);
/** Before this nobody recorded anything; the year 0000 is none that a database knows. */
const EARLIEST = '1900-01-01';
const NOT_BEFORE = `not before ${EARLIEST.slice(0, 4)}`;
export const Moment = z.iso.datetime().refine((moment) => moment >= EARLIEST, NOT_BEFORE);
export const Day = z.iso.date().refine((day) => day >= EARLIEST, NOT_BEFORE);
export const Millimetres = z.number().finite().min(0).max(10_000);
