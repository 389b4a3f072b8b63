import { isBolted } from '../../../judge/hole/index.ts';
import { clearanceDrills, expectedBoreMm } from '../../../facts/drills/index.ts';
import { judgeBack } from '../checks/back.ts';
import { judgeNutRoom } from '../checks/nutRoom.ts';
import { judgeWall } from '../checks/wall.ts';
import { fastenerNote } from '../fastenerNote.ts';
import type { Method } from '../Method.ts';
import { judgeBolt } from '../checks/bolt.ts';
import { judgeTorque } from '../checks/torque.ts';
import { withoutThread } from '../withoutThread.ts';

type Own = { clearMm: number };

/** Bore it clear and bolt through with a nut, or into a tapped plate behind. */
export const throughBolt: Method<Own> = {
  propose: (context) => {
    const { hole, assessment } = context;
    if (!isBolted(hole)) return [];
    const drill = clearanceDrills(hole.thread, hole.rack)[0]!;
    const clearMm = Math.max(drill.wantedMm, assessment.cleanUpOwnMm);
    return [
      withoutThread(context, {
        id: 'through-bolt',
        title: 'Through bolt and nut',
        checks: [
          judgeBack(hole),
          ...judgeNutRoom(hole),
          ...judgeWall(hole, clearMm, true),
          judgeBolt(context),
          ...judgeTorque(hole, hole.thread),
        ],
        cut: {
          drill: null,
          drillMm: drill.drill?.diameterMm ?? clearMm,
          boreMm: drill.drill ? expectedBoreMm(drill.drill.diameterMm, hole.rack.drilling) : clearMm,
          majorMm: clearMm,
          thread: null,
          outermostMm: Math.max(clearMm, assessment.outermostCutMm),
          tapName: '',
          tapLeads: [],
        },
        own: { clearMm },
      }),
    ];
  },
  whyNothing: () => 'what is screwed in is no screw',
  notes: (route, say) => [
    `bore clear to ${say.length(route.own.clearMm)}; nut of the screw’s class, washer on soft metal; or a tapped plate behind where a nut has no room`,
    ...fastenerNote(route),
  ],
  steps: ({ clearMm }, say) => [
    {
      id: 'bolt-through',
      title: 'Bolt through',
      what: `Through the hole bored clear to ${say.length(clearMm)}: bolt, washers, nut of the same class; hold the head while the nut turns.`,
      caution: null,
      minutes: 15,
    },
  ],
};
