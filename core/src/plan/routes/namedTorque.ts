import { fastenerClass } from '../../facts/materials/index.ts';
import { hurts, isBolted, serviceTakenC } from '../../judge/hole/index.ts';
import {
  marginFor,
  mostTorque,
  parentAtTemperature,
  PRELOAD_MARGINS,
  screwHottestC,
  threadTorqueNm,
  type TorqueInput,
} from '../../judge/strength/index.ts';
import { plausibleFastener } from './fastener.ts';
import type { Proposed, RouteContext } from './Route.ts';

/** A torque where no maker's figure is known. Of an unknown class none is invented: the usual ones stand beside the thread's own limit. */
export type NamedTorque = {
  /** Null: the screw's class is not known. */
  torqueNm: number | null;
  limitedBy: 'thread' | 'screw';
  /** What the thread alone stands, oiled. */
  threadNm: number;
  /** Of the usual classes, never above what the thread stands; empty where the class is known. */
  classes: { name: string; torqueNm: number }[];
};

const USUAL_CLASSES = { metric: ['5.8', '8.8', '10.9'], inch: ['grade-2', 'grade-5', 'grade-8'] } as const;

/**
 * What the torque of a route follows from; null where none is named: no screw or stud, no thread that carries it, outside the
 * strength model, tightened to yield, a parent in which no preload stays, or too hot for the usual screws.
 */
export function torqueInputOf(
  { hole }: RouteContext,
  route: Pick<Proposed, 'thread' | 'stripLeastN'>,
): TorqueInput | null {
  const serviceC = serviceTakenC(hole);
  const { demand } = hole.joint;
  if (route.stripLeastN === null || !isBolted(hole) || demand.mode === 'to-yield') return null;
  const hot = parentAtTemperature(hole.parent, serviceC);
  if (!hot.holdsPreload || hot.beyond || serviceC > screwHottestC(hole.joint.fastenerClassId)) return null;
  const load = demand.mode === 'preload' ? demand.load : 'static';
  return {
    thread: route.thread,
    fastener: plausibleFastener(hole, route.thread, 'unfavourable', 'screw'),
    stripLeastN: route.stripLeastN,
    threadMargin: hurts(hole)
      ? marginFor('preload', { load, hurts: true, tooWeak: false }).holds
      : PRELOAD_MARGINS[load].holds,
    serviceC,
  };
}

export function namedTorque({ hole }: RouteContext, input: TorqueInput): NamedTorque {
  const threadNm = threadTorqueNm(input);
  const known = hole.joint.fastenerClassId !== null;
  const { torqueNm, limitedBy } = mostTorque(input);
  const system = input.thread.threadsPerInch === null ? 'metric' : 'inch';
  return {
    torqueNm: known ? torqueNm : null,
    limitedBy: known ? limitedBy : 'thread',
    threadNm,
    classes: known
      ? []
      : USUAL_CLASSES[system].map((id) => {
          const fastener = fastenerClass(id, input.thread.majorMm);
          return { name: fastener.name, torqueNm: mostTorque({ ...input, fastener }).torqueNm };
        }),
  };
}
