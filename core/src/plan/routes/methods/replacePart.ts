import { judgeReplace } from '../checks/replace.ts';
import { fastenerNote } from '../fastenerNote.ts';
import { alwaysOffered, noSteps, type Method } from '../Method.ts';
import { withoutThread } from '../withoutThread.ts';

/** A new or sound part: always there to be weighed against the mend. */
export const replacePart: Method<Record<string, never>> = {
  propose: (context) => [
    withoutThread(context, {
      id: 'replace-part',
      title: 'Replace the part',
      checks: [judgeReplace(context.hole)],
      own: {},
    }),
  ],
  whyNothing: alwaysOffered,
  notes: (route) => ['the old part is marked so that nobody fits it again', ...fastenerNote(route)],
  steps: noSteps,
};
