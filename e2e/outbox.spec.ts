import { expect, test, type Page } from '@playwright/test';
import { enter, openMend, ownMend, recorded, weighedMend } from './helpers.ts';

const metal = (page: Page) => page.getByLabel('Cut in');

test('without a connection the work goes on, nothing snaps back, and each entry is recorded once', async ({
  page,
  context,
}) => {
  await ownMend(page, 'Offline cover, hole 1');
  await context.setOffline(true);
  await metal(page).selectOption({ label: 'Zinc die casting' });
  const notice = page.getByRole('alert').filter({ hasText: 'The server does not answer' });
  await expect(notice).toContainText('1 entry not sent yet');
  const edge = page.getByLabel('Axis to nearest edge', { exact: true });
  await edge.fill('12.5');
  await edge.blur();
  await expect(notice).toContainText('2 entries not sent yet');
  await expect(metal(page)).toHaveValue('zinc-die-cast');
  await page.getByRole('button', { name: 'See them' }).click();
  await expect(page.getByRole('dialog')).toContainText('Axis to nearest edge: 12.5 mm');
  await page.keyboard.press('Escape');
  await context.setOffline(false);
  await expect(notice).toHaveCount(0);
  await expect(metal(page)).toHaveValue('zinc-die-cast');
  await page.reload();
  await expect(edge).toHaveValue('12.5');
  expect([(await recorded(page, 'choice')).length, (await recorded(page, 'reading')).length]).toEqual([1, 1]);
});

test('a reply that is lost, and the page loaded again in between, record nothing twice', async ({ page }) => {
  await ownMend(page, 'Lost reply, hole 1');
  const ids: string[] = [];
  // It reaches the server, and its answer never comes back.
  await page.route('**/events', async (route) => {
    ids.push((route.request().postDataJSON() as { id: string }).id);
    await route.fetch();
    await route.abort();
  });
  await metal(page).selectOption({ label: 'Brass' });
  await expect(page.getByText(/The server does not answer/)).toBeVisible();
  await page.unroute('**/events');
  await page.route('**/events', async (route) => {
    ids.push((route.request().postDataJSON() as { id: string }).id);
    await route.continue();
  });
  await page.reload();
  await expect.poll(() => ids.length).toBeGreaterThan(1);
  await expect(page.getByText(/not sent yet/)).toHaveCount(0);
  expect(new Set(ids).size).toBe(1);
  expect((await recorded(page, 'choice')).map(({ id }) => id)).toEqual([ids[0]]);
});

test('two tabs on one hole share what is typed and what is recorded', async ({ page, context }) => {
  await ownMend(page, 'Two tabs, hole 1');
  const other = await context.newPage();
  await other.goto(page.url());
  const edge = (tab: Page) => tab.getByLabel('Axis to nearest edge', { exact: true });
  await expect(edge(other)).toBeVisible();
  await edge(page).fill('14.2');
  await expect(edge(other)).toHaveValue('14.2');
  await edge(page).blur();
  await metal(other).selectOption({ label: 'Brass' });
  await expect(metal(page)).toHaveValue('brass');
  await edge(other).focus();
  await edge(other).blur();
  await expect.poll(async () => (await recorded(page, 'choice')).length).toBe(1);
  expect(await recorded(page, 'reading')).toHaveLength(1);
});

test('two people change one hole: both stand in words, and either may stay', async ({ page, browser }) => {
  await openMend(page, 'loose, worn oval');
  const theirs = await (await browser.newContext()).newPage();
  await theirs.goto(page.url());
  await metal(theirs).selectOption({ label: 'Brass' });
  await expect
    .poll(async () => (await recorded(page, 'choice')).some(({ payload }) => payload.value === 'brass'))
    .toBe(true);
  await metal(page).selectOption({ label: 'Zinc die casting' });
  const both = page.getByRole('alert').filter({ hasText: 'Cut in: Brass' });
  await expect(both).toContainText('Cut in: Zinc die casting');
  await both.getByRole('button', { name: 'Keep theirs' }).click();
  await expect(metal(page)).toHaveValue('brass');
  await expect(both).toHaveCount(0);
});

test('a plan made without a connection says so, leads to the machine, and is the same at the server', async ({
  page,
  context,
}) => {
  await weighedMend(page, 'Planned offline, hole 1');
  // The parts of the page that are fetched when they are first opened are here by now.
  await context.setOffline(true);
  await enter(page, 'Hole in the mating part', '9');
  await page.getByRole('button', { name: /^Plan this mend/ }).click();
  await expect(page.getByRole('heading', { name: /^Planned:/ })).toBeVisible();
  await expect(page.getByText('This plan is not at the server yet')).toBeVisible();
  const drill = await page.getByText(/^bores about/).textContent();
  await context.setOffline(false);
  await expect(page.getByText('This plan is not at the server yet')).toHaveCount(0);
  await page.reload();
  await expect(page.getByText(drill!)).toBeVisible();
  expect((await recorded(page, 'plan-frozen')).length).toBe(1);
});
