import { isLight, type HoleCase } from '../../../judge/hole/index.ts';
import { coilLengthWords, type Route } from '../../routes/index.ts';
import { handTools, sayTools, stateOn, type HandTool } from '../handTools.ts';
import type { SaidTool, StepKind, StepOf } from '../WorkStep.ts';

export type InsertFacts = {
  designation: string;
  length: string;
  fromMm: number;
  toMm: number;
  hand: 'right' | 'left';
  light: boolean;
  state: SaidTool['state'];
  tools: HandTool[];
};

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
          minutes: 4,
          facts: {
            designation: thread.designation,
            length: coilLengthWords({ lengthD: insertLengthD, nominalMm: insertLengthD * thread.majorMm }),
            fromMm: depths.insertFromMm,
            toMm: depths.insertToMm ?? depths.insertFromMm,
            hand: thread.hand,
            light: isLight(hole.parent),
            state: stateOn(hole.rules.kit?.coils, thread.id),
            tools: handTools(hole.rules, 'coil-tool'),
          },
        },
      ];

/** A coil is stainless wire, whatever the screw is. */
const GALVANIC =
  'Where it gets wet: primer on the thread or a coated coil, stainless wire and light metal corrode each other.';

export const insert: StepKind<InsertFacts> = {
  title: ({ length }) => `Wind in the coil, ${length}`,
  what: ({ fromMm, light, hand }, say) =>
    `Tang first, ${hand === 'left' ? 'anticlockwise' : 'clockwise'}, under light pressure, no pull: a coil that is pulled jumps a thread. Set the first turn ${say.atLeast(fromMm)} under the face.${light ? ` ${GALVANIC}` : ''}`,
  number: ({ fromMm }) => ({ label: 'under the face', valueMm: fromMm, safe: 'up' }),
  caution: () => 'The tang is sharp, and wire springs: eye protection.',
  more: ({ designation, toMm, state, tools }, say) => ({
    numbers: [{ label: 'Its last turn', value: say.length(toMm), note: 'below the face' }],
    tools: [
      { name: `coil ${designation}`, state, instead: state === 'missing' ? 'get it with its tap' : null },
      ...sayTools(tools),
    ],
    feel: 'It turns evenly; a step or a click is a jumped turn: wind it out and take a new one.',
    write: ['under the face'],
  }),
};
