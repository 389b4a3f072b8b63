import { makeTheme, PLATE } from './theme.ts';

const channel = (value: number) => (value <= 0.04045 ? value / 12.92 : ((value + 0.055) / 1.055) ** 2.4);
/** Relative luminance by WCAG 2.1. */
function luminance(hex: string): number {
  const [r, g, b] = [1, 3, 5].map((at) => channel(parseInt(hex.slice(at, at + 2), 16) / 255)) as [
    number,
    number,
    number,
  ];
  return 0.2126 * r + 0.7152 * g + 0.0722 * b;
}
function contrast(a: string, b: string): number {
  const [light, dark] = [luminance(a), luminance(b)].sort((x, y) => y - x) as [number, number];
  return (light + 0.05) / (dark + 0.05);
}

test('the measure of contrast: black on white is 21, a colour on itself 1', () => {
  expect(contrast('#000000', '#ffffff')).toBeCloseTo(21, 6);
  expect(contrast('#4147c4', '#4147c4')).toBe(1);
});

const TEXTS = ['ink', 'quiet', 'action', 'holds', 'care', 'fails'] as const;
const GROUNDS = ['ground', 'sheet'] as const;

test.each(['light', 'dark'] as const)(
  '%s: every colour of words is read on every ground that it stands on',
  (scheme) => {
    const { tokens } = makeTheme(scheme);
    for (const text of TEXTS)
      for (const ground of GROUNDS) {
        const found = contrast(tokens[text], tokens[ground]);
        expect([text, ground, found >= 4.5]).toEqual([text, ground, true]);
      }
    for (const text of ['ink', 'care'] as const)
      expect([text, contrast(tokens[text], tokens.note) >= 4.5]).toEqual([text, true]);
  },
);

test('on the plate: words are read, and the marks across the pale rule are seen', () => {
  for (const ink of ['scribe', 'faint', 'chalk', 'holds', 'care', 'fails'] as const)
    for (const ground of ['ground', 'deep'] as const)
      expect([ink, ground, contrast(PLATE[ink], PLATE[ground]) >= 4.5]).toEqual([ink, ground, true]);
  for (const ink of ['ground', 'deep', 'chalkOnPale', 'holdsOnPale'] as const)
    expect([ink, contrast(PLATE[ink], PLATE.scribe) >= 3]).toEqual([ink, true]);
});
