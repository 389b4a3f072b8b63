import { SAY } from '../../../basis/units/index.ts';
import {
  againstWords,
  findingNotes,
  headlineWords,
  identify,
  separatorWords,
  usedFor,
  type Evidence,
} from '../../../judge/identify/index.ts';
import type { AnswerShop } from '../AnswerShop.ts';
import type { AnswerFigure, FiguresCard } from '../FiguresCard.ts';

const LISTED = 4;
/** A candidate that is less likely is not listed. */
const SHOWN_FROM = 0.01;

/** Which thread it is, from what the line was told: the first few, what would settle it and what stands against it. */
export function whichCard(evidence: readonly Evidence[], shop: AnswerShop): FiguresCard {
  const say = SAY[shop.units];
  const found = identify(evidence);
  const [first] = found.candidates;
  const separator = separatorWords(found, say);
  const against = againstWords(found, evidence);
  const shown = found.candidates.filter(({ probability }) => probability >= SHOWN_FROM).slice(0, LISTED);
  return {
    kind: 'figures',
    topic: 'which',
    title: headlineWords(found),
    figures: [
      ...shown.map(({ thread, probability }): AnswerFigure => ({
        label: thread.designation,
        value: probability,
        unit: 'share',
        note: usedFor(thread),
      })),
      ...(found.noneProbability < SHOWN_FROM
        ? []
        : [{ label: 'None of these', value: found.noneProbability, unit: 'share' } as const]),
    ],
    notes: [
      ...(against ? [against] : []),
      ...(separator && found.outcome !== 'none-of-these' ? [separator] : []),
      ...findingNotes(found, evidence, say),
    ],
    workings: [
      {
        title: 'Which thread',
        formula: 'belief ∝ how often it is met · Π how well it explains each reading',
        symbols: [
          { symbol: 'first', meaning: first?.thread.designation ?? 'none', value: first?.probability ?? 0, unit: '' },
          { symbol: 'none', meaning: 'none of the threads held', value: found.noneProbability, unit: '' },
        ],
        result: { symbol: 'sum', value: 1, unit: '' },
        source:
          'normal error of each reading against the limits of each thread’s standard; how often each is met is our estimate',
        estimate: true,
      },
    ],
  };
}
