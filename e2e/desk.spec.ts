import { expect, test } from '@playwright/test';
import { demo, openMend } from './helpers.ts';

test('the Desk by keyboard: questions answered without opening a form', async ({ page }) => {
  await page.goto(`${demo()}/desk`);
  await expect(page.getByRole('heading', { name: 'Which thread is this?' })).toBeVisible();
  for (const [text, answer] of [
    ['M6 in 316', '5.2 mm'],
    ['M8 vs 5/16-18', 'Look-alikes'],
    ['speed 8 in grey iron', '995'],
    ['2BA', '4.215'],
    ['torque M8', 'for example torque M8 8.8'],
  ] as const) {
    await page.keyboard.press('Control+A');
    await page.keyboard.type(text);
    await expect(page.getByRole('main')).toContainText(answer);
  }
});

test('a look-alike on an old British machine; combs at true size after one check with a ruler', async ({ page }) => {
  await page.goto(`${demo()}/desk`);
  await page.getByLabel('Across the screw’s crests, mm').fill('9.45');
  await page.getByLabel('Length over pitches, mm').fill('15.9');
  await expect(page.getByRole('heading', { name: 'Most likely 3/8-16 UNC' })).toBeVisible();
  await page.getByRole('button', { name: 'Taper, age and place, left hand' }).click();
  await page.getByLabel('The machine was made in').click();
  await page.getByRole('option', { name: 'Britain or its trade' }).click();
  await page.getByLabel('about', { exact: true }).fill('1938');
  await expect(page.getByRole('heading', { name: /3\/8-16 BSW$/ })).toBeVisible();
  await page.getByRole('button', { name: 'Check the screen’s scale with a ruler first' }).click();
  const slider = page.getByRole('slider', { name: 'Scale of the screen' });
  await slider.focus();
  await page.keyboard.press('End');
  await page.getByRole('button', { name: 'It matches the ruler' }).click();
  const comb = page.getByRole('img', { name: /Comb of 3\/8-16 BSW at true size/ });
  // Four points a turn: from one crest's end to the next.
  const points = (await comb.locator('[data-shape="comb"]').getAttribute('points'))!.split(' ');
  const pixels = parseFloat(points[5]!) - parseFloat(points[1]!);
  // The slider's end is 1.8 times the nominal 96 pixels an inch.
  expect(pixels).toBeCloseTo((25.4 / 16) * 1.8 * (96 / 25.4), 1);
  await page.reload();
  await expect(comb).toBeVisible();
});

test('the shop’s own charts can be opened, chosen and hold the rack’s drills', async ({ page }) => {
  await page.goto(`${demo()}/desk`);
  await page.getByRole('link', { name: /own charts/ }).click();
  await page.getByRole('combobox', { name: 'Sheet' }).click();
  await page.getByRole('option', { name: 'BSW and BSF' }).click();
  await expect(page.getByRole('row', { name: /1\/4-20 BSW/ })).toContainText('#7');
  await page.getByRole('combobox', { name: 'Sheet' }).click();
  await page.getByRole('option', { name: 'Drills in the rack' }).click();
  await expect(page.getByRole('row', { name: /^27\/64 in/ })).toContainText('1/2-13 UNC');
});

test('in a mend, nobody knows the thread: found from readings and taken for the hole; a slip is asked about', async ({
  page,
}) => {
  await openMend(page, 'pulled out when tightened');
  await page.getByRole('button', { name: 'which thread is it?' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Across the screw’s crests, mm').fill('7.9');
  await dialog.getByLabel('Length over pitches, mm').fill('12.5');
  await dialog.getByRole('button', { name: 'M8 × 1.25' }).click();
  await expect(dialog).toHaveCount(0);
  await expect(page.getByLabel('Thread as made')).toHaveValue('M8 × 1.25');
  await page.getByLabel('Bore now, widest', { exact: true }).fill('82');
  await expect(page.getByText('Is it 82 mm, or 8.2 mm?')).toBeVisible();
});
