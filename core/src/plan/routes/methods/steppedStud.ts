import { isBolted } from '../../../judge/hole/index.ts';
import { clearanceHoles } from '../../../facts/drills/index.ts';
import { judgeTurnedPart } from '../checks/turnedPart.ts';
import { type Method } from '../Method.ts';
import { oversizeRoutes, shareNote, type OversizeOwn } from './oversize.ts';

/** The larger thread below, the old size above: where the mating part must stay as it is. */
export const steppedStud: Method<OversizeOwn> = {
  propose: (context) => {
    const { joint, thread } = context.hole;
    if (joint.mateMayBeOpened || !isBolted(context.hole)) return [];
    return oversizeRoutes(context)
      .filter((route) => joint.mateHole === null || joint.mateHole.mm < clearanceHoles(route.thread).closeMm)
      .map((route) => ({
        ...route,
        id: route.id.replace('oversize:', 'stepped-stud:'),
        title: `Stepped stud, ${route.thread.designation} below`,
        checks: [
          ...route.checks.filter((check) => check.id !== 'mate'),
          judgeTurnedPart({ below: route.thread.designation, above: thread.designation }),
        ],
      }));
  },
  whyNothing: () => 'the mating part may be opened, or is wide enough: a plain larger screw does it',
  notes: (route) => ['the mating part stays as it is; a nut replaces the screw’s head', shareNote(route.own)],
  steps: () => [
    {
      id: 'set-stud',
      title: 'Set the stepped stud',
      what: 'Turned or ordered: the larger thread below, the old one above, a radius between. Set it to its shoulder, or just short of the bottom; hold it while the nut turns.',
      caution: null,
      minutes: 10,
    },
  ],
};
