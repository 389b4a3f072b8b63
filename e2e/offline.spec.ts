import { expect, test, type BrowserContext, type Page } from '@playwright/test';
import { atTheBench, pressOn, recorded } from './helpers.ts';

const bench = (page: Page) => page.getByRole('region', { name: 'At the machine' });
const step = (page: Page) => bench(page).getByText(/^Step \d+ of/);
/** Done with the step that is open: on to the next. */
const stepOn = (page: Page) => pressOn(page, () => page.keyboard.press('Space'));

/** A device of its own, whose browser may keep the page for opening without the server. */
const device = (page: Page): Promise<BrowserContext> =>
  page
    .context()
    .browser()!
    .newContext({ serviceWorkers: 'allow', viewport: { width: 1280, height: 800 } });
const kept = (page: Page) => page.evaluate(async () => void (await navigator.serviceWorker.ready));

test('closed in the middle without network, opened again without it: the bench goes on, and all arrives once', async ({
  page,
}) => {
  const context = await device(page);
  const first = await context.newPage();
  await atTheBench(first, 'Bench opened offline, hole 1');
  const url = first.url();
  await kept(first);
  await context.setOffline(true);
  await stepOn(first);
  await stepOn(first);
  const told = (await step(first).textContent())!;
  await first.close();

  const again = await context.newPage();
  await again.goto(url);
  await expect(step(again)).toHaveText(told);
  await expect(again.getByText(/The server does not answer/)).toContainText('Shown as it was read here at');
  await expect(again.getByText(/2 entries not sent yet/)).toBeVisible();
  await stepOn(again);
  // From the shop, too; what was never opened here says so.
  await again.goto(new URL('/', url).href);
  await again
    .getByRole('link', { name: /Bench opened offline/ })
    .first()
    .click();
  // (The shop was read before the first step.)
  await again.getByRole('button', { name: 'Go to the machine' }).click();
  await expect(bench(again)).toBeVisible();
  await again.goto(new URL('/mend/00000000-0000-7000-8000-000000000000', url).href);
  await expect(again.getByText(/was not opened on this device in the last 7 days/)).toBeVisible();

  await again.goto(url);
  await context.setOffline(false);
  await expect(async () => {
    const done = (await recorded(again, 'step-done')).map(({ payload }) => payload.stepId);
    expect(done).toHaveLength(3);
    expect(new Set(done).size).toBe(3);
  }).toPass({ timeout: 30_000 });
  await expect(again.getByText(/The server does not answer/)).toHaveCount(0);
  // The worker kept the page, and no reply of the server.
  const urls = await again.evaluate(async () => {
    const all = await Promise.all((await caches.keys()).map(async (name) => (await caches.open(name)).keys()));
    return all.flat().map(({ url: address }) => address);
  });
  expect(urls.length).toBeGreaterThan(20);
  expect(urls.filter((address) => address.includes('/api/'))).toEqual([]);
  await context.close();
});

test('two devices that both worked without network end with both records, each under its name', async ({ page }) => {
  await atTheBench(page, 'Bench on two devices offline, hole 2');
  const one = page.context();
  const other = await device(page);
  const second = await other.newPage();
  await second.goto(new URL('/', page.url()).href);
  await second.getByRole('button', { name: /^Working:/ }).click();
  await second.getByRole('menuitem', { name: 'Mechanic B' }).click();
  await second.goto(page.url());
  await expect(step(second)).toBeVisible();
  await one.setOffline(true);
  await other.setOffline(true);
  await stepOn(page);
  await stepOn(page);
  await stepOn(second);
  await one.setOffline(false);
  await expect(async () => expect(await recorded(page, 'step-done')).toHaveLength(2)).toPass({ timeout: 30_000 });
  await other.setOffline(false);
  await expect(async () => expect(await recorded(page, 'step-done')).toHaveLength(3)).toPass({ timeout: 30_000 });
  const done = await recorded(page, 'step-done');
  expect(done[2]!.payload.stepId).toBe(done[0]!.payload.stepId);
  expect(new Set(done.map(({ actor }) => actor)).size).toBe(2);
  await expect(step(second)).toHaveText((await step(page).textContent())!);
  await other.close();
});
