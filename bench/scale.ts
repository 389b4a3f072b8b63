// Lists, search and filters over so many holes, one who asks at a time: run by tools/bench.mjs with a database's address, a
// server's and a number of holes. Rows are made in the database: what is measured is the server's own reading of them.
import pg from 'pg';

const [databaseUrl, serverUrl, count] = [process.argv[2]!, process.argv[3]!, Number(process.argv[4])];
const HOLES_A_FACE = 25;
const FACES_AN_ASSET = 8;
const ASKED_EACH = 40;
/** One asset as large as a ship's engine with everything on it. */
const LARGEST_ASSET = 20_000;

const PARTS = `'Sump','Head','Pump cover','Flywheel housing','Manifold','Gearbox','Bearing cap','Bracket','Timing cover','Rocker box'`;
const WHATS = `'pulled out when tightened','stripped, found at the yearly check','stud snapped','drain plug turns','loose, worn oval'`;
const MACHINES = `'Guillemot','Kittiwake','Dunlin','Linkspan','Razorbill','Fulmar','Petrel','Gannet','Shearwater','Turnstone'`;

async function fill(client: pg.Client): Promise<void> {
  const { rows } = await client.query<{ id: string }>('SELECT id FROM shop');
  const shop = `'${rows[0]!.id}'::uuid`;
  const faces = Math.ceil(count / HOLES_A_FACE);
  const assets = Math.ceil(faces / FACES_AN_ASSET);
  // Keys and the place of a summary are made here as the triggers would: a million of them one by one take minutes.
  await client.query(`SET session_replication_role = replica; SET synchronous_commit = off;
    CREATE TEMP TABLE a AS SELECT n, gen_random_uuid() AS id,
      (ARRAY[${MACHINES}])[1 + n % 10] || ' ' || n || ', ' || (ARRAY['main engine','reduction gear','raw-water pump','winch'])[1 + n % 4] AS name
      FROM generate_series(0, ${assets - 1}) n;
    INSERT INTO asset (id, shop_id, name, note) SELECT id, ${shop}, name, 'built ' || (1950 + n % 70) FROM a;
    CREATE TEMP TABLE f AS SELECT n, gen_random_uuid() AS id, (ARRAY[${PARTS}])[1 + n % 10] || ' face' AS name,
      CASE WHEN n * ${HOLES_A_FACE} < ${LARGEST_ASSET} AND ${count} > ${LARGEST_ASSET} THEN 0 ELSE n / ${FACES_AN_ASSET} END AS asset
      FROM generate_series(0, ${faces - 1}) n;
    INSERT INTO face (id, shop_id, asset_id, name) SELECT f.id, ${shop}, a.id, f.name FROM f JOIN a ON a.n = f.asset;
    CREATE TEMP TABLE h AS SELECT n, gen_random_uuid() AS id, upper(substr(md5(n::text), 1, 8)) AS code,
      CASE WHEN n % 200 = 0 THEN NULL ELSE n / ${HOLES_A_FACE} END AS face
      FROM generate_series(0, ${count - 1}) n;
    INSERT INTO hole (id, shop_id, revision, code) SELECT id, ${shop}, 1, code || n FROM h;
    INSERT INTO hole_summary (hole_id, shop_id, name, face_id, thread_id, generation, repairs, open_mend_id, station, what,
        last_outcome, updated_at, revision, do_not_use, code, face_name, asset_id, asset_name)
      SELECT h.id, ${shop}, CASE WHEN h.face IS NULL THEN (ARRAY[${PARTS}])[1 + (h.n / 7) % 10] || ', hole ' || h.n % 40 ELSE 'Hole ' || h.n % ${HOLES_A_FACE} END,
        f.id, 'M8x1.25', h.n % 3, h.n % 3, CASE WHEN h.n % 500 = 0 THEN h.id END, CASE WHEN h.n % 500 = 0 THEN 'measure' END,
        (ARRAY[${WHATS}])[1 + (h.n / 7) % 5], CASE WHEN h.n % 500 <> 0 AND h.n % 3 = 0 THEN 'mended' END,
        now() - h.n * interval '1 minute', 1, false, h.code || h.n, f.name, a.id, a.name
      FROM h LEFT JOIN f ON f.n = h.face LEFT JOIN a ON a.n = f.asset;
    RESET session_replication_role`);
  await client.query('VACUUM ANALYZE');
}

const client = new pg.Client({ connectionString: databaseUrl });
await client.connect();
await fill(client);
const { rows } = await client.query<{ code: string; asset: string; face: string }>(
  `SELECT code, asset_id AS asset, face_id AS face FROM hole_summary WHERE face_id IS NOT NULL ORDER BY code OFFSET ${Math.floor(count / 2)} LIMIT 1`,
);
const { code, face } = rows[0]!;
const largest = (
  await client.query<{ id: string }>(`SELECT asset_id AS id FROM hole_summary WHERE asset_id IS NOT NULL
  GROUP BY 1 ORDER BY count(*) DESC LIMIT 1`)
).rows[0]!.id;
await client.end();

const api = `${serverUrl}/api/v1`;
async function ask(path: string): Promise<{ ms: number; body: { next?: string | null } }> {
  const started = performance.now();
  const reply = await fetch(api + path);
  const text = await reply.text();
  const ms = performance.now() - started;
  if (!reply.ok) throw new Error(`${path}: ${text}`);
  return { ms, body: JSON.parse(text) as { next?: string | null } };
}

/** A page far into a list: what a cursor costs. */
async function farInto(path: string): Promise<string> {
  let cursor = '';
  for (let page = 0; page < 20; page += 1) {
    const { body } = await ask(`${path}&limit=100${cursor}`);
    cursor = `&cursor=${body.next!}`;
  }
  return `${path}&limit=50${cursor}`;
}
const search = (text: string) => `&search=${encodeURIComponent(text)}`;
const asked: Record<string, string> = {
  'holes, first page': '/holes?limit=50',
  'holes, page 40': await farInto('/holes?'),
  'loose holes': '/holes?loose=true&limit=50',
  'holes of a face': `/holes?limit=50&face=${face}`,
  'mends under way': '/mends?state=open&limit=50',
  'mends closed': '/mends?state=closed&limit=50',
  assets: '/assets?limit=50',
  'the largest asset': `/assets/${largest}`,
  'search: one letter': `/holes?limit=50${search('h')}`,
  'search: two letters': `/holes?limit=50${search('ga')}`,
  'search: a common word': `/holes?limit=50${search('hole')}`,
  'search: a common piece': `/holes?limit=50${search('ead')}`,
  'search: a name and a number': `/holes?limit=50${search('guillemot 20')}`,
  'search: three words': `/holes?limit=50${search('dunlin sump hole 7')}`,
  'search: four beginnings': `/holes?limit=50${search('dunl sum ho 7')}`,
  'search: a code': `/holes?limit=50${search(code)}`,
  'search: nothing like it': `/holes?limit=50${search('zzqx')}`,
  'search: two letters, none': `/holes?limit=50${search('qx')}`,
  'search: loose': `/holes?limit=50&loose=true${search('bracket')}`,
  'search: under way': `/mends?state=open&limit=50${search('snapped')}`,
  'search: assets': `/assets?limit=50${search('kittiwake winch')}`,
};
const result: Record<string, { medianMs: number; p95Ms: number }> = {};
for (const [what, path] of Object.entries(asked)) {
  const times: number[] = [];
  await ask(path);
  for (let n = 0; n < ASKED_EACH; n += 1) times.push((await ask(path)).ms);
  times.sort((a, b) => a - b);
  result[what] = { medianMs: times[ASKED_EACH >> 1]!, p95Ms: times[Math.floor(ASKED_EACH * 0.95)]! };
}
console.log(JSON.stringify(result));
