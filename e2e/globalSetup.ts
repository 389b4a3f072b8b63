import { spawnSync } from 'node:child_process';
import { join } from 'node:path';
// Plain scripts without types: they must run before anything is installed.
// @ts-expect-error no declaration
import { ROOT } from '../tools/lib/bootstrap.mjs';
// @ts-expect-error no declaration
import { startPostgres } from '../tools/lib/postgres.mjs';
// @ts-expect-error no declaration
import { startInstruments, startServer } from '../tools/lib/server.mjs';

const PUBLIC_URL = 'https://mend.example';

/** One cluster, two servers: an empty shop and the demo shop. Everything real, on loopback. */
export default async function globalSetup(): Promise<() => Promise<void>> {
  const cluster = await startPostgres();
  const create = spawnSync(
    'psql',
    [`${cluster.url}/postgres`, '-c', 'CREATE DATABASE empty', '-c', 'CREATE DATABASE demo'],
    { encoding: 'utf8' },
  );
  if (create.status !== 0) throw new Error(create.stderr);
  const empty = await startServer({ databaseUrl: `${cluster.url}/empty`, writerUrl: `${cluster.writerUrl}/empty` });
  const instruments = await startInstruments();
  const demo = await startServer({
    databaseUrl: `${cluster.url}/demo`,
    writerUrl: `${cluster.writerUrl}/demo`,
    instrumentsUrl: instruments.url,
    // What its labels lead to: nobody answers there, the page is opened under its path.
    publicUrl: PUBLIC_URL,
  });
  const seed = spawnSync(process.execPath, [join(ROOT as string, 'demo', 'dist', 'seed.mjs'), `${cluster.url}/demo`], {
    encoding: 'utf8',
  });
  if (seed.status !== 0) throw new Error(seed.stderr);
  process.env.EMPTY_URL = empty.url;
  process.env.DEMO_URL = demo.url;
  process.env.DEMO_PUBLIC_URL = PUBLIC_URL;
  process.env.DEMO_DATABASE_URL = `${cluster.url}/demo`;
  process.env.DEMO_WRITER_URL = `${cluster.writerUrl}/demo`;
  return async () => {
    await empty.stop();
    await demo.stop();
    await instruments.stop();
    await cluster.stop();
  };
}
