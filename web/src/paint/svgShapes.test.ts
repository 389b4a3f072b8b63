import { holeGlyph, pointsOf, type DisplayList } from '@deep-mend/drawing';
import { placeOf, svgShape } from './svgShapes.ts';

test('what is painted lies where the list says, at every width and in every place', () => {
  const list: DisplayList = holeGlyph({ rings: 3, state: 'proved' });
  for (const place of [placeOf(list, 32), placeOf(list, 320), { ...placeOf(list, 64), atX: 7, atY: 11 }]) {
    const back = (x: number, y: number) => [
      (x - place.atX) / place.pxPerMm + place.originXMm,
      (y - place.atY) / place.pxPerMm + place.originYMm,
    ];
    for (const layer of list.layers) {
      for (const painted of layer.shapes.map((shape) => svgShape(shape, place))) {
        if (painted.element === 'circle') {
          expect(back(painted.cx, painted.cy)).toEqual(painted.shape.at.map((mm) => expect.closeTo(mm, 2)));
          expect(painted.r / place.pxPerMm).toBeCloseTo(painted.shape.radiusMm, 2);
        } else if ('points' in painted) {
          const points = painted.points
            .split(' ')
            .map((point) => back(...(point.split(',').map(Number) as [number, number])));
          expect(points).toEqual(pointsOf(painted.shape).map(([x, y]) => [expect.closeTo(x, 2), expect.closeTo(y, 2)]));
        }
      }
    }
  }
});
