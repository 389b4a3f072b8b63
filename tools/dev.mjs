// npm run dev: the demo's database and server, rebuilt when the server's sources change, and Vite with hot reload.
import { spawn } from 'node:child_process';
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { checkNode, ensurePostgres, installDependencies, ROOT } from './lib/bootstrap.mjs';
import { homeOf } from './lib/home.mjs';
import { startPostgres } from './lib/postgres.mjs';

checkNode();
installDependencies();
ensurePostgres();
const demo = homeOf('demo');
// Without a demo it begins with an empty shop: only the demo's own start makes one, whole.
const cluster = process.env.DATABASE_URL
  ? null
  : await startPostgres({ home: existsSync(demo) ? demo : homeOf('empty') });
const env = {
  ...process.env,
  DATABASE_URL: process.env.DATABASE_URL ?? `${cluster.url}/postgres`,
  PORT: '5181',
  LOG_LEVEL: 'info',
};
const children = [
  spawn('npx', ['tsx', 'watch', 'server/src/main.ts'], { cwd: ROOT, env, stdio: 'inherit' }),
  spawn('npx', ['vite', '--port', '5180'], { cwd: join(ROOT, 'web'), env, stdio: 'inherit' }),
];
async function stop() {
  for (const child of children) if (child.exitCode === null) child.kill('SIGTERM');
  await Promise.all(
    children.map((child) => (child.exitCode === null ? new Promise((resolve) => child.once('exit', resolve)) : null)),
  );
  await cluster?.stop();
  process.exit(0);
}
process.on('SIGINT', () => void stop());
process.on('SIGTERM', () => void stop());
