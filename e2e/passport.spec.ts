import { expect, test } from '@playwright/test';
import { writeFileSync } from 'node:fs';
// @ts-expect-error no declaration
import { readSquares } from '../tools/lib/readSquares.mjs';
import { demo } from './helpers.ts';

interface Row {
  id: string;
  repairs: number;
  code: string;
}
const mendedTwice = async (request: { get: (url: string) => Promise<{ json: () => Promise<unknown> }> }) => {
  const reply = await request.get(`${demo()}/api/v1/mends?state=closed&limit=100`);
  return ((await reply.json()) as { items: Row[] }).items.find(({ repairs }) => repairs > 1)!;
};

test('on a phone the first screen says what is in the hole and what must not be done to it; on paper too', async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  const hole = await mendedTwice(page.request);
  // A label is printed and glued beside the hole; its code of squares leads here.
  const label = test.info().outputPath('label.pdf');
  const labels = await page.request.get(`${demo()}/api/v1/holes/${hole.id}/labels.pdf?copies=1`);
  writeFileSync(label, await labels.body());
  const address = new URL(readSquares(label) as string);
  expect(address.origin).toBe(process.env.DEMO_PUBLIC_URL);
  await page.goto(`${demo()}${address.pathname}`);
  const inIt = page.getByRole('region', { name: 'What is in it' });
  await expect(inIt.getByText(/^M8 × 1\.25: Solid bush/)).toBeInViewport();
  await expect(inIt.getByText(/^Do not drill it or turn the bush/)).toBeInViewport();
  await expect(inIt.getByText('Proved', { exact: true })).toBeInViewport();
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  await expect(page.getByRole('region', { name: 'Its life' }).getByRole('listitem')).toHaveCount(5);
  const href = await page.getByRole('link', { name: 'The passport on paper (PDF)' }).getAttribute('href');
  const paper = await page.request.get(new URL(href!, demo()).href);
  expect([paper.status(), paper.headers()['content-type']]).toEqual([200, 'application/pdf']);
});

test('a signed mend is amended: both stand, after a reload too', async ({ page }) => {
  const hole = await mendedTwice(page.request);
  await page.goto(`${demo()}/holes/${hole.id}`);
  await page.getByRole('button', { name: 'Amend it' }).first().click();
  await page.getByLabel('What is right').fill('The bush is bronze');
  await page.getByLabel('Why it was wrong').fill('steel was typed from habit');
  await page.getByRole('button', { name: 'Put it beside' }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await expect(page.getByText('The bush is bronze')).toBeVisible();
  await page.reload();
  await expect(page.getByText('The bush is bronze')).toBeVisible();
  await expect(page.getByText(/signed by/i).first()).toBeVisible();
});
