import type { HoleCase } from '../../../judge/hole/index.ts';
import { noNumber, type StepKind, type StepOf } from '../WorkStep.ts';

export type ProtectFacts = { magnesium: boolean };

export const protectStep = ({ parent }: HoleCase): StepOf<'protect', ProtectFacts> => ({
  kind: 'protect',
  id: 'protect',
  facts: { magnesium: parent.group === 'magnesium' },
});

/** What the metal asks for while it is cut. */
export const metalCaution = ({ magnesium }: ProtectFacts): string =>
  `Wear eye protection. No gloves at a turning spindle. Clamp the work.${
    magnesium
      ? ' Magnesium chips burn: no water-based fluid, keep chips few, dry sand or a class D extinguisher at hand.'
      : ''
  }`;

export const protect: StepKind<ProtectFacts> = {
  title: () => 'Protect what is around it',
  what: () => 'Isolate and lock out. Close openings, mask oil and water ways, clamp the work.',
  number: noNumber,
  caution: metalCaution,
};
