import { judgeWeldability } from '../checks/weldability.ts';
import { fastenerNote } from '../fastenerNote.ts';
import { alwaysOffered, noSteps, type Method } from '../Method.ts';
import { withoutThread } from '../withoutThread.ts';

/** Weld the hole up and make it again: referred to a qualified welder. */
export const weld: Method<Record<string, never>> = {
  propose: (context) => [
    withoutThread(context, {
      id: 'weld',
      title: 'Weld up and re-drill',
      checks: [judgeWeldability(context.hole.parent)],
      own: {},
    }),
  ],
  whyNothing: alwaysOffered,
  notes: (route) => [
    'referred: the welder’s procedure and local codes go first; everything around it gets hot',
    ...fastenerNote(route),
  ],
  steps: noSteps,
};
