import type { Schema } from '../migrate.ts';

export const name = '0002-heads';

/**
 * A hole's head beside its events, so that a write does not read the whole life; a plan's body only in its event; of
 * what was done once only that it was. Inputs of plans frozen before stay in their rows: nowhere else keeps them.
 */
export async function up({ sequelize, transaction }: Schema): Promise<void> {
  await sequelize.query(
    `
    CREATE TABLE hole_head (
      hole_id uuid PRIMARY KEY REFERENCES hole, shop_id uuid NOT NULL REFERENCES shop, fold integer NOT NULL, head jsonb NOT NULL
    );
    CREATE INDEX event_taken_back ON event (hole_id, (payload ->> 'readingId'))
      WHERE kind IN ('reading-struck', 'reading-moved');
    ALTER TABLE plan ALTER COLUMN inputs DROP NOT NULL;
    ALTER TABLE plan DROP COLUMN numbers;
    ALTER TABLE once DROP COLUMN reply;
    CREATE INDEX once_by_age ON once (recorded_at);
  `,
    { transaction },
  );
}

/** Bodies and inputs go back into the plans' rows from their events. A key of something done once is not known any more. */
export async function down({ sequelize, transaction }: Schema): Promise<void> {
  await sequelize.query(
    `
    DROP TABLE hole_head;
    DROP INDEX event_taken_back;
    ALTER TABLE plan DISABLE TRIGGER plan_append_only;
    ALTER TABLE plan ADD COLUMN numbers jsonb;
    UPDATE plan p SET numbers = e.payload -> 'plan', inputs = coalesce(p.inputs, e.payload -> 'inputs')
      FROM event e WHERE e.id = p.id;
    ALTER TABLE plan ENABLE TRIGGER plan_append_only;
    ALTER TABLE plan ALTER COLUMN numbers SET NOT NULL, ALTER COLUMN inputs SET NOT NULL;
    DELETE FROM once;
    DROP INDEX once_by_age;
    ALTER TABLE once ADD COLUMN reply jsonb NOT NULL;
  `,
    { transaction },
  );
}
