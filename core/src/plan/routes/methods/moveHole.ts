import { isBolted, TIP_PITCHES } from '../../../judge/hole/index.ts';
import { drillPointMm } from '../../cutting/index.ts';
import { judgePlace } from '../checks/place.ts';
import { carriedBy, judgeStrength } from '../checks/strength.ts';
import { fastenerNote } from '../fastenerNote.ts';
import { type Method } from '../Method.ts';
import { tapInParent } from '../tapInParent.ts';
import { withoutThread } from '../withoutThread.ts';

/** A new hole this many diameters from the old one leaves metal between them (rule of thumb). */
const MOVE_BY_D = 2.5;

/** Make the hole again beside the old one, where both parts allow: judged as the new hole that it becomes. */
export const moveHole: Method<Record<string, never>> = {
  propose: (context) => {
    const { hole, made, assessment } = context;
    if (!isBolted(hole)) return [];
    const { choice, drillMm, boreMm } = tapInParent(hole, hole.thread);
    const strength = judgeStrength({
      context,
      thread: hole.thread,
      engagement: { mm: made.engagementMm, halfWidthMm: 0 },
      boreMm,
      cutMm: hole.thread.majorMm,
    });
    const blind = hole.kind === 'blind';
    return [
      withoutThread(context, {
        id: 'move-hole',
        title: 'Move the hole',
        engagementMm: made.engagementMm,
        ...carriedBy(strength),
        checks: [judgePlace(MOVE_BY_D * hole.thread.majorMm), ...strength.checks],
        cut: {
          drill: choice.best,
          drillMm,
          boreMm,
          majorMm: hole.thread.majorMm,
          thread: hole.thread,
          outermostMm: assessment.outermostCutMm,
          tapName: `${hole.thread.designation} tap`,
          tapLeads: blind ? [4, 2] : [4],
        },
        depths: {
          fullThreadFromMm: 0,
          fullThreadToMm: assessment.threadEnd.mm,
          drillShoulderMm: hole.depth.mm,
          drillTipMm: blind ? hole.depth.mm + drillPointMm(drillMm) : hole.depth.mm,
          insertFromMm: null,
          insertToMm: null,
          countersinkMm: 0,
          screwReachMm: made.engagementMm + TIP_PITCHES * hole.thread.pitchMm,
        },
        workings: strength.workings,
        own: {},
      }),
    ];
  },
  whyNothing: () => 'what is screwed in cannot move',
  notes: (route) => ['the old hole is filled so that nobody uses it', ...fastenerNote(route)],
  steps: () => [
    {
      id: 'close-old',
      title: 'Close the old hole',
      what: 'A plug or a blind screw with sealant, flush, so that nobody uses it; move or open the hole in the part that it holds.',
      caution: null,
      minutes: 15,
    },
  ],
};
