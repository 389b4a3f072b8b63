import type { Schema } from '../migrate.ts';

export const name = '0005-bench';

/** Waits in the lists, and the turns that a bench has counted so far: a draft, copied now and then, no part of the hole's life. */
export async function up({ sequelize, transaction }: Schema): Promise<void> {
  await sequelize.query(
    `
    ALTER TABLE hole_summary ADD COLUMN clock_what text, ADD COLUMN clock_due_at timestamptz;
    CREATE INDEX summary_clocks ON hole_summary (shop_id, clock_due_at, hole_id) WHERE clock_due_at IS NOT NULL;
    CREATE TABLE bench (
      hole_id uuid PRIMARY KEY,
      shop_id uuid NOT NULL REFERENCES shop,
      mend_id uuid NOT NULL,
      step_id text NOT NULL,
      turns double precision NOT NULL,
      actor_id uuid NOT NULL,
      updated_at timestamptz NOT NULL,
      FOREIGN KEY (shop_id, hole_id) REFERENCES hole (shop_id, id),
      FOREIGN KEY (shop_id, mend_id) REFERENCES mend (shop_id, id),
      FOREIGN KEY (shop_id, actor_id) REFERENCES actor (shop_id, id)
    );
  `,
    { transaction },
  );
}

/** A count that was not finished is lost; clocks are told by the events and come back with the summaries. */
export async function down({ sequelize, transaction }: Schema): Promise<void> {
  await sequelize.query(
    `
    DROP TABLE bench;
    DROP INDEX summary_clocks;
    ALTER TABLE hole_summary DROP COLUMN clock_what, DROP COLUMN clock_due_at;
  `,
    { transaction },
  );
}
