import { blankStuck, corePlan, coreWindow, parentById, threadById, type StuckCase } from '@deep-mend/core';
import { svgShape } from './svgShapes.ts';
import { stuckLayout } from '@deep-mend/drawing';

const m10 = threadById('M10x1.5');
const window = coreWindow(m10, 'nominal');
const stud: StuckCase = { ...blankStuck('stud', m10, parentById('grey-iron')), proudMm: -6, lengthMm: 20 };
const layout = (stuck: StuckCase, changes: Partial<Parameters<typeof stuckLayout>[0]> = {}) =>
  stuckLayout({
    stuck,
    window,
    holeDepthMm: 30,
    plan: corePlan(stuck, window, 7.5, 0),
    offsetMm: 0,
    units: 'mm',
    width: 628,
    height: 330,
    ...changes,
  });
type Drawn = ReturnType<typeof layout>;
/** The points of a shape as they are painted, px. */
const painted = (drawn: Drawn, id: (shape: string) => boolean) =>
  drawn.layers
    .flatMap((layer) => layer.shapes.map((shape) => svgShape(shape, drawn.place)))
    .flatMap((row) =>
      'points' in row && id(row.shape.id) ? row.points.split(' ').map((point) => point.split(',').map(Number)) : [],
    ) as [number, number][];

test('every depth has its flag, in order, none on another, and on the rule where it belongs', () => {
  const drawn = layout(stud);
  expect(drawn.flags.map((flag) => [flag.id, flag.main])).toEqual([
    ['break', '6.0'],
    ['drill-stop', '24.0'],
    ['stuck-end', '26.0'],
    ['bottom', '30.0'],
  ]);
  for (const flag of drawn.flags) expect(flag.y).toBeCloseTo(drawn.faceY + Number(flag.main) * drawn.scale, 6);
  drawn.flags.slice(1).forEach((flag, n) => expect(flag.textY - drawn.flags[n]!.textY).toBeGreaterThanOrEqual(34.9));
});

test('what is not measured has no flag; what stands proud says so in words and pushes the face down', () => {
  const unknown = layout({ ...stud, proudMm: null, lengthMm: null }, { holeDepthMm: null, plan: null });
  expect(unknown.flags).toEqual([]);
  const proud = layout({ ...stud, proudMm: 4 });
  expect(proud.flags[0]).toMatchObject({ id: 'break', lines: ['break, proud by'], main: '4.0' });
  expect(proud.faceY).toBeGreaterThan(layout(stud).faceY);
});

test('the last drill is to scale, on its offset, its tip at the stop; everything stays on the plate', () => {
  const drawn = layout(stud, { offsetMm: 0.5 });
  const points = painted(drawn, (id) => id === 'drill 7.5 mm');
  const xs = points.map(([x]) => x);
  expect((Math.max(...xs) - Math.min(...xs)) / drawn.scale).toBeCloseTo(7.5, 1);
  expect((Math.max(...xs) + Math.min(...xs)) / 2 - drawn.axisX).toBeCloseTo(0.5 * drawn.scale, 1);
  expect(Math.max(...points.map(([, y]) => y))).toBeCloseTo(drawn.yOf(24), 1);
  for (const width of [366, 628, 900]) {
    const at = layout(stud, { width });
    for (const [x, y] of painted(at, (id) => id === 'hole' || id === 'stuck')) {
      expect(x).toBeGreaterThan(at.rule.x + at.rule.width);
      expect(x).toBeLessThan(width);
      expect(y).toBeLessThan(at.height);
    }
  }
});

test('a dowel has no thread: its sides are straight', () => {
  const xs = new Set(
    painted(layout({ ...stud, what: 'dowel' }, { plan: null }), (id) => id === 'hole').map(([x]) => x.toFixed(1)),
  );
  // Two sides and the point of the drilled end.
  expect(xs.size).toBe(3);
});
