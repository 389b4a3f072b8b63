import fc from 'fast-check';
import { compareVerdicts } from '../../basis/checks/index.ts';
import { FULL_RACK } from '../../facts/drills/index.ts';
import { threadById } from '../../facts/threads/index.ts';
import { coilHole } from '../../facts/inserts/index.ts';
import { mmToInch } from '../../basis/units/index.ts';
import { depthBudget } from '../cutting/index.ts';
import { proposeRoutes, settlingReading, type Route } from './index.ts';
import { holeCase } from '../../test-support/holeCase.ts';

const route = (routes: Route[], id: string) => routes.find((candidate) => candidate.id === id)!;
const check = (candidate: Route, id: string) => candidate.checks.find((entry) => entry.id === id)!;

describe('case 1: M8 in heat-treated cast aluminium, 20 mm through, stripped to 9 mm', () => {
  const { routes } = proposeRoutes(holeCase());

  test('the coil’s hole', () => {
    const coil = coilHole(threadById('M8x1.25'));
    expect([coil.minorMinMm, coil.pitchMinMm, coil.majorMm]).toEqual([8.271, 8.812, 9.624]);
    expect(route(routes, 'wire-coil:M8x1.25:1.5D').cut.drill?.drill.id).toBe('8.3 mm');
  });

  test.each([
    ['1D', 0.9, 'does-not-hold'],
    ['1.5D', 1.4, 'holds'],
    ['2D', 1.9, 'holds'],
    ['2.5D', 2.5, 'with-care'],
    ['3D', 3.0, 'does-not-hold'],
  ])('coil %s: %d times the screw, %s', (length, times, verdict) => {
    const coil = route(routes, `wire-coil:M8x1.25:${length}`);
    expect(check(coil, 'breaks-first').value).toBeCloseTo(times, 1);
    expect(coil.verdict).toBe(verdict);
    expect(coil.breakLoadN / 1000).toBeCloseTo(29.3, 1);
  });

  test('3 D is out for its length, 2.5 D sits a quarter turn down', () => {
    expect(check(route(routes, 'wire-coil:M8x1.25:3D'), 'depth').verdict).toBe('does-not-hold');
    expect(route(routes, 'wire-coil:M8x1.25:2.5D').depths.insertFromMm).toBeCloseTo(0.762 + 0.25 * 1.25, 2);
  });

  test('retap M10x1.5: 8.5 mm, 77 %, but the mate must be opened', () => {
    const retap = route(routes, 'oversize:M10x1.5');
    expect(retap.cut.drill?.drill.id).toBe('8.5 mm');
    expect(retap.cut.drill!.share).toBeCloseTo(0.77, 2);
    expect(check(retap, 'mate')).toMatchObject({ verdict: 'with-care', remedy: { id: 'open-mate' }, limit: 10.5 });
    expect(retap.verdict).toBe('with-care');
  });

  test('clean up: 11 mm left, 1.15 times the screw, with care', () => {
    const cleanUp = route(routes, 'clean-up:M8x1.25');
    expect(cleanUp.engagementMm).toBe(11);
    expect(check(cleanUp, 'breaks-first').value).toBeCloseTo(1.15, 2);
    expect(cleanUp.verdict).toBe('with-care');
  });

  test('the shortest coil that holds stands first, with its reason', () => {
    expect(routes[0]!.id).toBe('wire-coil:M8x1.25:1.5D');
    expect(routes[0]!.because).toMatch(/shorter insert/);
    expect(routes[0]!.reserve.ratio).toBeCloseTo(0.953, 3);
  });
});

describe('case 2: 5/16-18 in grey iron, blind, 17 mm to the shoulder', () => {
  const { routes } = proposeRoutes(
    holeCase({
      threadId: '5/16-18',
      parentId: 'grey-iron',
      kind: 'blind',
      depth: { mm: 17, halfWidthMm: 0 },
      damageTo: { mm: 17, halfWidthMm: 0 },
      strippedThroughout: true,
      joint: { fastenerClassId: 'grade-5' },
    }),
  );

  test('the coil’s hole in inches and its drill', () => {
    const coil = coilHole(threadById('5/16-18'));
    expect(mmToInch(coil.minorMinMm)).toBeCloseTo(0.3245, 4);
    expect(mmToInch(coil.majorMm)).toBeCloseTo(0.3847, 4);
    expect(route(routes, 'wire-coil:5/16-18:1D').cut.drill?.drill.id).toBe('21/64 in');
  });

  test('what each lead reaches', () => {
    const { reaches } = depthBudget({ cylinderMm: 17, pitchMm: 25.4 / 18, wantedFullThreadMm: 0 });
    const rounded = reaches.map((row) => [
      row.leadThreads,
      Number(row.withoutChipsMm.toFixed(1)),
      Number(row.withChipsMm.toFixed(1)),
    ]);
    expect(rounded).toEqual([
      [4, 9.9, 8.5],
      [2, 12.8, 11.4],
      [1, 14.2, 12.8],
    ]);
  });

  test.each([
    ['1D', 'holds'],
    ['1.5D', 'with-care'],
    ['2D', 'does-not-hold'],
  ])('coil %s: depth %s', (length, verdict) => {
    expect(check(route(routes, `wire-coil:5/16-18:${length}`), 'depth').verdict).toBe(verdict);
  });

  test('nothing sound is left to clean up', () => {
    expect(check(route(routes, 'clean-up:5/16-18'), 'sound-thread').because).toBe('no sound thread is left');
  });
});

describe('case 3: M6 in magnesium beside an edge', () => {
  const at = (mm: number, halfWidthMm: number) =>
    proposeRoutes(holeCase({ threadId: 'M6x1', parentId: 'magnesium-cast', edge: { mm, halfWidthMm } })).routes;

  test('oversize M8 is outside the dilation model', () => {
    const retap = route(at(5.2, 0.1), 'oversize:M8x1.25');
    expect(retap.verdict).toBe('does-not-hold');
    expect(check(retap, 'wall').working!.result.value).toBeCloseTo(1.3, 3);
    expect(check(retap, 'breaks-first').value).toBeNull();
  });

  test('the coil does not hold until the edge is measured better, and names it', () => {
    const routes = at(5.2, 0.1);
    const wall = check(route(routes, 'wire-coil:M6x1:2D'), 'wall');
    expect(wall.verdict).toBe('does-not-hold');
    expect(wall.settledBy).toBe('edge');
    expect(wall.working!.result.value).toBeCloseTo(1.425, 3);
    expect(wall.working!.range!.low).toBeCloseTo(1.397, 3);
    expect(settlingReading(routes)!.reading).toBe('edge');
  });

  test('at 5.4 ± 0.05 it is judged on its strength', () => {
    const coil = route(at(5.4, 0.05), 'wire-coil:M6x1:3D');
    expect(check(coil, 'wall').verdict).toBe('holds');
    expect(check(coil, 'breaks-first').value).toBeGreaterThan(1);
  });
});

test('without a fit drill a route is with care and says what to get', () => {
  const rack = { ...FULL_RACK, missingIds: FULL_RACK.setIds.length > 0 ? ['8.3 mm', '8.4 mm'] : [] };
  const { routes } = proposeRoutes(holeCase({ rack: { setIds: ['metric-tenths'], missingIds: rack.missingIds } }));
  const coil = route(routes, 'wire-coil:M8x1.25:2D');
  expect(check(coil, 'drill')).toMatchObject({ verdict: 'with-care', remedy: { id: 'buy-drill' } });
  expect(coil.substitutes.map((d) => d.drill.id)).toEqual(expect.arrayContaining(['8.2 mm', '8.5 mm']));
});

test('a torque over the proof load is refused; oiled pulls more than dry', () => {
  const demand = { mode: 'preload', torqueNm: 60, friction: 'oiled', load: 'static' } as const;
  const { routes } = proposeRoutes(holeCase({ joint: { demand } }));
  expect(check(route(routes, 'wire-coil:M8x1.25:2D'), 'torque').verdict).toBe('does-not-hold');
  const need = (friction: 'dry' | 'oiled') =>
    check(
      route(
        proposeRoutes(holeCase({ joint: { demand: { ...demand, torqueNm: 20, friction } } })).routes,
        'wire-coil:M8x1.25:2D',
      ),
      'carries-preload',
    ).value!;
  expect(need('dry')).toBeGreaterThan(need('oiled'));
});

test('an earlier coil rules out cleaning up and a second coil of the same size, and sends the ladder outwards', () => {
  const { routes, assessment } = proposeRoutes(holeCase({ earlierCutMm: 9.624, earlierRepair: 'wire-coil' }));
  expect(assessment.outermostCutMm).toBe(9.624);
  expect(check(route(routes, 'clean-up:M8x1.25'), 'earlier-repair').verdict).toBe('does-not-hold');
  expect(check(route(routes, 'wire-coil:M8x1.25:2D'), 'clean-up').verdict).toBe('does-not-hold');
  expect(routes.some((r) => r.id === 'oversize:M12x1.75' && r.verdict !== 'does-not-hold')).toBe(true);
});

test('left hand stays left hand through every route', () => {
  const { routes } = proposeRoutes(holeCase({ threadId: 'M8x1.25 LH' }));
  expect(routes.every((r) => r.thread.hand === 'left' && r.thread.id.endsWith(' LH'))).toBe(true);
});

test('more wall, and a tighter instrument, never make a verdict worse', () => {
  const edge = fc.double({ min: 5, max: 15, noNaN: true });
  const doubt = fc.double({ min: 0, max: 1, noNaN: true });
  fc.assert(
    fc.property(edge, fc.double({ min: 0, max: 10, noNaN: true }), doubt, doubt, (mm, more, wide, share) => {
      const verdicts = (edgeMm: number, halfWidthMm: number) =>
        new Map(proposeRoutes(holeCase({ edge: { mm: edgeMm, halfWidthMm } })).routes.map((r) => [r.id, r.verdict]));
      const base = verdicts(mm, wide);
      for (const better of [verdicts(mm + more, wide), verdicts(mm, wide * share)]) {
        for (const [id, verdict] of base) expect(compareVerdicts(better.get(id)!, verdict)).toBeLessThanOrEqual(0);
      }
    }),
    { numRuns: 40 },
  );
});
