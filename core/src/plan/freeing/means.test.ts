import { FULL_RACK } from '../../facts/drills/index.ts';
import { NOTHING_LISTED } from '../../facts/owned/index.ts';
import { parentById } from '../../facts/materials/index.ts';
import { threadById, withHand } from '../../facts/threads/index.ts';
import { SAY } from '../../basis/units/index.ts';
import { MEANS_IDS, type MeansId } from '../../facts/means/index.ts';
import { heatPlan } from './heatPlan.ts';
import {
  beforeFreeing,
  blankStuck,
  cautionsOf,
  HEAT_TICK_IDS,
  preventNextTap,
  preventWords,
  proposeFreeing,
  sayMeans,
  type StuckCase,
} from './index.ts';

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
  expect(words(of('turn-out', { proudMm: 12, threadId: 'M10x1.5 LH' }))).toMatch(/clockwise \(it is left-handed\)/);
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

test('a broken M6 tap: turned back first, by hand too; no ordinary drill; carbide only in a machine', () => {
  const tap = { what: 'tap', threadId: 'M6x1', proudMm: -1 } as const;
  const through = { ...tap, through: true };
  expect(tried(through)).toEqual(['flute-claws', 'break-up', 'mill', 'hard-drill', 'spark-erosion', 'send-out']);
  expect(of('break-up', { ...through, behind: 'nothing' }).because).toMatch(/pieces fall out below/);
  expect(of('break-up', through).because).toMatch(/nobody looked where its pieces fall/);
  const left = { ...tap, thread: withHand(threadById('M6x1'), 'left') };
  expect(words(of('flute-claws', left))).toMatch(/an eighth on, a quarter clockwise/);
  expect(of('break-up', { ...through, behind: 'closed' }).because).toMatch(/fall into what lies behind/);
  expect(of('break-up', tap).because).toMatch(/^blind/);
  expect(words(of('hard-drill', tap))).toMatch(/magnet/);
  expect(tried({ ...tap, access: 'in-place' })).toEqual(['flute-claws', 'spark-erosion', 'send-out']);
  expect(of('flute-claws', { ...tap, proudMm: 4 }).title).toMatch(/stands proud/);
  expect(of('hard-drill', { ...tap, access: 'in-place' }).because).toMatch(/^never by hand/);
  expect(of('spark-erosion', tap).verdict).toBe('holds');
  expect(of('core-peel', { what: 'screw', hard: true }).because).toMatch(/too hard to drill/);
});

test('each means says its time and cost; a tap says what spares the next one, in torque', () => {
  expect(of('heat-soak', {}).takes).toBe('about 40 to 45 min a round, nothing to buy');
  expect(of('spark-erosion', {}).takes).toBe('days, another shop’s bill');
  const prevent = preventNextTap(stuck({ what: 'tap', threadId: 'M6x1' }))!;
  expect(prevent.torqueNm).toBeLessThan(prevent.fullerNm);
  expect(preventWords(prevent, SAY.mm)[0]).toMatch(/^Drill 5.\d mm: the tap takes about .* instead of/);
  expect(preventNextTap(stuck({ what: 'screw' }))).toBeNull();
});

test.each([
  ['an ordinary screw, nobody looked', {}, ['look'], 'with-care'],
  ['looked at: none', { behindIt: 'none' }, [], 'with-care'],
  ['pressure behind', { behind: 'pressure', through: true }, ['release'], 'does-not-hold'],
  ['let off and said so', { behind: 'pressure', behindIt: 'released' }, [], 'with-care'],
  ['a plug may close a vessel', { what: 'plug' }, ['look'], 'does-not-hold'],
  ['a drained and vented plug', { what: 'plug', behindIt: 'released' }, [], 'with-care'],
  ['a plug that closes nothing', { what: 'plug', behindIt: 'none' }, [], 'with-care'],
  ['into an engine', { behind: 'closed', behindIt: 'none', through: true }, ['falls'], 'with-care'],
  ['into a cylinder', { cylinder: true, behindIt: 'none' }, ['cylinder'], 'with-care'],
  ['a spring still there', { behindIt: 'there' }, ['release'], 'does-not-hold'],
] as const)('before anything, and heat: %s', (_name, changes, before, heat) => {
  const steel = { parentId: 'mild-steel', proudMm: 0, ...changes };
  expect(beforeFreeing(stuck(steel))).toEqual(before);
  expect(of('heat-soak', steel).verdict).toBe(heat);
  // What may not be heated is not welded either.
  if (heat === 'does-not-hold') expect(of('weld-nut', steel).because).toMatch(/never heated or welded/);
  else expect(of('weld-nut', steel).verdict).toBe('with-care');
});

test('heat is ticked off thing by thing; the step that is hot waits, the soak does not', () => {
  const heat = of('heat-soak', { parentId: 'mild-steel' });
  expect(heat.ticks.map(({ id }) => id)).toEqual(HEAT_TICK_IDS);
  expect(heat.steps.filter(({ hot }) => hot)).toHaveLength(1);
  expect(heat.steps[0]).toMatchObject({ minutes: 20 });
  expect(of('turn-out', {}).ticks).toEqual([]);
  expect(heat.because).toMatch(/grow alike: heat the parent alone/);
});

test('a 12.9 stump drills, with cobalt and rigid; a slot goes across what stands proud or was relieved by drilling', () => {
  const strong = { what: 'screw', classId: '12.9', parentId: 'mild-steel' } as const;
  expect(tried(strong)).toContain('core-peel');
  expect(words(of('core-peel', strong))).toMatch(/cobalt stub drill, held rigid.*about 5 m\/min; not freehand/);
  expect(of('drive-again', { proudMm: -6 }).because).toBe('no drive is left');
  expect(of('drive-again', { proudMm: 4 })).toMatchObject({
    title: 'A slot across it, and a driver',
    verdict: 'with-care',
  });
  // M10: root 8.16; 4 mm out leaves 2.1 of ring, 7 mm leaves 0.6: that is peeled.
  expect(of('drive-again', { drilledMm: 4 }).because).toMatch(/tension is gone/);
  expect(of('drive-again', { drilledMm: 7 }).verdict).toBe('does-not-hold');
});

test('a bit that wedges is not driven into a thin boss or brittle metal, and warns where nobody measured', () => {
  const rounded = { what: 'screw', threadId: 'M8x1.25', drive: 'damaged' } as const;
  expect(words(of('drive-again', rounded))).toMatch(/thin boss it cracks the casting, so look/);
  expect(words(of('drive-again', { ...rounded, edgeMm: 16 }))).toMatch(/six-lobe.*thin boss it cracks the casting\./);
  expect(words(of('drive-again', { ...rounded, edgeMm: 8 }))).toMatch(/^Saw a slot/);
  expect(words(of('drive-again', { ...rounded, parentId: 'zinc-die-cast' }))).toMatch(/^Saw a slot/);
});

test('cautions: a metal’s own come on top of the usual ones; stainless in stainless galls', () => {
  expect(cautionsOf(stuck({ parentId: 'magnesium-cast' })).join(' ')).toMatch(
    /Eyes and face guarded.*Magnesium chips burn/,
  );
  expect(cautionsOf(stuck({ parentId: 'austenitic-stainless', stainless: true })).join(' ')).toMatch(/galls/);
  expect(cautionsOf(stuck({})).join(' ')).not.toMatch(/galls|Magnesium/);
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
  expect(beforeFreeing(stuck(dowel))).toContain('file');
  expect(words(of('pull', dowel))).toMatch(/^Try a file on its end first/);
  expect(words(of('pull', { ...dowel, hardnessKnown: true }))).not.toMatch(/file/);
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
