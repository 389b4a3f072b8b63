import { judgePlace } from '../checks/place.ts';
import { fastenerNote } from '../fastenerNote.ts';
import { alwaysOffered, noSteps, type Method } from '../Method.ts';
import { withoutThread } from '../withoutThread.ts';

/** A new hole this many diameters from the old one leaves metal between them (rule of thumb). */
const MOVE_BY_D = 2.5;

/** Make the hole again beside the old one, where both parts allow. */
export const moveHole: Method<Record<string, never>> = {
  propose: (context) => [
    withoutThread(context, {
      id: 'move-hole',
      title: 'Move the hole',
      checks: [judgePlace(MOVE_BY_D * context.hole.thread.majorMm)],
      own: {},
    }),
  ],
  whyNothing: alwaysOffered,
  notes: (route) => ['the old hole is filled so that nobody uses it', ...fastenerNote(route)],
  steps: noSteps,
};
