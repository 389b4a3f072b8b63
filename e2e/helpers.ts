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

/** A hole of its own for one test: nothing that another test looks at is changed. */
export async function ownMend(page: Page, name: string): Promise<void> {
  await page.goto(demo());
  await page.getByRole('button', { name: 'Start a mend' }).click();
  await page.getByLabel('Part and hole').fill(name);
  await page.getByRole('button', { name: 'Measure it' }).click();
  await expect(page.getByRole('button', { name: '2 Measure' })).toHaveAttribute('aria-current', 'step');
}

export async function enter(page: Page, label: string, text: string): Promise<void> {
  const field = page.getByLabel(label, { exact: true });
  await field.fill(text);
  await field.press('Enter');
}

/** A hole of its own, measured and weighed: M8 through 20 mm of cast aluminium, stripped half way. */
export async function weighedMend(page: Page, name: string): Promise<void> {
  await ownMend(page, name);
  await enter(page, 'Thread as made', 'M8');
  await page.getByLabel('Cut in').selectOption({ label: 'Aluminium, cast and heat treated' });
  await page.getByLabel('The hole is').selectOption('through');
  await enter(page, 'Thickness', '20');
  await enter(page, 'Stripped from the face to', '9');
  await enter(page, 'Axis to nearest edge', '30');
  await page.getByRole('button', { name: 'All true' }).click();
  await page.getByRole('button', { name: /^Weigh the/ }).click();
  await expect(page.getByRole('button', { name: /^Plan this mend/ })).toBeEnabled();
}

/** At the machine, with the first step open. */
export async function atTheBench(page: Page, name: string): Promise<void> {
  await weighedMend(page, name);
  await page.getByRole('button', { name: /^Plan this mend/ }).click();
  await page.getByRole('button', { name: 'Go to the machine' }).click();
  await expect(page.getByText(/^Step 1 of 1\d$/)).toBeVisible();
}
/** A little longer than a press belongs to the step before. */
const SETTLED_MS = 300;
/** One press at the bench, and what it did is seen. It asks before metal is cut; one press says yes. */
export async function pressOn(
  page: Page,
  press: () => Promise<void>,
  onAsked: () => Promise<void> = async () => undefined,
): Promise<void> {
  const bench = page.getByRole('region', { name: 'At the machine' });
  const cutIt = page.getByRole('button', { name: 'Cut it' });
  const step = bench.getByText(/^Step \d+ of/);
  const [before, at] = [await bench.textContent(), await step.textContent()];
  await press();
  await expect(async () => {
    if (await cutIt.isVisible()) {
      await onAsked();
      await cutIt.press('Enter');
    }
    // Under what it asks the bench is no region: nothing is read of it without a limit.
    expect(await bench.textContent({ timeout: SETTLED_MS })).not.toBe(before);
  }).toPass({ intervals: [20, 50, 100], timeout: 20_000 });
  // A press in the moment in which a step came counts for nothing.
  if ((await bench.count()) > 0 && (await step.textContent()) !== at) await page.waitForTimeout(SETTLED_MS);
}

/** One press after the other until the last step is done. It asks before metal is cut; one press says yes. */
export async function throughTheBench(
  page: Page,
  press: () => Promise<void>,
  until = /^Measure what was cut/,
): Promise<void> {
  const bench = page.getByRole('region', { name: 'At the machine' });
  const primary = bench.locator('.bench-primary');
  for (let presses = 0; !until.test((await primary.textContent())!); presses += 1) {
    expect(presses).toBeLessThan(400);
    await pressOn(page, press);
  }
}

/** What of one kind is recorded on the hole that the page shows. */
export async function recorded(
  page: Page,
  kind: string,
): Promise<{ id: string; actor: string; payload: Record<string, unknown> }[]> {
  const hole = /mend\/([\w-]+)/.exec(page.url())![1]!;
  const reply = await page.request.get(`${demo()}/api/v1/holes/${hole}`);
  const { events } = (await reply.json()) as {
    events: { id: string; kind: string; actor: string; payload: Record<string, unknown> }[];
  };
  return events.filter((event) => event.kind === kind);
}
