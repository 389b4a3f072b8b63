// Routes per second of the core, on one core: run by tools/bench.mjs.
import { blankCase, parentById, threadById, THREADS, weighCase, type HoleCase } from '@deep-mend/core';

const exact = (mm: number) => ({ mm, halfWidthMm: 0.1 });
const threads = THREADS.filter((thread) => thread.majorMm >= 5 && thread.majorMm <= 16);

function hole(n: number): HoleCase {
  const thread = threads[n % threads.length]!;
  return blankCase({
    thread: threadById(thread.id),
    parent: parentById(n % 2 === 0 ? 'grey-iron' : 'aluminium-cast-heat-treated'),
    kind: n % 3 === 0 ? 'blind' : 'through',
    depth: exact(2.5 * thread.majorMm + (n % 7)),
    damageTo: exact(thread.majorMm),
    strippedThroughout: n % 5 === 0,
    bore: n % 4 === 0 ? { aMm: thread.majorMm * 0.97, bMm: thread.majorMm * 0.94, halfWidthMm: 0.05 } : null,
    edge: exact(1.5 * thread.majorMm + (n % 11)),
  });
}

const COUNT = 3000;
for (let n = 0; n < 300; n += 1) weighCase(hole(n));
const times: number[] = [];
const start = performance.now();
for (let n = 0; n < COUNT; n += 1) {
  const before = performance.now();
  weighCase(hole(n));
  times.push(performance.now() - before);
}
const seconds = (performance.now() - start) / 1000;
times.sort((a, b) => a - b);
// One in a thousand is the machine's own: it collects garbage, or does something else.
const worst = times[Math.floor(COUNT * 0.999)]!;
console.log(
  JSON.stringify({
    perSecond: COUNT / seconds,
    medianMs: times[COUNT / 2]!,
    p95Ms: times[Math.floor(COUNT * 0.95)]!,
    worstMs: worst,
  }),
);
