// Runs a shop until it is told to stop: its database, where it has one of its own, and its server, both started again when
// they end by themselves.
import { startPostgres } from './postgres.mjs';
import { startInstruments, startServer } from './server.mjs';
import { supervise } from './supervise.mjs';

/**
 * @param home - where its own cluster lies; null: the database of `databaseUrl`, which somebody else keeps running
 * @param withInstruments - whether simulated instruments stand at its benches; one's own are named by INSTRUMENTS_URL
 * @param how - see {@link supervise}
 * @returns { url, stop, pids }
 */
export async function runShop({ home = null, databaseUrl = null, withInstruments = false, port, logLevel, ...how }) {
  const cluster = home
    ? await supervise('The database', (before) => startPostgres({ home, port: before?.port ?? null }), how)
    : null;
  // The same addresses after the database is started again: it takes the same port.
  const urls = cluster
    ? { databaseUrl: `${cluster.current.url}/postgres`, writerUrl: `${cluster.current.writerUrl}/postgres` }
    : { databaseUrl, writerUrl: process.env.WRITER_DATABASE_URL ?? null };
  const standIn = withInstruments && !process.env.INSTRUMENTS_URL;
  const instruments = standIn
    ? await supervise('The instruments’ stand-in', (before) => startInstruments(before?.port), how)
    : null;
  try {
    const server = await supervise(
      'The server',
      (before) =>
        startServer({
          ...urls,
          instrumentsUrl: instruments?.current.url ?? null,
          port: before?.port ?? port,
          logLevel,
        }),
      how,
    );
    return {
      url: server.current.url,
      pids: () => ({
        server: server.current.pid,
        database: cluster?.current.pid ?? null,
        instruments: instruments?.current.pid ?? null,
      }),
      stop: async () => {
        await server.stop();
        await instruments?.stop();
        await cluster?.stop();
      },
    };
  } catch (error) {
    await instruments?.stop();
    await cluster?.stop();
    throw error;
  }
}

/** Ends cleanly on Ctrl-C and when it is told to, once. */
export function onStop(stop) {
  let stopping = false;
  const end = () => {
    if (stopping) return;
    stopping = true;
    stop().then(
      () => process.exit(0),
      (error) => {
        console.error(error.message);
        process.exit(1);
      },
    );
  };
  process.on('SIGINT', end);
  process.on('SIGTERM', end);
}
