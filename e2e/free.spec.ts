import { expect, test } from '@playwright/test';
import { demo } from './helpers.ts';

test('a stud snapped in cast aluminium: what first, what not, the largest safe drill, and it is out', async ({
  page,
}) => {
  await page.goto(demo());
  await page.getByRole('button', { name: 'Start a mend' }).first().click();
  await page.getByLabel('Part and hole').fill('Head, stud 3');
  await page.getByLabel('What happened').fill('the bolt snapped off in the head');
  await page.getByRole('button', { name: 'Measure it' }).click();
  await page.getByLabel('Thread as made').fill('M5');
  await page.getByLabel('Thread as made').press('Enter');
  await page.getByLabel('Cut in').selectOption({ label: 'Aluminium, cast and heat treated' });
  await page.getByText('Repaired or tried before').click();
  await page.getByLabel('Stuck in it').selectOption('screw');
  await page.getByRole('button', { name: /Free$/ }).click();
  await expect(page.getByText(/^First:/)).toContainText('First: soak and heat in turns. Not:');

  // A guide and a true centre buy a larger safe drill; the chances come from the worker.
  const safe = page.locator('.figure', { hasText: 'Largest safe drill' });
  await expect(safe).toContainText('of 100,000 trials');
  const before = await safe.textContent();
  await page.getByLabel('The drill starts').selectOption('true-centre');
  await page.getByLabel('It is kept square by').selectOption('guide');
  await expect(safe).not.toHaveText(before!);
  await expect(page.getByRole('img', { name: /^Chances against drill size; recommended/ })).toBeVisible();

  // A galled one is no case for an extractor, and a hard one for no drill at all.
  await page.getByLabel('Why it sticks').selectOption('galled');
  await page.getByText(/^Why not/).click();
  await expect(page.getByText(/Screw extractor: it is seized/)).toBeVisible();
  await page.getByLabel('too hard to drill').check();
  await expect(safe).toHaveCount(0);
  await expect(page.getByText(/Drill to the core and peel: too hard/)).toBeVisible();

  await page
    .getByRole('button', { name: /^Spark erosion/ })
    .or(page.getByRole('button', { name: /Spark erosion/ }))
    .first()
    .click();
  await page.getByRole('button', { name: 'It is out' }).click();
  await expect(page.getByRole('button', { name: /Free$/ })).toBeDisabled();
});
