import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { createApp } from './app.ts';
import { createMetrics } from './http/metrics.ts';
import { readConfig } from './platform/config.ts';
import { instrumentBox } from './usecases/instruments/instrumentBox.ts';
import { createLog } from './platform/log.ts';
import { connect, connectSearches } from './store/connect.ts';
import { ensureShop } from './usecases/shop/ensureShop.ts';
import { migrate } from './store/migrate.ts';
import { allowWriter } from './store/writer.ts';
import { forgetOldKeys } from './usecases/once.ts';

/** What is under way may end within this; after the second the process goes whatever happens. */
const GRACE_MS = 3_000;
const LAST_MS = 4_500;

const listen = (server: Server, port: number, host: string): Promise<void> =>
  new Promise((resolve, reject) => {
    server.once('error', reject);
    server.listen(port, host, resolve);
  });

/** Wires everything, listens, and stops gracefully: no new requests, the running ones end, then the pool closes. */
async function main(): Promise<void> {
  const config = readConfig(process.env);
  const logger = createLog(config.logLevel);
  const lost = (error: Error) => logger.warn({ err: error }, 'a session was lost');
  const { databaseUrl, writerUrl } = config;
  const owner = connect(databaseUrl, lost);
  await migrate(owner);
  const { shopId, defaultActorId } = await ensureShop(owner);
  if (writerUrl) await allowWriter(owner, writerUrl);
  await owner.close();
  const sequelize = connect(writerUrl ?? databaseUrl, lost);
  const searching = connectSearches(writerUrl ?? databaseUrl, lost);
  await forgetOldKeys(new Date());
  const metrics = config.metricsPort === null ? null : createMetrics();
  const ending = new AbortController();
  const app = createApp({
    sequelize,
    searching,
    shopId,
    defaultActorId,
    webFolder: config.webFolder,
    logger,
    now: () => new Date(),
    hosts: config.hosts,
    publicUrl: config.publicUrl,
    instruments: config.instrumentsUrl === null ? null : instrumentBox(config.instrumentsUrl),
    stopping: ending.signal,
    ...(metrics ? { count: metrics.count } : {}),
  });
  const server = createServer(app.callback());
  await listen(server, config.port, config.host);
  const { port } = server.address() as AddressInfo;
  // Figures are for a monitor on this machine only.
  if (metrics) await listen(metrics.server, config.metricsPort!, '127.0.0.1');
  logger.info({ port }, 'listening');
  process.send?.({ port });

  let stopping = false;
  const stop = () => {
    if (stopping) return;
    stopping = true;
    logger.info('stopping');
    ending.abort();
    server.close(() => {
      Promise.all([sequelize.close(), searching.close()]).then(
        () => process.exit(0),
        (error: unknown) => {
          logger.error({ err: error }, 'pool did not close');
          process.exit(1);
        },
      );
    });
    server.closeIdleConnections();
    metrics?.server.close();
    metrics?.server.closeAllConnections();
    // Half-sent requests and clients that never read end here; a database that is away cannot keep us either.
    setTimeout(() => server.closeAllConnections(), GRACE_MS).unref();
    setTimeout(() => {
      logger.error('stopped without the pool');
      process.exit(1);
    }, LAST_MS).unref();
  };
  process.on('SIGINT', stop);
  process.on('SIGTERM', stop);
  process.on('disconnect', stop);
}

main().catch((error: unknown) => {
  console.error(error);
  process.exit(1);
});
