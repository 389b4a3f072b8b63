import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { planNumbers } from '../plan/freeze/index.ts';
import { SAY } from '../basis/units/index.ts';
import { WAY_IDS, WAYS } from '../facts/ways/index.ts';
import { becauseOf, type Route } from '../plan/routes/index.ts';
import { GOLDEN_CASES } from '../test-support/goldenCases.ts';
import { weighCase } from '../pipeline.ts';

// Whole proposals against a file: no number moves in silence. To change it on purpose run the test with
// UPDATE_GOLDEN=1, read the difference, raise ENGINE_VERSION and write a line in docs/method-changes.md.
const FILE = join(__dirname, 'proposals.json');

const shown = (value: number | string | null) => (value === null ? '-' : String(value));

/** Drill, bore, outermost cut, depth, engagement, strip and break load, metal left: one line a route, to be read in a diff. */
function firstNumbers(route: Route): string {
  const n = planNumbers(route);
  const reserve = route.reserve.ratio === null ? null : Number(route.reserve.ratio.toFixed(4));
  return [n.drillId, n.boreMm, n.outermostMm, n.drillTipMm, n.engagementMm, n.stripLoadN, n.breakLoadN, reserve]
    .map(shown)
    .join(' ');
}

/** Checks that are not passed in full, with their value and the reading that would settle them. */
function checksOf(route: Route): string {
  return route.checks
    .filter((check) => check.verdict !== 'holds')
    .map((check) =>
      [check.id, check.verdict, shown(check.value && Number(check.value.toFixed(3))), check.settledBy].join(' ').trim(),
    )
    .join(', ');
}

const actual = Object.fromEntries(
  Object.entries(GOLDEN_CASES).map(([label, hole]) => [
    label,
    weighCase(hole).routes.map((route) => [route.id, route.verdict, firstNumbers(route), checksOf(route)].join(' | ')),
  ]),
);

if (process.env.UPDATE_GOLDEN === '1') writeFileSync(FILE, `${JSON.stringify(actual, null, 1)}\n`);

test('the golden file holds exactly these cases', () => {
  expect(existsSync(FILE)).toBe(true);
  expect(Object.keys(JSON.parse(readFileSync(FILE, 'utf8')) as object)).toEqual(Object.keys(GOLDEN_CASES));
});

test.each(Object.keys(GOLDEN_CASES))('%s', (label) => {
  const golden = JSON.parse(readFileSync(FILE, 'utf8')) as typeof actual;
  expect(actual[label]).toEqual(golden[label]);
});

test('every method wins somewhere or is refused with a reason, and every refusal has one', () => {
  const routes = Object.values(GOLDEN_CASES).flatMap((hole) => weighCase(hole).routes);
  for (const route of routes) {
    const refused = route.checks.some((check) => check.verdict === 'does-not-hold');
    expect(refused).toBe(route.verdict === 'does-not-hold');
    for (const check of route.checks) expect(becauseOf(check, SAY.mm).length).toBeGreaterThan(3);
  }
  const standing = new Set(routes.filter((route) => route.verdict !== 'does-not-hold').map((route) => route.method));
  expect([...standing].sort()).toEqual([...WAY_IDS].sort());
});

test('every way that leaves a thread of its own comes first in some case', () => {
  const winners = new Set(Object.values(GOLDEN_CASES).map((hole) => weighCase(hole).routes[0]!.method));
  expect(WAY_IDS.filter((id) => !WAYS[id].lastResort && !winners.has(id))).toEqual([]);
});
