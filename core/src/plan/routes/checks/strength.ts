import { verdictUnderDoubt, type CheckOf, type Verdict } from '../../../basis/checks/index.ts';
import type { CoilHole } from '../../../facts/inserts/index.ts';
import { fastenerClass, type FastenerClassRow } from '../../../facts/materials/index.ts';
import type { Thread } from '../../../facts/threads/index.ts';
import type { WornBore } from '../../../judge/damage/index.ts';
import type { HoleCase, Measured } from '../../../judge/hole/index.ts';
import {
  breakFacts,
  breakLoadN,
  parentAtTemperature,
  FASTENER_FIRST,
  PRELOAD_MARGINS,
  PRELOAD_SCATTER,
  preloadN,
  proofLoadN,
  shearAreaFacts,
  stripFacts,
  stripLoad,
  type StripInput,
  type StripLoad,
} from '../../../judge/strength/index.ts';
import type { RouteWorking } from '../routeWorkings.ts';
import type { BreaksFirstFacts } from './breaksFirst.ts';
import type { CarriesPreloadFacts } from './carriesPreload.ts';
import { judgeTorque, type TorqueCheckFacts } from './torque.ts';

/** Class taken where the reader does not know: the usual one of the system, named as an assumption. */
const ASSUMED_CLASS = { metric: '8.8', inch: 'grade-5' } as const;

/** Nearest class in the other system; stainless keeps its own row. */
const CROSS_SYSTEM: Readonly<Record<string, string>> = {
  '4.6': 'grade-2',
  '5.8': 'grade-2',
  '8.8': 'grade-5',
  '10.9': 'grade-8',
  '12.9': 'grade-8',
  'grade-2': '5.8',
  'grade-5': '8.8',
  'grade-8': '10.9',
};

/** The worn bore as the strength looks at it: round the true axis, or round its own. */
export function wornBoreOf(hole: HoleCase): WornBore | null {
  if (!hole.bore) return null;
  const { aMm, bMm } = hole.bore;
  const offset = hole.axis === 'true' ? hole.boreOffset : null;
  return { aMm, bMm, alongMm: offset?.alongMm ?? 0, acrossMm: offset?.acrossMm ?? 0 };
}

/** The class of screw that a thread gets: as it was said, the usual one, or the nearest of the other system. */
export type TakenFastener = { name: string; taken: 'as-said' | 'assumed' | 'replaced'; insteadOf: string | null };

export function fastenerFor(hole: HoleCase, thread: Thread): { fastener: FastenerClassRow; taken: TakenFastener } {
  const system = thread.threadsPerInch === null ? 'metric' : 'inch';
  const saidId = hole.joint.fastenerClassId;
  if (saidId === null) {
    const fastener = fastenerClass(ASSUMED_CLASS[system], thread.majorMm);
    return { fastener, taken: { name: fastener.name, taken: 'assumed', insteadOf: null } };
  }
  const own = fastenerClass(saidId, thread.majorMm);
  if (own.system === system || !(saidId in CROSS_SYSTEM))
    return { fastener: own, taken: { name: own.name, taken: 'as-said', insteadOf: null } };
  const fastener = fastenerClass(CROSS_SYSTEM[saidId]!, thread.majorMm);
  return { fastener, taken: { name: fastener.name, taken: 'replaced', insteadOf: own.name } };
}

export interface StrengthInput {
  hole: HoleCase;
  thread: Thread;
  engagement: Measured;
  coil?: CoilHole;
  boreMm?: number;
  oval?: WornBore | null;
  /** Thread that a bush or plug cuts in the parent. */
  outer?: Thread;
  /** Major diameter cut in the parent. */
  cutMm: number;
}

type StrengthCheck =
  | CheckOf<'breaks-first', BreaksFirstFacts>
  | CheckOf<'carries-preload', CarriesPreloadFacts>
  | CheckOf<'torque', TorqueCheckFacts>;

export interface StrengthResult {
  checks: StrengthCheck[];
  strip: StripLoad;
  /** Strip load at the pessimistic end of the readings. */
  stripLeastN: number | null;
  breakLoadN: number;
  fastener: TakenFastener;
  balanceEngagementMm: number | null;
  workings: RouteWorking[];
}

function stripAt(input: StrengthInput, fastener: FastenerClassRow, end: 'nominal' | 'pessimistic'): StripInput {
  const { hole, engagement } = input;
  const sign = end === 'pessimistic' ? 1 : 0;
  const engagementMm = Math.max(0, engagement.mm - sign * engagement.halfWidthMm);
  const edgeMm = hole.edge ? hole.edge.mm - sign * hole.edge.halfWidthMm : null;
  const wornBy = hole.bore ? sign * hole.bore.halfWidthMm : 0;
  return {
    thread: input.thread,
    fastener,
    parentShearMpa:
      (hole.parentTensileMpa ?? hole.parent.tensileLowMpa) *
      hole.parent.shearRatio *
      parentAtTemperature(hole.parent, hole.joint.serviceC).factor,
    engagementMm,
    coil: input.coil,
    boreMm: input.boreMm,
    outer: input.outer,
    oval: input.oval ? { ...input.oval, aMm: input.oval.aMm + wornBy, bMm: input.oval.bMm + wornBy } : null,
    dilationRatio: edgeMm === null ? null : (2 * edgeMm) / input.cutMm,
  };
}

/** Which reading moves the strength most: the one that a doubt names. */
function doubtfulReading(hole: HoleCase, engagement: Measured): string {
  const relative = (measured: Measured | null) =>
    measured && measured.mm > 0 ? measured.halfWidthMm / measured.mm : 0;
  if (relative(hole.edge) > relative(engagement)) return 'edge';
  return hole.damageTo.halfWidthMm >= hole.depth.halfWidthMm && !hole.strippedThroughout ? 'damage-to' : 'depth';
}

/**
 * Strength of a route by the demand of the joint. *Fastener first*: strip over break load, 1.25 holds, 1.0 with care
 * (it may strip before it breaks). A larger screw that fails this but carries 1.25 × the old screw's break load is with
 * care at the old torque. *Preload*: strip over F = T/(K·d) at the lowest credible K, and 1.3 F within proof load.
 */
export function judgeStrength(input: StrengthInput): StrengthResult {
  const { hole, thread } = input;
  const { fastener, taken } = fastenerFor(hole, thread);
  const asRead = stripAt(input, fastener, 'nominal');
  const strip = stripLoad(asRead);
  const pessimistic = stripLoad(stripAt(input, fastener, 'pessimistic'));
  const breakN = breakLoadN(thread, fastener);
  const { demand } = hole.joint;
  const needN = demand.mode === 'preload' ? preloadN(demand.torqueNm, thread.majorMm, demand.friction) : breakN;
  const limits = demand.mode === 'preload' ? PRELOAD_MARGINS[demand.load] : FASTENER_FIRST;
  const judge = (load: StripLoad): Verdict => {
    if (load.stripLoadN === null) return 'does-not-hold';
    const margin = load.stripLoadN / needN;
    return margin >= limits.holds ? 'holds' : margin >= limits.care ? 'with-care' : 'does-not-hold';
  };
  const doubt = verdictUnderDoubt(judge(strip), judge(pessimistic));
  const oldBreakN = breakLoadN(hole.thread, fastenerFor(hole, hole.thread).fastener);
  const isLarger = thread.majorMm > hole.thread.majorMm * 1.02;
  const keepsOldTorque =
    doubt.verdict !== 'holds' &&
    isLarger &&
    demand.mode === 'fastener-first' &&
    (pessimistic.stripLoadN ?? 0) >= FASTENER_FIRST.holds * oldBreakN;
  const doubtful = doubt.needsReading && !keepsOldTorque;
  const stripN = strip.stripLoadN;
  const common = {
    verdict: keepsOldTorque ? 'with-care' : doubt.verdict,
    value: stripN === null ? null : stripN / needN,
    valuePessimistic: pessimistic.stripLoadN === null ? null : pessimistic.stripLoadN / needN,
    limit: limits.holds,
    unit: 'times',
    ...(doubtful ? { settledBy: doubtfulReading(hole, input.engagement) } : {}),
    ...(keepsOldTorque ? { remedy: 'keep-old-torque' } : {}),
  } as const;
  const numbers = stripFacts(asRead, strip);
  const side = strip.weakerSide;
  const checks: StrengthCheck[] =
    demand.mode === 'preload'
      ? [
          {
            ...common,
            kind: 'carries-preload',
            id: 'carries-preload',
            facts: { stripN, side, needN, doubtful, strip: numbers },
          },
          judgeTorque({
            torqueNm: demand.torqueNm,
            friction: demand.friction,
            majorMm: thread.majorMm,
            preloadN: needN,
            highN: PRELOAD_SCATTER * needN,
            proofN: proofLoadN(thread, fastener),
          }),
        ]
      : [
          {
            ...common,
            kind: 'breaks-first',
            id: 'breaks-first',
            facts: { stripN, side, breakN, oldBreakN: keepsOldTorque ? oldBreakN : null, doubtful, strip: numbers },
          },
        ];
  return {
    checks,
    strip,
    stripLeastN: pessimistic.stripLoadN,
    breakLoadN: breakN,
    fastener: taken,
    // Strip load is proportional to engagement, so balance is a ratio.
    balanceEngagementMm: stripN !== null && stripN > 0 ? (input.engagement.mm * needN) / stripN : null,
    workings: [
      { kind: 'shear-area', facts: shearAreaFacts(asRead) },
      { kind: 'strip', facts: numbers },
      { kind: 'break', facts: breakFacts(thread, fastener) },
    ],
  };
}
