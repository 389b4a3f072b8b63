import type { Check } from '../../../basis/checks/index.ts';
import { spokenLength } from '../../../basis/units/index.ts';
import { depthBudget } from '../../cutting/index.ts';
import type { RouteMethod } from '../RouteContext.ts';
import { sameThreadRoute } from './cleanUp.ts';

/** Use the sound thread deeper down: a longer screw, and in a blind hole the tap run as deep as its lead and the chips allow. */
export const longerScrew: RouteMethod = ({ hole, assessment }) => {
  const { thread, depth, damageTo } = hole;
  const blind = hole.kind === 'blind';
  // Two threads of lead with chip room is what a careful hand gets out of a blind hole without a special tap.
  const budget = blind ? depthBudget({ cylinderMm: depth.mm, pitchMm: thread.pitchMm, wantedFullThreadMm: 0 }) : null;
  const tapped = budget ? budget.reaches.find((row) => row.leadThreads === 2)!.withChipsMm : depth.mm;
  const toMm = Math.max(assessment.threadEnd.mm, tapped);
  const reach = hole.joint.screwReach;
  const mm = blind || !hole.strippedThroughout ? Math.max(0, toMm - damageTo.mm) : 0;
  const gainMm = reach === null ? toMm - assessment.threadEnd.mm : toMm - reach.mm;
  const gains = gainMm >= thread.pitchMm;
  const because = () =>
    gains
      ? `${spokenLength(gainMm)} more thread to use`
      : reach === null && !blind
        ? 'the screw’s reach is not measured, so a longer one may gain nothing'
        : 'the present screw already reaches the end of what can be threaded';
  const gain: Check = {
    id: 'gain',
    title: 'Room below the present screw',
    verdict: gains ? 'holds' : 'does-not-hold',
    value: gainMm,
    valuePessimistic: gainMm,
    limit: thread.pitchMm,
    unit: 'mm',
    because,
    working: budget?.working ?? null,
    ...(!gains && reach === null ? { settledBy: 'screw-reach' } : {}),
  };
  return [
    sameThreadRoute(hole, assessment, {
      id: `longer-screw:${thread.id}`,
      method: 'longer-screw',
      title: blind ? 'Tap deeper, longer screw' : 'Longer screw',
      engagement: { mm, halfWidthMm: mm > 0 ? Math.hypot(depth.halfWidthMm, damageTo.halfWidthMm) : 0 },
      toMm,
      tapLeads: blind ? [4, 2] : [4],
      checks: [gain],
      notes: [`needs a screw that reaches ${spokenLength(toMm)} below the face`],
    }),
  ];
};
