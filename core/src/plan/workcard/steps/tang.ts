import type { HoleCase } from '../../../judge/hole/index.ts';
import type { Route } from '../../routes/index.ts';
import { handTools, sayTools, type HandTool } from '../handTools.ts';
import { noNumber, type StepKind, type StepOf } from '../WorkStep.ts';

export type TangFacts = { goes: 'falls-free' | 'count' | 'chamber'; tools: HandTool[] };

/** Where a broken-off tang goes: only into free air does it fall free. */
const goesOf = ({ kind, behind, joint }: HoleCase): TangFacts['goes'] =>
  joint.screwedIn === 'spark-plug' ? 'chamber' : kind === 'through' && behind === 'nothing' ? 'falls-free' : 'count';

export const tangSteps = (hole: HoleCase, { depths, insertLengthD }: Route): StepOf<'tang', TangFacts>[] =>
  depths.insertFromMm === null || insertLengthD === null
    ? []
    : [
        {
          kind: 'tang',
          id: 'tang',
          minutes: 2,
          facts: { goes: goesOf(hole), tools: handTools(hole.rules, 'tang-tool') },
        },
      ];

const TANG: Readonly<Record<TangFacts['goes'], string>> = {
  'falls-free': 'Break the tang off where it can fall free: one sharp blow with its tool. Find it, and count it.',
  count: 'Tang: break it off only if you can take it out again and count it, or use a tangless coil.',
  chamber: 'A tangless coil; or the tang broken off in grease, caught and counted. Nothing may stay in the chamber.',
};

export const tang: StepKind<TangFacts> = {
  title: () => 'The tang',
  what: ({ goes }) => TANG[goes],
  number: noNumber,
  caution: () => 'Stainless is not magnetic: find it with your eyes, and tape it to the card.',
  more: ({ tools }) => ({
    tools: sayTools(tools),
    stop: 'It is not found: nothing is closed or started before it is.',
    write: ['tang, counted'],
  }),
};
