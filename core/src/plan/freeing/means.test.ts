import { FULL_RACK } from '../../facts/drills/index.ts';
import { NOTHING_LISTED } from '../../facts/owned/index.ts';
import { parentById } from '../../facts/materials/index.ts';
import { threadById } from '../../facts/threads/index.ts';
import { SAY } from '../../basis/units/index.ts';
import { MEANS_IDS, type MeansId } from '../../facts/means/index.ts';
import { heatPlan } from './heatPlan.ts';
import { blankStuck, proposeFreeing, sayMeans, type StuckCase } from './index.ts';

const stuck = (
  changes: Partial<Omit<StuckCase, 'thread' | 'parent'>> & { threadId?: string; parentId?: string } = {},
): StuckCase => {
  const { threadId = 'M10x1.5', parentId = 'grey-iron', what = 'stud', ...rest } = changes;
  const blank = blankStuck(what, threadById(threadId), parentById(parentId));
  return { ...blank, proudMm: -6, why: 'rust', ...rest };
};
const words = (means: { steps: { what: string }[] }) => means.steps.map((step) => step.what).join(' ');
const of = (id: MeansId, changes: Parameters<typeof stuck>[0]) =>
  sayMeans(
    proposeFreeing(stuck(changes)).find((row) => row.id === id)!,
    SAY.mm,
  );
const tried = (changes: Parameters<typeof stuck>[0]) =>
  proposeFreeing(stuck(changes))
    .filter((row) => row.verdict !== 'does-not-hold')
    .map((row) => row.id);

test('M10 stud sunk 6 mm in grey iron: heat first with care because both together tighten, no extractor in a seized one', () => {
  expect(tried({})).toEqual(['heat-soak', 'left-hand-drill', 'core-peel', 'mill', 'spark-erosion', 'send-out']);
  expect(of('heat-soak', {}).because).toMatch(/heat the parent alone/);
  expect(of('extractor', {}).because).toMatch(/would snap/);
  expect(of('weld-nut', {}).because).toMatch(/below the face/);
});

test('a stud that stands proud is turned out by two nuts, a left-hand one clockwise', () => {
  expect(of('turn-out', { proudMm: 12 })).toMatchObject({ title: 'Two nuts, and turn it out', verdict: 'holds' });
  expect(of('turn-out', { proudMm: 6 }).title).toMatch(/^Turn it out by/);
  expect(words(of('turn-out', { proudMm: 12, threadId: 'M10x1.5 LH' }))).toMatch(/clockwise, it is left-handed/);
  expect(of('left-hand-drill', { threadId: 'M10x1.5 LH' }).title).toMatch(/^Ordinary drill/);
});

test('stainless in aluminium with a rubber seal near: the seal sets the heat, and the hole still outgrows the screw', () => {
  const heat = of('heat-soak', { parentId: 'aluminium-6xxx', stainless: true, nearLimitC: 110 });
  expect(heat.verdict).toBe('holds');
  expect(heat.because).toMatch(/^at 110 °C the hole outgrows it/);
  expect(of('heat-soak', { parentId: 'zinc-die-cast', nearLimitC: 40 }).verdict).toBe('does-not-hold');
  expect(words(of('heat-soak', { parentId: 'magnesium-cast' }))).toMatch(/no flame/);
});

test('heat as timed rounds: soak, heat, turn while hot, cool; three of them, then the next means comes first', () => {
  const heat = of('heat-soak', {});
  expect(heat.steps.map((step) => step.minutes)).toEqual([20, 5, null, 15]);
  expect(heat.rounds).toBe(3);
  const tries = Array.from({ length: 3 }, () => ({ means: 'heat-soak', outcome: 'nothing' }) as const);
  expect(tried({ tried: tries.slice(1) })[0]).toBe('heat-soak');
  expect(of('heat-soak', { tried: tries.slice(1) }).because).toMatch(/^tried 2 times of 3, nothing moved/);
  expect(tried({ tried: tries })).toEqual([
    'left-hand-drill',
    'core-peel',
    'mill',
    'spark-erosion',
    'send-out',
    'heat-soak',
  ]);
  expect(of('left-hand-drill', { tried: [{ means: 'left-hand-drill', outcome: 'worse' }] })).toMatchObject({
    verdict: 'does-not-hold',
    because: 'tried once, and it made things worse',
  });
});

test('temperature limits: aluminium 150 and briefly 200, unless a seal near stands less; growth by the difference', () => {
  const cast = { parentId: 'aluminium-sand-cast', threadId: 'M8x1.25' };
  expect(heatPlan(stuck(cast))).toMatchObject({ limitC: 150, briefC: 200, setBy: 'parent' });
  // (23 − 12)·10⁻⁶ · 8 mm · 130 K
  expect(heatPlan(stuck(cast)).growthMm).toBeCloseTo(0.01144, 5);
  expect(heatPlan(stuck({ ...cast, nearLimitC: 100 }))).toMatchObject({ limitC: 100, briefC: null, setBy: 'near' });
  expect(heatPlan(stuck({ threadId: 'M10x1.5' })).growthMm).toBeLessThan(0);
});

test('a broken M6 tap: no ordinary drill; through, its pieces fall out; blind in place, spark erosion', () => {
  const tap = { what: 'tap', threadId: 'M6x1', proudMm: -1 } as const;
  expect(tried({ ...tap, through: true })).toEqual(['mill', 'hard-drill', 'spark-erosion', 'send-out']);
  expect(words(of('hard-drill', { ...tap, through: true }))).toMatch(/pieces fall through/);
  expect(words(of('hard-drill', tap))).toMatch(/magnet/);
  expect(tried({ ...tap, access: 'in-place' })).toEqual(['spark-erosion', 'send-out']);
  expect(of('hard-drill', { ...tap, access: 'in-place' }).because).toMatch(/not by hand in place/);
  expect(of('spark-erosion', tap).verdict).toBe('holds');
  expect(of('core-peel', { what: 'screw', hard: true }).because).toMatch(/too hard to drill/);
});

test('a 6 mm soft dowel, blind: M4 leaves 1.0 mm of wall; hardened it will not drill; through it is driven out', () => {
  const dowel = { what: 'dowel', threadId: 'M6x1', proudMm: 0, lengthMm: 12 } as const;
  expect(of('pull', dowel).because).toMatch(
    /^M4 × 0.7 leaves the pin 1 mm of wall less the offset, 0.72 mm is enough.*a 12.9 screw carries/,
  );
  expect(words(of('pull', dowel))).toMatch(
    /Hold the screw still while the nut turns: about 18 turns.*drives a blind pin deeper/,
  );
  // At the measured offset the wall is less: M3 then, and none where nothing leaves enough.
  expect(of('pull', { ...dowel, offsetMm: 0.4 }).because).toMatch(
    /^M3 × 0.5 leaves the pin 1.1 mm of wall at 0.4 mm off/,
  );
  expect(of('pull', { ...dowel, offsetMm: 1 })).toMatchObject({ verdict: 'does-not-hold' });
  expect(of('pull', { ...dowel, hard: true }).because).toMatch(/do not blunt/);
  expect(tried({ ...dowel, through: true })[0]).toBe('drive-through');
});

test('drives: a rounded 6 mm hexagon takes six-lobe 40, else a slot; an extractor by its pair in the crib and its torque', () => {
  const m8 = { what: 'screw', threadId: 'M8x1.25', drive: 'damaged', why: 'locker' } as const;
  expect(words(of('drive-again', m8))).toMatch(
    /rounded 6 mm hexagon: drive six-lobe bit 40 \(6.75 mm over its points\)/,
  );
  expect(words(of('drive-again', { ...m8, driveKind: 'slotted' }))).toMatch(
    /^Saw a slot about 2 mm wide and 2.4 mm deep/,
  );
  const owns = (extractorDrillsMm: number[]) =>
    of('extractor', { ...m8, owned: { ...NOTHING_LISTED, extractorDrillsMm } });
  expect(words(owns([2, 4.5, 7]))).toMatch(/Drill 4.5 mm, the pair of an extractor in the crib.*no more than 5.5 Nm/);
  expect(owns([2, 7])).toMatchObject({
    verdict: 'does-not-hold',
    because: 'none in the crib goes with 4 mm to 4.8 mm',
  });
});

test('room: too low for a drill, cramped for a nut, and a mill only on the bench', () => {
  expect(of('core-peel', { headroomMm: 50 }).because).toMatch(/too low for any drill/);
  expect(of('core-peel', { headroomMm: 100 }).because).toMatch(/right-angle head/);
  expect(of('weld-nut', { proudMm: 0, parentId: 'mild-steel', sideRoomMm: 9 }).because).toMatch(/no room/);
  expect(of('mill', { access: 'in-place' }).because).toMatch(/come off/);
});

test('the face of the break decides the start: sloped is made flat, an old hole off centre is not followed', () => {
  expect(words(of('core-peel', { breakFace: 'sloped' }))).toMatch(/^Make its face flat first/);
  expect(words(of('core-peel', { breakFace: 'off-centre' }))).toMatch(/^Do not follow the old hole/);
  expect(words(of('core-peel', { breakFace: 'dimple' }))).toMatch(/^Start in the old true centre/);
});

test('a coil that spun comes out by its end; every means says why, how and when to stop', () => {
  expect(proposeFreeing(stuck({ what: 'coil' }))[0]!.id).toBe('coil-end');
  for (const what of ['screw', 'stud', 'plug', 'dowel', 'tap', 'extractor', 'coil'] as const) {
    const means = proposeFreeing({ ...stuck({ what }), rack: FULL_RACK });
    expect(new Set(means.map((row) => row.id))).toEqual(new Set(MEANS_IDS));
    const said = means.map((row) => sayMeans(row, SAY.mm));
    for (const row of said) expect(row.because.length).toBeGreaterThan(5);
    for (const row of said.filter((one) => one.verdict !== 'does-not-hold'))
      expect(row.steps.length).toBeGreaterThan(0);
  }
});
