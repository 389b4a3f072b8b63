// A reading recorded on a hole of 2 000 events against one on a hole of 10, in turns: run by tools/bench.mjs.
import { randomUUID } from 'node:crypto';

const api = `${process.argv[2]}/api/v1`;
const LONG_EVENTS = 2000;
const SHORT_EVENTS = 10;
const WRITES = 200;
/** A short hole is left after so many writes, so that it stays a short one. */
const WRITES_A_HOLE = 5;

async function post(path: string, body: object): Promise<number> {
  const started = performance.now();
  const reply = await fetch(`${api}${path}`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(body),
  });
  const text = await reply.text();
  if (!reply.ok) throw new Error(`${path}: ${text}`);
  return performance.now() - started;
}

const happenedAt = new Date().toISOString();
let read = 0;
const reading = (holeId: string) => {
  const mm = 20 + (read++ % 100) / 100;
  return post(`/holes/${holeId}/events`, {
    id: randomUUID(),
    kind: 'reading',
    payload: {
      quantity: 'depth',
      mm,
      halfWidthMm: 0.1,
      instrument: 'depth-rod',
      text: mm.toFixed(2),
      notation: 'mm',
    },
    happenedAt,
  });
};

/** A loose hole with a mend and readings: so many events in all. */
async function holeOf(events: number): Promise<string> {
  const id = randomUUID();
  await post('/holes', {
    id,
    name: `Bench ${id.slice(0, 8)}`,
    faceId: null,
    mend: { id: randomUUID(), what: '' },
    happenedAt,
  });
  for (let n = 2; n < events; n += 1) await reading(id);
  return id;
}

const long = await holeOf(LONG_EVENTS);
const times = { long: [] as number[], short: [] as number[] };
let short = '';
for (let n = 0; n < WRITES; n += 1) {
  if (n % WRITES_A_HOLE === 0) short = await holeOf(SHORT_EVENTS);
  times.short.push(await reading(short));
  times.long.push(await reading(long));
}
const median = (all: number[]) => all.sort((a, b) => a - b)[Math.floor(all.length / 2)]!;
console.log(JSON.stringify({ longMs: median(times.long), shortMs: median(times.short) }));
