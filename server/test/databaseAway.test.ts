import { chmodSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Sequelize } from 'sequelize';
import { v7 } from 'uuid';
import { connect } from '../src/store/connect.ts';
import { isAway } from '../src/store/isAway.ts';
import { migrate } from '../src/store/migrate.ts';
import { ensureShop } from '../src/usecases/shop/ensureShop.ts';
// @ts-expect-error a plain script without types
import { startPostgres } from '../../tools/lib/postgres.mjs';
import { clientOf } from './harness.ts';

interface Cluster {
  url: string;
  port: number;
  stop: () => Promise<void>;
}
const place = mkdtempSync(join(tmpdir(), 'dm-away-'));
chmodSync(place, 0o755);
const start = (port: number | null = null): Promise<Cluster> =>
  startPostgres({ home: join(place, 'data'), port }) as Promise<Cluster>;

let cluster: Cluster;
let sequelize: Sequelize;
let client: ReturnType<typeof clientOf>;
const lost: Error[] = [];
beforeAll(async () => {
  cluster = await start();
  sequelize = connect(`${cluster.url}/postgres`, (error) => void lost.push(error));
  await migrate(sequelize);
  client = clientOf({ sequelize, searching: sequelize, ...(await ensureShop(sequelize)), now: () => new Date() });
}, 30_000);
afterAll(async () => {
  await sequelize.close();
  await cluster.stop();
  rmSync(place, { recursive: true, force: true });
});

const asset = () => client.post('/assets', { id: v7(), name: 'Pump' });

test('sessions that the database ends are heard of, and the next question is answered', async () => {
  await client.get('/shop').expect(200);
  const admin = new Sequelize(`${cluster.url}/postgres`, { dialect: 'postgres', logging: false });
  await admin.query(
    'SELECT pg_terminate_backend(pid) FROM pg_stat_activity WHERE pid <> pg_backend_pid() AND datname IS NOT NULL',
  );
  await admin.close();
  // One question may still meet a session that was just ended: it says so, and to try again.
  const first = await client.get('/shop');
  expect([200, 503]).toContain(first.status);
  await client.get('/shop').expect(200);
  expect(lost.length).toBeGreaterThan(0);
});

test('while the database is away nothing is claimed, and when it is back it answers by itself', async () => {
  await cluster.stop();
  const read = await client.get('/shop');
  expect([read.status, read.body.type, read.headers['retry-after']]).toEqual([503, 'urn:deep-mend:away', '2']);
  const written = await asset();
  expect([written.status, written.body.detail]).toEqual([
    503,
    expect.stringContaining('whether this was recorded is not known'),
  ]);
  const asked = Date.now();
  expect((await client.http.get('/readyz')).status).toBe(503);
  expect(Date.now() - asked).toBeLessThan(2_500);
  expect((await client.http.get('/healthz')).status).toBe(200);
  cluster = await start(cluster.port);
  await client.get('/shop').expect(200);
  await asset().expect(200);
  await client.http.get('/readyz').expect(200);
}, 15_000);

test('an answer of no is no absence', async () => {
  const refused = await sequelize.query('SELECT nothing').catch((error: unknown) => error);
  expect([refused instanceof Error, isAway(refused), isAway(new Error('out of cheese'))]).toEqual([true, false, false]);
});
