import { blankStuck, coreWindow, parentById, threadById, type Generation } from '@deep-mend/core';
import { endView, generationRings, holeGlyph, pointsOf, stuckSection, type DisplayList, type Shape } from './index.ts';

const m10 = threadById('M10x1.5');
const window = coreWindow(m10, 'nominal');
const shapesOf = ({ layers }: Pick<DisplayList, 'layers'>) => layers.flatMap(({ shapes }) => shapes);
const circles = (list: DisplayList) =>
  shapesOf(list).filter((shape): shape is Extract<Shape, { kind: 'circle' }> => shape.kind === 'circle');
const generation = (number: number, outermostMm: number | null): Generation => ({
  number,
  threadId: 'M10x1.5',
  method: number === 0 ? 'as-made' : 'wire-coil',
  outermostMm,
  boreMm: null,
  fullThreadMm: null,
  at: '2026-01-01T00:00:00Z',
  signedBy: null,
  mendId: null,
});

const LISTS: [string, DisplayList][] = [
  [
    'end view',
    endView({
      window,
      drillMm: 7,
      pointsMm: [
        [0.1, 0],
        [0, -0.7],
      ],
    }),
  ],
  ['rings', generationRings([generation(0, 10), generation(1, 11.95)], false)],
  ['rings of a hole whose thread is not named', generationRings([generation(0, null)], true)],
  ...(['sound', 'stripped', 'suspect', 'proved'] as const).map((state): [string, DisplayList] => [
    `glyph, ${state}`,
    holeGlyph({ rings: 2, state }),
  ]),
];

test.each(LISTS)(
  '%s: everything lies in its view, each shape has an id of its own, and it is plain data',
  (_, list) => {
    const { x, y, width, height } = list.view;
    for (const shape of shapesOf(list)) {
      for (const [px, py] of pointsOf(shape)) {
        expect(px).toBeGreaterThanOrEqual(x - 1e-9);
        expect(px).toBeLessThanOrEqual(x + width + 1e-9);
        expect(py).toBeGreaterThanOrEqual(y - 1e-9);
        expect(py).toBeLessThanOrEqual(y + height + 1e-9);
      }
    }
    for (const { shapes } of list.layers) expect(new Set(shapes.map(({ id }) => id)).size).toBe(shapes.length);
    expect(JSON.parse(JSON.stringify(list))).toEqual(list);
  },
);

test('end view: root and crest are the core’s, and a centre is red where the drill’s edge passes the crest', () => {
  const list = endView({
    window,
    drillMm: 7,
    pointsMm: [
      [0.1, 0],
      [0, -0.7],
    ],
  });
  const radius = (id: string) => circles(list).find((shape) => shape.id === id)!.radiusMm;
  expect([radius('crest'), radius('root'), radius('drill')]).toEqual([window.crestMm / 2, window.rootMm / 2, 3.5]);
  const inks = list.layers.find(({ id }) => id === 'centres')!.shapes.map((shape) => 'fill' in shape && shape.fill);
  expect(inks).toEqual([
    { ink: 'holds', opacity: 0.8 },
    { ink: 'fails', opacity: 0.8 },
  ]);
});

test('rings are to scale, the last in chalk, dashed while a mend is open; an unknown cut has none', () => {
  const list = generationRings([generation(0, 10), generation(1, null), generation(2, 12)], true);
  const rings = circles(list);
  expect(rings.map(({ radiusMm }) => radiusMm)).toEqual([5, 6]);
  expect(rings[1]!.pen).toEqual({ ink: 'chalk', width: 2.5, dash: [7, 5] });
});

test('a glyph: one ring a generation, at most four; its state in dashes and a tick', () => {
  expect(circles(holeGlyph({ rings: 9, state: 'sound' }))).toHaveLength(4);
  expect(circles(holeGlyph({ rings: 2, state: 'stripped' })).map(({ pen }) => pen!.dash === undefined)).toEqual([
    true,
    false,
  ]);
  expect(shapesOf(holeGlyph({ rings: 1, state: 'proved' })).at(-1)!.id).toBe('tick');
});

test('stuck section: from the core’s window, the break as deep as it lies, what is not known has no mark', () => {
  const stuck = { ...blankStuck('stud', m10, parentById('grey-iron')), proudMm: -6, lengthMm: 20 };
  const section = stuckSection({ stuck, window, holeDepthMm: 30, plan: null, offsetMm: 0 });
  expect(section.marks.map(({ id, depthMm }) => [id, depthMm])).toEqual([
    ['break', 6],
    ['stuck-end', 26],
    ['bottom', 30],
  ]);
  const radii = pointsOf(section.layers[0]!.shapes[0]!).map(([x]) => Math.abs(x));
  expect(new Set(radii)).toEqual(new Set([window.crestMm / 2, m10.majorMm / 2, 0]));
  const unknown = stuckSection({
    stuck: { ...stuck, proudMm: null, lengthMm: null },
    window,
    holeDepthMm: null,
    plan: null,
    offsetMm: 0,
  });
  expect(unknown.marks).toEqual([]);
  // A dowel has no thread: its sides are straight.
  const dowel = stuckSection({ stuck: { ...stuck, what: 'dowel' }, window, holeDepthMm: 30, plan: null, offsetMm: 0 });
  expect(new Set(pointsOf(dowel.layers[0]!.shapes[0]!).map(([x]) => Math.abs(x)))).toEqual(new Set([5, 0]));
});
