import { isBolted, TIP_PITCHES } from '../../../judge/hole/index.ts';
import { preloadN, PRELOAD_MARGINS, threadTorqueNm } from '../../../judge/strength/index.ts';
import { judgeDerated } from '../checks/derated.ts';
import { judgeStrength } from '../checks/strength.ts';
import { fastenerNote } from '../fastenerNote.ts';
import { type Method } from '../Method.ts';
import { engagedByPresent } from './cleanUp.ts';
import { torqueInputOf } from '../namedTorque.ts';
import { wornBoreOf } from '../stripInput.ts';
import { depthsAsItStands, withoutThread } from '../withoutThread.ts';

/** Less than this share of the screw's break load is not worth a derated duty (our estimate). */
const LEAST_DERATED_SHARE = 0.3;

/** Leave it, with what it still carries: only where that is enough and nothing worse than a loose screw follows. */
export const leaveIt: Method<Record<string, never>> = {
  propose: (context) => {
    const { hole, assessment } = context;
    if (!isBolted(hole)) return [];
    const { engagement, toMm } = engagedByPresent(hole, assessment);
    const engagementMm = engagement.mm;
    const strength = judgeStrength({
      context,
      thread: hole.thread,
      engagement,
      oval: hole.damageTo.mm === 0 ? wornBoreOf(hole) : null,
      cutMm: assessment.outermostCutMm,
    });
    const loadN = strength.stripLeastN ?? 0;
    const torqueInput = torqueInputOf(context, { thread: hole.thread, stripLeastN: strength.stripLeastN });
    const wanted = hole.joint.demand;
    const dutyN = Math.min(strength.breakLoadN, context.made.stripN.unfavourable.nominal ?? Infinity);
    const enough =
      wanted.mode === 'preload'
        ? loadN >= PRELOAD_MARGINS[wanted.load].holds * preloadN(wanted.torqueNm, hole.thread.majorMm, wanted.friction)
        : loadN >= LEAST_DERATED_SHARE * dutyN;
    const derated = judgeDerated(
      {
        loadN,
        breakN: dutyN,
        share: LEAST_DERATED_SHARE,
        torqueNm: torqueInput ? threadTorqueNm(torqueInput) : 0,
        state: engagementMm <= 0 ? 'nothing' : torqueInput === null ? 'unknown' : 'carries',
      },
      enough,
    );
    return [
      withoutThread(context, {
        id: 'leave-it',
        title: 'Leave it, derated',
        engagementMm,
        depths: { ...depthsAsItStands(hole), screwReachMm: toMm + TIP_PITCHES * hole.thread.pitchMm },
        stripLoadN: strength.strip.stripLoadN,
        stripLeastN: strength.stripLeastN,
        checks: [derated],
        own: {},
      }),
    ];
  },
  whyNothing: () => 'a derated duty is for a screw or a stud',
  notes: (route) => ['nothing is cut; the damage stays and goes on', ...fastenerNote(route)],
  steps: () => [
    {
      id: 'mark-limit',
      title: 'Mark its limit',
      what: 'Write the torque that it stands beside the hole and in its record; a paint line over screw and face shows whether it moves.',
      caution: 'Look again after the first hours, and at each service.',
      minutes: 5,
    },
  ],
};
