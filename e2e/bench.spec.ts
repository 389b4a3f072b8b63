import { expect, test, type Page } from '@playwright/test';
import { atTheBench, demo, pressOn, recorded, throughTheBench } from './helpers.ts';

/** The key at a step whose turns are counted. */
const TURNS = /^\+/;
const bench = (page: Page) => page.getByRole('region', { name: 'At the machine' });
const primary = (page: Page) => bench(page).locator('.bench-primary');
const space = (page: Page) => () => page.keyboard.press('Space');

test('a mend by one key: the network goes in the middle, each step is recorded once, in order, with its turns', async ({
  page,
  context,
}) => {
  await atTheBench(page, 'Bench by keys, hole 1');
  await throughTheBench(page, space(page), TURNS);
  await context.setOffline(true);
  await page.keyboard.press('+');
  await page.getByRole('button', { name: 'Cut it' }).press('Enter');
  for (let cycle = 0; cycle < 5; cycle += 1) await page.keyboard.press('+');
  const counted = await bench(page).locator('.bench-big b').textContent();
  await page.keyboard.press('-');
  await expect(bench(page).locator('.bench-big b')).not.toHaveText(counted!);
  await page.keyboard.press('+');
  await throughTheBench(page, space(page));
  await page.keyboard.press('Space');
  await context.setOffline(false);
  await expect(page.getByLabel('Bore, gauged before tapping, mm')).toBeVisible();
  await expect(async () => {
    const done = (await recorded(page, 'step-done')).map(({ payload }) => payload.stepId);
    expect(done).toContain('tap-1');
    expect(new Set(done).size).toBe(done.length);
    expect(done.indexOf('drill')).toBeLessThan(done.indexOf('tap-1'));
    expect(done.at(-1)).not.toBe('tap-1');
  }).toPass({ timeout: 20_000 });
  const tap = (await recorded(page, 'step-done')).find(({ payload }) => payload.stepId === 'tap-1')!;
  expect(tap.payload.turns).toBeGreaterThan(10);
});

test('by touch on a phone, then on another device: the count and the step go on, who was here is said', async ({
  browser,
  page,
}) => {
  await atTheBench(page, 'Bench on two devices, hole 2');
  const phone = await browser.newPage({ viewport: { width: 390, height: 844 }, hasTouch: true });
  await phone.goto(page.url());
  await throughTheBench(phone, () => primary(phone).tap(), TURNS);
  const told = await bench(phone)
    .getByText(/^Step \d+ of/)
    .textContent();
  await primary(phone).tap();
  await phone.getByRole('button', { name: 'Cut it' }).tap();
  const count = await bench(phone).locator('.bench-big b').textContent();
  // Nothing runs off the side, and every key takes a glove.
  expect(await phone.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  for (const key of await bench(phone).getByRole('button').all())
    expect((await key.boundingBox())!.height).toBeGreaterThanOrEqual(64);
  await phone.reload();
  await expect(bench(phone).locator('.bench-big b')).toHaveText(count!);

  // The draft is copied now and then; the other device offers it.
  await phone.waitForResponse((reply) => reply.url().endsWith('/bench') && reply.request().method() === 'PUT');
  await page.reload();
  await expect(bench(page).getByText(told!, { exact: true })).toBeVisible();
  await bench(page).getByRole('button', { name: 'Go on from there' }).click();
  await expect(bench(page).locator('.bench-big b')).toHaveText(count!);
  await bench(page).getByRole('button', { name: 'Hand over' }).click();
  await page.getByLabel('What whoever goes on must know').fill('Second flute is chipped');
  await page.getByRole('dialog').getByRole('button', { name: 'Hand over' }).click();
  await phone.reload();
  await expect(bench(phone).getByRole('status')).toContainText('Second flute is chipped');
  await phone.close();
});

test('it went stiff: the likely cause first; the tap broke: freeing begins with that known', async ({ page }) => {
  await atTheBench(page, 'Bench with a broken tap, hole 3');
  await throughTheBench(page, space(page), TURNS);
  await page.keyboard.press('+');
  await page.getByRole('button', { name: 'Cut it' }).press('Enter');
  await page.keyboard.press('+');
  await page.keyboard.press('s');
  const stop = page.getByRole('dialog', { name: 'Stop. Do not turn on.' });
  await expect(stop.getByRole('listitem').first()).toContainText('Not in line');
  await stop.getByRole('button', { name: 'It broke in the hole' }).click();
  await expect(page.getByText(/^First: turn the tap back by its flutes/)).toBeVisible();
  await expect(async () => expect(await recorded(page, 'went-stiff')).toHaveLength(1)).toPass();
  expect((await recorded(page, 'went-stiff'))[0]!.payload).toMatchObject({ then: 'broke', stepId: 'tap-1' });
});

test('a clock is started at the bench, runs over a reload, and is seen from every place', async ({ page }) => {
  await atTheBench(page, 'Bench with a clock, hole 4');
  await bench(page).getByRole('button', { name: 'A clock' }).click();
  await bench(page).getByRole('button', { name: '10 min' }).click();
  await expect(bench(page).getByRole('timer')).toHaveText(/^(10:00|9:5\d)$/);
  await page.reload();
  await expect(bench(page).getByRole('timer')).toHaveText(/^9:\d\d$/);
  await page.goto(`${demo()}/crib`);
  await expect(page.getByRole('banner').getByRole('timer')).toBeVisible();
  await page.goto(demo());
  await expect(
    page.getByRole('listitem').filter({ hasText: 'Bench with a clock, hole 4' }).getByRole('timer'),
  ).toBeVisible();
});

test('the simulated caliper: its figure comes to rest, is taken, held against the limits, and recorded with its name', async ({
  page,
}) => {
  await atTheBench(page, 'Bench with a caliper, hole 5');
  const read = bench(page).getByRole('button', { name: 'Read the Caliper, 150 mm (simulated)' });
  const gauging = bench(page).getByRole('heading', { name: /^Gauge the bore/ });
  for (let steps = 0; steps < 14 && !(await gauging.isVisible()); steps += 1) await pressOn(page, space(page));
  await read.click();
  const dialog = page.getByRole('dialog', { name: 'Caliper, 150 mm (simulated)' });
  await expect(dialog.getByText('At rest.')).toBeVisible();
  await page.keyboard.press('Enter');
  await expect(page.getByLabel(/^Bore, mm/)).toHaveValue(/^8\.\d\d mm$/);
  // The made-up part may lie beside its limits: then the step is not simply done.
  const inside = await page.getByText(/^Inside its limits/).isVisible();
  await page.keyboard.press('Space');
  if (!inside) {
    await page.getByLabel('What was done, and why').fill('tried with the stand-in');
    await page.getByRole('button', { name: 'Done otherwise' }).click();
  }
  await expect(async () => {
    const gauged = (await recorded(page, 'step-done')).find(({ payload }) => payload.stepId === 'gauge-bore');
    expect(gauged?.payload.reading).toMatchObject({ instrument: 'Caliper, 150 mm (simulated)', simulated: true });
  }).toPass();
});
