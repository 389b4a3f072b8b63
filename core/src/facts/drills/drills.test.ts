import fc from 'fast-check';
import { threadById } from '../threads/index.ts';
import {
  chooseTapDrill,
  describeTapDrill,
  drillById,
  DRILL_SIZES,
  FULL_RACK,
  judgeTapDrill,
  rackDrills,
  shareOfThread,
  threadsThatSuit,
} from './index.ts';

test('sizes are unique and ascending', () => {
  expect(new Set(DRILL_SIZES.map((size) => size.id)).size).toBe(DRILL_SIZES.length);
  for (let i = 1; i < DRILL_SIZES.length; i += 1) {
    expect(DRILL_SIZES[i]!.diameterMm).toBeGreaterThanOrEqual(DRILL_SIZES[i - 1]!.diameterMm);
  }
});

test.each([
  ['3/8-16', '11/32 in', 38.5],
  ['3/8-24', '11/32 in', 57.7],
  ['3/8-16', '5/16 in', 77.0],
  ['M10x1.25', '23/64 in', 53.7],
  ['M10x1.25', '8.8 mm', 73.9],
  ['8-32', '9/64 in', 57.7],
  ['8-32', '#29', 69.0],
  ['M8x1.25', '17/64 in', 77.2],
  ['M6x1', '#8', 72.8],
  ['5/8-11', '17/32 in', 79.4],
])('share of %s on %s is %d %%', (thread, drill, percent) => {
  expect(shareOfThread(threadById(thread), drillById(drill).diameterMm) * 100).toBeCloseTo(percent, 0);
});

test('3/8-16 with 11/32 is refused and the note names 3/8-24, light', () => {
  const thread = threadById('3/8-16');
  const drill = drillById('11/32 in').diameterMm;
  expect(judgeTapDrill(thread, drill, false)).toBe('refused-thin');
  expect(threadsThatSuit(thread, drill).map((row) => row.thread.id)).toEqual(['3/8-24', '3/8-32']);
  expect(judgeTapDrill(threadById('3/8-24'), drill, false)).toBe('light-duty');
});

test('M10x1.25 with 23/64 in is light duty, with 8.8 mm it fits', () => {
  expect(judgeTapDrill(threadById('M10x1.25'), drillById('23/64 in').diameterMm, false)).toBe('light-duty');
  expect(judgeTapDrill(threadById('M10x1.25'), 8.8, false)).toBe('fits');
});

test('a body-size drill is refused by that name', () => {
  expect(judgeTapDrill(threadById('M8x1.25'), 8, false)).toBe('refused-body-size');
  expect(describeTapDrill(threadById('M8x1.25'), drillById('8 mm'), { targetShare: 0.76, tough: false }).cost).toMatch(
    /bores the whole thread away/,
  );
});

test('without a 6.8 mm drill, M8 gets substitutes on both sides with what each costs', () => {
  const rack = { setIds: FULL_RACK.setIds, missingIds: ['6.8 mm'] };
  const choice = chooseTapDrill(threadById('M8x1.25'), { targetShare: 0.76, tough: false, rack });
  expect(choice.best?.drill.id).toBe('H');
  expect(choice.smaller.map((d) => d.drill.id)).toEqual(expect.arrayContaining(['17/64 in', '6.7 mm']));
  expect(choice.larger.map((d) => d.drill.id)).toContain('6.9 mm');
  for (const substitute of [...choice.smaller, ...choice.larger]) expect(substitute.cost).not.toBe('');
});

test('an empty rack has no best drill', () => {
  expect(
    chooseTapDrill(threadById('M8x1.25'), { targetShare: 0.76, tough: false, rack: { setIds: [], missingIds: [] } })
      .best,
  ).toBeNull();
  expect(rackDrills({ setIds: ['letter'], missingIds: ['Q'] })).toHaveLength(25);
});

test('a larger bore always leaves less thread', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 5, max: 8, noNaN: true }),
      fc.double({ min: 0.001, max: 1, noNaN: true }),
      (bore, more) => {
        const thread = threadById('M8x1.25');
        expect(shareOfThread(thread, bore + more)).toBeLessThan(shareOfThread(thread, bore));
      },
    ),
  );
});
