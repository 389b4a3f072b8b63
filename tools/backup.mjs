// npm run backup [-- FOLDER] [-- --demo]: the whole shop in one file, proved by restoring it. People may go on working.
import { mkdirSync, renameSync, rmSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { checkNode, ensurePostgres, installDependencies } from './lib/bootstrap.mjs';

// A whole shop is in the file: it is for whoever made it alone.
process.umask(0o077);
checkNode();
installDependencies();
ensurePostgres();
const { digestOf, dump, proved } = await import('./lib/dump.mjs');
const { openDatabase } = await import('./lib/theDatabase.mjs');

const args = process.argv.slice(2);
const mode = args.includes('--demo') ? 'demo' : 'shop';
const folder = resolve(args.find((arg) => !arg.startsWith('--')) ?? 'backups');
let database = null;
try {
  database = await openDatabase({ mode });
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  // Under another name until it is proved: nobody takes half a file for a backup.
  const unproved = join(folder, `unproved-${process.pid}.dump`);
  try {
    const sums = await dump(database.url, unproved);
    const restored = await proved(database.url, unproved);
    const digest = digestOf(sums);
    if (digestOf(restored) !== digest) throw new Error('What was restored from the file differs. There is no backup.');
    const file = join(folder, `deep-mend-${new Date().toISOString().slice(0, 16).replaceAll(':', '')}-${digest}.dump`);
    renameSync(unproved, file);
    console.log(`${file}\n${sums.event.rows} events of ${sums.hole.rows} holes, restored and the same: ${digest}`);
  } finally {
    rmSync(unproved, { force: true });
  }
} catch (error) {
  console.error(error.message);
  process.exitCode = 1;
} finally {
  await database?.done();
}
