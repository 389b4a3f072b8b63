import { z } from 'zod';

/** One of a table's rows, by its id. */
export const oneOf = <T extends { id: string }>(rows: readonly T[]) =>
  z.enum(rows.map((row) => row.id) as [T['id'], ...T['id'][]]);

export const Id = z
  .uuid()
  .meta({ id: 'Id', description: 'UUID, made by the client (v7), so that work can start offline' });
// The database stores no zero bytes, and nobody types control characters into a name.
const NO_CONTROLS = /^[^\p{Cc}]*$/u;
export const plainText = () => z.string().regex(NO_CONTROLS, 'no control characters');
export const Name = plainText().trim().min(1).max(120);
export const Note = z
  .string()
  .max(2000)
  .regex(/^[^\u0000]*$/, 'no zero bytes');
export const Reason = plainText().trim().min(1).max(500);
export const Moment = z.iso.datetime();
export const Millimetres = z.number().finite().min(0).max(10_000);
