import type { Schema } from '../migrate.ts';

export const name = '0004-many-holes';

/** Every reference names the shop too: no row of one shop can point into another. */
const REFERENCES = [
  ['face', 'asset_id', 'asset'],
  ['event', 'hole_id', 'hole'],
  ['event', 'actor_id', 'actor'],
  ['mend', 'hole_id', 'hole'],
  ['plan', 'hole_id', 'hole'],
  ['plan', 'mend_id', 'mend'],
  ['plan', 'supersedes_id', 'plan'],
  ['hole_summary', 'hole_id', 'hole'],
  ['hole_summary', 'face_id', 'face'],
  ['hole_head', 'hole_id', 'hole'],
] as const;
const REFERRED = ['asset', 'face', 'hole', 'actor', 'mend', 'plan'] as const;

/** Letters and digits that nobody takes for another on a greasy label. */
const CODE_LETTERS = '23456789ABCDEFGHJKMNPQRSTVWXYZ';

/** What a search looks through: one text, lowered by the database, and its words. */
const searched = (text: string) => `
  ADD COLUMN search_text text GENERATED ALWAYS AS (lower(${text})) STORED,
  ADD COLUMN search_words tsvector GENERATED ALWAYS AS
    (to_tsvector('simple'::regconfig, regexp_replace(${text}, '[^[:alnum:]]+', ' ', 'g'))) STORED`;
// Bytes decide the order: the same on every machine, and the same as the cursor compares.
const SORT_NAME = `ADD COLUMN sort_name text COLLATE "C" GENERATED ALWAYS AS (lower(name)) STORED`;

/**
 * A million holes: what lists sort and search by stands in their rows and is made by the database alone; each hole has a
 * short code; events say whether they came with the demo; a shop's rows refer to their own shop only.
 */
export async function up({ sequelize, transaction }: Schema): Promise<void> {
  const references = REFERENCES.map(
    ([table, column, to]) => `
    ALTER TABLE ${table} DROP CONSTRAINT ${table}_${column}_fkey;
    ALTER TABLE ${table} ADD CONSTRAINT ${table}_${column}_fkey FOREIGN KEY (shop_id, ${column}) REFERENCES ${to} (shop_id, id);`,
  );
  await sequelize.query(
    `
    CREATE EXTENSION IF NOT EXISTS pg_trgm;
    ALTER TABLE event ADD COLUMN origin text NOT NULL DEFAULT 'entered' CHECK (origin IN ('entered', 'demo'));

    CREATE FUNCTION new_hole_code() RETURNS text LANGUAGE plpgsql VOLATILE AS $$
      DECLARE made text;
      BEGIN
        LOOP
          SELECT string_agg(substr('${CODE_LETTERS}', 1 + floor(random() * ${CODE_LETTERS.length})::int, 1), '')
            INTO made FROM generate_series(1, 8);
          EXIT WHEN NOT EXISTS (SELECT 1 FROM hole WHERE code = made);
        END LOOP;
        RETURN made;
      END $$;
    ALTER TABLE hole ADD COLUMN code text;
    CREATE UNIQUE INDEX hole_by_code ON hole (code);
    DO $$ DECLARE one uuid; BEGIN
      FOR one IN SELECT id FROM hole LOOP UPDATE hole SET code = new_hole_code() WHERE id = one; END LOOP;
    END $$;
    ALTER TABLE hole ALTER COLUMN code SET NOT NULL, ALTER COLUMN code SET DEFAULT new_hole_code();

    ${REFERRED.map((table) => `ALTER TABLE ${table} ADD UNIQUE (shop_id, id);`).join('\n')}
    ${references.join('')}

    ALTER TABLE hole_summary ADD COLUMN code text, ADD COLUMN face_name text, ADD COLUMN asset_id uuid, ADD COLUMN asset_name text;
    CREATE FUNCTION place_summary() RETURNS trigger LANGUAGE plpgsql AS $$
      BEGIN
        SELECT code INTO NEW.code FROM hole WHERE id = NEW.hole_id;
        SELECT f.name, a.id, a.name INTO NEW.face_name, NEW.asset_id, NEW.asset_name
          FROM face f JOIN asset a ON a.id = f.asset_id WHERE f.id = NEW.face_id;
        RETURN NEW;
      END $$;
    CREATE TRIGGER summary_placed BEFORE INSERT ON hole_summary FOR EACH ROW EXECUTE FUNCTION place_summary();
    CREATE TRIGGER summary_moved BEFORE UPDATE OF face_id ON hole_summary FOR EACH ROW
      WHEN (OLD.face_id IS DISTINCT FROM NEW.face_id) EXECUTE FUNCTION place_summary();
    UPDATE hole_summary s SET code = h.code, face_name = f.name, asset_id = a.id, asset_name = a.name
      FROM hole h, hole_summary t LEFT JOIN face f ON f.id = t.face_id LEFT JOIN asset a ON a.id = f.asset_id
      WHERE h.id = s.hole_id AND t.hole_id = s.hole_id;
    ALTER TABLE hole_summary ${SORT_NAME}, ${searched(`name || ' ' || coalesce(face_name, '') || ' ' || coalesce(asset_name, '') || ' ' || coalesce(code, '') || ' ' || coalesce(what, '')`)};
    ALTER TABLE asset ${SORT_NAME}, ${searched(`name || ' ' || note`)};
    ALTER TABLE face ${SORT_NAME};

    -- Lists go by when a thing was recorded: a clock that ran ahead held its hole on top.
    UPDATE hole_summary s SET updated_at = e.recorded_at FROM event e WHERE e.hole_id = s.hole_id AND e.seq = s.revision;
    DROP INDEX asset_by_name, face_by_asset, summary_by_face, summary_by_name, summary_open, summary_closed;
    CREATE INDEX asset_by_name ON asset (shop_id, sort_name, id);
    CREATE INDEX face_by_asset ON face (asset_id, sort_name, id);
    CREATE INDEX summary_by_face ON hole_summary (face_id, sort_name, hole_id);
    CREATE INDEX summary_by_asset ON hole_summary (asset_id, open_mend_id);
    CREATE INDEX summary_by_name ON hole_summary (shop_id, sort_name, hole_id);
    CREATE INDEX summary_loose ON hole_summary (shop_id, sort_name, hole_id) WHERE face_id IS NULL;
    CREATE INDEX summary_open ON hole_summary (shop_id, updated_at, hole_id) WHERE open_mend_id IS NOT NULL;
    CREATE INDEX summary_closed ON hole_summary (shop_id, updated_at, hole_id)
      WHERE open_mend_id IS NULL AND last_outcome IS NOT NULL;
    CREATE INDEX summary_words ON hole_summary USING gin (search_words);
    CREATE INDEX summary_pieces ON hole_summary USING gin (search_text gin_trgm_ops);
    CREATE INDEX asset_words ON asset USING gin (search_words);
    CREATE INDEX asset_pieces ON asset USING gin (search_text gin_trgm_ops);

    CREATE TRIGGER event_no_truncate BEFORE TRUNCATE ON event FOR EACH STATEMENT EXECUTE FUNCTION refuse_change();
    CREATE TRIGGER plan_no_truncate BEFORE TRUNCATE ON plan FOR EACH STATEMENT EXECUTE FUNCTION refuse_change();
  `,
    { transaction },
  );
}

/** A short code is lost; everything else is made anew from what is left. */
export async function down({ sequelize, transaction }: Schema): Promise<void> {
  const references = REFERENCES.map(
    ([table, column, to]) => `
    ALTER TABLE ${table} DROP CONSTRAINT ${table}_${column}_fkey;
    ALTER TABLE ${table} ADD CONSTRAINT ${table}_${column}_fkey FOREIGN KEY (${column}) REFERENCES ${to};`,
  );
  await sequelize.query(
    `
    DROP TRIGGER plan_no_truncate ON plan;
    DROP TRIGGER event_no_truncate ON event;
    DROP INDEX asset_pieces, asset_words, summary_pieces, summary_words, summary_loose, summary_by_asset,
      asset_by_name, face_by_asset, summary_by_face, summary_by_name, summary_open, summary_closed;
    UPDATE hole_summary s SET updated_at = e.happened_at FROM event e WHERE e.hole_id = s.hole_id AND e.seq = s.revision;
    DROP TRIGGER summary_placed ON hole_summary;
    DROP TRIGGER summary_moved ON hole_summary;
    DROP FUNCTION place_summary;
    ALTER TABLE face DROP COLUMN sort_name;
    ALTER TABLE asset DROP COLUMN sort_name, DROP COLUMN search_text, DROP COLUMN search_words;
    ALTER TABLE hole_summary DROP COLUMN sort_name, DROP COLUMN search_text, DROP COLUMN search_words,
      DROP COLUMN code, DROP COLUMN face_name, DROP COLUMN asset_id, DROP COLUMN asset_name;
    CREATE INDEX asset_by_name ON asset (shop_id, lower(name), id);
    CREATE INDEX face_by_asset ON face (asset_id, name);
    CREATE INDEX summary_by_face ON hole_summary (face_id, name);
    CREATE INDEX summary_by_name ON hole_summary (shop_id, lower(name), hole_id);
    CREATE INDEX summary_open ON hole_summary (shop_id, updated_at DESC, hole_id) WHERE open_mend_id IS NOT NULL;
    CREATE INDEX summary_closed ON hole_summary (shop_id, updated_at DESC, hole_id) WHERE last_outcome IS NOT NULL;
    ${references.join('')}
    ${REFERRED.map((table) => `ALTER TABLE ${table} DROP CONSTRAINT ${table}_shop_id_id_key;`).join('\n')}
    ALTER TABLE hole DROP COLUMN code;
    DROP FUNCTION new_hole_code;
    ALTER TABLE event DROP COLUMN origin;
  `,
    { transaction },
  );
}
