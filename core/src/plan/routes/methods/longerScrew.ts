import { isBolted } from '../../../judge/hole/index.ts';
import { depthBudget } from '../../cutting/index.ts';
import { judgeGain } from '../checks/gain.ts';
import { fastenerNote } from '../fastenerNote.ts';
import { type Method } from '../Method.ts';
import { carriesTo, prescribedTo } from '../reach.ts';
import { sameThreadRoute } from '../sameThreadRoute.ts';
import { LAST_LEAD } from '../tapInParent.ts';

type Own = { toMm: number };

/** Use the sound thread deeper down: a longer screw, and in a blind hole the tap run as deep as its lead and the chips allow. */
export const longerScrew: Method<Own> = {
  propose: (context) => {
    const { hole, assessment } = context;
    const { thread, depth, damageTo } = hole;
    const blind = hole.kind === 'blind';
    // Two threads of lead with chip room is what a careful hand gets out of a blind hole without a special tap.
    const tapped = blind
      ? depthBudget({ cylinderMm: depth.mm, pitchMm: thread.pitchMm, wantedFullThreadMm: 0 }).reaches.find(
          (row) => row.leadThreads === LAST_LEAD,
        )!.withChipsMm
      : depth.mm;
    const toMm = Math.max(assessment.threadEnd.mm, tapped);
    if (!isBolted(hole)) return [];
    const { screwReach } = hole.joint;
    const carriedToMm = prescribedTo(context, toMm, thread);
    const mm = blind || !hole.strippedThroughout ? Math.max(0, carriedToMm - damageTo.mm) : 0;
    // Of a screw that nobody measured it cannot be said what a longer one gains; its reach is prescribed and judged.
    const gain =
      screwReach === null
        ? []
        : [
            judgeGain({
              gainMm: carriedToMm - carriesTo(screwReach.mm, thread),
              pitchMm: thread.pitchMm,
              cylinderMm: blind ? depth.mm : null,
              toMm: carriedToMm,
              fromMm: carriesTo(screwReach.mm, thread),
              reachKnown: true,
            }),
          ];
    const reachMm = carriedToMm + thread.pitchMm;
    return [
      sameThreadRoute(context, {
        id: `longer-screw:${thread.id}`,
        title: blind ? 'Tap deeper, longer screw' : 'Longer screw',
        engagement: { mm, halfWidthMm: mm > 0 ? Math.hypot(depth.halfWidthMm, damageTo.halfWidthMm) : 0 },
        toMm: carriedToMm,
        reachMm,
        tapLeads: blind ? [4, 2] : [4],
        checks: gain,
        own: { toMm: reachMm },
      }),
    ];
  },
  whyNothing: () => 'what is screwed in has the length that its maker gave it',
  notes: (route, say) => [
    `needs a screw that reaches ${say.length(route.own.toMm)} below the face`,
    ...fastenerNote(route),
  ],
  steps: () => [
    {
      id: 'try-screw',
      title: 'Try the longer screw',
      what: 'By hand to the bottom: its head must come down on the face with room left under its point. Count the turns.',
      caution: null,
      minutes: 5,
    },
  ],
};
