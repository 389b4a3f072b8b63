import type { Sequelize } from 'sequelize';
import { SequelizeStorage, Umzug } from 'umzug';
import * as first from './migrations/0001-first.ts';
import * as heads from './migrations/0002-heads.ts';
import * as doNotUse from './migrations/0003-do-not-use.ts';

// Any fixed number: two processes that start at once take turns.
const MIGRATION_LOCK = 7_340_021;

function umzug(sequelize: Sequelize) {
  return new Umzug({
    migrations: [first, heads, doNotUse].map((migration) => ({
      name: migration.name,
      up: () => migration.up(sequelize),
      down: () => migration.down(sequelize),
    })),
    storage: new SequelizeStorage({ sequelize, tableName: 'migration' }),
    logger: undefined,
  });
}

/** Brings the schema up to date, or all the way down, under a lock; `to` names the last migration to go up to, or to undo. */
export async function migrate(sequelize: Sequelize, direction: 'up' | 'down' = 'up', to?: string): Promise<void> {
  // The lock lives in a transaction of its own, so that it is held on one connection and freed whatever happens.
  await sequelize.transaction(async (transaction) => {
    await sequelize.query('SELECT pg_advisory_xact_lock(:lock)', {
      replacements: { lock: MIGRATION_LOCK },
      transaction,
    });
    if (direction === 'up') await umzug(sequelize).up(to === undefined ? {} : { to });
    else await umzug(sequelize).down({ to: to ?? 0 });
  });
}
