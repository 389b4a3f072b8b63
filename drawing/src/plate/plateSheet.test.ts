import { threadById, type HoleCase } from '@deep-mend/core';
import { pointsOf, type Shape, type SheetLayer, type Words } from '../DisplayList.ts';
import { exact, layoutOf } from '../test-support/layoutOf.ts';
import { VERDICT_INK } from '../verdictMark.ts';
import { ladderSheet } from './ladderSheet.ts';
import { plateSheet } from './plateSheet.ts';
import { bothSides, roundLine, sideArea, sideLine } from './profiles.ts';

const sheetOf = (changes: Partial<HoleCase> = {}, options: Parameters<typeof layoutOf>[1] = {}) => {
  const made = layoutOf(changes, options);
  return { ...made, sheet: plateSheet(made.layout, options.units ?? 'mm') };
};
const layer = (layers: readonly SheetLayer[], id: string) => layers.find((entry) => entry.id === id)!;
const shape = (layers: readonly SheetLayer[], layerId: string, id: string): Shape | undefined =>
  layer(layers, layerId)?.shapes.find((entry) => entry.id === id);
const words = (layers: readonly SheetLayer[]): string[] =>
  layers
    .flatMap(({ shapes }) => shapes.filter((entry): entry is Words => entry.kind === 'text'))
    .map(({ text }) => text);

test('a line of a profile: down one side and up the other; a through hole crosses over where the sheet covers it', () => {
  const blind = [
    [4, 0],
    [4, 20],
    [0, 22.4],
  ] as const;
  const through = [
    [4, 0],
    [4, 20],
  ] as const;
  expect(roundLine(blind)).toEqual([
    [4, 0],
    [4, 20],
    [0, 22.4],
    [0, 22.4],
    [-4, 20],
    [-4, 0],
  ]);
  expect(roundLine(through)).toEqual([
    [4, 0],
    [4, 20],
    [4, 22],
    [-4, 22],
    [-4, 20],
    [-4, 0],
  ]);
  expect(sideLine(blind)).toEqual(blind);
  expect(sideArea(through)).toEqual([
    [0, 0],
    [4, 0],
    [4, 20],
    [0, 20],
  ]);
  expect(bothSides(through)).toEqual([
    through,
    [
      [-4, 0],
      [-4, 20],
    ],
  ]);
});

test.each([
  ['blind, coil', {}, {}],
  ['through, with an edge', { kind: 'through' as const }, { units: 'in' as const }],
  ['half-section', {}, { compact: true, width: 366 }],
  ['deep and narrow, broken', { thread: threadById('M6x1'), depth: exact(80), damageTo: exact(60) }, {}],
  ['measured after the cut', {}, { done: { boreMm: 8.4, fullThreadMm: 18 } }],
])('%s: plain data, ids of its own, no number that is none', (_, changes, options) => {
  const { sheet, layout } = sheetOf(changes, options);
  const ladder = ladderSheet(layout, 'mm', null);
  const all = [...sheet.layers, ...ladder.behind, ...ladder.rungs.map((rung) => rung.layer), ...ladder.bars];
  expect(new Set(all.map(({ id }) => id)).size).toBe(all.length);
  for (const { shapes } of all) {
    expect(new Set(shapes.map(({ id }) => id)).size).toBe(shapes.length);
    for (const point of shapes.flatMap(pointsOf)) expect(point.every(Number.isFinite)).toBe(true);
  }
  expect(JSON.parse(JSON.stringify(all))).toEqual(all);
});

test('what would be cut stands in the list as core says it, at the scale and on the axis of the layout', () => {
  const { sheet, layout } = sheetOf();
  const profiles = layer(sheet.layers, 'profiles 0');
  expect(profiles).toMatchObject({ at: [layout.axisX, layout.faceY], pxPerMm: layout.scale });
  expect(shape(sheet.layers, 'profiles 0', 'found')).toMatchObject({ points: roundLine(layout.found) });
  expect(shape(sheet.layers, 'profiles 0', 'planned')).toMatchObject({ points: roundLine(layout.planned!) });
  expect(layer(sheet.layers, 'below').at).toEqual([0, layout.bottomY]);
});

test('every depth worth a flag has its mark on the rule at that depth, and its figure in both units', () => {
  const { sheet, layout } = sheetOf();
  expect(layout.flags.length).toBeGreaterThan(3);
  for (const { id, y, main, other } of layout.flags) {
    const mark = shape(sheet.layers, `mark ${id}`, 'mark')!;
    expect(pointsOf(mark)).toEqual([
      [layout.rule.x, y],
      [layout.rule.x + layout.rule.width, y],
    ]);
    expect(shape(sheet.layers, `flag ${id}`, 'figure')).toMatchObject({ text: main, then: [{ text: other }] });
  }
});

test('a numeral of the rule gives way to the line of a flag', () => {
  const { sheet, layout } = sheetOf();
  const covered = layout.rule.ticks.filter(
    ({ y, numeral }) => numeral !== null && layout.flags.some((flag) => Math.abs(flag.y - y) < 7),
  );
  const shown = words([layer(sheet.layers, 'numerals')]);
  expect(covered.length).toBeGreaterThan(0);
  for (const { numeral } of layout.rule.ticks)
    if (numeral !== null) expect(shown.includes(numeral)).toBe(!covered.some((tick) => tick.numeral === numeral));
});

test('a broken section is clipped to its stretches, and says what is left out', () => {
  const { sheet, layout } = sheetOf({ thread: threadById('M6x1'), depth: exact(80), damageTo: exact(60) });
  expect(layout.stretches).toHaveLength(2);
  const [first, second] = [layer(sheet.layers, 'profiles 0'), layer(sheet.layers, 'profiles 1')];
  expect(first.clip!.y).toBe(0);
  expect(second.clip!.y).toBeGreaterThan(0);
  expect(shape(sheet.layers, 'break 1', 'break')).toMatchObject({
    says: 'A length without any feature is left out here',
  });
  expect(shape(sheet.layers, 'numerals', 'gap')).toBeDefined();
});

test('an edge in sight has metal up to it and its wall as a figure; one far away is said by its distance', () => {
  const near = sheetOf();
  expect(shape(near.sheet.layers, 'wall', 'wall figure')).toMatchObject({ text: near.layout.wallDimension!.text });
  expect(layer(near.sheet.layers, 'beyond').at).toEqual([near.layout.edge!.x, 0]);
  const far = sheetOf({ edge: exact(90) });
  expect(layer(far.sheet.layers, 'beyond')).toBeUndefined();
  expect(shape(far.sheet.layers, 'face', 'far edge')).toMatchObject({ text: 'oil side 90.0 →' });
});

test('a washer that nobody measured is dashed and empty, one that was is filled', () => {
  const seal = (seat: HoleCase['joint']['seat']) =>
    shape(sheetOf({ joint: { ...layoutOf().hole.joint, screwedIn: 'plug', seat } }).sheet.layers, 'face', 'seat 0');
  expect(seal(null)).toMatchObject({ pen: { dash: [3, 2] } });
  expect(seal(null)).toHaveProperty('fill', undefined);
  expect(seal(exact(18))).toMatchObject({ fill: { ink: 'scribe' } });
});

test('what was measured is laid over what was planned, which is then dashed', () => {
  const { sheet } = sheetOf({}, { done: { boreMm: 8.4, fullThreadMm: 18 } });
  expect(shape(sheet.layers, 'profiles 0', 'done')).toMatchObject({ pen: { ink: 'holds' } });
  expect(shape(sheet.layers, 'profiles 0', 'planned')).toMatchObject({ pen: { ink: 'chalk', dash: [5, 3] } });
  expect(layer(sheet.layers, 'legend').shapes.at(-1)).toMatchObject({
    text: 'as found',
    then: [{ text: ' · planned' }, { text: ' · measured' }],
  });
});

test('a rung ends under the cut that it makes, in the colour and the mark of its verdict, and says its metal left', () => {
  const { layout, sheet, route } = sheetOf();
  const { rungs, bars } = ladderSheet(layout, 'mm', layout.ladder.rows[0]!.rung.key);
  expect(rungs.map(({ chosen }) => chosen)).toEqual(rungs.map((_, index) => index === 0));
  for (const { rung, outerMm } of layout.ladder.rows) {
    const bar = layer(bars, `bar ${rung.key}`);
    const end = Math.max(...pointsOf(bar.shapes[1]!).map(([x]) => x));
    expect(end).toBeCloseTo(outerMm * layout.scale, 6);
    expect(bar.shapes[0]!.kind === 'polyline' && bar.shapes[0]!.pen!.ink).toBe(VERDICT_INK[rung.verdict]);
    const { label } = rungs.find(({ key }) => key === rung.key)!;
    if (rung.route.reserve.ratio !== null)
      expect(label).toContain(`${Math.round(100 * rung.route.reserve.ratio)} % of the metal left`);
  }
  // Below its chamfer the planned cut in the section above ends where its own bar does.
  const planned = Math.max(
    ...pointsOf(shape(sheet.layers, 'profiles 0', 'planned')!).flatMap(([x, depth]) => (depth > 3 ? [x] : [])),
  );
  expect(planned).toBeCloseTo(layout.ladder.rows.find(({ rung }) => rung.route === route)!.outerMm, 2);
});

test('where no cut may come is lined from the largest cut that the wall allows', () => {
  const { layout } = sheetOf();
  const { behind } = ladderSheet(layout, 'mm', null);
  expect(shape(behind, 'lines', 'forbidden')).toMatchObject({
    at: [layout.ladder.forbiddenX, layout.ladder.top - 4],
    fill: { lining: 'forbidden' },
  });
  const open = ladderSheet(layoutOf({ edge: null }).layout, 'mm', null);
  expect(shape(open.behind, 'lines', 'forbidden')).toBeUndefined();
});

test('the names of what is measured follow the unit', () => {
  const { layout } = sheetOf({}, { units: 'in' });
  const { bars } = ladderSheet(layout, 'in', null);
  expect(words(bars)).toContain('diameter, in');
  expect(words(plateSheet(layout, 'in').layers)).toContain('in');
});
