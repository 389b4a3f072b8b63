import { FULL_RACK } from '../../facts/drills/index.ts';
import { parentById } from '../../facts/materials/index.ts';
import { threadById } from '../../facts/threads/index.ts';
import { proposeFreeing, type MeansId, type StuckCase } from './index.ts';

const stuck = (
  changes: Partial<Omit<StuckCase, 'thread' | 'parent'>> & { threadId?: string; parentId?: string } = {},
): StuckCase => {
  const { threadId, parentId, ...rest } = changes;
  return {
    what: 'stud',
    thread: threadById(threadId ?? 'M10x1.5'),
    parent: parentById(parentId ?? 'grey-iron'),
    hard: false,
    stainless: false,
    proudMm: -6,
    drive: 'none',
    why: 'rust',
    nearLimitC: null,
    through: false,
    rack: FULL_RACK,
    ...rest,
  };
};
const of = (id: MeansId, changes: Parameters<typeof stuck>[0]) =>
  proposeFreeing(stuck(changes)).find((row) => row.id === id)!;
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
  expect(of('turn-out', { proudMm: 12, threadId: 'M10x1.5 LH' }).how).toMatch(/clockwise, it is left-handed/);
  expect(of('left-hand-drill', { threadId: 'M10x1.5 LH' }).title).toMatch(/^Ordinary drill/);
});

test('stainless in aluminium with a rubber seal near: the seal sets the heat, and the hole still outgrows the screw', () => {
  const heat = of('heat-soak', { parentId: 'aluminium-6xxx', stainless: true, nearLimitC: 110 });
  expect(heat.verdict).toBe('holds');
  expect(heat.because).toMatch(/^at 110 °C the hole outgrows it/);
  expect(of('heat-soak', { parentId: 'zinc-die-cast', nearLimitC: 40 }).verdict).toBe('does-not-hold');
  expect(of('heat-soak', { parentId: 'magnesium-cast' }).how).toMatch(/no flame/);
});

test('a broken tap: nothing drills it, spark erosion does', () => {
  const means = tried({ what: 'tap', hard: true, threadId: 'M6x1' });
  expect(means).not.toContain('core-peel');
  expect(means).not.toContain('extractor');
  expect(of('spark-erosion', { what: 'tap', hard: true }).verdict).toBe('holds');
});

test('a blind dowel is pulled if soft; hardened it will not drill; through it is driven out', () => {
  expect(of('pull', { what: 'dowel' }).how).toMatch(/punch would only drive it deeper/);
  expect(of('pull', { what: 'dowel', hard: true }).because).toMatch(/do not blunt/);
  expect(of('pull', { what: 'dowel', through: true }).because).toMatch(/drive it out from behind/);
});

test('a coil that spun comes out by its end; every means says why, how and when to stop', () => {
  expect(proposeFreeing(stuck({ what: 'coil' }))[0]!.id).toBe('coil-end');
  for (const what of ['screw', 'stud', 'plug', 'dowel', 'tap', 'extractor', 'coil'] as const) {
    const means = proposeFreeing(stuck({ what, hard: what === 'tap' || what === 'extractor' }));
    expect(means).toHaveLength(12);
    for (const row of means) expect([row.because, row.how].every((words) => words.length > 5)).toBe(true);
  }
});
