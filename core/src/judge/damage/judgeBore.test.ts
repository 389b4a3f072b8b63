import { threadById } from '../../facts/threads/index.ts';
import { SAY } from '../../basis/units/index.ts';
import { boreWords, judgeBore } from './index.ts';

test.each([
  ['M8x1.25', 6.8, 'holds'],
  ['M8x1.25', 6.91, 'holds'],
  ['M8x1.25', 6.95, 'with-care'],
  ['M8x1.25', 7.2, 'with-care'],
  ['M8x1.25', 6.5, 'does-not-hold'],
  ['M8x1.25', 7.5, 'does-not-hold'],
  ['M8x1.25', 8, 'does-not-hold'],
  ['1/4-20 BSW', 5.1, 'holds'],
  ['1/4-18 NPT', 11.4, 'does-not-hold'],
] as const)('%s bored to %d mm: %s', (id, boreMm, verdict) => {
  const judged = judgeBore(threadById(id), boreMm);
  expect(judged.verdict).toBe(verdict);
  expect(boreWords(judged, SAY.mm)).not.toBe('');
});

test('a bore too large for one pitch names the finer thread that it suits; one over the class says so', () => {
  expect(judgeBore(threadById('M10x1.5'), 9.3).suits.map((thread) => thread.id)).toContain('M10x1');
  expect(boreWords(judgeBore(threadById('M8x1.25'), 6.95), SAY.mm)).toMatch(/over the class’s 6.91 mm/);
});
