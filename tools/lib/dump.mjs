// One file that holds a whole shop, and the proof that it does: what was restored from it has the same rows.
import { spawn } from 'node:child_process';
import { createHash } from 'node:crypto';
import { join } from 'node:path';
import pg from 'pg';
import { serverBinaries } from './postgres.mjs';

/** Password and address go by the environment: another user of the machine can read what a program was called with. */
function environment(url) {
  const { hostname, port, username, password, pathname } = new URL(url);
  return {
    ...process.env,
    PGHOST: hostname,
    PGPORT: port || '5432',
    PGUSER: decodeURIComponent(username),
    PGPASSWORD: decodeURIComponent(password),
    PGDATABASE: pathname.slice(1),
  };
}

/** Runs a program of PostgreSQL's; what it says on failure is thrown. */
function run(program, args, url) {
  const bin = serverBinaries();
  const child = spawn(bin ? join(bin, program) : program, args, {
    env: environment(url),
    stdio: ['ignore', 'ignore', 'pipe'],
  });
  let said = '';
  child.stderr.on('data', (words) => (said += words));
  return new Promise((resolve, reject) => {
    child.once('error', reject);
    child.once('exit', (code) => (code === 0 ? resolve() : reject(new Error(`${program}: ${said.trim()}`))));
  });
}

async function connected(url, work) {
  const client = new pg.Client({ connectionString: url });
  await client.connect();
  try {
    return await work(client);
  } finally {
    await client.end();
  }
}

const tablesOf = async (client) =>
  (
    await client.query(`SELECT c.relname AS name FROM pg_class c JOIN pg_namespace n ON n.oid = c.relnamespace
      WHERE n.nspname = 'public' AND c.relkind IN ('r', 'p') ORDER BY 1`)
  ).rows.map(({ name }) => name);

/** Rows of each table, and a sum over what stands in them that does not ask for an order. */
async function sumsOf(client) {
  const sums = {};
  for (const table of await tablesOf(client)) {
    const { rows } = await client.query(
      `SELECT count(*)::text AS rows, coalesce(sum(hashtextextended(t::text, 0)::numeric), 0)::text AS sum
         FROM ${client.escapeIdentifier(table)} t`,
    );
    sums[table] = rows[0];
  }
  return sums;
}

/** The first letters of a digest over all sums: the same for the same rows. */
export const digestOf = (sums) => createHash('sha256').update(JSON.stringify(sums)).digest('hex').slice(0, 12);

export const sumsAt = (url) => connected(url, sumsOf);

/**
 * Writes a database to one file, as it was at one moment while people went on working.
 * @returns the sums of exactly what the file holds
 */
export const dump = (url, file) =>
  connected(url, async (client) => {
    await client.query('BEGIN ISOLATION LEVEL REPEATABLE READ READ ONLY');
    const { rows } = await client.query('SELECT pg_export_snapshot() AS snapshot');
    const sums = await sumsOf(client);
    await run('pg_dump', ['--format=custom', `--snapshot=${rows[0].snapshot}`, `--file=${file}`], url);
    await client.query('COMMIT');
    return sums;
  });

/** Restores a file into a database without tables, whole or not at all. @throws where there is something already */
export async function restore(url, file) {
  const there = await connected(url, tablesOf);
  if (there.length > 0)
    throw new Error(`There is something in this database already (${there.length} tables). Nothing was touched.`);
  await run(
    'pg_restore',
    [
      '--single-transaction',
      '--exit-on-error',
      '--no-owner',
      '--no-privileges',
      `--dbname=${new URL(url).pathname.slice(1)}`,
      file,
    ],
    url,
  );
  return sumsAt(url);
}

/** Restores a file into a database made for it beside the first, reads its sums, and drops it again. */
export async function proved(url, file) {
  const check = `deep_mend_check_${process.pid}_${Date.now()}`;
  const beside = new URL(url);
  beside.pathname = `/${check}`;
  await connected(url, (client) => client.query(`CREATE DATABASE ${check} TEMPLATE template0`));
  try {
    return await restore(beside.href, file);
  } finally {
    await connected(url, (client) => client.query(`DROP DATABASE ${check} WITH (FORCE)`));
  }
}
