import { CHOICES, MEANS_IDS, type EventKindId, type HoleEventBody, type HoleChoices } from '../../index.ts';
import { eventWords, knowsEvent } from './eventWords.ts';

const words = (kind: EventKindId, payload: object) => eventWords({ kind, payload } as unknown as HoleEventBody);
const choice = (field: keyof HoleChoices, value: unknown) => words('choice', { field, value });

test.each([
  [choice('parentId', 'brass'), 'Cut in: Brass'],
  [choice('threadId', 'M8x1.25'), 'Thread as made: M8 × 1.25'],
  [choice('doNotUse', true), expect.stringMatching(/: yes$/)],
  [choice('parentId', null), 'Cut in: nothing'],
  [
    words('reading', {
      quantity: 'depth',
      text: '20',
      notation: 'mm',
      mm: 20,
      halfWidthMm: 0.1,
      instrument: 'depth-rod',
    }),
    'Depth: 20 mm ± 0.1 mm',
  ],
  [
    words('reading', {
      quantity: 'edge',
      text: '0.53 in',
      notation: 'in',
      mm: 13.46,
      halfWidthMm: 0.05,
      instrument: 'caliper',
    }),
    'Axis to nearest edge: 0.53 in ± 0.002 in',
  ],
  [words('mend-closed', { outcome: 'sent-out' }), 'Mend ended: sent out'],
  [words('result', { results: [{ id: 'bore', mm: 8 }] }), 'Proof recorded: 1 check'],
  [words('attempt', { means: MEANS_IDS[0], outcome: 'freed' }), expect.stringMatching(/^Tried to free it: /)],
])('%s', (said, wanted) => {
  expect(said).toEqual(wanted);
});

test('every choice and each of its options has words of its own, not the name of a field', () => {
  for (const row of CHOICES) {
    const values = row.kind === 'options' ? row.options.map(({ id }) => id) : row.kind === 'flag' ? [true, false] : [];
    for (const value of values) expect(choice(row.id, value)).toMatch(/^\S.*: \S/);
  }
});

test('what a newer build records is not put into words', () => {
  expect([knowsEvent('choice'), knowsEvent('blessed'), knowsEvent('toString'), knowsEvent(4)]).toEqual([
    true,
    false,
    false,
    false,
  ]);
});
