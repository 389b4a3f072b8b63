// npm run record: writes what this engine says and what a demo shop holds as it records it, for later builds to be held
// against. Run once at the end of a piece of work that changes either; an older recording is never written anew.
import { spawnSync } from 'node:child_process';
import { existsSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { brotliCompressSync, constants } from 'node:zlib';
import { ensurePostgres, installDependencies, ROOT } from './lib/bootstrap.mjs';
import { npmOutside } from './lib/esbuildOwn.mjs';
import { startPostgres } from './lib/postgres.mjs';
import { startServer } from './lib/server.mjs';
import { build } from './build.mjs';

installDependencies();
ensurePostgres();
await build();
const esbuild = await import('esbuild');
const outfile = join(ROOT, 'cli', 'dist', 'recorded.mjs');
await esbuild.build({
  absWorkingDir: ROOT,
  entryPoints: ['cli/src/test-support/index.ts'],
  outfile,
  bundle: true,
  platform: 'node',
  format: 'esm',
  target: 'node20',
  logLevel: 'error',
  plugins: [npmOutside],
});
const { ENGINE_VERSION, recordedReplies, recordedShop } = await import(pathToFileURL(outfile).href);

const shopFile = join(ROOT, 'core', 'src', 'record', 'recorded', `${ENGINE_VERSION}.json`);
const repliesFile = join(ROOT, 'cli', 'src', 'recorded', `${ENGINE_VERSION}.json.br`);
for (const file of [shopFile, repliesFile]) {
  if (existsSync(file)) {
    console.error(`${file} is there already: a recording stands. Raise the engine’s version first.`);
    process.exit(1);
  }
}

// The replies hold the same sentences hundreds of times over: packed they are a hundredth, and are read once a test run.
const text = JSON.stringify({ mm: recordedReplies('mm'), in: recordedReplies('in') });
const params = {
  [constants.BROTLI_PARAM_QUALITY]: constants.BROTLI_MAX_QUALITY,
  [constants.BROTLI_PARAM_LGWIN]: constants.BROTLI_MAX_WINDOW_BITS,
  [constants.BROTLI_PARAM_SIZE_HINT]: text.length,
};
writeFileSync(repliesFile, brotliCompressSync(text, { params }));

const cluster = await startPostgres();
const databaseUrl = `${cluster.url}/postgres`;
const server = await startServer({ databaseUrl });
try {
  const seeded = spawnSync(process.execPath, [join(ROOT, 'demo', 'dist', 'seed.mjs'), databaseUrl], {
    stdio: 'inherit',
  });
  if (seeded.status !== 0) throw new Error('The demo shop could not be loaded');
  const { default: pg } = await import('pg');
  const pool = new pg.Pool({ connectionString: databaseUrl });
  const rows = async (sql) => (await pool.query(sql)).rows;
  const shop = recordedShop({
    settings: (await rows('SELECT settings FROM shop'))[0].settings,
    events: await rows(`
      SELECT e.id, e.hole_id AS "holeId", e.seq, e.class, e.kind, e.payload_version AS "payloadVersion", e.payload,
        e.happened_at AS "happenedAt", e.recorded_at AS "recordedAt", p.name AS actor
      FROM event e JOIN actor p ON p.id = e.actor_id ORDER BY e.hole_id, e.seq`),
    plans: await rows('SELECT * FROM plan ORDER BY id'),
  });
  await pool.end();
  writeFileSync(shopFile, `${JSON.stringify(shop, null, 1)}\n`);
} finally {
  await server.stop();
  await cluster.stop();
}
console.log(`Recorded engine ${ENGINE_VERSION}.`);
