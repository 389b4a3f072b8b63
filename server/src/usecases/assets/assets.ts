import type { AssetDetail, AssetSummary, NewAsset, NewFace, Page } from '@deep-mend/contract';
import { notFound, refused } from '../Refusal.ts';
import { Asset, Face } from '../../store/models.ts';
import type { Context, Tx } from '../Context.ts';
import { listPage, type ListInput } from '../cursor.ts';
import { holesOfAsset } from '../holes/lists.ts';

/** Assets by name, with how much is in them. */
export function listAssets(context: Context, input: ListInput): Promise<Page<AssetSummary>> {
  return listPage<AssetSummary>(
    context,
    input,
    (has) => `SELECT a.id, a.name, a.note,
        (SELECT count(*)::int FROM face f WHERE f.asset_id = a.id) AS faces,
        (SELECT count(*)::int FROM face f JOIN hole_summary s ON s.face_id = f.id WHERE f.asset_id = a.id) AS holes,
        (SELECT count(*)::int FROM face f JOIN hole_summary s ON s.face_id = f.id
          WHERE f.asset_id = a.id AND s.open_mend_id IS NOT NULL) AS "openMends"
      FROM asset a WHERE a.shop_id = :shopId
      ${has.search ? "AND lower(a.name || ' ' || a.note) LIKE :search" : ''}
      ${has.cursor ? 'AND (lower(a.name), a.id) > (:after, :id)' : ''}
      ORDER BY lower(a.name), a.id LIMIT :limit`,
    { by: 'name', of: (row) => row.name.toLowerCase() },
  );
}

export async function readAsset(context: Context, id: string, tx?: Tx): Promise<AssetDetail> {
  const asset = await Asset.findOne({ where: { id, shopId: context.shopId }, raw: true, transaction: tx ?? null });
  if (!asset) throw notFound('asset');
  const faces = await Face.findAll({
    where: { assetId: id, shopId: context.shopId },
    order: [['name', 'ASC']],
    raw: true,
    transaction: tx ?? null,
  });
  const holes = await holesOfAsset(context, id, tx);
  return {
    id,
    name: asset.name,
    note: asset.note,
    faces: faces.map((face) => ({
      id: face.id,
      name: face.name,
      holes: holes.filter((hole) => hole.faceId === face.id),
    })),
  };
}

export async function addAsset(context: Context, input: NewAsset, tx: Tx): Promise<AssetDetail> {
  if (await Asset.findByPk(input.id, { transaction: tx })) throw refused('id', 'This id is taken.');
  await Asset.create({ ...input, shopId: context.shopId }, { transaction: tx });
  return readAsset(context, input.id, tx);
}

export async function addFace(context: Context, assetId: string, input: NewFace, tx: Tx): Promise<AssetDetail> {
  if (!(await Asset.findOne({ where: { id: assetId, shopId: context.shopId }, transaction: tx })))
    throw notFound('asset');
  if (await Face.findByPk(input.id, { transaction: tx })) throw refused('id', 'This id is taken.');
  await Face.create({ ...input, assetId, shopId: context.shopId }, { transaction: tx });
  return readAsset(context, assetId, tx);
}
