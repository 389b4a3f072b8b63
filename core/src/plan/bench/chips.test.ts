import { PARENTS } from '../../facts/materials/index.ts';
import { CHIP_LOOKS, readChips, type ChipLook } from './chips.ts';

test('each metal has a look that is right for it, and every other metal’s look stops the drill', () => {
  for (const { group } of PARENTS) {
    const right = CHIP_LOOKS.filter(({ id }) => readChips(id, { parent: group, inScrew: false }).verdict === 'right');
    expect([group, right.length]).toEqual([group, 1]);
    const wrong = CHIP_LOOKS.filter(({ id }) => readChips(id, { parent: group, inScrew: false }).verdict === 'stop');
    // Powder and two kinds too; blue is only too hot.
    expect(wrong).toHaveLength(CHIP_LOOKS.length - 2);
  }
});

test.each<[ChipLook, boolean, string, RegExp]>([
  ['long-curls', true, 'right', /Steel that cuts/],
  ['soft-curls', true, 'stop', /the drill has left the screw/],
  ['crumbs', true, 'stop', /cast iron, not a screw/],
  ['long-curls', false, 'stop', /steel or stainless steel, not aluminium/],
  ['blue', false, 'mind', /Too hot/],
  ['powder', true, 'stop', /harder than the drill/],
  ['two', true, 'stop', /two metals/],
])('%s in aluminium, a screw drilled out: %s', (look, inScrew, verdict, says) => {
  const found = readChips(look, { parent: 'aluminium', inScrew });
  expect(found.verdict).toBe(verdict);
  expect(found.says).toMatch(says);
});

test('for iron both schools are told', () => {
  expect(readChips('crumbs', { parent: 'iron', inScrew: false }).says).toMatch(/Some drill it dry.*others wet it/);
});
