import { formatLength, formatLoad, speak, spokenLength, spokenLoad } from './index.ts';

test('a sentence speaks the reader’s units, every number in it', () => {
  const sentence = `leaves ${spokenLength(8.25)} and strips at ${spokenLoad(29287)}, not ${spokenLength(0)}`;
  expect(speak(sentence, 'mm')).toBe('leaves 8.25 mm and strips at 29.3 kN, not 0 mm');
  expect(speak(sentence, 'in')).toBe('leaves 0.325 in and strips at 6580 lbf, not 0 in');
  expect(speak('nothing to speak of', 'in')).toBe('nothing to speak of');
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
  expect(formatLoad(999, 'mm')).toBe('1.0 kN');
  expect(formatLoad(41_445, 'in')).toBe('9320 lbf');
});
