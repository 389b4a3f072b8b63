import { FULL_RACK } from '../../facts/drills/index.ts';
import { parentById } from '../../facts/materials/index.ts';
import { threadById } from '../../facts/threads/index.ts';
import { afterStep, blankStuck, corePlan, coreWindow, harmInput, holeAfterCore, leversOf } from './index.ts';
import { choosePull, pinPulls, PIN_WALL_SHARE } from './pinPull.ts';
import { coreDepth } from './corePlan.ts';

const m10 = threadById('M10x1.5');
const stud = { ...blankStuck('stud', m10, parentById('grey-iron')), proudMm: -6, lengthMm: 20 };
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

test('after a step: carry on, correct while the hole is small, change the means when it is not, stop once the parent is cut', () => {
  const after = (drilledMm: number, mm: number) =>
    afterStep({ rack: FULL_RACK, thread: m10 }, window, drilledMm, { mm, halfWidthMm: 0.02 });
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
