import { assess } from '../../judge/damage/index.ts';
import { weighCase } from '../../pipeline.ts';
import { holeCase } from '../../test-support/holeCase.ts';
import { THREAD_FORMS, threadById } from '../../facts/threads/index.ts';
import {
  coilSections,
  combProfile,
  depthFlags,
  foundProfile,
  plannedProfile,
  sleeveProfile,
  stageProfile,
} from './index.ts';

const through = holeCase();
const blind = holeCase({ kind: 'blind', depth: { mm: 24, halfWidthMm: 0.3 } });
const routeOf = (hole: typeof through, id: string) => weighCase(hole).routes.find((route) => route.id === id)!;

test('the hole as found: stripped to the major, sound thread at its pitch, a 118° point where it is blind', () => {
  const points = foundProfile(through, assess(through));
  expect(points.slice(0, 3)).toEqual([
    [4, 0],
    [4, 9],
    [6.647 / 2, 9],
  ]);
  expect(points[3]).toEqual([4, 9.625]);
  expect(points.at(-1)).toEqual([6.647 / 2, 20]);
  const end = foundProfile(blind, assess(blind)).at(-1)!;
  expect(end[0]).toBe(0);
  expect(end[1]).toBeCloseTo(24 + 0.3004 * 6.647, 2);
});

test('depths never go back up, radii never below the axis, in found and planned profiles', () => {
  for (const hole of [through, blind]) {
    const { assessment, routes } = weighCase(hole);
    for (const points of [
      foundProfile(hole, assessment),
      ...routes.map((route) => plannedProfile(hole, route) ?? []),
    ]) {
      for (let i = 1; i < points.length; i += 1) expect(points[i]![1]).toBeGreaterThanOrEqual(points[i - 1]![1] - 1e-9);
      expect(points.every(([radius]) => radius >= 0)).toBe(true);
    }
  }
});

test('between the steps: as found, then bored to the drill with what was wider still seen, then as planned', () => {
  const coil = routeOf(blind, 'wire-coil:M8x1.25:1.5D');
  const assessment = assess(blind);
  const crest = coil.cut.drill!.drill.diameterMm / 2;
  expect(stageProfile(blind, assessment, coil, 'found')).toEqual(foundProfile(blind, assessment));
  const bored = stageProfile(blind, assessment, coil, 'bored');
  expect(bored.slice(0, -1).every(([radius]) => radius >= crest)).toBe(true);
  // The coil's drill is wider than the old thread: nothing of it is left.
  expect(Math.max(...bored.map(([radius]) => radius))).toBe(crest);
  expect(bored.at(-1)![1]).toBeGreaterThanOrEqual(coil.depths.drillTipMm - 1e-9);
  expect(stageProfile(blind, assessment, coil, 'tapped')).toEqual(plannedProfile(blind, coil));
  const small = { ...coil, cut: { ...coil.cut, drill: null, boreMm: 7 } };
  expect(Math.max(...stageProfile(blind, assessment, small, 'bored').map(([radius]) => radius))).toBe(4);
  const clean = routeOf(through, 'clean-up:M8x1.25');
  expect(stageProfile(through, assess(through), clean, 'tapped')).toEqual(foundProfile(through, assess(through)));
});

test('a coil of 1.5 D shows one diamond a started pitch between its two flags; cleaning up cuts nothing', () => {
  const coil = routeOf(through, 'wire-coil:M8x1.25:1.5D');
  expect(coilSections(coil)).toHaveLength(9);
  const flags = depthFlags(through, assess(through), coil);
  expect(flags.map((flag) => flag.id)).toEqual(['insert-from', 'damage', 'insert-to', 'bottom']);
  expect(plannedProfile(through, routeOf(through, 'clean-up:M8x1.25'))).toBeNull();
});

test('the comb has the form’s depth and angle, and ten pitches are ten pitches', () => {
  for (const id of ['M8x1.25', '3/8-16 BSW', '2 BA', 'Tr16x4', '1/2-10 Acme', 'custom 25x5 square']) {
    const thread = threadById(id);
    const points = combProfile(thread, 10 * thread.pitchMm);
    expect(points.at(-1)![0]).toBeCloseTo(10 * thread.pitchMm, 2);
    const [, crestEnd, rootStart] = points as [unknown, [number, number], [number, number]];
    const angle = (2 * Math.atan2(rootStart[0] - crestEnd[0], rootStart[1]) * 180) / Math.PI;
    expect(Math.abs(angle - THREAD_FORMS[thread.form].angleDeg)).toBeLessThan(0.3);
    for (let i = 1; i < points.length; i += 1) expect(points[i]![0]).toBeGreaterThanOrEqual(points[i - 1]![0] - 1e-9);
  }
});

test('a bush in section: its outside in the parent’s thread, its inside the screw’s; keys only where it has some', () => {
  const stripped = holeCase({ damageTo: { mm: 20, halfWidthMm: 0 }, strippedThroughout: true });
  const { routes } = weighCase(stripped);
  const of = (method: string) => routes.find((route) => route.method === method)!;
  for (const method of ['keyed-bush', 'solid-bush', 'plug']) {
    const route = of(method);
    const radii = sleeveProfile(route)!.map(([radiusMm]) => radiusMm);
    const depths = sleeveProfile(route)!.map(([, depthMm]) => depthMm);
    // M8: minor 6.647 at the least.
    expect(Math.min(...radii)).toBeCloseTo(6.647 / 2, 6);
    const outerMm = method === 'keyed-bush' ? route.cut.outermostMm : route.cut.majorMm;
    expect(Math.max(...radii)).toBeCloseTo(outerMm / 2, 6);
    expect([Math.min(...depths), Math.max(...depths)]).toEqual([0, route.depths.fullThreadToMm]);
  }
  expect(Math.min(...sleeveProfile(of('plug'), true)!.map(([radiusMm]) => radiusMm))).toBe(0);
  expect([sleeveProfile(of('wire-coil')), sleeveProfile(of('oversize'))]).toEqual([null, null]);
});
