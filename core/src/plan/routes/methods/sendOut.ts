import { judgeElsewhere } from '../checks/elsewhere.ts';
import { fastenerNote } from '../fastenerNote.ts';
import { alwaysOffered, noSteps, type Method } from '../Method.ts';
import { withoutThread } from '../withoutThread.ts';

/** Another shop with a boring machine, spark erosion or a welder. */
export const sendOut: Method<Record<string, never>> = {
  propose: (context) => [
    withoutThread(context, { id: 'send-out', title: 'Send it out', checks: [judgeElsewhere()], own: {} }),
  ],
  whyNothing: alwaysOffered,
  notes: (route) => ['costs days, and no metal here', ...fastenerNote(route)],
  steps: noSteps,
};
