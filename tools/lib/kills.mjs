// Kills the server, the database and the start command itself while people record, and then looks whether anything that was
// acknowledged is lost, and whether anything stands twice.
import { fork } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { createServer } from 'node:net';
import { join } from 'node:path';
import { ROOT } from './bootstrap.mjs';

const WRITERS = 6;
const KINDS = ['server', 'database', 'start'];
/** Kills come while writes are under way: some at once after a start, some later. */
const LONGEST_PAUSE_MS = 300;
const PATIENCE_MS = 2_000;
const GIVES_UP_MS = 60_000;

const sleep = (ms) => new Promise((resolve) => setTimeout(resolve, ms));
const freePort = () =>
  new Promise((resolve) => {
    const probe = createServer();
    probe.listen(0, '127.0.0.1', () => {
      const { port } = probe.address();
      probe.close(() => resolve(port));
    });
  });
const gone = (pid) => {
  try {
    process.kill(pid, 0);
    return false;
  } catch {
    // ESRCH: no such process.
    return true;
  }
};

/**
 * @param home - an empty folder for the cluster
 * @param random - gives numbers from 0 to 1; a seeded one makes the same kills
 * @returns { kills, acknowledged, lost, doubled, gaps }
 */
export async function killWhileWriting({ home, count, random = Math.random }) {
  const port = await freePort();
  const told = JSON.stringify({ home, port, firstPauseMs: 50 });
  const start = () =>
    new Promise((resolve, reject) => {
      const child = fork(join(ROOT, 'tools', 'lib', 'shopProcess.mjs'), [told], { stdio: 'ignore' });
      child.once('message', (pids) => resolve({ child, pids }));
      child.once('exit', (code) => reject(new Error(`the shop did not start (${code})`)));
    });
  let shop = await start();
  const api = `http://127.0.0.1:${port}/api/v1`;
  const acknowledged = [];
  let ended = false;

  /** Sends until it is acknowledged, always the same; null: the end came before. */
  async function send(path, body) {
    for (const until = Date.now() + GIVES_UP_MS; Date.now() < until;) {
      try {
        const reply = await fetch(api + path, {
          method: 'POST',
          headers: { 'content-type': 'application/json' },
          body: JSON.stringify(body),
          signal: AbortSignal.timeout(PATIENCE_MS),
        });
        if (reply.ok) return body.id;
        if (reply.status < 500) throw new Error(`refused: ${await reply.text()}`);
      } catch (error) {
        // Nothing answered, or not in time: whether it was recorded is not known.
        if (/^refused/.test(error.message)) throw error;
      }
      await sleep(20);
    }
    throw new Error('nothing answered for a minute');
  }

  async function writer() {
    const hole = randomUUID();
    const happenedAt = new Date().toISOString();
    await send('/holes', { id: hole, name: 'Kill', faceId: null, mend: { id: randomUUID(), what: '' }, happenedAt });
    for (let n = 0; !ended; n += 1) {
      const payload = {
        quantity: 'depth',
        text: String(20 + (n % 9)),
        notation: 'mm',
        mm: 20 + (n % 9),
        halfWidthMm: 0.1,
        instrument: 'depth-rod',
      };
      acknowledged.push(
        await send(`/holes/${hole}/events`, { id: randomUUID(), kind: 'reading', payload, happenedAt }),
      );
    }
    return hole;
  }

  const writers = Array.from({ length: WRITERS }, writer);
  for (let kill = 0; kill < count; kill += 1) {
    const before = acknowledged.length;
    await sleep(random() * LONGEST_PAUSE_MS);
    const kind = KINDS[kill % KINDS.length];
    const { child, pids } = shop;
    process.kill(kind === 'start' ? child.pid : pids[kind], 'SIGKILL');
    if (kind === 'start') {
      while (![child.pid, pids.server, pids.database].every(gone)) await sleep(10);
      shop = await start();
    }
    // Somebody was answered again: it stands.
    for (const until = Date.now() + GIVES_UP_MS; acknowledged.length <= before && Date.now() < until;) await sleep(10);
    if (kind !== 'start') {
      child.send('pids');
      shop.pids = await new Promise((resolve) => child.once('message', resolve));
    }
  }
  ended = true;
  const holes = await Promise.all(writers);
  const events = (
    await Promise.all(holes.map(async (hole) => (await (await fetch(`${api}/holes/${hole}`)).json()).events))
  ).flatMap((list) => list.map((event, index) => ({ ...event, gap: event.seq !== index + 1 })));
  shop.child.kill('SIGTERM');
  await new Promise((resolve) => shop.child.once('exit', resolve));
  const stands = new Map();
  for (const { id } of events) stands.set(id, (stands.get(id) ?? 0) + 1);
  return {
    kills: count,
    acknowledged: acknowledged.length,
    lost: acknowledged.filter((id) => !stands.has(id)).length,
    doubled: [...stands.values()].filter((times) => times > 1).length,
    gaps: events.filter(({ gap }) => gap).length,
  };
}
