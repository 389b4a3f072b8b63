import AxeBuilder from '@axe-core/playwright';
import { expect, test, type Page } from '@playwright/test';
import { demo, openMend } from './helpers.ts';

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
