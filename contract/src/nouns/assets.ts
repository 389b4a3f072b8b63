import { z } from 'zod';
import { Id, Name, Note } from '../basics.ts';
import { HoleSummary } from './holes.ts';

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

export const AssetDetail = z
  .strictObject({
    id: Id,
    name: z.string(),
    note: z.string(),
    faces: z.array(z.strictObject({ id: Id, name: z.string(), holes: z.array(HoleSummary) })),
  })
  .meta({ id: 'AssetDetail' });
export type AssetDetail = z.infer<typeof AssetDetail>;
