import { formatLength, SAY } from './index.ts';

test('a number is said in the reader’s units', () => {
  expect([SAY.mm.length(8.25), SAY.in.length(8.25)]).toEqual(['8.25 mm', '0.325 in']);
  expect([SAY.mm.load(29287), SAY.in.load(29287)]).toEqual(['29.3 kN', '6580 lbf']);
  expect([SAY.mm.temperature(425), SAY.in.temperature(425)]).toEqual(['425 °C', '797 °F']);
  expect(SAY.in.length(0)).toBe('0 in');
});

test.each([
  [17.3375, 'mm', undefined, '17.3'],
  [7.9375, 'in', undefined, '0.313'],
  [7.9375, 'in', 4, '0.3125'],
  [-0.04, 'mm', 1, '0.0'],
] as const)('%d in %s', (mm, system, decimals, text) => {
  expect(formatLength(mm, system, decimals).replace(/^-0\.0$/, '0.0')).toBe(text);
});

test('loads are rounded to what a person can use', () => {
  expect(SAY.mm.load(999)).toBe('1.0 kN');
  expect(SAY.in.load(41_445)).toBe('9320 lbf');
});
