import { existsSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { case1, frozen, reading, startHarness, type Harness } from './harness.ts';

type Sums = Record<string, { rows: string; sum: string }>;
interface Dump {
  dump: (url: string, file: string) => Promise<Sums>;
  restore: (url: string, file: string) => Promise<Sums>;
  proved: (url: string, file: string) => Promise<Sums>;
  digestOf: (sums: Sums) => string;
}
const library = async () => (await import(pathToFileURL(join(__dirname, '../../tools/lib/dump.mjs')).href)) as Dump;

let harness: Harness;
let place: string;
beforeAll(async () => {
  harness = await startHarness();
  place = mkdtempSync(join(tmpdir(), 'dm-backup-'));
});
afterAll(async () => {
  rmSync(place, { recursive: true, force: true });
  await harness.stop();
});

test('a backup restored into an empty database has every row; what was recorded meanwhile is in neither', async () => {
  const { dump, proved, digestOf, restore } = await library();
  const url = `${process.env.TEST_CLUSTER_URL!}/${harness.sequelize.getDatabaseName()}`;
  const { id } = await frozen(harness);
  const file = join(place, 'shop.dump');
  const [sums] = await Promise.all([dump(url, file), harness.post(`/holes/${id}/events`, reading(12)).expect(200)]);
  expect(Number(sums.event!.rows)).toBeGreaterThan(10);
  expect(await proved(url, file)).toEqual(sums);
  const { id: later } = await case1(harness);
  const after = await dump(url, join(place, 'later.dump'));
  expect(digestOf(after)).not.toBe(digestOf(sums));
  // Never over something that is there.
  await expect(restore(url, file)).rejects.toThrow(/something in this database already/);
  expect((await harness.get(`/holes/${later}`)).status).toBe(200);
});

test('a file that is cut off proves nothing', async () => {
  const { proved } = await library();
  const url = `${process.env.TEST_CLUSTER_URL!}/${harness.sequelize.getDatabaseName()}`;
  expect(existsSync(join(place, 'none.dump'))).toBe(false);
  await expect(proved(url, join(place, 'none.dump'))).rejects.toThrow(/pg_restore/);
});
