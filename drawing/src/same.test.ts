import type { Shape, SheetLayer } from './DisplayList.ts';
import { sameLayer, sameShape } from './same.ts';

const common = {
  says: 'seen',
  pen: { ink: 'chalk', width: 1, opacity: 0.5, dash: [1, 2], cap: 'round' },
  fill: { ink: 'deep', opacity: 1 },
} as const;
const SHAPES: Required<Shape>[] = [
  {
    kind: 'polyline',
    id: 'a',
    ...common,
    closed: false,
    points: [
      [0, 0],
      [1, 2],
    ],
  },
  {
    kind: 'lines',
    id: 'a',
    ...common,
    closed: false,
    lines: [
      [
        [0, 0],
        [1, 2],
      ],
    ],
  },
  { kind: 'box', id: 'a', ...common, at: [0, 1], width: 2, height: 3, roundPt: 4 },
  { kind: 'circle', id: 'a', ...common, at: [0, 1], radiusMm: 2 },
  {
    kind: 'text',
    id: 'a',
    at: [0, 1],
    byPt: [2, 3],
    anchor: 'start',
    text: '9.0',
    sizePt: 12,
    ink: 'ink',
    font: 'label',
    bold: true,
    opacity: 1,
    halo: 'deep',
    widthPt: 50,
    then: [{ text: 'in', ink: 'chalk', sizePt: 9, gapPt: 3, bold: true, opacity: 1 }],
  },
];
const LAYER: Required<SheetLayer> = {
  id: 'a',
  at: [1, 2],
  pxPerMm: 3,
  clip: { x: 0, y: 1, width: 2, height: 3 },
  shapes: [SHAPES[0]!],
};

type Plain = string | number | boolean | Plain[] | { [key: string]: Plain };
const changed = (value: string | number | boolean): Plain =>
  typeof value === 'number' ? value + 1 : typeof value === 'boolean' ? !value : `${value}!`;

const OPTIONAL = /\.(says|pen|fill|opacity|dash|cap|roundPt|byPt|bold|halo|widthPt|then|gapPt|pxPerMm|clip)$/;
const LISTED = /\.(points|lines|dash|then|shapes)\.\d+$/;

/** The value with one leaf changed or one field left out, each in turn. */
function* eachChange(value: Plain, path = ''): Generator<[string, Plain]> {
  if (typeof value !== 'object') {
    yield [path, changed(value)];
    return;
  }
  for (const key of Object.keys(value)) {
    const inner = (value as Record<string, Plain>)[key]!;
    for (const [where, other] of eachChange(inner, `${path}.${key}`))
      yield [where, Array.isArray(value) ? value.with(Number(key), other) : { ...value, [key]: other }];
    const at = `${path}.${key}`;
    if (LISTED.test(at)) yield [`${at} left out`, (value as Plain[]).filter((_, index) => String(index) !== key)];
    if (OPTIONAL.test(at)) yield [`${at} left out`, { ...value, [key]: undefined } as unknown as Plain];
  }
}

// A field that the comparison forgets would leave an old drawing on the screen.
test.each(SHAPES)('$kind: any one field that differs is seen', (shape) => {
  expect(sameShape(shape, structuredClone(shape))).toBe(true);
  const changes = [...eachChange(shape as unknown as Plain)].filter(([path]) => !/^\.kind/.test(path));
  expect(changes.length).toBeGreaterThan(10);
  for (const [path, other] of changes)
    expect([path, sameShape(shape, other as unknown as Shape)]).toEqual([path, false]);
});

test('shapes of two kinds are never the same', () => {
  for (const a of SHAPES) for (const b of SHAPES) expect(sameShape(a, structuredClone(b))).toBe(a === b);
});

test('a lining is not an ink', () => {
  const [line] = SHAPES;
  const lined = { ...line!, fill: { lining: 'parent' } } as Shape;
  expect([sameShape(line!, lined), sameShape(lined, line!), sameShape(lined, structuredClone(lined))]).toEqual([
    false,
    false,
    true,
  ]);
  expect(sameShape(lined, { ...line!, fill: { lining: 'stuck' } } as Shape)).toBe(false);
});

test('layers: place, scale, clip and shapes', () => {
  expect(sameLayer(LAYER, structuredClone(LAYER))).toBe(true);
  for (const [path, other] of eachChange(LAYER as unknown as Plain))
    expect([path, sameLayer(LAYER, other as unknown as SheetLayer)]).toEqual([
      path,
      /kind/.test(path) ? expect.anything() : false,
    ]);
});
