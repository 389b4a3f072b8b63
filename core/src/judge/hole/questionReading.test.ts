import { parseLength } from '../../basis/units/index.ts';
import { threadById } from '../../facts/threads/index.ts';
import { questionReading } from './index.ts';

const ask = (
  quantity: 'bore-a' | 'depth' | 'mate-hole',
  text: string,
  thread = '1/2-13',
  bareUnit: 'mm' | 'in' = 'in',
) => {
  const parsed = parseLength(text, { bareUnit });
  if (!parsed.ok) throw new Error(parsed.problem.code);
  return questionReading(quantity, parsed.length, threadById(thread));
};

test.each([
  ['depth', '.045 in', 'Is it 0.045 in, or 0.45 in?'],
  ['bore-a', '4.5', 'Is it 4.5 in, or 0.45 in?'],
  ['bore-a', '12.7', 'Is it 12.7 in, or 12.7 mm?'],
] as const)('%s of %s is asked about in words', (quantity, text, question) => {
  expect(ask(quantity, text)).toBe(question);
});

test('a likely reading is not asked about, and neither is one that no slip explains', () => {
  expect(ask('bore-a', '.43')).toBeNull();
  expect(ask('bore-a', '27/64')).toBeNull();
  expect(ask('mate-hole', '3', 'M8x1.25', 'mm')).toBeNull();
});
