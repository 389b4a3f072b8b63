import { expect, type Page } from '@playwright/test';

/** Address of the server with the demo shop. */
export const demo = () => process.env.DEMO_URL!;

/** From the shop to the mend whose line holds these words. */
export async function openMend(page: Page, part: string) {
  await page.goto(demo());
  await page
    .getByRole('link', { name: new RegExp(part) })
    .first()
    .click();
  await expect(page.getByRole('navigation', { name: 'Stations' })).toBeVisible();
}
