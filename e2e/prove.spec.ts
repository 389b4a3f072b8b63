import { expect, test, type Page } from '@playwright/test';
import { openMend } from './helpers.ts';

const yes = (page: Page, name: RegExp) =>
  page.getByRole('group', { name }).last().getByRole('button', { name: 'yes' }).click();

test('a hole that can hurt someone: released, proved under load, a reason is no pass, and two people sign', async ({
  page,
}) => {
  await openMend(page, 'pulled its thread when the caliper went back on');
  const release = page.getByRole('region', { name: 'Not released' });
  for (const [index, text] of ['Maker’s desk', 'R 12', '2026-01-02', 'a coil, 2 D'].entries())
    await release.locator('input:not([aria-hidden])').nth(index).fill(text);
  await release.getByRole('button', { name: 'Record the release' }).click();
  // The form’s own label is “Released by”, and stands a moment longer.
  await expect(page.getByText(/^Released by \S/)).toBeVisible();
  for (const box of await page.locator('.mend-panel').getByRole('checkbox').all()) await box.check();
  await page.goto(page.url().replace(/prepare.*/, 'prove'));
  const panel = page.getByRole('region', { name: 'Prove and record' });
  await expect(panel).toBeVisible();
  // What is expected stands at each field: the middle of it is typed.
  for (const field of await panel.locator('.proof').getByRole('textbox').all()) {
    const limits = (await field.locator('xpath=ancestor::*[contains(@class,"proof")][1]').textContent())!;
    const between = /([\d.]+) to ([\d.]+) mm/.exec(limits);
    const least = /at least ([\d.]+) mm/.exec(limits);
    // All of it is the last of its steps.
    const load = [...limits.matchAll(/([\d.]+) (?:Nm|kN)/g)].at(-1);
    if (between) await field.fill(((Number(between[1]) + Number(between[2])) / 2).toFixed(3));
    else if (least) await field.fill(String(Number(least[1]) + 0.3));
    else if (load) await field.fill(load[1]!);
    else if (limits.includes('at most')) await field.fill('1');
  }
  for (const group of await panel.locator('.proof').all()) {
    const answer = group.getByRole('button', { name: 'yes' });
    if ((await group.getAttribute('aria-label'))?.startsWith('Proof load')) continue;
    if ((await answer.count()) > 0) await answer.first().click();
  }
  await page.getByRole('button', { name: 'Proof load or pressure test, by a competent person: not done' }).click();
  await panel.getByLabel('Why it was not done').fill('no rig here');
  await page.getByRole('button', { name: 'Record what was measured' }).click();
  await expect(panel.getByText(/^Record the proof load or pressure test first/)).toBeVisible();
  await expect(page.getByRole('button', { name: /^Mended, not proved/ })).toHaveCount(0);
  await page.getByRole('button', { name: 'Done after all' }).click();
  await yes(page, /^Proof load/);
  await page.getByRole('button', { name: 'Record again' }).click();
  const sign = page.getByRole('button', { name: /^Mended and proved, signed by/ });
  await expect(sign).toBeDisabled();
  await page.getByRole('combobox', { name: 'Second signature' }).click();
  await page.getByRole('option', { name: 'Lead hand' }).click();
  await sign.click();
  await expect(page.getByRole('region', { name: 'How we know' })).toContainText('and a second person');
});
