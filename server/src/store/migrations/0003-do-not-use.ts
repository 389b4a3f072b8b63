import type { Schema } from '../migrate.ts';

export const name = '0003-do-not-use';

/** A hole that is set to “do not use” says so in every list. No event before this could say it. */
export async function up({ sequelize, transaction }: Schema): Promise<void> {
  await sequelize.query('ALTER TABLE hole_summary ADD COLUMN do_not_use boolean NOT NULL DEFAULT false', {
    transaction,
  });
}

export async function down({ sequelize, transaction }: Schema): Promise<void> {
  await sequelize.query('ALTER TABLE hole_summary DROP COLUMN do_not_use', { transaction });
}
