import { gzipSync } from 'node:zlib';
import { expect, test } from '@playwright/test';
import { demo } from './helpers.ts';

/** What the first page may weigh, compressed: it is read in a shed on a phone. */
const ENTRY_GZIP_KB = 210;

test('the shop’s first view loads no judgement, and little else; the line’s answers come when somebody asks', async ({
  page,
}) => {
  const scripts = new Map<string, Promise<string>>();
  page.on('response', (response) => {
    if (response.url().endsWith('.js')) scripts.set(response.url(), response.text());
  });
  await page.goto(demo());
  await expect(page.getByRole('heading', { name: 'Tern Sound Ferries' })).toBeVisible();
  const first = (await Promise.all(scripts.values())).join('\n');
  // A sentence of plan/freeing, one of plan/routes, one of plan/answers.
  for (const sentence of ['Penetrating oil on it', 'As strong as made', 'A clamped collar rather than tape'])
    expect(first).not.toContain(sentence);
  const gzipped = [...(await Promise.all(scripts.values()))].reduce((sum, text) => sum + gzipSync(text).length, 0);
  expect(gzipped / 1000).toBeLessThan(ENTRY_GZIP_KB);

  await page.keyboard.press('/');
  await page.keyboard.type('flag wall 19 plate 12');
  await expect(page.getByText('wall + guide: never the setting')).toBeVisible();
  expect((await Promise.all(scripts.values())).join('\n')).toContain('A clamped collar rather than tape');
});
