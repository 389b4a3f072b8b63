import fc from 'fast-check';
import { compareVerdicts } from '../../basis/checks/index.ts';
import { FULL_RACK } from '../../facts/drills/index.ts';
import { threadById } from '../../facts/threads/index.ts';
import { WAYS } from '../../facts/ways/index.ts';
import { coilHole } from '../../facts/inserts/index.ts';
import { mmToInch, parseLength, SAY } from '../../basis/units/index.ts';
import { depthBudget } from '../cutting/index.ts';
import { DEFAULT_HOUSE_RULES, RANKING_WEIGHTS, type RankingRule } from '../../judge/hole/index.ts';
import { becauseOf, notesOf, rankWords, sensitivity, stepOf, workingOf, type Route } from './index.ts';
import { metalLeft, metalLeftWords } from './metalLeft.ts';
import { GOLDEN_CASES } from '../../test-support/goldenCases.ts';
import { holeCase } from '../../test-support/holeCase.ts';
import { weighCase } from '../../pipeline.ts';

const route = (routes: Route[], id: string) => routes.find((candidate) => candidate.id === id)!;
const check = (candidate: Route, id: string) => candidate.checks.find((entry) => entry.id === id)!;

describe('case 1: M8 in heat-treated cast aluminium, 20 mm through, stripped to 9 mm', () => {
  const { routes } = weighCase(holeCase());

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
    ['3D', 2.7, 'does-not-hold'],
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
    expect(check(retap, 'mate')).toMatchObject({ verdict: 'with-care', remedy: 'open-mate', limit: 10.5 });
    expect(retap.verdict).toBe('with-care');
  });

  test('clean up with a screw that goes right through: 11 mm left, 1.15 times the screw, with care', () => {
    const through = weighCase(holeCase({ joint: { screwReach: { mm: 22, halfWidthMm: 0 } } })).routes;
    const cleanUp = route(through, 'clean-up:M8x1.25');
    expect(cleanUp.engagementMm).toBe(11);
    expect(check(cleanUp, 'breaks-first').value).toBeCloseTo(1.15, 2);
    expect(cleanUp.verdict).toBe('with-care');
  });

  test('the shortest coil that holds stands first, with its reason', () => {
    expect(routes[0]!.id).toBe('wire-coil:M8x1.25:1.5D');
    expect(rankWords(routes[0]!.rank, SAY.mm)).toMatch(/shorter insert/);
    expect(routes[0]!.reserve.ratio).toBeCloseTo(0.953, 3);
  });
});

describe('case 2: 5/16-18 in grey iron, blind, 17 mm to the shoulder', () => {
  const { routes } = weighCase(
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
    expect(becauseOf(check(route(routes, 'clean-up:5/16-18'), 'sound-thread'), SAY.mm)).toBe('no sound thread is left');
  });
});

describe('case 3: M6 in magnesium beside an edge', () => {
  const at = (mm: number, halfWidthMm: number) =>
    weighCase(holeCase({ threadId: 'M6x1', parentId: 'magnesium-cast', edge: { mm, halfWidthMm } })).routes;

  test('oversize M8 is outside the dilation model', () => {
    const retap = route(at(5.2, 0.1), 'oversize:M8x1.25');
    expect(retap.verdict).toBe('does-not-hold');
    expect(workingOf(check(retap, 'wall'))!.result.value).toBeCloseTo(1.3, 3);
    expect(check(retap, 'as-made').value).toBeNull();
  });

  test('the coil does not hold until the edge is measured better, and names it', () => {
    const routes = at(5.2, 0.1);
    const wall = check(route(routes, 'wire-coil:M6x1:2D'), 'wall');
    expect(wall.verdict).toBe('does-not-hold');
    expect(wall.settledBy).toBe('edge');
    expect(workingOf(wall)!.result.value).toBeCloseTo(1.425, 3);
    expect(workingOf(wall)!.range!.low).toBeCloseTo(1.397, 3);
    const inDoubt = holeCase({ threadId: 'M6x1', parentId: 'magnesium-cast', edge: { mm: 5.2, halfWidthMm: 0.1 } });
    expect(sensitivity(inDoubt)).toContainEqual(expect.objectContaining({ quantity: 'edge', state: 'doubtful' }));
  });

  test('at 5.4 ± 0.05 it is judged on its strength', () => {
    const coil = route(at(5.4, 0.05), 'wire-coil:M6x1:3D');
    expect(check(coil, 'wall').verdict).toBe('holds');
    expect(check(coil, 'as-made').value).toBeGreaterThan(1);
  });
});

test('without a fit drill a route stays and says what to get', () => {
  const rack = { ...FULL_RACK, missingIds: FULL_RACK.setIds.length > 0 ? ['8.3 mm', '8.4 mm'] : [] };
  const { routes } = weighCase(holeCase({ rack: { setIds: ['metric-tenths'], missingIds: rack.missingIds } }));
  const coil = route(routes, 'wire-coil:M8x1.25:2D');
  expect(check(coil, 'drill')).toMatchObject({ verdict: 'holds', remedy: 'buy-drill' });
  expect(coil.substitutes.map((d) => d.drill.id)).toEqual(expect.arrayContaining(['8.2 mm', '8.5 mm']));
});

test('a torque over the proof load is refused; oiled pulls more than dry', () => {
  const demand = { mode: 'preload', torqueNm: 60, friction: 'oiled', load: 'static' } as const;
  const { routes } = weighCase(holeCase({ joint: { demand } }));
  expect(check(route(routes, 'wire-coil:M8x1.25:2D'), 'torque').verdict).toBe('does-not-hold');
  const need = (friction: 'dry' | 'oiled') =>
    check(
      route(
        weighCase(holeCase({ joint: { demand: { ...demand, torqueNm: 20, friction } } })).routes,
        'wire-coil:M8x1.25:2D',
      ),
      'carries-preload',
    ).value!;
  expect(need('dry')).toBeGreaterThan(need('oiled'));
});

test('an earlier coil rules out cleaning up and a second coil of the same size, and sends the ladder outwards', () => {
  const { routes, assessment } = weighCase(holeCase({ earlierCutMm: 9.624, earlierRepair: 'wire-coil' }));
  expect(assessment.outermostCutMm).toBe(9.624);
  expect(check(route(routes, 'clean-up:M8x1.25'), 'earlier-repair').verdict).toBe('does-not-hold');
  expect(check(route(routes, 'wire-coil:M8x1.25:2D'), 'clean-up').verdict).toBe('does-not-hold');
  expect(routes.some((r) => r.id === 'oversize:M12x1.75' && r.verdict !== 'does-not-hold')).toBe(true);
});

test('left hand stays left hand through every route', () => {
  const { routes } = weighCase(holeCase({ threadId: 'M8x1.25 LH' }));
  expect(routes.every((r) => r.thread.hand === 'left' && r.thread.id.endsWith(' LH'))).toBe(true);
});

test('more wall, and a tighter instrument, never make a verdict worse', () => {
  const edge = fc.double({ min: 5, max: 15, noNaN: true });
  const doubt = fc.double({ min: 0, max: 1, noNaN: true });
  fc.assert(
    fc.property(edge, fc.double({ min: 0, max: 10, noNaN: true }), doubt, doubt, (mm, more, wide, share) => {
      const verdicts = (edgeMm: number, halfWidthMm: number) =>
        new Map(weighCase(holeCase({ edge: { mm: edgeMm, halfWidthMm } })).routes.map((r) => [r.id, r.verdict]));
      const base = verdicts(mm, wide);
      for (const better of [verdicts(mm + more, wide), verdicts(mm, wide * share)]) {
        for (const [id, verdict] of base) expect(compareVerdicts(better.get(id)!, verdict)).toBeLessThanOrEqual(0);
      }
    }),
    { numRuns: 40 },
  );
});

const at = (mm: number, halfWidthMm = 0) => ({ mm, halfWidthMm });

describe('a bore worn oval 13.1 × 12.4 mm in a bronze pump cover, its centre 0.2 mm off', () => {
  const cover = (alongMm: number, acrossMm: number, axis: 'true' | 'own' = 'true') =>
    holeCase({
      threadId: '1/2-13',
      parentId: 'bronze',
      depth: at(30),
      damageTo: at(30),
      strippedThroughout: true,
      bore: { aMm: 13.1, bMm: 12.4, halfWidthMm: 0 },
      boreOffset: { alongMm, acrossMm, halfWidthMm: 0 },
      axis,
    });

  test('clean-up 13.50 along the long axis, 13.16 across; both axes are shown', () => {
    const along = weighCase(cover(0.2, 0)).assessment;
    expect(along.cleanUp.mm).toBeCloseTo(13.5, 3);
    expect(along.cleanUpOwnMm).toBe(13.1);
    expect(weighCase(cover(0, 0.2)).assessment.cleanUp.mm).toBeCloseTo(13.16, 2);
    expect(weighCase(cover(0.2, 0, 'own')).assessment.cleanUp.mm).toBe(13.1);
  });

  test('17/32 in just fails to clean it up; round its own axis it does', () => {
    const coil = (hole: ReturnType<typeof cover>) => route(weighCase(hole).routes, 'wire-coil:1/2-13:2D');
    expect(coil(cover(0.2, 0)).cut.drill!.drill.id).toBe('17/32 in');
    expect(check(coil(cover(0.2, 0)), 'clean-up').verdict).toBe('with-care');
    expect(check(coil(cover(0.2, 0, 'own')), 'clean-up').verdict).toBe('holds');
  });

  test('the old hole would guide a twist drill, so the true axis needs a bush, boring or milling', () => {
    const { routes, assessment } = weighCase(cover(0.2, 0));
    expect(assessment.guidesAstray).toBe(true);
    expect(stepOf(check(route(routes, 'wire-coil:1/2-13:2D'), 'axis'), SAY.mm)).toMatch(
      /guide bush, a boring head or a mill/,
    );
    expect(routes.find((r) => r.method === 'clean-up')!.checks.map((c) => c.id)).not.toContain('axis');
  });
});

test('M6 in a 3 mm aluminium flange: turns counted after the chamfers, and too few for a bare thread', () => {
  const { routes } = weighCase(
    holeCase({
      threadId: 'M6x1',
      parentId: 'aluminium-6xxx',
      depth: at(3),
      damageTo: at(3),
      strippedThroughout: true,
      edge: at(12),
      joint: { mateHole: at(6.6), backReached: true },
    }),
  );
  const retap = route(routes, 'oversize:M8x1.25');
  expect(check(retap, 'turns').value).toBeLessThan(2.1);
  // New it had no more: it is judged as made, and never better than with care.
  expect(check(retap, 'as-made').value).toBeGreaterThan(0.9);
  expect(retap.verdict).toBe('with-care');
});

test('M5 in 18 mm of ductile iron: what thread is useful, and how deep to counter-drill with the screw still reaching', () => {
  const hole = holeCase({
    threadId: 'M5x0.8',
    parentId: 'ductile-iron',
    depth: at(18),
    damageTo: at(18),
    strippedThroughout: true,
    joint: { mateHole: at(6.6), screwReach: at(16) },
  });
  const retap = route(weighCase(hole).routes, 'oversize:M6x1');
  const keptMm = retap.engagementMm - (retap.engagementMm - 1.25 * retap.balanceEngagementMm!);
  expect(retap.counterDrillMm).toBeGreaterThan(4);
  expect(retap.counterDrillMm! + keptMm).toBeLessThanOrEqual(16.5);
  expect(notesOf(retap, SAY.mm).join()).toMatch(/counter-drilled clear, the screw still reaches/);
  const short = weighCase({ ...hole, joint: { ...hole.joint, screwReach: at(6) } });
  expect(route(short.routes, 'oversize:M6x1').counterDrillMm).toBeNull();
});

test('a hole whose coil spun: the ladder starts at the coil, and another coil is refused while the cause is there', () => {
  const spun = (causePresent: boolean) =>
    weighCase(
      holeCase({
        threadId: 'M10x1.5',
        earlierCutMm: 11.949,
        earlierRepair: 'wire-coil',
        failed: { method: 'wire-coil', causePresent },
        damageTo: at(20),
        strippedThroughout: true,
      }),
    );
  const { routes } = spun(true);
  expect(routes[0]!.cut.outermostMm).toBeGreaterThan(11.949);
  expect(check(route(routes, 'wire-coil:M10x1.5:1.5D'), 'tried-before').verdict).toBe('does-not-hold');
  expect(check(route(spun(false).routes, 'wire-coil:M10x1.5:1.5D'), 'tried-before').verdict).toBe('with-care');
});

test('an M14x1.5 drain plug with 2.6 mm of wall: no cut is left in the model, and it says so', () => {
  const { routes } = weighCase(
    holeCase({
      threadId: 'M14x1.5',
      parentId: 'aluminium-sand-cast',
      depth: at(14),
      damageTo: at(14),
      strippedThroughout: true,
      edge: at(9.6),
    }),
  );
  const standing = routes.filter((r) => r.verdict !== 'does-not-hold').map((r) => r.method);
  expect(standing).toEqual(['send-out', 'replace-part']);
  expect(becauseOf(check(route(routes, 'wire-coil:M14x1.5:1D'), 'wall'), SAY.mm)).toMatch(/below 1.4/);
});

test.each([
  ['crack', { crack: 'reaches' as const }, 'wire-coil:M8x1.25:1.5D'],
  ['stuck', { stuck: 'tap' as const }, 'clean-up:M8x1.25'],
  ['floor', { kind: 'blind' as const, floorName: 'water', floor: at(22.5) }, 'oversize:M10x1.5'],
  ['taper', { threadId: '1/4-18 NPT' }, 'clean-up:1/4-18 NPT'],
  ['duty', { duty: 'can-hurt' as const }, 'bonded-stud'],
  ['mate', { joint: { mateMayBeOpened: false } }, 'oversize:M10x1.5'],
  ['temperature', { joint: { serviceC: 260 } }, 'solid-bush:M12x1.5'],
  ['brittle', { parentId: 'grey-iron', edge: at(9.2) }, 'keyed-bush:M12x1.25'],
  ['weldability', { parentId: 'zinc-die-cast' }, 'weld'],
  ['back', {}, 'through-bolt'],
  [
    'bond',
    {
      joint: {
        demand: { mode: 'preload' as const, torqueNm: 1, friction: 'oiled' as const, load: 'pulsating' as const },
      },
    },
    'bonded-stud',
  ],
])('the check “%s” refuses', (id, changes, routeId) => {
  const { routes } = weighCase(holeCase(changes));
  expect(check(route(routes, routeId), id).verdict).toBe('does-not-hold');
  expect(route(routes, routeId).verdict).toBe('does-not-hold');
});

test('a small tap in tough metal with too small a drill is refused before it snaps', () => {
  const { routes } = weighCase(
    holeCase({ threadId: 'M3x0.5', parentId: 'alloy-steel', rules: { ...DEFAULT_HOUSE_RULES, tapDrill: 'chart-75' } }),
  );
  const tapping = routes.flatMap((r) => r.checks.filter((c) => c.id === 'tapping'));
  expect(tapping.some((c) => c.verdict !== 'holds')).toBe(true);
});

test('house rules put different ways first, and each says why', () => {
  const first = (rule: RankingRule) =>
    weighCase(
      holeCase({
        edge: at(30),
        joint: { mateHole: at(11) },
        damageTo: at(20),
        strippedThroughout: true,
        rules: { ...DEFAULT_HOUSE_RULES, ranking: { rule, weights: RANKING_WEIGHTS[rule] } },
      }),
    ).routes[0]!;
  expect(first('go-up-a-size').method).toBe('oversize');
  expect(first('keep-fastener').fastenerChange).toBe('kept');
  expect(first('fastest').minutes).toBeLessThanOrEqual(first('strongest').minutes);
  expect(first('strongest').stripLoadN!).toBeGreaterThanOrEqual(first('least-metal').stripLoadN!);
});

test('what is not in the crib has to be fetched: half a day more, and the fastest way is one with what is there', () => {
  const withKit = (kit: { taps: string[] | null; coils: string[] | null }) => {
    const ranking = { rule: 'fastest' as const, weights: RANKING_WEIGHTS.fastest };
    const rules = { ...DEFAULT_HOUSE_RULES, ranking, kit: { ...kit, coilLengths: null, extractorDrillsMm: null } };
    // In steel a coil and a retap both hold: what is quicker decides.
    return weighCase(holeCase({ rules, parentId: 'mild-steel' })).routes;
  };
  const coil = (routes: Route[]) => route(routes, 'wire-coil:M8x1.25:1.5D');
  const before = withKit({ taps: null, coils: null });
  const without = withKit({ taps: ['M8x1.25'], coils: [] });
  expect(coil(before).toFetch).toEqual([]);
  expect(coil(without).toFetch).toEqual(['coil tap and coils M8 × 1.25']);
  expect(coil(without).minutes - coil(before).minutes).toBe(240);
  expect(coil(without).verdict).toBe(coil(before).verdict);
  const listed = withKit({ taps: null, coils: [] });
  expect(listed[0]!.toFetch).toEqual([]);
  expect(listed.findIndex((row) => row.method === 'wire-coil')).toBeGreaterThan(
    before.findIndex((row) => row.method === 'wire-coil'),
  );
  expect(withKit({ taps: [], coils: ['M8x1.25'] }).find((row) => row.method === 'oversize')!.toFetch[0]).toMatch(
    / tap$/,
  );
});

test('the next question is the unknown that changes most, and a settled hole asks nothing', () => {
  const open = sensitivity(holeCase({ edge: null, joint: { mateHole: null } }));
  expect(open[0]!.quantity).toBe('edge');
  expect(open[0]!.state).toBe('unknown');
  expect(open.every((row, i) => i === 0 || row.changesVerdicts >= 0)).toBe(true);
  const settled = sensitivity(
    holeCase({ bore: { aMm: 7.6, bMm: 7.6, halfWidthMm: 0 }, joint: { screwReach: at(20) } }),
  );
  expect(settled).toEqual([]);
});

test('what remains afterwards takes more metal, and send-out always remains', () => {
  const { routes } = weighCase(holeCase());
  const coil = route(routes, 'wire-coil:M8x1.25:1.5D');
  expect(coil.afterwards).toContain('Solid bush');
  expect(coil.afterwards).not.toContain('Wire coil');
  expect(route(routes, 'send-out').verdict).toBe('with-care');
});

// Laws that hold for any hole.
const anyHole = fc.record({
  threadId: fc.constantFrom('M6x1', 'M8x1.25', '5/16-18', '3/8-16 BSW', 'M10x1.25'),
  parentId: fc.constantFrom('grey-iron', 'aluminium-cast-heat-treated', 'mild-steel', 'magnesium-cast'),
  depthMm: fc.double({ min: 8, max: 40, noNaN: true }),
  edgeMm: fc.double({ min: 5, max: 40, noNaN: true }),
  doubtMm: fc.double({ min: 0, max: 1, noNaN: true }),
  moreMm: fc.double({ min: 0, max: 10, noNaN: true }),
});
const built = (h: { threadId: string; parentId: string; depthMm: number }, edge: { mm: number; halfWidthMm: number }) =>
  holeCase({
    threadId: h.threadId,
    parentId: h.parentId,
    depth: at(h.depthMm),
    damageTo: at(h.depthMm),
    strippedThroughout: true,
    edge,
    joint: { mateHole: null },
  });
// The free place for a new hole beside the old is no verdict on this hole's wall.
const verdicts = (hole: ReturnType<typeof holeCase>) => new Map(weighCase(hole).routes.map((r) => [r.id, r.verdict]));

test('more wall never makes a verdict worse; a tighter instrument never widens doubt', () => {
  fc.assert(
    fc.property(anyHole, (h) => {
      const less = verdicts(built(h, at(h.edgeMm, h.doubtMm)));
      const more = verdicts(built(h, at(h.edgeMm + h.moreMm, h.doubtMm)));
      const tighter = verdicts(built(h, at(h.edgeMm, h.doubtMm / 2)));
      for (const [id, verdict] of less) {
        expect(compareVerdicts(more.get(id)!, verdict)).toBeLessThanOrEqual(0);
        expect(compareVerdicts(tighter.get(id)!, verdict)).toBeLessThanOrEqual(0);
      }
    }),
    { numRuns: 40 },
  );
});

test('more engagement never lowers the strip load', () => {
  fc.assert(
    fc.property(anyHole, (h) => {
      const strip = (depthMm: number) =>
        weighCase(built({ ...h, depthMm }, at(60))).routes.find((r) => r.method === 'oversize')!;
      const shallow = strip(h.depthMm);
      const deep = weighCase(built({ ...h, depthMm: h.depthMm + h.moreMm }, at(60))).routes.find(
        (r) => r.id === shallow.id,
      )!;
      // The same drill: a deeper thread in tough metal may rightly be given a larger one.
      if (deep.cut.drill?.drill.id === shallow.cut.drill?.drill.id)
        expect(deep.stripLoadN!).toBeGreaterThanOrEqual(shallow.stripLoadN! - 1e-6);
    }),
    { numRuns: 40 },
  );
});

test('units do not change the answer: a case typed in inches is the case typed in millimetres', () => {
  const mm = (text: string, bareUnit: 'mm' | 'in') => {
    const parsed = parseLength(text, { bareUnit });
    if (!parsed.ok) throw new Error(parsed.problem.code);
    return at(parsed.length.mm);
  };
  fc.assert(
    fc.property(fc.integer({ min: 8, max: 120 }), fc.integer({ min: 10, max: 160 }), (depth64ths, edge64ths) => {
      const typed = (depth: string, edge: string, bareUnit: 'mm' | 'in') =>
        weighCase(
          holeCase({
            depth: mm(depth, bareUnit),
            damageTo: mm(depth, bareUnit),
            strippedThroughout: true,
            edge: mm(edge, bareUnit),
          }),
        );
      const inches = typed(`${depth64ths}/64`, `${edge64ths}/64 in`, 'in');
      const metric = typed(String((depth64ths * 25.4) / 64), `${(edge64ths * 25.4) / 64} mm`, 'mm');
      expect(inches.routes.map((r) => [r.id, r.verdict])).toEqual(metric.routes.map((r) => [r.id, r.verdict]));
    }),
    { numRuns: 25 },
  );
});

test('the torque that is shown passes the checks of a torque that is wanted, and two fifths more do not', () => {
  let shown = 0;
  for (const hole of Object.values(GOLDEN_CASES)) {
    // Heat lowers what is named, never what somebody gave.
    if (hole.joint.demand.mode === 'preload' || (hole.joint.serviceC ?? 0) >= 150) continue;
    for (const route of weighCase(hole).routes) {
      if (!route.torque?.torqueNm || !(route.engagementMm > 0)) continue;
      const wanting = (torqueNm: number) => {
        const demand = { mode: 'preload', torqueNm, friction: 'oiled', load: 'static' } as const;
        const again = weighCase({ ...hole, joint: { ...hole.joint, demand } }).routes;
        const checks = again.find(({ id }) => id === route.id)!.checks;
        return ['torque', 'carries-preload'].map((id) => checks.find((check) => check.id === id)?.verdict);
      };
      if (wanting(1)[0] === undefined) continue;
      shown += 1;
      expect(wanting(0.999 * route.torque.torqueNm)).toEqual(['holds', 'holds']);
      expect(wanting(1.4 * route.torque.torqueNm)).not.toEqual(['holds', 'holds']);
    }
  }
  expect(shown).toBeGreaterThan(100);
});

test('over water with the floor unknown: a coil drilled only as deep as its tap needs stays in the old hole', () => {
  const blind = (depthMm: number) =>
    holeCase({
      kind: 'blind',
      depth: { mm: depthMm, halfWidthMm: 0.3 },
      damageTo: { mm: depthMm, halfWidthMm: 0 },
      strippedThroughout: true,
      floorName: 'water',
      behind: 'liquid',
    });
  const floorOf = (depthMm: number) => {
    const route = weighCase(blind(depthMm)).routes.find(({ id }) => id === 'wire-coil:M8x1.25:2D')!;
    return { tipMm: route.depths.drillTipMm, check: route.checks.find(({ id }) => id === 'floor')! };
  };
  // 16 + 1.25 of full thread, 4 of lead, the run-out and room for chips: 24.75 to the shoulder, whatever lies below.
  for (const depthMm of [28, 30, 60]) {
    expect(floorOf(depthMm).tipMm).toBeCloseTo(24.75 + 2.494, 3);
    expect(floorOf(depthMm).check.verdict).toBe('holds');
  }
  // A shorter lead keeps the point above the shoulder.
  for (const depthMm of [26, 27.4]) {
    expect(floorOf(depthMm).tipMm).toBeLessThanOrEqual(depthMm - 0.3);
    expect(floorOf(depthMm).check.verdict).toBe('holds');
  }
  // Here no lead does: whether there is anything to go into, a flat bottom or a drilled one, is not known.
  expect(floorOf(20).check).toMatchObject({ verdict: 'with-care', settledBy: 'floor', shut: true });
});

test('the metal left for next time follows what was cut, and is not known where nobody measured', () => {
  const { hole, routes } = weighCase(holeCase());
  const coil = route(routes, 'wire-coil:M8x1.25:2D');
  // Edge 30, coil 9.624: 30 − 0.7 · 9.624 = 23.26 mm of 30 − 0.7 · 8 = 24.4 mm.
  expect(metalLeftWords(metalLeft(hole, coil, null), SAY.mm)).toMatch(
    /^Metal left for next time: 23.26 mm beyond the wall that it needs, 95 % of what it had new. If it fails again: /,
  );
  expect(metalLeft(hole, coil, 12)!.leftMm).toBeCloseTo(30 - 0.7 * 12, 6);
  const away = routes.find(({ method }) => method === 'replace-part')!;
  expect(metalLeftWords(metalLeft(hole, away, null), SAY.mm)).toBe('');
  const unknown = weighCase(holeCase({ edge: null }));
  const last = { ...route(unknown.routes, coil.id), afterwards: [] };
  expect(metalLeftWords(metalLeft(unknown.hole, last, null), SAY.mm)).toBe(
    'Metal left for next time: not known: nobody measured the nearest edge. Nothing larger fits after this.',
  );
});

test('figures of the shop’s own that it said yes to: their time, and their record in this metal; the plan says so', () => {
  const own = [
    { kind: 'minutes', id: 'wire-coil', value: 38, count: 11 },
    { kind: 'came-back', id: 'wire-coil aluminium-cast-heat-treated', value: 3 / 9, count: 9 },
    { kind: 'came-back', id: 'keyed-bush grey-iron', value: 1, count: 9 },
  ] as const;
  const printed = route(weighCase(holeCase()).routes, 'wire-coil:M8x1.25:2D');
  const { routes } = weighCase(holeCase({ rules: { ...DEFAULT_HOUSE_RULES, own: [...own] } }));
  const coil = route(routes, printed.id);
  expect([coil.minutes - printed.minutes, coil.ownMends]).toEqual([38 - WAYS['wire-coil'].minutes, 11]);
  expect(notesOf(coil, SAY.mm).at(-1)).toBe('its time is this shop’s own, from 11 mends');
  const record = check(coil, 'own-record');
  expect([record.verdict, becauseOf(record, SAY.mm)]).toEqual([
    'with-care',
    'of 9 such mends in this metal 3 came back',
  ]);
  expect(workingOf(record)!.result.value).toBeCloseTo(1 / 3, 9);
  // Another metal’s record says nothing here; nothing said yes to, nothing used.
  const bush = routes.find(({ method }) => method === 'keyed-bush')!;
  expect(bush.checks.some(({ id }) => id === 'own-record')).toBe(false);
  expect([printed.ownMends, printed.checks.some(({ id }) => id === 'own-record')]).toEqual([null, false]);
});
