import type { Schema } from '../migrate.ts';

export const name = '0001-first';

export async function up({ sequelize, transaction }: Schema): Promise<void> {
  await sequelize.query(
    `
    CREATE TABLE shop (id uuid PRIMARY KEY, settings jsonb NOT NULL, revision integer NOT NULL);
    CREATE TABLE actor (
      id uuid PRIMARY KEY, shop_id uuid NOT NULL REFERENCES shop, name text NOT NULL,
      role text NOT NULL CHECK (role IN ('mechanic', 'lead-hand')), UNIQUE (shop_id, name)
    );
    CREATE TABLE asset (id uuid PRIMARY KEY, shop_id uuid NOT NULL REFERENCES shop, name text NOT NULL, note text NOT NULL);
    CREATE INDEX asset_by_name ON asset (shop_id, lower(name), id);
    CREATE TABLE face (id uuid PRIMARY KEY, shop_id uuid NOT NULL REFERENCES shop, asset_id uuid NOT NULL REFERENCES asset, name text NOT NULL);
    CREATE INDEX face_by_asset ON face (asset_id, name);
    CREATE TABLE hole (id uuid PRIMARY KEY, shop_id uuid NOT NULL REFERENCES shop, revision integer NOT NULL);
    CREATE TABLE event (
      id uuid PRIMARY KEY, shop_id uuid NOT NULL REFERENCES shop, hole_id uuid NOT NULL REFERENCES hole, seq integer NOT NULL,
      class text NOT NULL CHECK (class IN ('observed', 'chosen')), kind text NOT NULL, payload_version integer NOT NULL,
      payload jsonb NOT NULL, happened_at timestamptz NOT NULL, recorded_at timestamptz NOT NULL,
      actor_id uuid NOT NULL REFERENCES actor, UNIQUE (hole_id, seq)
    );
    CREATE TABLE mend (
      id uuid PRIMARY KEY, shop_id uuid NOT NULL REFERENCES shop, hole_id uuid NOT NULL REFERENCES hole,
      opened_at timestamptz NOT NULL, closed_at timestamptz
    );
    CREATE UNIQUE INDEX one_open_mend_per_hole ON mend (hole_id) WHERE closed_at IS NULL;
    CREATE TABLE plan (
      id uuid PRIMARY KEY, shop_id uuid NOT NULL REFERENCES shop, hole_id uuid NOT NULL REFERENCES hole,
      mend_id uuid NOT NULL REFERENCES mend, kind text NOT NULL CHECK (kind IN ('free', 'mend')),
      inputs_revision integer NOT NULL, inputs jsonb NOT NULL, engine_version text NOT NULL, numbers jsonb NOT NULL,
      supersedes_id uuid REFERENCES plan, frozen_at timestamptz NOT NULL
    );
    CREATE TABLE hole_summary (
      hole_id uuid PRIMARY KEY REFERENCES hole, shop_id uuid NOT NULL REFERENCES shop, name text NOT NULL,
      face_id uuid REFERENCES face, thread_id text, generation integer NOT NULL, repairs integer NOT NULL, open_mend_id uuid, station text,
      what text, last_outcome text, updated_at timestamptz(3) NOT NULL, revision integer NOT NULL
    );
    CREATE INDEX summary_by_face ON hole_summary (face_id, name);
    CREATE INDEX summary_by_name ON hole_summary (shop_id, lower(name), hole_id);
    CREATE INDEX summary_open ON hole_summary (shop_id, updated_at DESC, hole_id) WHERE open_mend_id IS NOT NULL;
    CREATE INDEX summary_closed ON hole_summary (shop_id, updated_at DESC, hole_id) WHERE last_outcome IS NOT NULL;
    CREATE TABLE once (
      shop_id uuid NOT NULL REFERENCES shop, key text NOT NULL, body_digest text NOT NULL, reply jsonb NOT NULL,
      recorded_at timestamptz NOT NULL, PRIMARY KEY (shop_id, key)
    );
    CREATE FUNCTION refuse_change() RETURNS trigger LANGUAGE plpgsql AS $$ BEGIN RAISE EXCEPTION 'append-only'; END $$;
    CREATE TRIGGER event_append_only BEFORE UPDATE OR DELETE ON event FOR EACH ROW EXECUTE FUNCTION refuse_change();
    CREATE TRIGGER plan_append_only BEFORE UPDATE OR DELETE ON plan FOR EACH ROW EXECUTE FUNCTION refuse_change();
  `,
    { transaction },
  );
}

export async function down({ sequelize, transaction }: Schema): Promise<void> {
  await sequelize.query(
    `
    DROP TABLE once, hole_summary, plan, mend, event, hole, face, asset, actor, shop;
    DROP FUNCTION refuse_change();
  `,
    { transaction },
  );
}
