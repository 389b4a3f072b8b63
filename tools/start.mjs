// npm start: the shop for real, without demo data. Its database is that of DATABASE_URL, or a cluster of its own.
import { checkNode, ensurePostgres, installDependencies } from './lib/bootstrap.mjs';
import { homeOf } from './lib/home.mjs';
import { onStop, runShop } from './lib/runShop.mjs';
import { build } from './build.mjs';

checkNode();
installDependencies();
await build();
const databaseUrl = process.env.DATABASE_URL ?? null;
if (!databaseUrl) ensurePostgres();

let shop = null;
onStop(async () => shop?.stop());
try {
  shop = await runShop({
    home: databaseUrl ? null : homeOf('shop'),
    databaseUrl,
    port: Number(process.env.PORT ?? 5180),
    logLevel: process.env.LOG_LEVEL ?? 'info',
  });
  console.log(`\nDeep Mend is at ${shop.url}\nCtrl-C stops it.\n`);
} catch (error) {
  console.error(error.message);
  process.exit(1);
}
