import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { UnitSystem } from '../../basis/units/index.ts';
import { readStored, type StoredEvent } from '../events/index.ts';
import { foldHole, headOf, nextHead } from '../history/index.ts';
import { HEAD_MOST_BYTES } from '../history/holeHead.ts';

// A whole demo shop as each engine recorded it. What a mechanic wrote ten years ago folds to the same hole and prints the
// same card, whatever the build.

interface Card {
  title: string;
  verdict: string;
  steps: { title: string; what: string; number: string | null; caution: string | null }[];
}
interface RecordedHole {
  id: string;
  events: StoredEvent[];
  folded: {
    revision: number;
    name: string;
    choices: object;
    live: Record<string, number>;
    states: string[];
    generations: object[];
    mends: ({ id: string; numbers: object | null } & Record<string, unknown>)[];
  };
  cards: ({ planId: string } & Record<UnitSystem, Card>)[];
}

const FILES = readdirSync(__dirname).filter((file) => file.endsWith('.json'));

describe.each(FILES)('%s', (file) => {
  const { holes } = JSON.parse(readFileSync(join(__dirname, file), 'utf8')) as { holes: RecordedHole[] };

  test('every hole folds to what it folded to', () => {
    expect(holes.length).toBeGreaterThan(20);
    for (const hole of holes) {
      const now = foldHole(hole.events);
      expect([now.revision, now.name]).toEqual([hole.folded.revision, hole.folded.name]);
      expect(now.choices).toMatchObject(hole.folded.choices);
      expect(Object.fromEntries(Object.values(now.live).map((entry) => [entry.quantity, entry.mm]))).toEqual(
        hole.folded.live,
      );
      expect(now.readings.map((entry) => entry.state)).toEqual(hole.folded.states);
      expect(now.generations).toMatchObject(hole.folded.generations);
      now.mends.forEach((mend, index) => {
        const { attempts, numbers, expectations, ...was } = hole.folded.mends[index]!;
        expect(mend).toMatchObject(was);
        expect(mend.attempts).toHaveLength(attempts as number);
        expect(mend.plan?.numbers ?? null).toEqual(numbers);
        expect(mend.plan?.expectations ?? null).toEqual(expectations);
      });
    }
  });

  test('every card prints the words that it printed', () => {
    const cards = holes.flatMap((hole) => hole.cards.map((card) => ({ hole, card })));
    expect(cards.length).toBeGreaterThan(3);
    for (const { hole, card } of cards) {
      const frozen = hole.events
        .map(readStored)
        .find((event) => event.kind === 'plan-frozen' && event.payload.planId === card.planId);
      if (frozen?.kind !== 'plan-frozen') throw new Error(card.planId);
      const { title, verdict, said } = frozen.payload.plan;
      for (const units of ['mm', 'in'] as const) {
        const steps = said[units].steps.map(({ title: head, what, number, caution }) => ({
          title: head,
          what,
          number: number && `${number.label}: ${number.main} ${number.unit}`.trim(),
          caution,
        }));
        expect({ title, verdict, steps }).toEqual(card[units]);
      }
    }
  });

  test('a head kept step by step is the head of the whole life, and small', () => {
    for (const { events } of holes) {
      let head = headOf(foldHole([]));
      events.map(readStored).forEach((event, index) => {
        head = nextHead(head, event) ?? headOf(foldHole(events.slice(0, index + 1)));
        expect(head).toEqual(headOf(foldHole(events.slice(0, index + 1))));
        expect(JSON.stringify(head).length).toBeLessThan(HEAD_MOST_BYTES);
      });
    }
  });
});
