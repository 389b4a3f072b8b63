import { spawn } from 'node:child_process';
import { chmodSync, existsSync, mkdtempSync, readdirSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

const LIBRARY = join(__dirname, '..', '..', 'tools', 'lib', 'postgres.mjs');
let place: string;
beforeAll(() => {
  place = mkdtempSync(join(tmpdir(), 'dm-start-'));
  // The database's own user passes through it.
  chmodSync(place, 0o755);
});
afterAll(() => rmSync(place, { recursive: true, force: true }));

/** Starts a cluster that is kept, in a process of its own; killed after so many ms, or left to say that it stands. */
const start = (home: string, killAfterMs: number | null): Promise<string> =>
  new Promise((resolve, reject) => {
    const script = `import { startPostgres } from ${JSON.stringify(LIBRARY)};
      const cluster = await startPostgres({ home: ${JSON.stringify(home)} });
      console.log('stands'); await cluster.stop();`;
    const child = spawn(process.execPath, ['--input-type=module', '-e', script], { stdio: ['ignore', 'pipe', 'pipe'] });
    let said = '';
    child.stdout.on('data', (words: Buffer) => (said += words.toString()));
    child.stderr.on('data', (words: Buffer) => (said += words.toString()));
    child.once('error', reject);
    child.once('exit', () => resolve(said.trim()));
    if (killAfterMs !== null) setTimeout(() => child.kill('SIGKILL'), killAfterMs);
  });

test('a first start that is killed at any moment is no obstacle to the next', async () => {
  const home = join(place, 'demo');
  for (const ms of [30, 120, 250, 400, 600]) await start(home, ms);
  // A database that was killed with its start may still be letting go of its folder.
  const said = await start(home, null);
  expect(said).toBe('stands');
  expect(existsSync(join(home, 'cluster', 'PG_VERSION'))).toBe(true);
  expect(readdirSync(home).sort()).toEqual(['cluster', 'server.log']);
});
