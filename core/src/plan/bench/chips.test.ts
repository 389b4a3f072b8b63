import { CHIP_LOOKS, PARENTS, type ChipLook } from '../../facts/materials/index.ts';
import { STUCK_THINGS } from '../../judge/hole/choices/freeingRows.ts';
import { drillInAt, drillInStuck, readChips, type DrillIn } from './chips.ts';

const parentOf = (id: string) => PARENTS.find((row) => row.id === id)!;
const verdicts = (drillIn: DrillIn, verdict: string) =>
  CHIP_LOOKS.filter(({ id }) => readChips(id, drillIn).verdict === verdict).map(({ id }) => id);

test('each metal has a look that is right for it, and every other metal’s look stops the drill', () => {
  for (const parent of PARENTS) {
    const right = verdicts({ parent, inside: 'part' }, 'right');
    expect([parent.id, right.length > 0]).toEqual([parent.id, true]);
    // Powder and two kinds stop too; blue is only too hot.
    expect(verdicts({ parent, inside: 'part' }, 'stop')).toHaveLength(CHIP_LOOKS.length - 1 - right.length);
  }
  expect(verdicts({ parent: parentOf('ductile-iron'), inside: 'part' }, 'right')).toEqual(['long-curls', 'crumbs']);
});

test.each<[string, ChipLook, DrillIn['inside'], string, RegExp]>([
  ['aluminium-6xxx', 'long-curls', 'screw', 'right', /It cuts/],
  ['aluminium-6xxx', 'soft-curls', 'screw', 'stop', /the drill has left the screw/],
  ['aluminium-6xxx', 'yellow', 'screw', 'stop', /brass or bronze, not a steel screw/],
  ['mild-steel', 'long-curls', 'screw', 'mind', /look alike/],
  ['aluminium-6xxx', 'long-curls', 'part', 'stop', /steel or stainless steel, not aluminium/],
  ['aluminium-6xxx', 'yellow', 'unknown', 'right', /Not aluminium: it is still in what is in the hole/],
  ['aluminium-6xxx', 'soft-curls', 'unknown', 'mind', /may be what is in the hole, or aluminium/],
  ['grey-iron', 'crumbs', 'part', 'right', /some drill it dry.*others wet it/],
  ['grey-iron', 'blue', 'part', 'mind', /Hot/],
  ['grey-iron', 'powder', 'screw', 'stop', /harder than the drill/],
  ['grey-iron', 'two', 'screw', 'stop', /two metals/],
])('%s, %s, in %s: %s', (id, look, inside, verdict, says) => {
  const found = readChips(look, { parent: parentOf(id), inside });
  expect(found.verdict).toBe(verdict);
  expect(found.says).toMatch(says);
});

test('only a screw and a stud are taken as steel, and what fills a hole as nothing that is known', () => {
  const steel = STUCK_THINGS.filter(({ id }) => drillInStuck(id, parentOf('grey-iron')).inside === 'screw');
  expect(steel.map(({ id }) => id)).toEqual(['screw', 'stud']);
  const at = (id: string, kind: string) => drillInAt({ id, kind }, parentOf('grey-iron'))?.inside ?? null;
  expect([at('drill', 'drill'), at('inner-drill', 'drill'), at('tap-1', 'tap'), at('clean', 'clean')]).toEqual([
    'part',
    'unknown',
    'part',
    null,
  ]);
});
