// npm run demo: everything from a fresh machine to a running shop with made-up data. Ctrl-C leaves no process.
import { spawn } from 'node:child_process';
import { existsSync, renameSync } from 'node:fs';
import { join } from 'node:path';
import { checkNode, ensurePostgres, installDependencies, ROOT } from './lib/bootstrap.mjs';
import { asideOf, sweepAside } from './lib/keptFolder.mjs';
import { homeOf } from './lib/home.mjs';
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

/** Loads the made-up shop through the server's own doors; whether it came to its end. */
async function seed() {
  seeding = spawn(process.execPath, [join(ROOT, 'demo', 'dist', 'seed.mjs'), server.url], { stdio: 'inherit' });
  return (await new Promise((resolve) => seeding.once('exit', resolve))) === 0;
}

/**
 * Makes the demo shop aside, on a port that nobody was told, and gives it its name when it is whole: a start that dies on
 * the way leaves nothing that somebody could have worked in, and nothing that has its name is ever removed.
 */
async function makeDemo(home) {
  const aside = asideOf(home);
  cluster = await startPostgres({ home: aside });
  server = await startServer({ databaseUrl: `${cluster.url}/postgres` });
  const whole = await seed();
  await server.stop();
  await cluster.stop();
  server = null;
  cluster = null;
  if (!whole || stopping) throw new Error('The demo data could not be loaded. Nothing was kept; start again.');
  renameSync(aside, home);
}

const own = process.env.DATABASE_URL ?? null;
try {
  if (!own) {
    ensurePostgres();
    const home = homeOf(EMPTY ? 'empty' : 'demo');
    sweepAside(home);
    if (!EMPTY && !existsSync(home)) await makeDemo(home);
    if (!stopping) cluster = await startPostgres({ home });
  }
  if (!stopping) server = await startServer({ databaseUrl: own ?? `${cluster.url}/postgres`, port: PORT });
  // A database of one's own is somebody's: the seeder adds nothing where there are assets already.
  if (own && !EMPTY && !stopping && !(await seed()))
    console.error('The demo data could not be loaded; the shop stays as it is.');
} catch (error) {
  if (!stopping) console.error(error.message);
  await stop(1);
}
if (!stopping) {
  console.log(`\nDeep Mend is at ${server.url}\nCtrl-C stops it.\n`);
  await server.exited;
  await stop(1);
}
