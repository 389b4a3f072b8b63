import type { WayId } from '../../../facts/ways/index.ts';
import { isBolted, type HoleCase } from '../../../judge/hole/index.ts';
import { TURNS_HOLD } from '../checks/turns.ts';
import { judgeTorque } from '../checks/torque.ts';
import { judgeThinWall } from '../checks/thinWall.ts';
import { judgeWall } from '../checks/wall.ts';
import type { Method, OwnStep } from '../Method.ts';
import type { RouteContext } from '../Route.ts';
import { withoutThread } from '../withoutThread.ts';

/** Outer diameter of the hole that a rivet nut wants, in diameters of its thread (our estimate; the maker's sheet wins). */
const RIVET_NUT_D = 1.4;

type Own = { kind: 'backing-plate' | 'rivet-nut' | 'weld-nut'; cutMm: number };

/** A wall is thin that new had fewer turns than hold. */
const isThin = ({ made }: RouteContext): boolean => made.turns < TURNS_HOLD;

const STEPS: Readonly<Record<Own['kind'], Omit<OwnStep, 'id'>>> = {
  'backing-plate': {
    title: 'Fit a nut plate behind',
    what: 'Bore the wall clear. A tapped plate or a nut plate behind it, held by two rivets or screws, spreads the load; sealant between where it must keep tight.',
    caution: null,
    minutes: 20,
  },
  'rivet-nut': {
    title: 'Set the rivet nut',
    what: 'Drill to the hole on the nut’s own sheet, deburr, set it square with its tool; try that it does not turn before it is used.',
    caution: 'Never beyond its sheet’s torque: it turns.',
    minutes: 20,
  },
  'weld-nut': {
    title: 'Weld the nut behind',
    what: 'Bore the wall clear, hold the nut on its axis with an old screw, weld it in short runs, let it cool, run a tap through by hand.',
    caution: 'Hot work: seals out, fire watch, fumes. Never on a closed vessel.',
    minutes: 20,
  },
};

const thinWay = (kind: Own['kind'], title: string): Method<Own> => ({
  propose: (context) => {
    const { hole } = context;
    if (!isThin(context) || !isBolted(hole) || hole.kind !== 'through') return [];
    const cutMm = kind === 'rivet-nut' ? RIVET_NUT_D * hole.thread.majorMm : hole.thread.majorMm;
    return [
      withoutThread(context, {
        id: kind satisfies WayId,
        title,
        checks: [judgeThinWall(context, kind), ...judgeWall(hole, cutMm, true), ...judgeTorque(hole, hole.thread)],
        cut: {
          drill: null,
          drillMm: cutMm,
          boreMm: cutMm,
          majorMm: cutMm,
          thread: null,
          outermostMm: Math.max(cutMm, context.assessment.outermostCutMm),
          tapName: '',
          tapLeads: [],
        },
        own: { kind, cutMm },
      }),
    ];
  },
  whyNothing: (hole: HoleCase) =>
    hole.kind === 'blind' ? 'the hole does not go through' : 'the metal is thick enough for a thread of its own',
  notes: () => [],
  steps: (own) => [{ id: own.kind, ...STEPS[own.kind] }],
});

/** What holds a screw where the wall is too thin for a thread. */
export const backingPlate = thinWay('backing-plate', 'Nut plate or backing plate');
export const rivetNut = thinWay('rivet-nut', 'Rivet nut');
export const weldNut = thinWay('weld-nut', 'Weld nut behind');
