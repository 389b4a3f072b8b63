import { Sequelize } from 'sequelize';
import { connect } from '../src/store/connect.ts';
import { migrate } from '../src/store/migrate.ts';
import { ActorRow, Shop } from '../src/store/models.ts';
import { ensureShop } from '../src/usecases/shop/ensureShop.ts';

const fails = (error: Error) => {
  throw error;
};
const cluster = process.env.TEST_CLUSTER_URL!;
const admin = new Sequelize(`${cluster}/postgres`, { dialect: 'postgres', logging: false });
let sequelize: Sequelize;
beforeEach(async () => {
  await admin.query('CREATE DATABASE first_start');
  sequelize = connect(`${cluster}/first_start`, fails);
});
afterEach(async () => {
  await sequelize.close();
  await admin.query('DROP DATABASE first_start WITH (FORCE)');
});
afterAll(() => admin.close());

const tables = async () => (await sequelize.getQueryInterface().showAllTables()).sort();

test('migrations are made whole or not at all: one that fails leaves nothing of those before it', async () => {
  await sequelize.query('CREATE TABLE hole_head (in_the_way integer)');
  await expect(migrate(sequelize)).rejects.toThrow(/hole_head/);
  expect(await tables()).toEqual(['hole_head']);
  await sequelize.query('DROP TABLE hole_head');
  await migrate(sequelize);
  expect(await tables()).toEqual(expect.arrayContaining(['event', 'hole_head', 'migration', 'shop']));
});

test('processes that start at once migrate once, and make one shop with its people', async () => {
  await Promise.all([migrate(sequelize), migrate(sequelize), migrate(sequelize)]);
  const shops = await Promise.all([1, 2, 3, 4].map(() => ensureShop(sequelize)));
  expect(new Set(shops.map(({ shopId }) => shopId)).size).toBe(1);
  expect([await Shop.count(), await ActorRow.count()]).toEqual([1, 3]);
});

test('a shop is never without its people: what fails on the way leaves no shop', async () => {
  await migrate(sequelize);
  await sequelize.query("ALTER TABLE actor ADD CONSTRAINT in_the_way CHECK (name <> 'Mechanic A')");
  await expect(ensureShop(sequelize)).rejects.toThrow();
  expect(await Shop.count()).toBe(0);
  await sequelize.query('ALTER TABLE actor DROP CONSTRAINT in_the_way');
  await ensureShop(sequelize);
  expect(await ActorRow.count()).toBe(3);
});
