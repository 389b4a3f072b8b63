// npm run restore -- FILE: a backup into an empty database, compared with what the file's name says of it.
import { basename, resolve } from 'node:path';
import { checkNode, ensurePostgres, installDependencies } from './lib/bootstrap.mjs';

checkNode();
installDependencies();
ensurePostgres();
const { digestOf, restore } = await import('./lib/dump.mjs');
const { openDatabase } = await import('./lib/theDatabase.mjs');

const [file] = process.argv.slice(2);
let database = null;
try {
  if (!file) throw new Error('Say which file: npm run restore -- backups/deep-mend-….dump');
  database = await openDatabase({ making: true });
  const sums = await restore(database.url, resolve(file));
  const digest = digestOf(sums);
  const told = /-([0-9a-f]{12})\.dump$/.exec(basename(file))?.[1];
  if (told && told !== digest)
    throw new Error(`Restored, but it differs from what was backed up (${digest}, not ${told}).`);
  console.log(
    `${sums.event.rows} events of ${sums.hole.rows} holes restored${told ? ', the same as backed up' : ''}: ${digest}`,
  );
} catch (error) {
  console.error(error.message);
  process.exitCode = 1;
} finally {
  await database?.done();
}
