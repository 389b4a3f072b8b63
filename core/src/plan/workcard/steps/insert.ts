import type { HoleCase } from '../../../judge/hole/index.ts';
import type { Route } from '../../routes/index.ts';
import type { StepKind, StepOf } from '../WorkStep.ts';

export type InsertFacts = { lengthD: number; fromMm: number; blind: boolean };

export const insertSteps = (hole: HoleCase, { depths, insertLengthD }: Route): StepOf<'insert', InsertFacts>[] =>
  depths.insertFromMm === null || insertLengthD === null
    ? []
    : [
        {
          kind: 'insert',
          id: 'insert',
          facts: { lengthD: insertLengthD, fromMm: depths.insertFromMm, blind: hole.kind === 'blind' },
        },
      ];

export const insert: StepKind<InsertFacts> = {
  title: ({ lengthD }) => `Wind in the coil, ${lengthD} D`,
  what: ({ fromMm, blind }, say) =>
    `Set the first turn ${say.length(fromMm)} under the face. ${blind ? 'Tang: break it off only if you can take it out again and count it, or use a tangless coil.' : 'Break the tang off where it can fall free; count it.'}`,
  number: ({ fromMm }) => ({ label: 'under the face', valueMm: fromMm }),
  caution: () => 'The tang is sharp, and stainless is not magnetic: find it with your eyes.',
};
