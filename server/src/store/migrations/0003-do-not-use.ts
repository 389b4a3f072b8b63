import type { Sequelize } from 'sequelize';

export const name = '0003-do-not-use';

/** A hole that is set to “do not use” says so in every list. No event before this could say it. */
export async function up(sequelize: Sequelize): Promise<void> {
  await sequelize.query('ALTER TABLE hole_summary ADD COLUMN do_not_use boolean NOT NULL DEFAULT false');
}

export async function down(sequelize: Sequelize): Promise<void> {
  await sequelize.query('ALTER TABLE hole_summary DROP COLUMN do_not_use');
}
