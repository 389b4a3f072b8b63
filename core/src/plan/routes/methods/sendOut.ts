import { plainCheck } from '../checks/sharedChecks.ts';
import type { RouteMethod } from '../RouteContext.ts';
import { withoutThread } from './wholeHole.ts';

/** Another shop with a boring machine, spark erosion or a welder. */
export const sendOut: RouteMethod = (context) => [
  withoutThread(context, {
    id: 'send-out',
    method: 'send-out',
    title: 'Send it out',
    checks: [
      plainCheck(
        'elsewhere',
        'Done elsewhere',
        'with-care',
        'another shop judges and answers for it; this record goes with the part',
        {
          id: 'refer',
          step: 'Send the readings and this record with the part.',
        },
      ),
    ],
    notes: ['costs days, and no metal here'],
  }),
];
