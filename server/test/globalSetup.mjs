import { startPostgres } from '../../tools/lib/postgres.mjs';

export default async function globalSetup() {
  const cluster = await startPostgres();
  globalThis.__deepMendCluster = cluster;
  process.env.TEST_CLUSTER_URL = cluster.url;
}
