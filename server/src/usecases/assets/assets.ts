import type { AssetDetail, AssetSummary, NewAsset, NewFace, Page } from '@deep-mend/contract';
import { QueryTypes } from 'sequelize';
import { notFound, refused } from '../Refusal.ts';
import { Asset, Face } from '../../store/models.ts';
import type { Context, Tx } from '../Context.ts';
import { decodeCursor, encodeCursor, listPage, type ListInput } from '../cursor.ts';
import { firstOfFaces } from '../holes/lists.ts';

const COUNTED = `s.id, s.name, s.note,
  (SELECT count(*)::int FROM face f WHERE f.asset_id = s.id) AS faces,
  (SELECT count(*)::int FROM hole_summary h WHERE h.asset_id = s.id) AS holes,
  (SELECT count(*)::int FROM hole_summary h WHERE h.asset_id = s.id AND h.open_mend_id IS NOT NULL) AS "openMends"`;
const FACES_A_PAGE = 20;

/** Assets by name, with how much is in them. */
export function listAssets(context: Context, input: ListInput): Promise<Page<AssetSummary>> {
  return listPage<AssetSummary>(context, input, {
    table: 'asset',
    id: 'id',
    by: 'name',
    columns: COUNTED,
  });
}

interface FaceRow {
  id: string;
  name: string;
  count: number;
  sortedBy: string;
}

/** An asset with a page of its faces by name, and the first holes of each. */
export async function readAsset(
  context: Context,
  id: string,
  { cursor }: { cursor?: string | undefined } = {},
  tx?: Tx,
): Promise<AssetDetail> {
  const asset = await Asset.findOne({ where: { id, shopId: context.shopId }, raw: true, transaction: tx ?? null });
  if (!asset) throw notFound('asset');
  const after = decodeCursor('name', cursor);
  const rows = await context.sequelize.query<FaceRow>(
    `SELECT s.id, s.name, s.sort_name AS "sortedBy",
       (SELECT count(*)::int FROM hole_summary h WHERE h.face_id = s.id) AS count
     FROM face s WHERE s.asset_id = :id AND s.shop_id = :shopId
       ${after ? 'AND (s.sort_name, s.id) > (:after, :afterId)' : ''}
     ORDER BY s.sort_name, s.id LIMIT ${FACES_A_PAGE + 1}`,
    {
      replacements: { id, shopId: context.shopId, after: after?.sorted ?? '', afterId: after?.id ?? null },
      type: QueryTypes.SELECT,
      transaction: tx ?? null,
    },
  );
  const shown = rows.slice(0, FACES_A_PAGE);
  const last = shown.at(-1);
  const firsts = await firstOfFaces(
    context,
    shown.map((face) => face.id),
    tx,
  );
  return {
    id,
    name: asset.name,
    note: asset.note,
    faces: shown.map(({ id: faceId, name, count }) => ({ id: faceId, name, count, ...firsts.get(faceId)! })),
    next: rows.length > FACES_A_PAGE && last ? encodeCursor('name', last.sortedBy, last.id) : null,
  };
}

export async function addAsset(context: Context, input: NewAsset, tx: Tx): Promise<AssetDetail> {
  if (await Asset.findByPk(input.id, { transaction: tx })) throw refused('id', 'This id is taken.');
  await Asset.create({ ...input, shopId: context.shopId }, { transaction: tx });
  return readAsset(context, input.id, {}, tx);
}

export async function addFace(context: Context, assetId: string, input: NewFace, tx: Tx): Promise<AssetDetail> {
  if (!(await Asset.findOne({ where: { id: assetId, shopId: context.shopId }, transaction: tx })))
    throw notFound('asset');
  if (await Face.findByPk(input.id, { transaction: tx })) throw refused('id', 'This id is taken.');
  await Face.create({ ...input, assetId, shopId: context.shopId }, { transaction: tx });
  return readAsset(context, assetId, {}, tx);
}
