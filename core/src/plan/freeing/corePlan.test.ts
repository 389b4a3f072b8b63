import { FULL_RACK } from '../../facts/drills/index.ts';
import { parentById } from '../../facts/materials/index.ts';
import { threadById } from '../../facts/threads/index.ts';
import { seededRandom } from '../../basis/numeric/index.ts';
import {
  afterStep,
  blankStuck,
  chanceOfHarm,
  corePlan,
  coreWindow,
  harmInput,
  holeAfterCore,
  leversOf,
  type StuckCase,
} from './index.ts';
import { choosePull, pinPulls, PIN_WALL_SHARE } from './pinPull.ts';
import { coreDrill, keptShellMm } from './coreWindow.ts';
import { coreDepth } from './corePlan.ts';

const m10 = threadById('M10x1.5');
const stud: StuckCase = { ...blankStuck('stud', m10, parentById('grey-iron')), proudMm: -6, lengthMm: 20 };
const window = coreWindow(m10, 'nominal');

test('M10 stud sunk 6 mm, 20 long: drilled 18 from the break, 24 from the face, flag above a guide of two drills', () => {
  expect(coreDepth({ lengthMm: 20, sunkMm: 6, pitchMm: 1.5, drillMm: 8 })).toEqual({
    lengthKnown: true,
    fromBreakMm: 18,
    fromFaceMm: 24,
    addToTouchMm: 18,
    guideMm: 16,
    flagMm: 40,
  });
  expect(coreDepth({ lengthMm: 2, sunkMm: 0, pitchMm: 1.5, drillMm: 8 })).toBeNull();
});

test('step drills grow to the last, each with both walls at the offset; depth feeds the simulation', () => {
  const plan = corePlan(stud, window, 7.5, 0.1);
  expect(plan.steps.map((step) => step.drill.id)).toEqual(['2.6 mm', '4.5 mm', '6 mm', '7.5 mm']);
  for (const step of plan.steps) {
    expect(step.thickShellMm - step.thinShellMm).toBeCloseTo(0.2, 9);
    expect(step.toCrestLargestMm).toBeLessThan(step.toCrestMm);
  }
  expect(plan.chips.stop).toMatch(/short black crumbs/);
  expect(harmInput(stud, { start: 'bush', hold: 'guide' }).depthMm).toBe(18);
  // Of unknown length: one diameter from the break, then by the chips.
  expect(corePlan({ ...stud, lengthMm: null }, window, 7.5, 0).depth).toMatchObject({
    lengthKnown: false,
    fromBreakMm: stud.thread.majorMm,
  });
});

test('each drill leaves what is kept at its largest bore; none starts under 2 mm or 0.35 d; speeds by the screw’s class', () => {
  const m5 = threadById('M5x0.8');
  const stainless = { ...blankStuck('screw', m5, parentById('aluminium-6xxx')), stainless: true, lengthMm: 12 };
  const steps = corePlan(stainless, coreWindow(m5, 'nominal'), 3.4, 0).steps;
  expect(steps[0]!.drill.diameterMm).toBeGreaterThanOrEqual(1.75);
  // The last is always there; none is a mere tenth larger than the one before.
  for (const [index, { drill }] of steps.entries())
    if (index > 0) expect(drill.diameterMm).toBeGreaterThanOrEqual(1.1 * steps[index - 1]!.drill.diameterMm - 1e-9);
  expect(steps.at(-1)!.drill.diameterMm).toBe(3.4);
  // What it leaves is said: picked out, levered out, or too thick for either.
  expect(corePlan(stainless, coreWindow(m5, 'nominal'), 3.4, 0).leaves).toBe('stiff');
  expect(corePlan(stainless, coreWindow(m5, 'nominal'), 1.8, 0).leaves).toBe('thick');
  expect(corePlan(stainless, coreWindow(m5, 'nominal'), 3.7, 0).leaves).toBe('loose');
  // 10 m/min in stainless, set to the next lower 10 rev/min.
  expect(steps.at(-1)).toMatchObject({ speedRpm: 930 });
  const allowed = (hold: 'bench-drill' | 'mill', shellMm: number | null) => {
    const input = harmInput({ ...stainless, keep: { shellMm, floorMm: null, wallMm: null } }, { start: 'bush', hold });
    return chanceOfHarm({ ...input, trials: 2000, random: seededRandom(3) });
  };
  const leastShell = (mm: number) => coreDrill(mm, coreWindow(m5, 'nominal'), 0).leastShellMm;
  expect(leastShell(allowed('bench-drill', null).recommendedMm!)).toBeGreaterThanOrEqual(0.2);
  expect(leastShell(allowed('bench-drill', 0.5).recommendedMm!)).toBeGreaterThanOrEqual(0.5);
  expect(keptShellMm(5, 'mill', null)).toBe(0);
});

test('margins of one’s own: floor under the drill, wall to what is beside it, and never the bottom of the hole', () => {
  const depth = (changes: Partial<typeof stud>) => corePlan({ ...stud, ...changes }, window, 7.5, 0).depth;
  const keep = { shellMm: null, floorMm: 4, wallMm: 3 };
  expect(depth({ keep })!.fromBreakMm).toBe(16);
  // The hole's shoulder at 22 mm: 22 − 1.5 − 6 sunk.
  expect(depth({ holeDepthMm: 22 })!.fromBreakMm).toBe(14.5);
  expect(depth({ holeDepthMm: 22, keep })!.fromBreakMm).toBe(12);
  expect(depth({ holeDepthMm: 7 })).toBeNull();
  expect(harmInput({ ...stud, keep }, { start: 'bush', hold: 'guide', voidMm: 12 }).voidMm).toBe(9);
});

test('after a step: carry on, correct while the hole is small, change the means when it is not, stop once the parent is cut', () => {
  const after = (drilledMm: number, mm: number) =>
    afterStep({ rack: FULL_RACK, thread: m10 }, { window, keepShellMm: 0.3 }, drilledMm, { mm, halfWidthMm: 0.02 });
  expect(after(3, 0.05).advice).toBe('carry-on');
  // Carried on to its last drill, it touches nothing even at its largest bore and its doubt.
  expect(after(3, 0.05).lastMm!).toBeLessThan(window.rootMm);
  expect(after(3, 0.9).advice).toBe('correct');
  expect(after(6, 0.9).advice).toBe('change-means');
  expect(after(7.5, 0.9)).toMatchObject({ advice: 'stop', lastMm: null });
});

test('after it is out: nothing on centre below the crest; off centre the drill’s edge becomes the bore, its middle moved', () => {
  const left = (drillMm: number, offsetMm: number) => holeAfterCore({ window, majorMm: 10, drillMm, offsetMm });
  expect(left(7.5, 0)).toMatchObject({ parentCut: false, lostShare: 0, offsetMm: 0 });
  expect(left(7.5, 0).boreAMm).toBeCloseTo(window.crestMm, 9);
  const cut = left(8, 0.5);
  expect(cut.parentCut).toBe(true);
  expect(cut.boreAMm).toBeGreaterThan(window.crestMm);
  expect(cut.offsetMm).toBeCloseTo((cut.boreAMm - window.crestMm) / 2, 9);
  expect(cut.lostShare).toBeGreaterThan(0);
});

test('a 6 mm pin: M4 leaves 1.0 and M3 1.5 mm of wall, less the offset; the smallest thread that carries the pull is taken', () => {
  const pulls = (offsetMm: number) =>
    pinPulls({ pinMm: 6, offsetMm, lengthMm: 12, parent: parentById('aluminium-sand-cast'), rack: FULL_RACK });
  expect(pulls(0).map((row) => [row.thread.id, row.wallMm])).toEqual([
    ['M4x0.7', 1],
    ['M3x0.5', 1.5],
  ]);
  expect(pulls(0.3).map((row) => row.thread.id)).toEqual(['M3x0.5']);
  expect(pulls(0.3)[0]!.wallMm).toBeGreaterThanOrEqual(PIN_WALL_SHARE * 6);
  const taken = choosePull(pulls(0))!;
  expect(taken.thread.id).toBe('M4x0.7');
  // Lamé: 0.012/6 / (1.33/70000 + 0.7/206000) = 89.3 MPa on 226 mm² at 0.2.
  expect(taken.pullN).toBeGreaterThan(4000);
  expect(taken.pullN).toBeLessThan(4080);
  expect(choosePull([])).toBeNull();
});

test('levers: what would help is offered, what is already there is not', () => {
  const ids = (...now: Parameters<typeof leversOf>) => leversOf(...now).map((row) => row.id);
  expect(ids({ start: 'punched', hold: 'freehand' }, 'in-place')).toEqual(['bush', 'guide', 'short']);
  expect(ids({ start: 'punched', hold: 'freehand' })).toEqual(['bush', 'bench', 'bush-bench', 'mill', 'short']);
  expect(ids({ start: 'bush', hold: 'bench-drill' })).toEqual(['mill', 'short']);
  expect(ids({ start: 'punched', hold: 'mill', measuredOffset: { mm: 0.1, halfWidthMm: 0.05 } })).toEqual(['short']);
});
