import { roundLine, sideArea, sideLine } from './inMillimetres.ts';

const through = [
  [4, 0],
  [4, 20],
] as const;
const blind = [
  [4, 0],
  [4, 20],
  [0, 22.4],
] as const;

test('a blind profile comes back up its other side from the axis', () => {
  expect(roundLine(blind)).toBe('4,0 4,20 0,22.4 0,22.4 -4,20 -4,0');
});

test('a through profile crosses over below its end, so that no line is drawn across its mouth', () => {
  expect(roundLine(through)).toBe('4,0 4,20 4,22 -4,22 -4,20 -4,0');
});

test('a half-section is one side, or one side with the axis to be filled', () => {
  expect(sideLine(blind)).toBe('4,0 4,20 0,22.4');
  expect(sideArea(through)).toBe('0,0 4,0 4,20 0,20');
});

test('a thousandth is kept, less is not', () => {
  expect(sideLine([[4.12345, 0.0004]])).toBe('4.123,0');
});
