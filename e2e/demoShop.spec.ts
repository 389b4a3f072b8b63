import { expect, test } from '@playwright/test';
import { demo, openMend } from './helpers.ts';

test('the drawing and the verdicts move with every keystroke, before anything is recorded', async ({ page }) => {
  await openMend(page, 'pulled out when tightened');
  const flag = page.locator('[data-layer="flag damage"]');
  await expect(flag).toContainText('9.0');
  const damage = page.getByLabel('Stripped from the face to', { exact: true });
  await damage.fill('14');
  await expect(flag).toContainText('14.0');
  await expect(page.getByRole('radio', { name: /^Clean up and reuse: does not hold/ })).toHaveCount(0);
  await damage.fill('');
  await damage.blur();
  await expect(flag).toContainText('9.0');
});

test('an unsaved draft survives a reload; units switch everywhere and back', async ({ page }) => {
  await openMend(page, 'drain plug turns');
  const bore = page.getByLabel('Bore now, widest', { exact: true });
  await bore.fill('14.x');
  await expect(page.getByText('does not read as a length')).toBeVisible();
  await page.reload();
  await expect(bore).toHaveValue('14.x');
  await bore.fill('');
  await bore.blur();
  await page.locator('body').press('u');
  await expect(page.getByText('diameter, in')).toBeVisible();
  await page.locator('body').press('u');
  await expect(page.getByText('diameter, mm')).toBeVisible();
});

test('a missing drill is replaced by its neighbours, on the quick line and in the routes', async ({ page }) => {
  await page.goto(`${demo()}/crib`);
  const missing = page.getByRole('combobox', { name: 'Missing' });
  const sizes = page.getByText(/sizes in the rack/);
  const before = await sizes.textContent();
  await missing.fill('6.8 mm');
  await page.getByRole('option', { name: '6.8 mm' }).click();
  await expect(sizes).not.toHaveText(before!);
  await missing.blur();
  await page.locator('body').press('/');
  await page.keyboard.type('M8');
  const card = page.locator('[aria-live=polite]').last();
  await expect(card).toContainText('Tap drill');
  await expect(card).toContainText('17/64 in');
  await expect(card).toContainText('6.9 mm');
  await page.keyboard.press('Escape');
  await missing.press('Backspace');
  await expect(sizes).toHaveText(before!);
  // A worn drill stands in every chart by what it was measured to bore.
  await page.getByRole('combobox', { name: 'Worn drill' }).fill('12.1 mm');
  await page.getByRole('option', { name: '12.1 mm' }).click();
  await page.getByLabel('bores, mm').fill('12.14');
  await page.getByRole('button', { name: 'Add', exact: true }).last().click();
  await expect(page.getByText('12.1 mm bores 12.14 mm')).toBeVisible();
  await page.locator('body').press('/');
  await page.keyboard.type('M14');
  await expect(card).toContainText('worn, cuts 12.14 mm');
  await page.keyboard.press('Escape');
  await page.getByText('12.1 mm bores 12.14 mm').locator('..').press('Delete');
  await expect(page.getByText('12.1 mm bores 12.14 mm')).toHaveCount(0);
});

test('a loose part is filed later with its history; a reading is struck out with a reason', async ({ page }) => {
  // A slow line: Enter and leaving the field both come before the first answer, and must record one reading.
  await page.route('**/events', async (route) => {
    await new Promise((done) => setTimeout(done, 300));
    await route.continue();
  });
  await page.goto(demo());
  await page.getByRole('button', { name: 'Start a mend' }).click();
  await page.getByLabel('Part and hole').fill('Bracket, hole 2');
  await page.getByRole('button', { name: 'Measure it' }).click();
  await page.getByLabel('Depth or thickness', { exact: true }).fill('31');
  await page.getByLabel('Depth or thickness', { exact: true }).press('Enter');
  await page.getByLabel('Depth or thickness', { exact: true }).fill('13');
  await page.getByLabel('Depth or thickness', { exact: true }).press('Enter');
  await page.getByRole('button', { name: 'Locate' }).click();
  await page.getByRole('combobox', { name: 'Asset' }).fill('Linkspan');
  await page.getByRole('option', { name: 'Linkspan' }).click();
  await page.getByRole('combobox', { name: 'Face' }).click();
  await page.getByRole('option', { name: 'Hinge bracket' }).click();
  await page.getByRole('button', { name: 'File it there' }).click();
  await expect(page.getByRole('heading', { name: 'Linkspan, Hinge bracket', exact: true })).toBeVisible();

  await page.goto(page.url().replace(/mend\/([^/]+).*/, 'holes/$1'));
  await expect(page.getByText('13 mm ± 0.3 mm')).toBeVisible();
  await page.getByRole('button', { name: 'Correct Depth' }).first().click();
  await page.getByLabel('Why').fill('rod tilted');
  await page.getByRole('button', { name: 'Strike it out' }).click();
  await expect(page.getByText('struck out: rod tilted')).toBeVisible();
});

test('by keyboard only: from the shop to a frozen plan', async ({ page }) => {
  await page.goto(demo());
  const tabTo = async (name: RegExp, role: 'link' | 'button' | 'radio' = 'link') => {
    const target = page.getByRole(role, role === 'radio' ? { name, checked: true } : { name }).first();
    await expect(target).toBeVisible();
    for (let presses = 0; presses < 120; presses += 1) {
      if (await target.evaluate((element) => element === document.activeElement)) return;
      await page.keyboard.press('Tab');
    }
    throw new Error(`Tab never reached ${name}`);
  };
  await tabTo(/found at the yearly check/);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: /^Planned:/ })).toBeVisible();
  await page.keyboard.press('4');
  await expect(page.getByRole('radiogroup', { name: 'Ways to mend, by the metal they take' })).toBeVisible();
  await page.keyboard.press('w');
  await expect(page.getByRole('dialog')).toContainText('the working');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await tabTo(/./, 'radio');
  await page.keyboard.press('ArrowDown');
  const planButton = page.getByRole('button', { name: /^Plan this mend/ });
  await expect(planButton).toBeEnabled();
  await tabTo(/^Plan this mend/, 'button');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: /^Planned:/ })).toBeVisible();
  await page.keyboard.press('2');
  await expect(page.getByText('What the readings say')).toBeVisible();
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog')).toContainText('stations of a mend');
});

test('at phone width nothing runs off the side and a rung can be tapped', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await openMend(page, 'pulled out when tightened');
  const rung = page.getByRole('radio', { name: /^Retap M10 × 1.5/ });
  await rung.click();
  await expect(rung).toHaveAttribute('aria-checked', 'true');
  expect((await rung.boundingBox())!.height).toBeGreaterThanOrEqual(44);
  await page.getByRole('button', { name: '2 Measure' }).click();
  await page.getByRole('button', { name: /^Weigh the/ }).click();
  await expect(rung).toBeInViewport();
  await openMend(page, 'stud snapped');
  const free = new URL(page.url()).pathname;
  for (const path of ['/', '/assets', '/desk?ask=M8', '/desk/charts', '/crib', free]) {
    await page.goto(demo() + path);
    await expect(page.getByRole('main')).toBeVisible();
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  }
});
