import { screen } from '@testing-library/react';
import { quickAnswer } from '@deep-mend/core';
import { shopOf, show } from '../../../test/panel.tsx';
import { LineAnswer } from './LineAnswer.tsx';
import { QuickCard } from './QuickCard.tsx';

const card = (question: string, units: 'mm' | 'in' = 'mm') =>
  show(<QuickCard answer={quickAnswer(question, shopOf(units).answering)} units={units} />, units).text();

test.each([
  ['M8 on cheese', /^Not understood: cheese\.M8 × 1\.25/],
  ['coil M8 in aluminium', /^Makes no difference here: aluminium, wrought 6xxx\.Wire coil insert/],
  ['torque M8', /^Say the thread and the class or the torque/],
  ['tilt 0.5 over 50', /Leans by0\.57°/],
  ['load M8 6.8 steel', /Stronger than the cut3\.8times/],
  ['8.3 21/64', /8\.3 mm/],
  ['coil M10', /^Wire coil insert for M10 × 1\.5/],
  ['depth 17 5/16-18', /bottoming tap, 2 threads of lead/],
  ['torque M8 8.8', /75 % of the proof load/],
  ['centres 58 over 8 and 8', /50\.00/],
  ['1/4 NPT', /never mended as if it were parallel/],
  ['Tr40x14 P7', /is never reversed/],
  ['27/64', /1\/2-13 UNC/],
  ['#7', /1\/4-20 UNC/],
  ['Q', /8\.433 mm/],
  ['8', /body size of M8/],
  ['what drill for M10 in stainless', /8\.7 mm/],
  ['flag wall 19 plate 12', /never the setting/],
  ['M8x', /lacks its pitch/],
  ['9'.repeat(10_000), /needs at most/],
])('“%s” is answered in words', (question, words) => {
  expect(card(question)).toMatch(words);
});

test('in inches a length says so', () => {
  expect(card('flag wall .75 plate .5', 'in')).toMatch(/Flag, from the tip1\.1713in/);
});

test('a suggestion is asked by a tap; an answered question that goes nowhere suggests nothing', async () => {
  const asked: string[] = [];
  const line = (text: string) => (
    <LineAnswer text={text} shop={shopOf().answering} onAsk={(question) => void asked.push(question)} />
  );
  const { user, again } = show(line('co'));
  await user.click(screen.getByRole('button', { name: 'coil M8' }));
  expect(asked).toEqual(['coil M8']);
  again(line('27/64'));
  expect(screen.queryByRole('group', { name: 'Questions to ask' })).toBeNull();
});
