import { SAY } from '../../basis/units/index.ts';
import fc from 'fast-check';
import { internalLimits, threadById, threadGeometry, THREADS } from '../threads/index.ts';
import {
  chooseTapDrill,
  clearanceDrills,
  DRILL_SIZES,
  expectedBoreMm,
  FULL_RACK,
  judgeTapDrill,
  pilotDrills,
  rackDrills,
  shareOfBasicHeight,
  shareOfThread,
  tapDrillWords,
  threadsThatSuit,
} from './index.ts';
import { describeTapDrill } from './tapDrill.ts';
import { drillById } from './drillSizes.ts';

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
  ['8-32', '9/64 in', 57.6],
  ['8-32', '#29', 69.0],
  ['4-40', '3/32 in', 56.2],
  ['4-40', '#43', 70.8],
  ['12-24', '#16', 72.1],
  ['5/16-24', 'I', 74.8],
  ['5/16-24', '9/32 in', 57.7],
  ['5/8-11', '17/32 in', 79.4],
  ['5/8-11', '35/64 in', 66.2],
  ['M8x1.25', '17/64 in', 77.2],
  ['M6x1', '#8', 72.8],
  ['M5x0.8', '11/64 in', 61.0],
])('share of %s on %s is %d %%', (thread, drill, percent) => {
  const share = shareOfThread(threadById(thread), drillById(drill).diameterMm) * 100;
  expect(Math.abs(share - percent)).toBeLessThan(0.1);
});

test('3/8-16 with 11/32 is refused: it is the drill of 3/8-32, and 3/8-24’s for light duty', () => {
  const thread = threadById('3/8-16');
  const drill = drillById('11/32 in').diameterMm;
  expect(judgeTapDrill(thread, drill)).toBe('refused-thin');
  expect(threadsThatSuit(thread, drill).map((row) => row.thread.id)).toEqual(['3/8-32', '3/8-24']);
  expect(judgeTapDrill(threadById('3/8-24'), drill)).toBe('light-duty');
});

test('M10x1.25 with 23/64 in is light duty, with 8.8 mm it fits', () => {
  expect(judgeTapDrill(threadById('M10x1.25'), drillById('23/64 in').diameterMm)).toBe('light-duty');
  expect(judgeTapDrill(threadById('M10x1.25'), 8.8)).toBe('fits');
});

test('a body-size drill is refused by that name', () => {
  expect(judgeTapDrill(threadById('M8x1.25'), 8)).toBe('refused-body-size');
  const body = describeTapDrill(threadById('M8x1.25'), drillById('8 mm'), { targetShare: 0.76 });
  expect(tapDrillWords(body, SAY.mm)).toMatch(/bores the whole thread away/);
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

test('the two conventions: basic minor is 83.3 % of one and 100 % of the other; other forms count 100 % once', () => {
  const m8 = threadById('M8x1.25');
  const basic = threadGeometry(m8).minorInternalMm;
  expect(shareOfThread(m8, basic)).toBeCloseTo(0.8333, 4);
  expect(shareOfBasicHeight(m8, basic)).toBeCloseTo(1, 9);
  for (const id of ['1/4-20 BSW', '2 BA', 'Tr16x4', '1/2-10 Acme', 'G1/4']) {
    const thread = threadById(id);
    expect(shareOfThread(thread, threadGeometry(thread).minorInternalMm)).toBeCloseTo(1, 9);
    expect(shareOfBasicHeight(thread, 0.9 * thread.majorMm)).toBeCloseTo(
      shareOfThread(thread, 0.9 * thread.majorMm),
      9,
    );
  }
});

test('the habit of adding 0.2 mm in stainless leaves 46 % in M3', () => {
  expect(Math.round(100 * shareOfThread(threadById('M3x0.5'), 2.5 + 0.2))).toBe(46);
});

test('forms without the 60° chart are judged by their class’s minor limits', () => {
  const whitworth = threadById('1/4-20 BSW');
  expect(judgeTapDrill(whitworth, 4.6)).toBe('refused-full');
  expect(judgeTapDrill(whitworth, 5.1)).toBe('fits');
  expect(judgeTapDrill(whitworth, 5.3)).toBe('light-duty');
  expect(judgeTapDrill(threadById('Tr16x4'), 12.1)).toBe('fits');
  expect(judgeTapDrill(threadById('1/4-18 NPT'), 11)).toBe('refused-taper');
  const options = { targetShare: 0.76, tough: false, rack: FULL_RACK };
  expect(chooseTapDrill(threadById('1/4-18 NPT'), options).best).toBeNull();
  for (const thread of THREADS.filter((t) => t.form !== 'iso-60' && t.taper === null && t.majorMm < 20)) {
    const { best } = chooseTapDrill(thread, options);
    const { minorMinMm, minorMaxMm } = internalLimits(thread);
    if (!best) continue;
    expect(best.drill.diameterMm).toBeGreaterThanOrEqual(minorMinMm - 1e-9);
    if (best.judgement === 'fits') expect(best.drill.diameterMm).toBeLessThanOrEqual(minorMaxMm + 1e-9);
  }
});

test('single and worn drills stand in the rack by what they cut', () => {
  const rack = {
    setIds: ['metric-halves' as const],
    missingIds: [],
    singles: [
      { id: '6.8 mm', diameterMm: 6.8 },
      { id: '5.5 mm', diameterMm: 5.5 },
    ],
    worn: [{ id: '7 mm', cutsMm: 6.93 }],
  };
  const drills = rackDrills(rack);
  expect(drills.filter((drill) => drill.id === '5.5 mm')).toHaveLength(1);
  expect(drills.find((drill) => drill.id === '7 mm')).toMatchObject({ diameterMm: 6.93, wornFromMm: 7 });
  const choice = chooseTapDrill(threadById('M8x1.25'), { targetShare: 0.76, tough: false, rack });
  expect(choice.best!.drill.id).toBe('6.8 mm');
  expect(tapDrillWords(choice.larger[0]!, SAY.in)).toMatch(/^worn, cuts 0.273 in/);
});

test('the set-up moves the bore that a drill is expected to leave; a measured oversize wins', () => {
  const at = (setUp: 'hand-drill' | 'bench-drill' | 'located-mill') =>
    expectedBoreMm(8, { setUp, measuredOversizeMm: null });
  expect(at('located-mill')).toBeLessThan(at('bench-drill'));
  expect(at('bench-drill')).toBeLessThan(at('hand-drill'));
  expect(expectedBoreMm(8, { setUp: 'hand-drill', measuredOversizeMm: 0.02 })).toBeCloseTo(8.02, 9);
});

test('a lean decides the side when the drill wanted is missing', () => {
  const rack = { setIds: ['metric-tenths' as const], missingIds: ['6.8 mm'] };
  const choose = (side: 'larger' | 'smaller' | 'nearer') =>
    chooseTapDrill(threadById('M8x1.25'), {
      targetShare: 0.74,
      tough: false,
      rack,
      lean: { side, because: 'deep' },
    });
  expect([choose('larger').best!.drill.id, choose('smaller').best!.drill.id]).toEqual(['6.9 mm', '6.7 mm']);
  expect(choose('larger').direction).toEqual({ side: 'larger', because: 'deep' });
});

test('clearance drills clear the real screw and are never a tap drill', () => {
  const [close, normal, free] = clearanceDrills(threadById('M8x1.25'), FULL_RACK);
  expect([close!.drill!.id, normal!.drill!.id, free!.drill!.id]).toEqual(['8.4 mm', '9 mm', '10 mm']);
  const fat = clearanceDrills(threadById('M8x1.25'), FULL_RACK, 8.45)[0]!;
  expect(fat.drill!.diameterMm).toBeGreaterThanOrEqual(8.445);
  for (const thread of THREADS.filter((t) => t.taper === null && t.majorMm < 25)) {
    for (const { drill } of clearanceDrills(thread, FULL_RACK)) {
      if (drill) expect(judgeTapDrill(thread, drill.diameterMm)).toBe('refused-body-size');
    }
  }
});

test('pilot and step drills: none when small or soft, one above 8 mm, two above 16 mm', () => {
  const steps = (mm: number, cutting: 'soft' | 'medium' | 'tough') =>
    pilotDrills(mm, { cutting, rack: FULL_RACK, system: 'mm' }).steps.map((drill) => drill.diameterMm);
  expect(steps(6.8, 'medium')).toEqual([]);
  expect(steps(14, 'soft')).toEqual([]);
  expect(steps(10.2, 'medium')).toEqual([2]);
  expect(steps(20, 'tough')).toEqual([2.4, 12]);
});

// What a practitioner found: each drill by its class, not by its share alone.
test.each([
  ['M30x3.5', '1 in', 'refused-full'],
  ['M8x1.25', '#1', 'refused-full'],
  ['7/16-14', '25/64 in', 'light-duty'],
  ['M5x0.8', '#18', 'fits'],
  ['M5x0.8', '#17', 'light-duty'],
  ['G3/8', '15 mm', 'fits'],
  ['G3/8', '39/64 in', 'light-duty'],
  ['M8x1.25', '6.8 mm', 'fits'],
  ['M8x1.25', '6.6 mm', 'tight'],
] as const)('%s with %s: %s', (id, drill, judgement) => {
  const { diameterMm } = drillById(drill);
  expect(judgeTapDrill(threadById(id), diameterMm, expectedBoreMm(diameterMm))).toBe(judgement);
});

test('25/64 is the drill of 7/16-20', () => {
  expect(threadsThatSuit(threadById('7/16-14'), drillById('25/64 in').diameterMm)[0]!.thread.id).toBe('7/16-20');
});

const chosen = (id: string, over: Partial<Parameters<typeof chooseTapDrill>[1]> = {}) =>
  chooseTapDrill(threadById(id), { targetShare: 0.76, tough: false, rack: FULL_RACK, ...over }).best?.drill.id ?? null;
test.each([
  ['M30x3.5', {}, '26.5 mm'],
  ['M8x1.25', { rack: { setIds: ['number' as const], missingIds: [] } }, null],
  ['M5x0.8', { tough: true, targetShare: 0.63 }, '4.3 mm'],
  ['M5x0.8', { tough: true, targetShare: 0.63, rack: { setIds: ['number' as const], missingIds: [] } }, '#18'],
  ['G3/8', { rack: { setIds: ['metric-halves' as const], missingIds: [] } }, '15 mm'],
  ['M8x1.25', { targetShare: 0.7698 }, '6.8 mm'],
  ['M10x1.25', { targetShare: 0.7698 }, '8.8 mm'],
  ['M12x1.75', { targetShare: 0.7698 }, '10.2 mm'],
] as const)('%s takes the drill inside its class: %o', (id, over, drill) => {
  expect(chosen(id, over)).toBe(drill);
});

test('a full metric set goes by 0.1 to 14, by 0.25 to 32, by 0.5 above', () => {
  const full = rackDrills({ setIds: ['metric-full'], missingIds: [] }).map((size) => size.diameterMm);
  expect([full[0], full.at(-1)]).toEqual([1, 50]);
  expect(full.filter((mm) => mm > 13.8 && mm < 15)).toEqual([13.9, 14, 14.25, 14.5, 14.75]);
  expect(full.filter((mm) => mm > 31.6 && mm < 34)).toEqual([31.75, 32, 32.5, 33, 33.5]);
});
