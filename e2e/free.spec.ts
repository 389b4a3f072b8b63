import { expect, test, type Page } from '@playwright/test';
import { demo } from './helpers.ts';

async function snapped(page: Page, part: string, what: string, thread: string, parent: string) {
  await page.goto(demo());
  await page.getByRole('button', { name: 'Start a mend' }).first().click();
  await page.getByLabel('Part and hole').fill(part);
  await page.getByLabel('What happened').fill(what);
  await page.getByRole('button', { name: 'Measure it' }).click();
  await page.getByLabel('Thread as made').fill(thread);
  await page.getByLabel('Thread as made').press('Enter');
  await page.getByLabel('Cut in').selectOption({ label: parent });
}
const put = async (page: Page, label: string, value: string) => {
  const field = page.getByLabel(label, { exact: true });
  await field.fill(value);
  await field.press('Enter');
};

test('told only that the bolt snapped off in the head: what first, what not, and why', async ({ page }) => {
  await snapped(page, 'Head, stud 3', 'the bolt snapped off in the head', 'M5', 'Aluminium, cast and heat treated');
  // The words are asked about: one tap says that something is stuck.
  await expect(page.getByText('It sounds as if something is stuck in it: screw?')).toBeVisible();
  await page.getByRole('button', { name: 'Yes' }).click();
  await page.getByRole('button', { name: /Free$/ }).click();
  await expect(page.getByText(/^First:/)).toHaveText('First: soak and heat in turns.');
  await expect(page.getByText(/^Not:/).first()).toContainText('weld a nut on it');
  await expect(page.getByRole('img', { name: 'Section of the hole with the screw in it' })).toBeVisible();

  // Before anything; and what heat does to things near is ticked before its clock runs, the soak's runs at once.
  await expect(page.getByText(/^Before anything: look for pressure/)).toBeVisible();
  await expect(page.getByRole('button', { name: 'Tick off first' })).toBeDisabled();
  for (const tick of await page
    .getByRole('group', { name: 'Before the heat: look, and tick' })
    .getByRole('checkbox')
    .all())
    await tick.check();
  await expect(page.getByRole('button', { name: 'Start 5 min' })).toBeEnabled();
  await page.locator('.mend-panel').getByLabel('Pressure, spring, load or fuel behind it').selectOption('none');
  await expect(page.getByText(/^Before anything/)).toHaveCount(0);

  // The wait runs on through a reload.
  await page.getByRole('button', { name: 'Start 20 min' }).click();
  await expect(page.getByRole('main').getByRole('timer')).toHaveText(/^(20:00|19:5\d)$/);
  await page.reload();
  await expect(page.getByRole('main').getByRole('timer')).toHaveText(/^(20:00|19:\d\d)$/);

  // A guide and a true centre buy a larger safe drill; the chances come from the worker, and so does what else would help.
  const safe = page.locator('.figure', { hasText: 'Largest safe drill' });
  await expect(safe).toContainText('of 100,000 trials');
  const before = await safe.textContent();
  await expect(page.getByRole('table', { name: 'What would help' })).toContainText('a guide bush');
  await page.getByLabel('The drill starts').selectOption('true-centre');
  await page.getByLabel('It is kept square by').selectOption('guide');
  await expect(safe).not.toHaveText(before!);
  await expect(page.getByRole('img', { name: /^Chances against drill size; recommended/ })).toBeVisible();

  // A galled one is no case for an extractor, and a hard one for no drill at all.
  await page.getByLabel('Why it sticks').selectOption('galled');
  await expect(page.getByText(/^Not: screw extractor/)).toContainText('it is seized');
  await page.getByLabel('too hard to drill').check();
  await expect(safe).toHaveCount(0);
  await page.getByText(/^Why not/).click();
  await expect(page.getByText(/^Drill to the core and peel: too hard/)).toBeVisible();
});

test('M10 stud sunk 6 mm in iron: depth, stop and flag; the measured offset says what next; out, its damage is typed in', async ({
  page,
}) => {
  await snapped(page, 'Block, stud 2', 'stud snapped', 'M10', 'Grey cast iron');
  await page.getByRole('button', { name: 'Yes' }).click();
  await put(page, 'It lies below the face by', '6');
  await put(page, 'Length of it from the break', '20');
  await page.getByRole('button', { name: /Free$/ }).click();
  // Three rounds in vain: the next means comes first, and the record shows who tried.
  for (let round = 1; round <= 3; round += 1) {
    await page.getByRole('button', { name: 'Nothing', exact: true }).click();
    await expect(
      page.getByText(new RegExp(`tried ${round === 1 ? 'once' : `${round} times`} of 3`)).first(),
    ).toBeVisible();
  }
  await expect(page.getByText(/^First:/)).toHaveText('First: left-hand drill.');
  await page.getByLabel('The drill starts').selectOption('bush');
  await page.getByLabel('It is kept square by').selectOption('guide');
  await expect(page.getByText(/^Stop the drill/)).toContainText('18 mm below the break, 24 mm below the face');
  await expect(page.locator('[data-layer="flag drill-stop"]')).toContainText('24.0');

  await put(page, 'Drilled so far', '3');
  await put(page, 'Drilled centre off its own centre', '0.1');
  await expect(page.locator('.note-box', { hasText: 'Carry on' })).toBeVisible();
  await put(page, 'Drilled centre off its own centre', '0.9');
  await expect(page.locator('.note-box', { hasText: 'Correct it first' })).toContainText('stub end mill');
  await put(page, 'Drilled so far', '8');
  await expect(page.getByRole('status').filter({ hasText: /^Stop/ })).toContainText('into the parent’s crests');

  await page.getByRole('button', { name: /Drill to the core and peel/ }).click();
  await page.getByRole('button', { name: 'It is out' }).click();
  await expect(page.getByText(/^It is out\. Measure the hole again/)).toContainText('counts once you have checked it');
  await expect(page.getByLabel('Bore now, widest', { exact: true })).toHaveValue(/^9\.\d/);
  await expect(page.getByRole('button', { name: /Free$/ })).toBeDisabled();
});
