import type { CheckKind, CheckOf } from '../../../basis/checks/index.ts';
import type { Say } from '../../../basis/units/index.ts';
import { clearanceNeeded } from './mateFixed.ts';

export type MateUnknownFacts = { closeMm: number; normalMm: number; source: string };

export const judgeMateUnknown = (facts: MateUnknownFacts): CheckOf<'mate-unknown', MateUnknownFacts> => ({
  kind: 'mate-unknown',
  id: 'mate',
  verdict: 'with-care',
  value: null,
  valuePessimistic: null,
  limit: facts.closeMm,
  unit: 'mm',
  facts,
  settledBy: 'mate-hole',
  remedy: 'open-mate',
});

export const openMateStep = ({ normalMm }: { normalMm: number }, say: Say): string =>
  `Open the mating part’s hole to ${say.length(normalMm)}.`;

export const mateUnknown: CheckKind<MateUnknownFacts> = {
  title: () => 'Hole in the mating part',
  words: ({ closeMm }, _verdict, say) => `not measured; the screw needs ${say.length(closeMm)} at least`,
  working: clearanceNeeded,
  step: openMateStep,
};
