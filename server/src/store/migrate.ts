import { QueryTypes, type Sequelize, type Transaction } from 'sequelize';
import { Umzug, type UmzugStorage } from 'umzug';
import * as first from './migrations/0001-first.ts';
import * as heads from './migrations/0002-heads.ts';
import * as doNotUse from './migrations/0003-do-not-use.ts';
import * as manyHoles from './migrations/0004-many-holes.ts';
import * as bench from './migrations/0005-bench.ts';

/** What a migration works on: everything it does belongs to the one transaction. */
export interface Schema {
  sequelize: Sequelize;
  transaction: Transaction;
}

// Any fixed number: two processes that start at once take turns.
const MIGRATION_LOCK = 7_340_021;

/** Which migrations were made, kept in the transaction that makes them: a process killed on the way leaves neither. */
const record = ({ sequelize, transaction }: Schema): UmzugStorage => ({
  executed: async () => {
    const rows = await sequelize.query<{ name: string }>('SELECT name FROM migration ORDER BY name', {
      transaction,
      type: QueryTypes.SELECT,
    });
    return rows.map(({ name }) => name);
  },
  logMigration: async ({ name }) => {
    await sequelize.query('INSERT INTO migration (name) VALUES (:name)', { replacements: { name }, transaction });
  },
  unlogMigration: async ({ name }) => {
    await sequelize.query('DELETE FROM migration WHERE name = :name', { replacements: { name }, transaction });
  },
});

const umzug = (schema: Schema) =>
  new Umzug({
    migrations: [first, heads, doNotUse, manyHoles, bench].map((migration) => ({
      name: migration.name,
      up: () => migration.up(schema),
      down: () => migration.down(schema),
    })),
    storage: record(schema),
    logger: undefined,
  });

/** Brings the schema up to date, or all the way down, under a lock, whole or not at all; `to` names the last migration to go up to, or to undo. */
export async function migrate(sequelize: Sequelize, direction: 'up' | 'down' = 'up', to?: string): Promise<void> {
  await sequelize.transaction(async (transaction) => {
    await sequelize.query('SELECT pg_advisory_xact_lock(:lock)', {
      replacements: { lock: MIGRATION_LOCK },
      transaction,
    });
    await sequelize.query('CREATE TABLE IF NOT EXISTS migration (name varchar(255) PRIMARY KEY)', { transaction });
    const migrations = umzug({ sequelize, transaction });
    if (direction === 'up') await migrations.up(to === undefined ? {} : { to });
    else await migrations.down({ to: to ?? 0 });
  });
}
