import type { Assessment } from '../../../judge/damage/index.ts';
import { TIP_PITCHES, type HoleCase, type Measured } from '../../../judge/hole/index.ts';
import { fastenerNote } from '../fastenerNote.ts';
import { alwaysOffered, noSteps, type Method } from '../Method.ts';
import { carriesTo, presentReach } from '../reach.ts';
import { sameThreadRoute } from '../sameThreadRoute.ts';

type Own = { reachKnown: boolean };

/** What a screw of this reach engages of the sound thread below the damage: its point carries nothing. */
function engagedWith(
  hole: HoleCase,
  { threadEnd }: Assessment,
  reach: Measured,
): { engagement: Measured; toMm: number } {
  const reachLimits = carriesTo(reach.mm, hole.thread) < threadEnd.mm;
  const toMm = reachLimits ? carriesTo(reach.mm, hole.thread) : threadEnd.mm;
  const endHalfWidth = reachLimits ? reach.halfWidthMm : threadEnd.halfWidthMm;
  const mm = hole.strippedThroughout ? 0 : Math.max(0, toMm - hole.damageTo.mm);
  return { engagement: { mm, halfWidthMm: mm > 0 ? Math.hypot(endHalfWidth, hole.damageTo.halfWidthMm) : 0 }, toMm };
}

/** The sound thread that the screw that is there engages; where its reach is not known, at both ends of what is plausible. */
export function engagedByPresent(hole: HoleCase, assessment: Assessment) {
  const { least, usual } = presentReach(hole);
  const at = engagedWith(hole, assessment, least);
  return {
    ...at,
    ...(usual && !hole.strippedThroughout ? { usualEngagement: engagedWith(hole, assessment, usual).engagement } : {}),
  };
}

/** Clean up by hand, following the old helix, and use the sound thread below the damage with the screw that is there. */
export const cleanUp: Method<Own> = {
  propose: (context) => {
    const { hole, assessment } = context;
    const engaged = engagedByPresent(hole, assessment);
    return [
      sameThreadRoute(context, {
        id: `clean-up:${hole.thread.id}`,
        title: 'Clean up and reuse',
        ...engaged,
        reachMm: engaged.toMm + TIP_PITCHES * hole.thread.pitchMm,
        tapLeads: hole.kind === 'through' ? [4] : [4, 2],
        checks: [],
        own: { reachKnown: hole.joint.screwReach !== null },
      }),
    ];
  },
  whyNothing: alwaysOffered,
  notes: (route) => [
    ...(route.own.reachKnown ? [] : ['the screw’s reach is not measured: taken at the least that is plausible']),
    ...fastenerNote(route),
  ],
  steps: noSteps,
};
