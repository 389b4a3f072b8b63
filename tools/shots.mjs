// npm run shots: one current picture of each main view, from fresh demo data, into docs/screenshots.
import { spawnSync } from 'node:child_process';
import { mkdirSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import {
  checkNode,
  ensureChromium,
  ensurePdfReader,
  ensurePostgres,
  installDependencies,
  ROOT,
} from './lib/bootstrap.mjs';
import { CHROMIUM_ARGS } from './lib/chromium.mjs';
import { startPostgres } from './lib/postgres.mjs';
import { startServer } from './lib/server.mjs';
import { build } from './build.mjs';

checkNode();
installDependencies();
ensurePostgres();
ensurePdfReader();
const executablePath = ensureChromium();
await build();
const out = join(ROOT, 'docs', 'screenshots');
mkdirSync(out, { recursive: true });
const cluster = await startPostgres();
const made = spawnSync('psql', [`${cluster.url}/postgres`, '-c', 'CREATE DATABASE empty'], { encoding: 'utf8' });
if (made.status !== 0) throw new Error(made.stderr);
const server = await startServer({ databaseUrl: `${cluster.url}/postgres` });
const empty = await startServer({ databaseUrl: `${cluster.url}/empty` });
spawnSync(process.execPath, [join(ROOT, 'demo', 'dist', 'seed.mjs'), `${cluster.url}/postgres`], { stdio: 'inherit' });

const find = async (path, test) => (await (await fetch(`${server.url}/api/v1${path}`)).json()).items.find(test);
const open = (what) => find('/mends?limit=100', (hole) => hole.what.startsWith(what));
const gear = await open('pulled out');
const snapped = await open('stud snapped');
const winch = await open('stripped, found');
const head = await open('stud pulled');
const brake = await open('pulled its thread');
const twice = await find('/mends?state=closed&limit=100', (hole) => hole.repairs === 2);
const asset = await find('/assets', (row) => row.name.startsWith('Guillemot'));

const { chromium } = await import('@playwright/test');
const browser = await chromium.launch({
  executablePath,
  args: CHROMIUM_ARGS,
});
const SHOTS = [
  ['shop', '/'],
  ['assets', '/assets'],
  ['asset', `/assets/${asset.id}`],
  ['measure', `/mend/${gear.id}/measure`],
  ['decide', `/mend/${gear.id}/decide`],
  ['decide-dark', `/mend/${gear.id}/decide`, { colorScheme: 'dark' }],
  ['decide-inch', `/mend/${winch.id}/decide`, { key: 'u' }],
  ['prepare', `/mend/${winch.id}/prepare`],
  ['cut', `/mend/${winch.id}/cut`, { turns: '9' }],
  ['prove', `/mend/${head.id}/prove`],
  ['passport', `/holes/${twice.id}`],
  ['desk', '/desk?ask=M8'],
  ['charts', '/desk/charts?sheet=british'],
  ['crib', '/crib'],
  ['phone', `/mend/${gear.id}/decide`, { viewport: { width: 390, height: 844 } }],
  ['release', `/mend/${brake.id}/prepare`],
  ['free', `/mend/${snapped.id}/free`, { wait: 'half the projection' }],
];
for (const [name, path, options = {}] of SHOTS) {
  const page = await browser.newPage({
    viewport: options.viewport ?? { width: 1280, height: 800 },
    colorScheme: options.colorScheme ?? 'light',
  });
  await page.goto(server.url + path, { waitUntil: 'networkidle' });
  await page.locator('main :is(h1, h2)').first().waitFor();
  await page.getByRole('status').waitFor({ state: 'detached' });
  if (options.key) await page.locator('body').press(options.key);
  // Through the card by its one key, to where a tap has made so many turns.
  const counted = page.locator('.bench-big', { hasText: 'turns in' }).locator('b');
  while (options.turns && (await counted.textContent({ timeout: 250 }).catch(() => null)) !== options.turns) {
    await page.keyboard.press('Space');
    const asked = page.getByRole('button', { name: 'Cut it' });
    if (await asked.isVisible()) await asked.press('Enter');
  }
  if (options.wait) {
    await page.getByText(options.wait, { exact: true }).waitFor();
    await page.getByText('…', { exact: true }).waitFor({ state: 'detached' });
  }
  await page.evaluate(() => document.fonts.ready);
  await page.screenshot({ path: join(out, `${name}.png`) });
  await page.close();
}
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
await page.goto(empty.url, { waitUntil: 'networkidle' });
await page.screenshot({ path: join(out, 'first-start.png') });
await browser.close();
// The first page of a card as its reader sees it on paper.
const card = await fetch(`${server.url}/api/v1/holes/${winch.id}/card.pdf?paper=a4&units=mm`);
const file = join(out, 'card.pdf');
writeFileSync(file, Buffer.from(await card.arrayBuffer()));
const painted = spawnSync('pdftoppm', [
  '-png',
  '-r',
  '110',
  '-f',
  '1',
  '-l',
  '1',
  '-singlefile',
  file,
  join(out, 'card'),
]);
rmSync(file);
if (painted.status !== 0) throw new Error(String(painted.stderr));
await empty.stop();
await server.stop();
await cluster.stop();
