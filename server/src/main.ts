import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import pino from 'pino';
import { createApp } from './app.ts';
import { readConfig } from './platform/config.ts';
import { connect } from './store/connect.ts';
import { ensureShop } from './usecases/shop/ensureShop.ts';
import { migrate } from './store/migrate.ts';
import { forgetOldKeys } from './usecases/once.ts';

/** What is under way may end within this; after the second the process goes whatever happens. */
const GRACE_MS = 3_000;
const LAST_MS = 4_500;

/** Wires everything, listens, and stops gracefully: no new requests, the running ones end, then the pool closes. */
async function main(): Promise<void> {
  const config = readConfig(process.env);
  const logger = pino({ level: config.logLevel });
  const sequelize = connect(config.databaseUrl, (error) => logger.warn({ err: error }, 'a session was lost'));
  await migrate(sequelize);
  const { shopId, defaultActorId } = await ensureShop(sequelize);
  await forgetOldKeys(new Date());
  const app = createApp({
    sequelize,
    shopId,
    defaultActorId,
    webFolder: config.webFolder,
    logger,
    now: () => new Date(),
  });
  const server = createServer(app.callback());
  await new Promise<void>((resolve, reject) => {
    server.once('error', reject);
    server.listen(config.port, config.host, resolve);
  });
  const { port } = server.address() as AddressInfo;
  logger.info({ port }, 'listening');
  process.send?.({ port });

  let stopping = false;
  const stop = () => {
    if (stopping) return;
    stopping = true;
    logger.info('stopping');
    server.close(() => {
      sequelize.close().then(
        () => process.exit(0),
        (error: unknown) => {
          logger.error({ err: error }, 'pool did not close');
          process.exit(1);
        },
      );
    });
    server.closeIdleConnections();
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
