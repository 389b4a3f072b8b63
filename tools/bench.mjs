// npm run bench: speed as ratios against a floor in the same run. Loopback only, bounded in time.
// npm run bench -- keystroke: only the parts that are named (routes, harm, planner, writes, api, first, keystroke).
import { fork, spawnSync } from 'node:child_process';
import { chmodSync, mkdirSync, mkdtempSync, rmSync } from 'node:fs';
import http from 'node:http';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { npmOutside } from './lib/esbuildOwn.mjs';
import { checkNode, ensureChromium, ensurePostgres, installDependencies, ROOT } from './lib/bootstrap.mjs';
import { CHROMIUM_ARGS } from './lib/chromium.mjs';
import { startPostgres } from './lib/postgres.mjs';
import { startServer } from './lib/server.mjs';

checkNode();
installDependencies();
ensurePostgres();
const chromium = ensureChromium();
const { build } = await import('./build.mjs');
await build();

const out = join(ROOT, 'bench', 'dist');
mkdirSync(out, { recursive: true });
const { build: bundle } = await import('esbuild');
await bundle({
  absWorkingDir: ROOT,
  entryPoints: ['bench/routes.ts', 'bench/harm.ts', 'bench/writes.ts', 'bench/bareServer.ts', 'bench/scale.ts'],
  outdir: out,
  outExtension: { '.js': '.mjs' },
  bundle: true,
  platform: 'node',
  format: 'esm',
  plugins: [npmOutside],
});

const asked = process.argv.slice(2);
/** Minutes long: only when they are named. */
const LONG = ['scale', 'kill'];
const wants = (part) => (asked.length === 0 && !LONG.includes(part)) || asked.includes(part);

const verdict = (good) => (good ? 'within budget' : 'OVER BUDGET');

if (wants('routes')) {
  console.log('\nRoutes: full proposal for one hole (budget 0.9 ms median, 2 ms at worst)');
  const once = () => JSON.parse(spawnSync(process.execPath, [join(out, 'routes.mjs')], { encoding: 'utf8' }).stdout);
  // What else runs on the machine only ever adds: the least disturbed of three.
  const routes = [once(), once(), once()].reduce((best, run) => (run.medianMs < best.medianMs ? run : best));
  console.log(
    `  median ${routes.medianMs.toFixed(3)} ms, 95th percentile ${routes.p95Ms.toFixed(3)} ms, 999 of 1000 under ${routes.worstMs.toFixed(2)} ms, ${Math.round(routes.perSecond)} a second: ${verdict(routes.medianMs <= 0.9 && routes.worstMs <= 2)}`,
  );
}

if (wants('harm')) {
  console.log('\nChance of harm: 60 drills on 100 000 trials (budget 1 s, and twice the same loop in C)');
  const ours = () => JSON.parse(spawnSync(process.execPath, [join(out, 'harm.mjs')], { encoding: 'utf8' }).stdout);
  const harm = ours();
  console.log(`  ${harm.ms.toFixed(0)} ms: ${verdict(harm.ms <= 1000)}`);
  const compiled = spawnSync('cc', ['-O2', '-o', join(out, 'harm'), join(ROOT, 'bench', 'harm.c'), '-lm']);
  if (compiled.status === 0) {
    // In turns, the best of each: a busy machine then slows both.
    const times = { ours: harm.ms, inC: Infinity };
    let chances = [];
    for (let turn = 0; turn < 3; turn += 1) {
      const inC = JSON.parse(spawnSync(join(out, 'harm'), harm.args, { encoding: 'utf8' }).stdout);
      times.inC = Math.min(times.inC, inC.ms);
      times.ours = Math.min(times.ours, ours().ms);
      chances = inC.chances;
    }
    // Two samples of a chance differ by their standard errors: five of them is never seen by luck.
    const apart = Math.max(
      ...chances.map(
        (p, n) => Math.abs(p - harm.chances[n]) / Math.sqrt((2 * Math.max(p * (1 - p), 1e-5)) / harm.trials),
      ),
    );
    if (apart > 5) throw new Error(`the loop in C counts something else: ${apart.toFixed(1)} standard errors apart`);
    console.log(
      `  in C ${times.inC.toFixed(0)} ms, ours ${(times.ours / times.inC).toFixed(2)} times that, chances within ${apart.toFixed(1)} standard errors: ${verdict(times.ours <= 2 * times.inC)}`,
    );
  } else console.log('  no C compiler here: not compared');
}

if (wants('planner')) {
  console.log('\nHeadless planner: 10 000 lines of drill requests, every tenth one bad');
  await bundle({
    absWorkingDir: ROOT,
    entryPoints: ['cli/src/main.ts'],
    outfile: 'cli/dist/main.mjs',
    bundle: true,
    platform: 'node',
    format: 'esm',
    plugins: [npmOutside],
  });
  const plan = (operation, lines) => {
    const started = performance.now();
    const { stdout } = spawnSync(process.execPath, [join(ROOT, 'cli', 'dist', 'main.mjs'), operation], {
      input: lines.join('\n'),
      encoding: 'utf8',
      maxBuffer: 1 << 30,
    });
    const replies = stdout.trimEnd().split('\n');
    return { replies, perSecond: replies.length / ((performance.now() - started) / 1000) };
  };
  const drills = plan(
    'drill',
    Array.from({ length: 10_000 }, (_, n) =>
      n % 10 === 9
        ? '{"thread":"M8x"}'
        : JSON.stringify({ thread: ['M8', '3/8-16', 'M10x1', '1/4-28'][n % 4], drill: `${5 + (n % 40) / 10} mm` }),
    ),
  );
  const errors = drills.replies.filter((reply) => reply.startsWith('{"line"')).length;
  console.log(
    `  ${drills.replies.length} replies, ${errors} of them errors: ${Math.round(drills.perSecond)} lines a second with start-up`,
  );
  const proposals = plan(
    'routes',
    Array.from({ length: 1000 }, (_, n) =>
      JSON.stringify({
        thread: ['M8', '3/8-16', 'M10', '1/4-28'][n % 4],
        parent: n % 2 === 0 ? 'grey-iron' : 'aluminium-cast-heat-treated',
        kind: n % 3 === 0 ? 'blind' : 'through',
        depth: { mm: 20 + (n % 7), halfWidthMm: 0.1 },
        damageTo: { mm: 9, halfWidthMm: 0.1 },
        edge: { mm: 14 + (n % 11), halfWidthMm: 0.1 },
      }),
    ),
  );
  const wrong = proposals.replies.filter((reply) => reply.startsWith('{"line"')).length;
  if (wrong > 0) throw new Error(`${wrong} proposals refused: ${proposals.replies[0]}`);
  console.log(
    `  ${proposals.replies.length} whole proposals (budget 600 a second): ${Math.round(proposals.perSecond)} a second with start-up: ${verdict(proposals.perSecond >= 600)}`,
  );
}

const CONNECTIONS = 16;
const SECONDS = 5;

/** Requests per second of one address with keep-alive connections, each waiting for its reply. */
async function load(url) {
  const agent = new http.Agent({ keepAlive: true, maxSockets: CONNECTIONS });
  const until = performance.now() + SECONDS * 1000;
  const times = [];
  const one = () =>
    new Promise((resolve, reject) => {
      const start = performance.now();
      http
        .get(url, { agent }, (reply) => {
          if (reply.statusCode !== 200) reject(new Error(`${url}: ${reply.statusCode}`));
          reply.resume();
          reply.on('end', () => {
            times.push(performance.now() - start);
            resolve();
          });
        })
        .on('error', reject);
    });
  await Promise.all(
    Array.from({ length: CONNECTIONS }, async () => {
      while (performance.now() < until) await one();
    }),
  );
  agent.destroy();
  times.sort((a, b) => a - b);
  return { perSecond: times.length / SECONDS, p95Ms: times[Math.floor(times.length * 0.95)] };
}

const cluster = await startPostgres();
const databaseUrl = `${cluster.url}/postgres`;
const server = await startServer({ databaseUrl, logLevel: 'silent' });
spawnSync(process.execPath, [join(ROOT, 'demo', 'dist', 'seed.mjs'), databaseUrl], { stdio: 'inherit' });
const { items } = await (
  await fetch(`${server.url}/api/v1/mends?search=pulled`)
)
  .json()
  .then((page) => (page.items.length > 0 ? page : fetch(`${server.url}/api/v1/mends`).then((reply) => reply.json())));
const hole = items.find((item) => item.station === 'prove') ?? items[0];

if (wants('writes')) {
  console.log('\nWrites: a reading recorded on a hole of 2 000 events and on one of 10 (budget 1.5 times)');
  const run = spawnSync(process.execPath, [join(out, 'writes.mjs'), server.url], { encoding: 'utf8' });
  if (run.status !== 0) throw new Error(run.stderr);
  const { longMs, shortMs } = JSON.parse(run.stdout);
  console.log(
    `  median ${longMs.toFixed(2)} ms and ${shortMs.toFixed(2)} ms, ${(longMs / shortMs).toFixed(2)} times: ${verdict(longMs <= 1.5 * shortMs)}`,
  );
}

if (wants('api')) {
  const bare = fork(join(out, 'bareServer.mjs'), [], {
    env: { ...process.env, DATABASE_URL: databaseUrl },
    stdio: ['ignore', 'inherit', 'inherit', 'ipc'],
  });
  const { port } = await new Promise((resolve) => bare.once('message', resolve));
  console.log(
    '\nAPI: read of one hole with its plan, 16 connections (budget 0.4 of bare Koa + pg with the same statement, aim 0.5)',
  );
  const addresses = { bare: `http://127.0.0.1:${port}/${hole.id}`, api: `${server.url}/api/v1/holes/${hole.id}` };
  await load(addresses.bare);
  const floor = await load(addresses.bare);
  const api = await load(addresses.api);
  const ratio = api.perSecond / floor.perSecond;
  console.log(
    `  bare ${Math.round(floor.perSecond)} req/s, p95 ${floor.p95Ms.toFixed(1)} ms; API ${Math.round(api.perSecond)} req/s, p95 ${api.p95Ms.toFixed(1)} ms; ratio ${ratio.toFixed(2)}: ${verdict(ratio >= 0.4)}`,
  );
  bare.kill('SIGTERM');
}

if (wants('scale')) {
  const sizes = [10_000, 1_000_000];
  console.log(
    `\nScale: lists, search and filters at ${sizes.join(' and ')} holes (budget: 95th percentile 50 ms, flat within 1.5 times)`,
  );
  const found = [];
  for (const size of sizes) {
    const own = await startPostgres();
    const at = `${own.url}/postgres`;
    const asked = await startServer({ databaseUrl: at, writerUrl: `${own.writerUrl}/postgres`, logLevel: 'silent' });
    const run = spawnSync(process.execPath, [join(out, 'scale.mjs'), at, asked.url, String(size)], {
      encoding: 'utf8',
    });
    await asked.stop();
    await own.stop();
    if (run.status !== 0) throw new Error(run.stderr);
    found.push(JSON.parse(run.stdout));
  }
  const [few, many] = found;
  for (const [what, { medianMs, p95Ms }] of Object.entries(many)) {
    const times = medianMs / few[what].medianMs;
    console.log(
      `  ${what.padEnd(28)} ${few[what].medianMs.toFixed(1)} -> ${medianMs.toFixed(1)} ms, ${times.toFixed(2)} times; 95 %: ${p95Ms.toFixed(1)} ms: ${verdict(p95Ms <= 50)}`,
    );
  }
}

if (wants('kill')) {
  const { killWhileWriting } = await import('./lib/kills.mjs');
  const place = mkdtempSync(join(tmpdir(), 'dm-kill-'));
  chmodSync(place, 0o755);
  console.log('\nKill: server, database and start command in turns, 500 times, while six people record');
  const { kills, acknowledged, lost, doubled, gaps } = await killWhileWriting({
    home: join(place, 'shop'),
    count: 500,
  });
  rmSync(place, { recursive: true, force: true });
  console.log(
    `  ${kills} kills; of ${acknowledged} acknowledged ${lost} lost, ${doubled} doubled, ${gaps} gaps: ${verdict(lost + doubled + gaps === 0)}`,
  );
}

if (wants('first')) {
  console.log('\nFirst view: the shop with nothing kept, 4x CPU slow-down, against a bare page of the same server');
  const { chromium: browserType } = await import('@playwright/test');
  const browser = await browserType.launch({ executablePath: chromium, args: CHROMIUM_ARGS });
  /** ms from the address to what is waited for, in a browser that has kept nothing; and the scripts that came, bytes. */
  const opened = async (address, shown) => {
    const context = await browser.newContext();
    const page = await context.newPage();
    const session = await context.newCDPSession(page);
    await session.send('Emulation.setCPUThrottlingRate', { rate: 4 });
    const start = performance.now();
    await page.goto(address);
    await page.locator(shown).first().waitFor();
    const ms = performance.now() - start;
    const scripts = await page.evaluate(() =>
      performance
        .getEntriesByType('resource')
        .filter(({ name }) => name.endsWith('.js'))
        .reduce((sum, { encodedBodySize }) => sum + encodedBodySize, 0),
    );
    await context.close();
    return { ms, scripts };
  };
  const least = async (address, shown) => {
    const rounds = [];
    for (let round = 0; round < 5; round += 1) rounds.push(await opened(address, shown));
    return rounds.reduce((best, round) => (round.ms < best.ms ? round : best));
  };
  const bare = await least(`${server.url}/healthz`, 'body');
  const shop = await least(server.url, 'main h2');
  console.log(
    `  ${shop.ms.toFixed(0)} ms to the lists, a bare page ${bare.ms.toFixed(0)} ms; scripts as sent ${(shop.scripts / 1000).toFixed(0)} kB`,
  );
  await browser.close();
}

if (wants('keystroke')) {
  console.log(
    '\nKeystroke: a reading typed, drawing and verdicts redrawn, 4x CPU slow-down (budget: median 16.7 ms, 95th percentile 25 ms)',
  );
  const { chromium: browserType } = await import('@playwright/test');
  const browser = await browserType.launch({
    executablePath: chromium,
    args: CHROMIUM_ARGS,
  });
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.goto(`${server.url}/mend/${hole.id}/decide`);
  await page.locator('[data-layer="flag bottom"]').waitFor();
  const session = await page.context().newCDPSession(page);
  /**
   * Script, React's commit and layout of one keystroke, in ms; painting is the browser's own. Keys come as from a quick hand:
   * what follows a key in the frames after it is done before the next one. The floor is a bare field and one line of text.
   */
  const FRAMES_BETWEEN_KEYS = 6;
  const keystrokes = (count, floor) =>
    page.evaluate(
      async ({ times, frames, bare }) => {
        const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set;
        const input = bare ? document.createElement('input') : document.getElementById('reading-depth');
        const line = document.createElement('p');
        line.textContent = ' ';
        if (bare) document.body.append(input, line);
        const taken = [];
        for (let n = 0; n < times; n += 1) {
          for (let frame = 0; frame < frames; frame += 1)
            await new Promise((resolve) => requestAnimationFrame(resolve));
          const typed = (30 + (n % 50) / 10).toFixed(1);
          const start = performance.now();
          set.call(input, typed);
          if (bare) line.firstChild.nodeValue = typed;
          else input.dispatchEvent(new Event('input', { bubbles: true }));
          (bare ? line : document.querySelector('.plate svg')).getBoundingClientRect();
          taken.push(performance.now() - start);
        }
        if (bare) {
          input.remove();
          line.remove();
        } else if (!document.querySelector('.plate svg').textContent.includes(input.value))
          throw new Error('the drawing did not follow the key');
        return taken.sort((a, b) => a - b);
      },
      { times: count, frames: FRAMES_BETWEEN_KEYS, bare: floor },
    );
  await keystrokes(60, false);
  await session.send('Emulation.setCPUThrottlingRate', { rate: 4 });
  const at = (times, share) => times[Math.floor(times.length * share)];
  const FRAME_MS = 16.7;
  const ROUNDS = 5;
  const rounds = [];
  for (let round = 0; round < ROUNDS; round += 1) {
    const bare = await keystrokes(60, true);
    const taken = await keystrokes(200, false);
    rounds.push({ median: at(taken, 0.5), p95: at(taken, 0.95), bareMedian: at(bare, 0.5), bareP95: at(bare, 0.95) });
  }
  for (const { median, p95, bareMedian, bareP95 } of rounds)
    console.log(
      `  median ${median.toFixed(1)} ms, 95th percentile ${p95.toFixed(1)} ms; a bare field with one line of text ${bareMedian.toFixed(1)} and ${bareP95.toFixed(1)} ms`,
    );
  // What else runs on the machine only ever adds: the least disturbed round tells of the product.
  const best = rounds.reduce((least, round) => (round.p95 < least.p95 ? round : least));
  console.log(
    `  least disturbed of ${ROUNDS} rounds: median ${Math.round((best.median / FRAME_MS) * 100)} % and 95th percentile ${Math.round((best.p95 / FRAME_MS) * 100)} % of a frame, ${(best.median / best.bareMedian).toFixed(1)} times the bare field: ${verdict(best.median <= FRAME_MS && best.p95 <= 1.5 * FRAME_MS)}`,
  );
  await browser.close();
}

await server.stop();
await cluster.stop();
