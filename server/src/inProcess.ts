import { connect, connectSearches } from './store/connect.ts';
import { migrate } from './store/migrate.ts';
import type { Context, Tx } from './usecases/Context.ts';
import { ensureShop } from './usecases/shop/ensureShop.ts';

export { addAsset, addFace, listAssets } from './usecases/assets/assets.ts';
export type { Context, Tx } from './usecases/Context.ts';
export { addHole } from './usecases/holes/addHole.ts';
export { appendEvent } from './usecases/holes/appendEvent.ts';
export { freezePlan } from './usecases/mends/freezePlan.ts';
export { listActors, readShop, saveShop } from './usecases/shop/settings.ts';

/**
 * The shop of a database without a server: its use cases, for what loads a shop from beside. A session that is lost ends the
 * process: what was half loaded is not gone on with.
 */
export async function openShop(databaseUrl: string, origin: Context['origin']) {
  const lost = (error: Error) => {
    throw error;
  };
  const sequelize = connect(databaseUrl, lost);
  const searching = connectSearches(databaseUrl, lost);
  await migrate(sequelize);
  const { shopId, defaultActorId } = await ensureShop(sequelize);
  const contextOf = (actorId: string | null, at: Date): Context => ({
    sequelize,
    searching,
    shopId,
    actorId: actorId ?? defaultActorId,
    now: () => at,
    publicUrl: null,
    instruments: null,
    origin,
  });
  return {
    /** Does work as somebody at some time. @param actorId - null: whoever usually works here */
    use: <T>(actorId: string | null, at: Date, work: (context: Context) => Promise<T>): Promise<T> =>
      work(contextOf(actorId, at)),
    /** The same in one transaction. */
    write: <T>(actorId: string | null, at: Date, work: (context: Context, tx: Tx) => Promise<T>): Promise<T> =>
      sequelize.transaction((tx) => work(contextOf(actorId, at), tx)),
    close: async () => {
      await searching.close();
      await sequelize.close();
    },
  };
}
