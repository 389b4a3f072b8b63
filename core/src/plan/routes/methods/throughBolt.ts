import type { Check } from '../../../basis/checks/index.ts';
import { spokenLength } from '../../../basis/units/index.ts';
import { clearanceDrills, expectedBoreMm } from '../../../facts/drills/index.ts';
import type { HoleCase } from '../../../judge/hole/index.ts';
import { plainCheck } from '../checks/sharedChecks.ts';
import { wallCheck } from '../checks/wallCheck.ts';
import type { RouteMethod } from '../RouteContext.ts';
import { withoutThread } from './wholeHole.ts';

/** A nut is 0.8 D high, and two threads stand out of it (ISO 4032, rounded up). */
const NUT_HEIGHT_D = 0.8;

function nutRoomCheck({ joint, thread }: HoleCase): Check[] {
  const { endRoom } = joint;
  if (endRoom === null) return [];
  const needMm = NUT_HEIGHT_D * thread.majorMm + 2 * thread.pitchMm;
  const holds = endRoom.mm - endRoom.halfWidthMm >= needMm;
  return [
    {
      ...plainCheck(
        'nut-room',
        'Room for the nut',
        holds ? 'holds' : 'does-not-hold',
        () => `${spokenLength(endRoom.mm)} behind; nut and screw end need ${spokenLength(needMm)}`,
      ),
      value: endRoom.mm,
      limit: needMm,
      unit: 'mm',
    },
  ];
}

/** Bore it clear and bolt through with a nut, or into a tapped plate behind. */
export const throughBolt: RouteMethod = (context) => {
  const { hole, assessment } = context;
  const open = hole.kind === 'through';
  const drill = clearanceDrills(hole.thread, hole.rack)[0]!;
  const wantedMm = Math.max(drill.wantedMm, assessment.cleanUpOwnMm);
  const checks: Check[] = [
    open && hole.joint.backReached
      ? plainCheck('back', 'Back can be reached', 'holds', 'a nut or a tapped plate fits behind')
      : plainCheck(
          'back',
          'Back can be reached',
          'does-not-hold',
          open ? 'the back is not said to be reached' : 'the hole is blind: there is no back to reach',
        ),
    ...nutRoomCheck(hole),
    ...wallCheck(hole, wantedMm, true),
  ];
  return [
    withoutThread(context, {
      id: 'through-bolt',
      method: 'through-bolt',
      title: 'Through bolt and nut',
      checks,
      cut: {
        drill: null,
        boreMm: drill.drill ? expectedBoreMm(drill.drill.diameterMm, hole.rack.drilling) : wantedMm,
        majorMm: wantedMm,
        thread: null,
        outermostMm: Math.max(wantedMm, assessment.outermostCutMm),
        tapName: '',
        tapLeads: [],
      },
      notes: [
        `bore clear to ${spokenLength(wantedMm)}; nut of the screw’s class, washer on soft metal; or a tapped plate behind where a nut has no room`,
      ],
      ownSteps: [
        {
          id: 'bolt-through',
          title: 'Bolt through',
          what: `Bore clear to ${spokenLength(wantedMm)}. Bolt, washers, nut of the same class; hold the head while the nut turns.`,
          caution: null,
        },
      ],
    }),
  ];
};
