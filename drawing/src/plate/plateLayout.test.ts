import { assess, foundProfile, plannedProfile } from '@deep-mend/core';
import { exact, layoutOf } from '../test-support/layoutOf.ts';
import { labelLines } from './flags.ts';
import { plateLayout } from './plateLayout.ts';
import { rungsOf } from './rungs.ts';

test('section and ladder share one scale and one axis: a rung lies under the metal that it would take', () => {
  const { layout, hole, route } = layoutOf();
  const { axisX, scale, ladder, faceY } = layout;
  expect(layout.found).toEqual(foundProfile(hole, assess(hole)));
  expect(layout.planned).toEqual(plannedProfile(hole, route));
  expect(layout.xOf(5) - axisX).toBeCloseTo(5 * scale, 9);
  expect(layout.yOf(10) - faceY).toBeCloseTo(10 * scale, 9);
  const row = ladder.rows.find(({ rung }) => rung.route.id === route.id)!;
  expect(2 * row.outerMm).toBe(route.cut.majorMm);
  expect(2 * row.drillMm).toBe(route.cut.drill!.drill.diameterMm);
  expect(layout.edge!.x).toBeCloseTo(layout.xOf(13.5), 9);
});

test.each([
  ['an ordinary hole', {}],
  ['a shallow one, many depths close together', { depth: exact(12), damageTo: exact(11.8) }],
  ['a deep one', { depth: exact(80), damageTo: exact(30) }],
])('flags of %s keep the order of depths and never overlap', (_, changes) => {
  for (const options of [{}, { width: 366, compact: true }]) {
    const { flags } = layoutOf(changes, options).layout;
    expect(flags.length).toBeGreaterThan(1);
    for (let i = 1; i < flags.length; i += 1)
      expect(flags[i]!.textY - flags[i - 1]!.textY).toBeGreaterThanOrEqual(35 - 1e-9);
    expect(flags.map((flag) => flag.y)).toEqual(flags.map((flag) => flag.y).sort((a, b) => a - b));
  }
});

test('several things at one depth stand in lines beside the rule, and make room for themselves', () => {
  expect(labelLines('thread ends, stripped to, through at', 104)).toEqual([
    'thread ends,',
    'stripped to,',
    'through at',
  ]);
  expect(labelLines('stripped to', 104)).toEqual(['stripped to']);
  const { flags } = layoutOf({
    kind: 'through',
    strippedThroughout: true,
    depth: exact(14),
    damageTo: exact(14),
  }).layout;
  for (const { lines } of flags) for (const line of lines) expect(line.length * 5.3).toBeLessThanOrEqual(104);
  for (let i = 1; i < flags.length; i += 1)
    expect(flags[i]!.textY - flags[i - 1]!.textY).toBeGreaterThanOrEqual(35 + 13 * (flags[i]!.lines.length - 1) - 1e-9);
});

test('what was measured is laid over the plan: its bore, and its thread as deep as it was found', () => {
  const { layout } = layoutOf({}, { done: { boreMm: 8.4, fullThreadMm: 15 } });
  expect(Math.min(...layout.done!.map(([radiusMm]) => radiusMm))).toBeCloseTo(4.2, 9);
  expect(layout.done!.at(-1)).toEqual([4.2, 15]);
  const flag = layout.flags.find(({ id }) => id === 'done-thread')!;
  expect(flag).toMatchObject({ kind: 'done', main: '15.0' });
  expect(flag.y).toBeCloseTo(layout.yOf(15), 9);
  expect(layoutOf({}, { done: { boreMm: null, fullThreadMm: null } }).layout.done).toBeNull();
});

test('beyond 4 to 1 a featureless length is cut out and the scale stays one', () => {
  const { layout } = layoutOf({ depth: exact(90), damageTo: exact(20) });
  const [upper, lower] = layout.stretches;
  expect(layout.stretches).toHaveLength(2);
  const hiddenMm = lower!.fromMm - upper!.toMm;
  expect(hiddenMm).toBeGreaterThan(10);
  const inside = (mm: number) => mm > upper!.toMm && mm < lower!.fromMm;
  expect(layout.flags.some((flag) => inside(Number(flag.main)))).toBe(false);
  expect(layout.yOf(80) - layout.yOf(79)).toBeCloseTo(layout.scale, 9);
});

test('a far edge becomes an arrow with its distance; an unknown one is not drawn', () => {
  expect(layoutOf({ edge: exact(300) }).layout.edge).toEqual({ x: null, label: 'oil side 300.0 →' });
  expect(layoutOf({ edge: null }).layout.edge).toBeNull();
});

test('at most seven rungs, one for each distinct cut, least metal first', () => {
  const { layout, routes } = layoutOf();
  const cuts = layout.ladder.rows.map(({ rung }) => rung.route.cut.outermostMm);
  expect(cuts.length).toBeLessThanOrEqual(7);
  expect([...cuts].sort((a, b) => a - b)).toEqual(cuts);
  expect(layout.ladder.rows.filter(({ rung }) => rung.route.method === 'wire-coil')).toHaveLength(1);
  expect(rungsOf(routes, 'wire-coil:M8x1.25:2.5D').find((rung) => rung.key.startsWith('wire-coil'))!.title).toBe(
    'Wire coil 2.5 D',
  );
});

test('an inch rule stands in sixteenths', () => {
  const { rule, scale } = layoutOf({}, { units: 'in' }).layout;
  expect(rule.ticks[1]!.y - rule.ticks[0]!.y).toBeCloseTo((25.4 / 16) * scale, 6);
  expect(rule.ticks.map((tick) => tick.numeral).filter(Boolean)).toEqual(['0', '1/4', '1/2', '3/4', '1']);
});

test('a key holds the scale while the drawing has room at it, and no longer', () => {
  const before = layoutOf().layout;
  const scaleAt = (depthMm: number, heldScale?: number) =>
    layoutOf({ depth: exact(depthMm) }, heldScale === undefined ? {} : { heldScale }).layout.scale;
  // The first depth whose own scale is a step smaller.
  let depthMm = 24;
  while (scaleAt(depthMm) === before.scale) depthMm += 0.1;
  expect(scaleAt(depthMm, before.scale)).toBe(before.scale);
  expect(scaleAt(depthMm - 0.1, scaleAt(depthMm))).toBe(scaleAt(depthMm));
  expect(scaleAt(depthMm + 2, before.scale)).toBe(scaleAt(depthMm + 2));
  const held = layoutOf({ depth: exact(depthMm) }, { heldScale: before.scale }).layout;
  expect(held.height).toBe(before.height);
  expect(Math.max(...held.flags.map((flag) => flag.textY + 14))).toBeLessThanOrEqual(held.height);
});

test('the metal of a through hole ends where it was measured to end, however far the screw reaches out of it', () => {
  const { hole, routes, layout } = layoutOf({
    ...{ kind: 'through', behind: 'nothing', depth: exact(20), damageTo: exact(9), edge: exact(30) },
  });
  const beyond = routes.filter(({ depths }) => depths.screwReachMm > 20);
  expect(beyond.length).toBeGreaterThan(0);
  for (const route of beyond) {
    const { bottomY, yOf } = plateLayout({
      ...{
        hole,
        assessment: assess(hole),
        route,
        rungs: [],
        units: 'mm',
        width: 628,
        sectionHeight: 336,
        compact: false,
      },
    });
    expect([route.id, bottomY]).toEqual([route.id, yOf(20)]);
  }
  expect(layout.bottomY).toBe(layout.yOf(20));
});
