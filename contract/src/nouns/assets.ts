import { z } from 'zod';
import { Id, Name, Note } from '../basics.ts';
import { HoleSummary } from './holes.ts';
import { ListQuery } from './lists.ts';

export const NewAsset = z.strictObject({ id: Id, name: Name, note: Note.default('') }).meta({ id: 'NewAsset' });
export const NewFace = z.strictObject({ id: Id, name: Name }).meta({ id: 'NewFace' });
export type NewAsset = z.infer<typeof NewAsset>;
export type NewFace = z.infer<typeof NewFace>;

export const AssetSummary = z
  .strictObject({
    id: Id,
    name: z.string(),
    note: z.string(),
    faces: z.number().int(),
    holes: z.number().int(),
    openMends: z.number().int(),
  })
  .meta({ id: 'AssetSummary' });
export type AssetSummary = z.infer<typeof AssetSummary>;

export const AssetQuery = z.strictObject({ cursor: ListQuery.shape.cursor });

export const AssetDetail = z
  .strictObject({
    id: Id,
    name: z.string(),
    note: z.string(),
    /** By name, page by page; each with its first holes. The rest of them: holes of the face, from `next` on. */
    faces: z.array(
      z.strictObject({
        id: Id,
        name: z.string(),
        count: z.number().int(),
        holes: z.array(HoleSummary),
        next: z.string().nullable(),
      }),
    ),
    next: z.string().nullable(),
  })
  .meta({ id: 'AssetDetail' });
export type AssetDetail = z.infer<typeof AssetDetail>;
