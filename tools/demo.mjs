// npm run demo: everything from a fresh machine to a running shop with made-up data. Ctrl-C leaves no process.
import { spawn } from 'node:child_process';
import { existsSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { checkNode, ensurePostgres, installDependencies, ROOT } from './lib/bootstrap.mjs';
import { startPostgres } from './lib/postgres.mjs';
import { startServer } from './lib/server.mjs';
import { build } from './build.mjs';

const EMPTY = process.argv.includes('--empty');
const PORT = Number(process.env.PORT ?? 5180);

checkNode();
installDependencies();
await build();

let cluster = null;
let server = null;
let seeding = null;
let stopping = false;
async function stop(code) {
  if (stopping) return;
  stopping = true;
  if (seeding && seeding.exitCode === null) seeding.kill('SIGTERM');
  await server?.stop();
  await cluster?.stop();
  process.exit(code);
}
process.on('SIGINT', () => void stop(0));
process.on('SIGTERM', () => void stop(0));

const own = process.env.DATABASE_URL ?? null;
const home = join(ROOT, '.data', EMPTY ? 'empty' : 'demo');
if (!own) {
  ensurePostgres();
  cluster = await startPostgres({ home });
  // Half a demo, from a start that was broken off, is no demo: begin again.
  if (!EMPTY && cluster.existed && !existsSync(join(cluster.folder, 'seeded'))) {
    await cluster.stop();
    rmSync(cluster.folder, { recursive: true, force: true });
    cluster = await startPostgres({ home });
  }
}
try {
  server = await startServer({ databaseUrl: own ?? `${cluster.url}/postgres`, port: PORT });
} catch (error) {
  console.error(error.message);
  await stop(1);
}
if (!EMPTY && !stopping) {
  seeding = spawn(process.execPath, [join(ROOT, 'demo', 'dist', 'seed.mjs'), server.url], { stdio: 'inherit' });
  const code = await new Promise((resolve) => seeding.once('exit', resolve));
  if (code === 0 && cluster) writeFileSync(join(cluster.folder, 'seeded'), '');
  if (code !== 0 && !stopping) console.error('The demo data could not be loaded; the shop stays as it is.');
}
if (!stopping) {
  console.log(`\nDeep Mend is at ${server.url}\nCtrl-C stops it.\n`);
  await server.exited;
  await stop(1);
}
