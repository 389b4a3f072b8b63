import { coreWindow, threadById, type HarmOfDrill } from '@deep-mend/core';
import { pointsOf, type Shape, type Sheet } from '../DisplayList.ts';
import { comb } from './comb.ts';
import { harmChart, harmSeries } from './harmChart.ts';
import { minorBand } from './minorBand.ts';

const shapesOf = ({ layers }: Pick<Sheet, 'layers'>) => layers.flatMap(({ shapes }) => shapes);
const shapeOf = (sheet: Pick<Sheet, 'layers'>, id: string): Shape => shapesOf(sheet).find((shape) => shape.id === id)!;
const text = (sheet: Sheet, id: string) => {
  const shape = shapeOf(sheet, id);
  return shape.kind === 'text' ? shape.text : null;
};

const window = coreWindow(threadById('M10x1.5'), 'nominal');
const chance = (p: number) => ({ p, low: p, high: p, trials: 1000 });
const drills = [6, 7, 8, 9].map(
  (drillMm): HarmOfDrill =>
    ({
      drillMm,
      touched: chance(drillMm / 10),
      tooMuchLost: chance(0),
      stiff: chance(1 - drillMm / 10),
      loose: chance(0.5),
      voidOpened: chance(0),
    }) as unknown as HarmOfDrill,
);
const harm = (changes: Partial<Parameters<typeof harmChart>[0]> = {}) =>
  harmChart({ drills, window, recommendedMm: 7, withVoid: false, units: 'mm', ...changes });

test('harm: every drill’s chance stands at its size; a chance of a half halfway up; less harm lower', () => {
  const touched = pointsOf(shapeOf(harm(), 'touched'));
  const loose = pointsOf(shapeOf(harm(), 'loose'));
  expect(touched.map(([x]) => x)).toEqual(loose.map(([x]) => x));
  const grid = (p: string) => pointsOf(shapeOf(harm(), `at ${p}`))[0]![1];
  for (const [, y] of loose) expect(y).toBeCloseTo((grid('0') + grid('1')) / 2, 6);
  touched.slice(1).forEach(([, y], n) => expect(y).toBeLessThan(touched[n]![1]));
});

test('harm: the drill to take is marked at its size, and only where there is one', () => {
  const taken = pointsOf(shapeOf(harm(), 'taken'))[0]!;
  expect(taken[0]).toBeCloseTo(pointsOf(shapeOf(harm(), 'touched'))[1]![0], 6);
  expect(text(harm(), 'taken size')).toBe('7.0');
  expect(text(harm({ units: 'in' }), 'taken size')).toBe('0.276');
  expect(shapeOf(harm({ recommendedMm: null }), 'taken')).toBeUndefined();
});

test('harm: a line for what is beside the hole only where there is something; no two look alike', () => {
  expect(shapeOf(harm(), 'voidOpened')).toBeUndefined();
  expect(shapeOf(harm({ withVoid: true }), 'voidOpened')).toBeDefined();
  const dashes = harmSeries(true).map(({ dash }) => dash.join());
  expect(new Set(dashes).size).toBe(dashes.length);
});

const band = (changes: Partial<Parameters<typeof minorBand>[0]> = {}) =>
  minorBand({
    minorMinMm: 6.647,
    minorMaxMm: 6.912,
    drill: { id: '6.8 mm', diameterMm: 6.8 },
    expectedMm: 6.88,
    units: 'mm',
    ...changes,
  });
const xOf = (sheet: Sheet, id: string) => pointsOf(shapeOf(sheet, id))[0]![0];

test('minor band: limits, drill and bore stand in the order of their sizes, in the reader’s unit', () => {
  const order = ['least', 'drill', 'bore', 'most'].map((id) => xOf(band(), id));
  expect(order).toEqual([...order].sort((a, b) => a - b));
  expect([text(band(), 'least size'), text(band({ units: 'in' }), 'most size')]).toEqual(['6.647', '0.2721']);
});

test('minor band: a drill beyond the limits is seen beyond them, and nothing runs off the sheet', () => {
  for (const diameterMm of [6.4, 7.2]) {
    const sheet = band({ drill: { id: 'other', diameterMm }, expectedMm: diameterMm + 0.05 });
    expect(xOf(sheet, 'drill') < xOf(sheet, 'least')).toBe(diameterMm < 6.647);
    expect(xOf(sheet, 'drill') > xOf(sheet, 'most')).toBe(diameterMm > 6.912);
    for (const [x, y] of shapesOf(sheet).flatMap(pointsOf)) {
      expect(x).toBeGreaterThanOrEqual(0);
      expect(x).toBeLessThanOrEqual(sheet.width);
      expect(y).toBeLessThanOrEqual(sheet.height);
    }
  }
});

test('minor band: two marks that lie together have their names on either side', () => {
  const together = band({ expectedMm: 6.81 });
  expect(shapeOf(together, 'drill name')).toMatchObject({ anchor: 'end' });
  expect(shapeOf(together, 'bore size')).toMatchObject({ anchor: 'start' });
});

test('comb: crest to crest is the pitch, over the whole length', () => {
  const { view, layers } = comb(threadById('M10x1.5'));
  const crests = pointsOf(layers[0]!.shapes[0]!).filter(([, y]) => Math.abs(y - 0.4) < 1e-9);
  expect(view.width).toBeCloseTo(45.4, 6);
  // Two points a crest, from the end of one to the end of the next.
  expect(crests[3]![0] - crests[1]![0]).toBeCloseTo(1.5, 3);
});
