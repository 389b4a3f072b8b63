import { judgeReplace } from '../checks/replace.ts';
import { fastenerNote } from '../fastenerNote.ts';
import { alwaysOffered, type Method } from '../Method.ts';
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
  steps: () => [
    {
      id: 'compare-part',
      title: 'Hold the new part beside the old one',
      what: 'Every thread, seat and height before anything is taken apart; run the maker’s screws in by hand.',
      caution: null,
      minutes: 15,
    },
    {
      id: 'mark-old',
      title: 'Mark the old part',
      what: 'Paint across the hole and a card on it, so that nobody fits it again.',
      caution: null,
      minutes: 5,
    },
  ],
};
