import AxeBuilder from '@axe-core/playwright';
import { expect, test, type Page } from '@playwright/test';
import { atTheBench, demo, openMend, pressOn } from './helpers.ts';

// Each group is looked at beside the others: the checker reads every element.
test.describe.configure({ mode: 'parallel' });

/** The address of a mend under way, without its station. */
const mendOf = async (page: Page, what: string) => {
  await openMend(page, what);
  return page.url().replace(/\/[a-z]+(\?.*)?$/, '');
};

const GROUPS: Record<string, (page: Page) => Promise<string[]>> = {
  'lists, crib and what is stuck': async (page) => [
    ...['', '/assets', '/crib'].map((path) => demo() + path),
    `${await mendOf(page, 'stud snapped')}/free`,
  ],
  'desk and passport': async (page) => [
    `${demo()}/desk?ask=M8`,
    `${demo()}/desk/charts`,
    (await mendOf(page, 'pulled out when tightened')).replace('/mend/', '/holes/'),
  ],
  'a mend': async (page) => {
    const mend = await mendOf(page, 'pulled out when tightened');
    return [`${mend}/measure`, `${mend}/decide`];
  },
};

/** What hinders somebody for good, with where it is. */
async function seriousOn(page: Page, scheme: 'light' | 'dark'): Promise<string[]> {
  const checker = new AxeBuilder({ page }).options({ resultTypes: ['violations'] });
  // The second scheme changes colours only: nothing else needs reading twice.
  const { violations } = await (scheme === 'dark' ? checker.withRules(['color-contrast']) : checker).analyze();
  return violations
    .filter(({ impact }) => impact === 'serious' || impact === 'critical')
    .map(({ id, nodes }) => `${page.url()} ${id} ${nodes[0]?.html.slice(0, 200)}`);
}

const lookThrough = async (page: Page, addresses: string[], scheme: 'light' | 'dark') => {
  for (const address of addresses) {
    await page.goto(address);
    await expect(page.getByRole('main')).toBeVisible();
    await expect(page.getByRole('status')).toHaveCount(0);
    expect(await seriousOn(page, scheme)).toEqual([]);
  }
};

for (const [name, addresses] of Object.entries(GROUPS)) {
  test(`no serious finding of accessibility: ${name}`, async ({ page }) => {
    await lookThrough(page, await addresses(page), 'light');
  });
}

// web/src/base/theme.test.ts holds every colour against its grounds; here, what stands on what.
test('in the dark nothing is hard to read where most colours meet', async ({ page }) => {
  await page.emulateMedia({ colorScheme: 'dark' });
  const mend = await mendOf(page, 'pulled out when tightened');
  await lookThrough(page, [`${mend}/decide`, `${demo()}/desk?ask=M8`, `${demo()}/crib`], 'dark');
});

/** Widths and heights at which the bench stands: a laptop, a phone, a tablet on end. */
const BENCH_SIZES = [
  { width: 1280, height: 800 },
  { width: 390, height: 844 },
  { width: 768, height: 1024 },
];

test('the bench, at each step: contrast AAA, keys of 64 px, the number 40 px and more, nothing off the side, at three sizes', async ({
  page,
}) => {
  test.setTimeout(240_000);
  await atTheBench(page, 'Bench looked at, hole 1');
  const bench = page.getByRole('region', { name: 'At the machine' });
  const title = bench.getByRole('heading', { level: 2 });
  const primary = bench.locator('.bench-primary');
  const space = () => page.keyboard.press('Space');
  const seen: string[] = [];
  let asked = 0;
  const unread = async (where: string, within = '.bench') => {
    // A colour on its way to another is neither.
    await page.waitForFunction(() => document.getAnimations().every(({ playState }) => playState !== 'running'));
    const { violations } = await new AxeBuilder({ page })
      .include(within)
      .options({
        runOnly: ['color-contrast', 'color-contrast-enhanced'],
        rules: { 'color-contrast-enhanced': { enabled: true } },
      })
      .analyze();
    return violations.flatMap(({ nodes }) => nodes.map(({ html }) => `${where}: ${html.slice(0, 200)}`));
  };
  while (!/^Measure what was cut/.test((await primary.textContent())!)) {
    const now = (await title.textContent())!;
    seen.push(now);
    for (const size of BENCH_SIZES) {
      await page.setViewportSize(size);
      const where = `${now}, ${size.width}`;
      const wide = await page.evaluate(() => document.documentElement.scrollWidth);
      expect(wide, where).toBeLessThanOrEqual(size.width);
      for (const key of await bench.locator('.bench-keys button:visible').all())
        expect((await key.boundingBox())!.height, where).toBeGreaterThanOrEqual(64);
      const number = bench.locator('.bench-big b');
      // Read from two metres: 20 px for each.
      if ((await number.count()) > 0)
        expect(await number.evaluate((node) => Number.parseFloat(getComputedStyle(node).fontSize))).toBeGreaterThan(40);
    }
    // Colours are the same at every size: on the phone, where most lies over each other, they are read.
    await page.setViewportSize(BENCH_SIZES[1]!);
    expect(await unread(now)).toEqual([]);
    await page.emulateMedia({ colorScheme: 'dark' });
    expect(await unread(`${now}, dark`)).toEqual([]);
    await page.emulateMedia({ colorScheme: 'light' });
    await page.setViewportSize(BENCH_SIZES[0]!);
    // What stands over it is read with the same eyes; once is enough.
    if (seen.length === 1) {
      await page.keyboard.press('s');
      await expect(page.getByRole('dialog')).toBeVisible();
      expect(await unread('it went stiff', '[role=dialog]')).toEqual([]);
      await page.keyboard.press('Escape');
      await expect(page.getByRole('dialog')).toHaveCount(0);
    }
    if (/^Drill/.test(now)) {
      await page.keyboard.press('c');
      await page.getByRole('button', { name: 'Short grey crumbs' }).click();
      expect(await unread('the chips', '[role=dialog]')).toEqual([]);
      await page.keyboard.press('Escape');
      await expect(page.getByRole('dialog')).toHaveCount(0);
    }
    while ((await title.textContent()) === now) {
      await pressOn(page, space, async () => {
        if (asked === 0) expect(await unread('before the cut', '[role=dialog]')).toEqual([]);
        asked += 1;
      });
    }
  }
  expect(seen.length).toBeGreaterThanOrEqual(10);
  expect(asked).toBeGreaterThan(0);
});
