// The floor for the API: Koa and pg with the same statement, nothing else. Run by tools/bench.mjs.
import Koa from 'koa';
import type { AddressInfo } from 'node:net';
import pg from 'pg';
import { READ_HOLE_SQL } from '../server/src/usecases/holes/readHole.ts';

const pool = new pg.Pool({ connectionString: process.env.DATABASE_URL, max: 10 });
const sql = READ_HOLE_SQL.replace(':id', '$1').replace(':shopId', '$2');
const { rows } = await pool.query<{ id: string }>('SELECT id FROM shop');
const app = new Koa();
app.use(async (ctx) => {
  const { rows: holes } = await pool.query(sql, [ctx.path.split('/').at(-1), rows[0]!.id]);
  ctx.body = holes[0];
});
const server = app.listen(0, '127.0.0.1', () => process.send!({ port: (server.address() as AddressInfo).port }));
process.on('SIGTERM', () => process.exit(0));
