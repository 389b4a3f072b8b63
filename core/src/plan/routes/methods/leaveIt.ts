import { mostTorque, preloadN, PRELOAD_MARGINS } from '../../../judge/strength/index.ts';
import { judgeDerated } from '../checks/derated.ts';
import { judgeStrength } from '../checks/strength.ts';
import { fastenerNote } from '../fastenerNote.ts';
import { alwaysOffered, noSteps, type Method } from '../Method.ts';
import { torqueInputOf } from '../torqueInputOf.ts';
import { withoutThread } from '../withoutThread.ts';

/** Less than this share of the screw's break load is not worth a derated duty (our estimate). */
const LEAST_DERATED_SHARE = 0.3;

/** Leave it, with what it still carries: only where that is enough and nothing worse than a loose screw follows. */
export const leaveIt: Method<Record<string, never>> = {
  propose: (context) => {
    const { hole, assessment } = context;
    const reach = hole.joint.screwReach?.mm ?? assessment.threadEnd.mm;
    const toMm = Math.min(reach, assessment.threadEnd.mm);
    const engagementMm = hole.strippedThroughout ? 0 : Math.max(0, toMm - hole.damageTo.mm);
    const strength = judgeStrength({
      hole,
      thread: hole.thread,
      engagement: { mm: engagementMm, halfWidthMm: engagementMm > 0 ? assessment.sound.halfWidthMm : 0 },
      cutMm: assessment.outermostCutMm,
    });
    const loadN = strength.stripLeastN ?? 0;
    const torqueInput = torqueInputOf(hole, { thread: hole.thread, stripLeastN: strength.stripLeastN });
    const wanted = hole.joint.demand;
    const enough =
      wanted.mode === 'preload'
        ? loadN >= PRELOAD_MARGINS[wanted.load].holds * preloadN(wanted.torqueNm, hole.thread.majorMm, wanted.friction)
        : loadN >= LEAST_DERATED_SHARE * strength.breakLoadN;
    const derated = judgeDerated(
      {
        loadN,
        breakN: strength.breakLoadN,
        share: LEAST_DERATED_SHARE,
        torqueNm: torqueInput ? mostTorque(torqueInput).torqueNm : 0,
        state: engagementMm <= 0 ? 'nothing' : torqueInput === null ? 'unknown' : 'carries',
      },
      enough,
    );
    return [
      withoutThread(context, {
        id: 'leave-it',
        title: 'Leave it, derated',
        engagementMm,
        stripLoadN: strength.strip.stripLoadN,
        stripLeastN: strength.stripLeastN,
        checks: [derated],
        own: {},
      }),
    ];
  },
  whyNothing: alwaysOffered,
  notes: (route) => ['nothing is cut; the damage stays and goes on', ...fastenerNote(route)],
  steps: noSteps,
};
