import { fastenerNote } from '../fastenerNote.ts';
import { alwaysOffered, noSteps, type Method } from '../Method.ts';
import { sameThreadRoute } from '../sameThreadRoute.ts';

type Own = { reachKnown: boolean };

/** Clean up by hand, following the old helix, and use the sound thread below the damage with the screw that is there. */
export const cleanUp: Method<Own> = {
  propose: (context) => {
    const { hole, assessment } = context;
    const reach = hole.joint.screwReach;
    const reachLimits = reach !== null && reach.mm < assessment.threadEnd.mm;
    const toMm = reachLimits ? reach.mm : assessment.threadEnd.mm;
    const endHalfWidth = reachLimits ? reach.halfWidthMm : assessment.threadEnd.halfWidthMm;
    const mm = hole.strippedThroughout ? 0 : Math.max(0, toMm - hole.damageTo.mm);
    return [
      sameThreadRoute(context, {
        id: `clean-up:${hole.thread.id}`,
        title: 'Clean up and reuse',
        engagement: { mm, halfWidthMm: mm > 0 ? Math.hypot(endHalfWidth, hole.damageTo.halfWidthMm) : 0 },
        toMm,
        tapLeads: hole.kind === 'through' ? [4] : [4, 2],
        checks: [],
        own: { reachKnown: reach !== null },
      }),
    ];
  },
  whyNothing: alwaysOffered,
  notes: (route) => [
    ...(route.own.reachKnown ? [] : ['the screw’s reach is not measured: taken to reach the end of the thread']),
    ...fastenerNote(route),
  ],
  steps: noSteps,
};
