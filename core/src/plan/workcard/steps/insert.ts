import { coilLengthWords } from '../../routes/index.ts';
import { isLight, type HoleCase } from '../../../judge/hole/index.ts';
import type { Route } from '../../routes/index.ts';
import type { StepKind, StepOf } from '../WorkStep.ts';

export type InsertFacts = { length: string; fromMm: number; tang: 'falls-free' | 'count' | 'chamber'; light: boolean };

/** Where a broken-off tang goes: only into free air does it fall free. */
const tangOf = ({ kind, behind, joint }: HoleCase): InsertFacts['tang'] =>
  joint.screwedIn === 'spark-plug' ? 'chamber' : kind === 'through' && behind === 'nothing' ? 'falls-free' : 'count';

export const insertSteps = (
  hole: HoleCase,
  { depths, insertLengthD, thread }: Route,
): StepOf<'insert', InsertFacts>[] =>
  depths.insertFromMm === null || insertLengthD === null
    ? []
    : [
        {
          kind: 'insert',
          id: 'insert',
          facts: {
            length: coilLengthWords({ lengthD: insertLengthD, nominalMm: insertLengthD * thread.majorMm }),
            fromMm: depths.insertFromMm,
            tang: tangOf(hole),
            light: isLight(hole.parent),
          },
        },
      ];

const TANG: Readonly<Record<InsertFacts['tang'], string>> = {
  'falls-free': 'Break the tang off where it can fall free; count it.',
  count: 'Tang: break it off only if you can take it out again and count it, or use a tangless coil.',
  chamber: 'A tangless coil; or the tang broken off in grease, caught and counted. Nothing may stay in the chamber.',
};

/** A coil is stainless wire, whatever the screw is. */
const GALVANIC =
  'Where it gets wet: primer on the thread or a coated coil, stainless wire and light metal corrode each other.';

export const insert: StepKind<InsertFacts> = {
  title: ({ length }) => `Wind in the coil, ${length}`,
  what: ({ fromMm, tang, light }, say) =>
    `Set the first turn ${say.atLeast(fromMm)} under the face. ${TANG[tang]}${light ? ` ${GALVANIC}` : ''}`,
  number: ({ fromMm }) => ({ label: 'under the face', valueMm: fromMm, safe: 'up' }),
  caution: () => 'The tang is sharp, and stainless is not magnetic: find it with your eyes.',
};
