import type { Verdict } from './index.ts';
import { verdictUnderDoubt, worstFirst, worstVerdict } from './index.ts';

// The whole table: nominal, pessimistic, what comes of it, whether a better reading could settle it.
test.each<[Verdict, Verdict, Verdict, boolean]>([
  ['holds', 'holds', 'holds', false],
  ['with-care', 'holds', 'holds', false],
  ['holds', 'with-care', 'with-care', true],
  ['with-care', 'with-care', 'with-care', false],
  ['holds', 'does-not-hold', 'does-not-hold', true],
  ['with-care', 'does-not-hold', 'does-not-hold', true],
  ['does-not-hold', 'does-not-hold', 'does-not-hold', false],
])('%s at the reading, %s at its pessimistic end: %s', (nominal, pessimistic, verdict, needsReading) => {
  expect(verdictUnderDoubt(nominal, pessimistic)).toEqual({ verdict, needsReading });
});

test('the worst verdict wins and stands first, else the order stays', () => {
  expect(worstVerdict([])).toBe('holds');
  expect(worstVerdict(['holds', 'does-not-hold', 'with-care'])).toBe('does-not-hold');
  const check = (id: string, verdict: Verdict) => ({ id, verdict });
  const sorted = worstFirst([
    check('a', 'holds'),
    check('b', 'with-care'),
    check('c', 'does-not-hold'),
    check('d', 'holds'),
  ]);
  expect(sorted.map((entry) => entry.id)).toEqual(['c', 'b', 'a', 'd']);
});
