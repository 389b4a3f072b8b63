import { judgeElsewhere } from '../checks/elsewhere.ts';
import { fastenerNote } from '../fastenerNote.ts';
import { alwaysOffered, type Method } from '../Method.ts';
import { withoutThread } from '../withoutThread.ts';

/** Another shop with a boring machine, spark erosion or a welder. */
export const sendOut: Method<Record<string, never>> = {
  propose: (context) => [
    withoutThread(context, { id: 'send-out', title: 'Send it out', checks: [judgeElsewhere()], own: {} }),
  ],
  whyNothing: alwaysOffered,
  notes: (route) => ['costs days, and no metal here', ...fastenerNote(route)],
  steps: () => [
    {
      id: 'mark-and-send',
      title: 'Mark it and send it',
      what: 'Ring the hole in paint and tie a card to it: thread wanted, metal, what lies behind, what was tried, what must not get hot. Ask for the bore gauged before tapping, and for what was cut, in figures.',
      caution: 'Lifting points and weight on the card; drained, vented, and said so.',
      minutes: 20,
    },
    {
      id: 'take-back',
      title: 'Take it back',
      what: 'Compare what was done with what was asked, then gauge it here as if it had been cut here.',
      caution: null,
      minutes: 15,
    },
  ],
};
