// npm run demo: everything from a fresh machine to a running shop with made-up data. Ctrl-C leaves no process.
import { spawn } from 'node:child_process';
import { existsSync, renameSync } from 'node:fs';
import { join } from 'node:path';
import { checkNode, ensurePostgres, installDependencies, ROOT } from './lib/bootstrap.mjs';
import { asideOf, sweepAside } from './lib/keptFolder.mjs';
import { homeOf } from './lib/home.mjs';
import { startPostgres } from './lib/postgres.mjs';
import { onStop, runShop } from './lib/runShop.mjs';
import { build } from './build.mjs';

const EMPTY = process.argv.includes('--empty');
const PORT = Number(process.env.PORT ?? 5180);

checkNode();
installDependencies();
await build();

let stopWhat = null;
let seeding = null;
let stopping = false;
onStop(async () => {
  stopping = true;
  if (seeding && seeding.exitCode === null) seeding.kill('SIGTERM');
  await stopWhat?.();
});

/** Loads the made-up shop, through the same use cases as a person's work; whether it came to its end. */
async function seed(databaseUrl) {
  seeding = spawn(process.execPath, [join(ROOT, 'demo', 'dist', 'seed.mjs'), databaseUrl], { stdio: 'inherit' });
  return (await new Promise((resolve) => seeding.once('exit', resolve))) === 0;
}

/**
 * Makes the demo shop aside, and gives it its name when it is whole: a start that dies on the way leaves nothing that somebody
 * could have worked in, and nothing that has its name is ever removed.
 */
async function makeDemo(home) {
  const aside = asideOf(home);
  const cluster = await startPostgres({ home: aside });
  stopWhat = cluster.stop;
  const whole = await seed(`${cluster.url}/postgres`);
  await cluster.stop();
  stopWhat = null;
  if (!whole || stopping) throw new Error('The demo data could not be loaded. Nothing was kept; start again.');
  renameSync(aside, home);
}

const databaseUrl = process.env.DATABASE_URL ?? null;
try {
  let home = null;
  if (databaseUrl) {
    // A database of one's own is somebody's: the seeder adds nothing where there are assets already.
    if (!EMPTY && !(await seed(databaseUrl)))
      console.error('The demo data could not be loaded; the shop stays as it is.');
  } else {
    ensurePostgres();
    home = homeOf(EMPTY ? 'empty' : 'demo');
    sweepAside(home);
    if (!EMPTY && !existsSync(home)) await makeDemo(home);
  }
  if (!stopping) {
    const shop = await runShop({ home, databaseUrl, port: PORT, withInstruments: true });
    stopWhat = shop.stop;
    console.log(`\nDeep Mend is at ${shop.url}\nCtrl-C stops it.\n`);
  }
} catch (error) {
  if (!stopping) {
    console.error(error.message);
    process.exitCode = 1;
    await stopWhat?.();
  }
}
