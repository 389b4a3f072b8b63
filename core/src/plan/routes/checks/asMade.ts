import type { CheckKind } from '../../../basis/checks/index.ts';
import type { Say } from '../../../basis/units/index.ts';
import { doubtWords, OUTSIDE_MODEL, sideWords, unknownWords, type StripsFacts } from './strips.ts';

export type AsMadeFacts = StripsFacts & {
  /** What the same hole carried new; null: outside the strength model even then. */
  newN: number | null;
  newEngagementMm: number;
  newReachMm: number;
  reachKnown: boolean;
  /** Cold, as it is tightened: worse than in service. */
  cold: boolean;
  tipMm: number;
  /** Why it is judged so though more was asked. */
  instead: 'never-broke-first' | 'no-bolt' | null;
};

const INSTEAD = {
  'never-broke-first': '; even new it stripped before its screw broke, so it is judged as made',
  'no-bolt': '; it is no bolt, so it is judged as made',
} as const;

function reason({ stripN, side, newN, newEngagementMm, reachKnown, cold }: AsMadeFacts, say: Say): string {
  if (stripN === null || newN === null) return OUTSIDE_MODEL;
  if (newN <= 0) return 'even new it had no whole turn of thread to carry with';
  const screw = reachKnown ? 'with the present screw' : `with ${say.length(newEngagementMm)} of it engaged`;
  return `${cold ? 'cold, when it is tightened, ' : ''}${sideWords(side)} at ${say.load(stripN)}, ${(stripN / newN).toFixed(2)} of what the same hole carried new ${screw}, ${say.load(newN)}`;
}

/** Does it carry what the same hole carried new? Judged by `judgeStrength`. */
export const asMade: CheckKind<AsMadeFacts> = {
  title: () => 'As strong as made',
  words: (facts, _verdict, say) =>
    reason(facts, say) +
    (facts.instead ? INSTEAD[facts.instead] : '') +
    unknownWords(facts.unknown) +
    doubtWords(facts.doubtful),
  working: ({ stripN, newN, newEngagementMm, newReachMm, tipMm }) => ({
    title: 'Strength against new',
    formula:
      stripN !== null && newN
        ? 'ratio = strip / strip new; engaged new = min(reach − tip, thread)'
        : 'outside the strength model: ratio = 0',
    symbols: [
      { symbol: 'strip', meaning: 'load that strips the mended thread', value: stripN ?? 0, unit: 'N' },
      { symbol: 'strip new', meaning: 'load that stripped the same hole new', value: newN ?? 0, unit: 'N' },
      { symbol: 'reach', meaning: 'how far the screw reached, or a long one would', value: newReachMm, unit: 'mm' },
      { symbol: 'tip', meaning: 'a screw’s point carries nothing: one pitch', value: tipMm, unit: 'mm' },
      { symbol: 'engaged new', meaning: 'thread that carried when new', value: newEngagementMm, unit: 'mm' },
    ],
    result: { symbol: 'ratio', value: stripN !== null && newN ? stripN / newN : 0, unit: '' },
    source: 'FED-STD-H28 areas for both; same metal, heat, edge and class',
  }),
};
