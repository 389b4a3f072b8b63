import type { Check } from '../../../basis/checks/index.ts';
import { spokenLoad, spokenTorque } from '../../../basis/units/index.ts';
import { mostTorque, preloadN, PRELOAD_MARGINS } from '../../../judge/strength/index.ts';
import { plainCheck } from '../checks/sharedChecks.ts';
import { strengthChecks } from '../checks/strengthCheck.ts';
import type { RouteMethod } from '../RouteContext.ts';
import { torqueAsked } from '../torqueAsked.ts';
import { withoutThread } from './wholeHole.ts';

/** Less than this share of the screw's break load is not worth a derated duty (our estimate). */
const LEAST_DERATED_SHARE = 0.3;

/** Leave it, with what it still carries: only where that is enough and nothing worse than a loose screw follows. */
export const leaveIt: RouteMethod = (context) => {
  const { hole, assessment } = context;
  const reach = hole.joint.screwReach?.mm ?? assessment.threadEnd.mm;
  const toMm = Math.min(reach, assessment.threadEnd.mm);
  const engagementMm = hole.strippedThroughout ? 0 : Math.max(0, toMm - hole.damageTo.mm);
  const strength = strengthChecks({
    hole,
    thread: hole.thread,
    engagement: { mm: engagementMm, halfWidthMm: engagementMm > 0 ? assessment.sound.halfWidthMm : 0 },
    cutMm: assessment.outermostCutMm,
  });
  const loadN = strength.stripLeastN ?? 0;
  const asked = torqueAsked(hole, { thread: hole.thread, stripLeastN: strength.stripLeastN });
  const mostWords = spokenTorque(asked ? mostTorque(asked).torqueNm : 0);
  const wanted = hole.joint.demand;
  const enough =
    wanted.mode === 'preload'
      ? loadN >= PRELOAD_MARGINS[wanted.load].holds * preloadN(wanted.torqueNm, hole.thread.majorMm, wanted.friction)
      : loadN >= LEAST_DERATED_SHARE * strength.breakLoadN;
  const derated: Check = {
    ...plainCheck(
      'derated',
      'Derated duty',
      engagementMm > 0 && enough ? 'with-care' : 'does-not-hold',
      () =>
        engagementMm > 0 && asked === null
          ? 'the wall is outside the strength model: what it still carries is not known'
          : engagementMm > 0
            ? `it still carries ${spokenLoad(loadN)}, the screw ${spokenLoad(strength.breakLoadN)}: no more than ${mostWords}, oiled`
            : 'no sound thread is left to carry anything',
      engagementMm > 0 && enough
        ? { id: 'derate', step: `Mark the hole: no more than ${mostWords}, oiled, until it is mended.` }
        : undefined,
    ),
    value: loadN,
    limit: LEAST_DERATED_SHARE * strength.breakLoadN,
    unit: 'N',
  };
  return [
    withoutThread(context, {
      id: 'leave-it',
      method: 'leave-it',
      title: 'Leave it, derated',
      engagementMm,
      stripLoadN: strength.strip.stripLoadN,
      stripLeastN: strength.stripLeastN,
      checks: [derated],
      notes: ['nothing is cut; the damage stays and goes on'],
    }),
  ];
};
