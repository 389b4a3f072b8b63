import { assess, blankCase, parentById, threadById, weighCase, type HoleCase } from '@deep-mend/core';
import {
  ladderSheet,
  plateLayout,
  plateSheet,
  rungsOf,
  type Fill,
  type Shape,
  type SheetLayer,
} from '@deep-mend/drawing';
import { screen } from '@testing-library/react';
import { show } from '../../test/panel.tsx';
import { Ladder } from './Ladder.tsx';
import { PaintSheetLayers } from './PaintSheet.tsx';
import { Plate } from './Plate.tsx';

const exact = (mm: number) => ({ mm, halfWidthMm: 0 });
const hole: HoleCase = blankCase({
  thread: threadById('M8x1.25'),
  parent: parentById('aluminium-cast-heat-treated'),
  kind: 'blind',
  depth: exact(24),
  damageTo: exact(9.5),
  edge: exact(13.5),
  edgeName: 'oil side',
});
const { routes } = weighCase(hole);
const layout = plateLayout({
  hole,
  assessment: assess(hole),
  route: routes[0]!,
  rungs: rungsOf(routes, routes[0]!.id),
  units: 'mm',
  width: 628,
  sectionHeight: 336,
  compact: false,
});

/** One sheet of layers on the page; what is painted of a shape. */
function painted(layers: SheetLayer[]) {
  const page = (shown: SheetLayer[]) => (
    <svg>
      <PaintSheetLayers layers={shown} linings={{ parent: 'p', stuck: 's' }} />
    </svg>
  );
  const { again } = show(page(layers));
  return {
    layer: (id: string) => document.querySelector(`[data-layer="${id}"]`)!,
    shape: (id: string) => document.querySelector(`[data-shape="${id}"]`)!,
    again: (next: SheetLayer[]) => again(page(next)),
  };
}
const line = (changes: { fill?: Fill } = {}): Shape => ({
  kind: 'polyline',
  id: 'line',
  closed: true,
  points: [
    [0, 0],
    [1.23456, 2],
  ],
  pen: { ink: 'scribe', width: 1 },
  ...changes,
});

test('every shape of the plate’s list is painted once, in its layer, and every word of it', () => {
  const sheet = plateSheet(layout, 'mm');
  const { layer } = painted(sheet.layers);
  for (const { id, shapes } of sheet.layers) {
    const group = layer(id);
    expect([...group.querySelectorAll('[data-shape]')].map((element) => element.getAttribute('data-shape'))).toEqual(
      shapes.map((shape) => shape.id),
    );
    for (const shape of shapes) if (shape.kind === 'text') expect(group.textContent).toContain(shape.text);
  }
});

test('a layer in millimetres is placed and stretched as a whole; its lines keep their width', () => {
  const { layer, shape } = painted([{ id: 'cut', at: [100, 56], pxPerMm: 12, shapes: [line()] }]);
  expect(layer('cut').getAttribute('transform')).toBe('translate(100 56) scale(12)');
  expect(shape('line').getAttribute('points')).toBe('0,0 1.235,2');
  expect(shape('line').getAttribute('vector-effect')).toBe('non-scaling-stroke');
});

test('a lining is never stretched: the points are instead', () => {
  const { layer, shape } = painted([
    { id: 'stuck', at: [100, 56], pxPerMm: 12, shapes: [line({ fill: { lining: 'stuck' } })] },
  ]);
  expect(layer('stuck').getAttribute('transform')).toBe('translate(100 56)');
  expect(shape('line').getAttribute('points')).toBe('0,0 14.81,24');
  expect(shape('line').getAttribute('fill')).toBe('url(#s)');
});

test('what moves as a whole is moved by its group; its letters stay the element that they were', () => {
  const words = (y: number): SheetLayer[] => [
    {
      id: 'flag',
      at: [8, y],
      shapes: [
        {
          kind: 'text',
          id: 'figure',
          at: [0, 13],
          anchor: 'start',
          text: '9.0',
          sizePt: 16,
          ink: 'chalk',
          font: 'drawing',
        },
      ],
    },
  ];
  const { layer, shape, again } = painted(words(40));
  const before = shape('figure');
  again(words(52.5));
  expect(layer('flag').getAttribute('transform')).toBe('translate(8 52.5)');
  expect(shape('figure')).toBe(before);
});

test('what is drawn in part is clipped on the sheet', () => {
  painted([{ id: 'part', clip: { x: 0, y: 10, width: 50, height: 20 }, shapes: [line()] }]);
  const clip = document.querySelector('clipPath')!;
  expect(clip.querySelector('rect')!.getAttribute('height')).toBe('20');
  expect(document.querySelector(`[clip-path="url(#${clip.id})"] [data-layer="part"]`)).not.toBeNull();
});

test('the ladder is one group of choices: the arrow keys go from rung to rung, a click takes the rung that it meets', async () => {
  const chosen: string[] = [];
  const { user } = show(
    <Ladder sheet={ladderSheet(layout, 'mm', layout.ladder.rows[0]!.rung.key)} onSelect={(id) => chosen.push(id)} />,
  );
  const rungs = screen.getAllByRole('radio');
  expect(rungs).toHaveLength(layout.ladder.rows.length);
  expect(rungs.map((rung) => rung.getAttribute('tabindex'))).toEqual(
    rungs.map((_, index) => (index === 0 ? '0' : '-1')),
  );
  await user.tab();
  expect(document.activeElement).toBe(rungs[0]);
  await user.keyboard('{ArrowDown}{ArrowUp}');
  await user.click(rungs[2]!);
  const first = (index: number) => layout.ladder.rows[index]!.rung.variants[0]!.id;
  expect(chosen).toEqual([first(1), first(0), layout.ladder.rows[2]!.rung.route.id]);
});

test('the plate says what it shows, and has no ladder where there is nothing to weigh', () => {
  const plate = (rows: boolean) => (
    <Plate
      layout={rows ? layout : { ...layout, ladder: { ...layout.ladder, rows: [] } }}
      units="mm"
      selectedKey={null}
      description="Section of Hole 4, to scale"
      onSelect={() => undefined}
    />
  );
  const { again } = show(plate(true));
  expect(screen.getByRole('group', { name: 'Section of Hole 4, to scale' })).not.toBeNull();
  expect(screen.getByRole('group', { name: 'Metal ladder' })).not.toBeNull();
  again(plate(false));
  expect(screen.queryByRole('group', { name: 'Metal ladder' })).toBeNull();
});
