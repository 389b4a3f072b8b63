import { verdictUnderDoubt, type Check, type AskedWorking, type Verdict } from '../../../basis/checks/index.ts';
import { spokenLoad } from '../../../basis/units/index.ts';
import { fastenerClass, type FastenerClassRow } from '../../../facts/materials/index.ts';
import type { CoilHole } from '../../../facts/inserts/index.ts';
import type { Thread } from '../../../facts/threads/index.ts';
import type { WornBore } from '../../../judge/damage/index.ts';
import type { HoleCase, Measured } from '../../../judge/hole/index.ts';
import {
  breakLoadN,
  breakLoadWorking,
  DILATION_LOWEST_RATIO,
  NUT_FACTOR,
  parentAtTemperature,
  PRELOAD_MARGINS,
  PRELOAD_SCATTER,
  preloadN,
  proofLoadN,
  stripLoad,
  stripAreaWorking,
  stripLoadWorking,
  type StripInput,
  type StripLoad,
} from '../../../judge/strength/index.ts';

/** Fastener first: 1.25 covers a screw 20 % above its class minimum. */
const FIRST_HOLDS = 1.25;
const FIRST_CARE = 1.0;

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

/** The class of screw that a thread gets, and what was assumed to get there. */
export function fastenerFor(hole: HoleCase, thread: Thread): { fastener: FastenerClassRow; assumed: string | null } {
  const system = thread.threadsPerInch === null ? 'metric' : 'inch';
  const asked = hole.joint.fastenerClassId;
  if (asked === null) {
    const fastener = fastenerClass(ASSUMED_CLASS[system], thread.majorMm);
    return { fastener, assumed: `strength of the screw not known: ${fastener.name} assumed` };
  }
  const own = fastenerClass(asked, thread.majorMm);
  if (own.system === system || !(asked in CROSS_SYSTEM)) return { fastener: own, assumed: null };
  const fastener = fastenerClass(CROSS_SYSTEM[asked]!, thread.majorMm);
  return { fastener, assumed: `${fastener.name} taken in place of ${own.name}` };
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

export interface StrengthResult {
  checks: Check[];
  strip: StripLoad;
  /** Strip load at the pessimistic end of the readings. */
  stripLeastN: number | null;
  breakLoadN: number;
  fastener: FastenerClassRow;
  balanceEngagementMm: number | null;
  notes: string[];
  workings: AskedWorking[];
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
export function strengthChecks(input: StrengthInput): StrengthResult {
  const { hole, thread } = input;
  const { fastener, assumed } = fastenerFor(hole, thread);
  const asRead = stripAt(input, fastener, 'nominal');
  const nominal = stripLoad(asRead);
  const pessimistic = stripLoad(stripAt(input, fastener, 'pessimistic'));
  const breakN = breakLoadN(thread, fastener);
  const notes = assumed ? [assumed] : [];
  const { demand } = hole.joint;
  const needN = demand.mode === 'preload' ? preloadN(demand.torqueNm, thread.majorMm, demand.friction) : breakN;
  const limits = demand.mode === 'preload' ? PRELOAD_MARGINS[demand.load] : { holds: FIRST_HOLDS, care: FIRST_CARE };
  const judge = (load: StripLoad): Verdict => {
    if (load.stripLoadN === null) return 'does-not-hold';
    const margin = load.stripLoadN / needN;
    return margin >= limits.holds ? 'holds' : margin >= limits.care ? 'with-care' : 'does-not-hold';
  };
  const doubt = verdictUnderDoubt(judge(nominal), judge(pessimistic));
  let { verdict } = doubt;
  const oldBreakN = breakLoadN(hole.thread, fastenerFor(hole, hole.thread).fastener);
  const isLarger = thread.majorMm > hole.thread.majorMm * 1.02;
  const carriesOld =
    isLarger && demand.mode === 'fastener-first' && (pessimistic.stripLoadN ?? 0) >= FIRST_HOLDS * oldBreakN;
  let remedy: Check['remedy'];
  if (verdict !== 'holds' && carriesOld) {
    verdict = 'with-care';
    remedy = {
      id: 'keep-old-torque',
      step: 'Keep the torque of the old screw: the larger screw could strip this thread.',
    };
  }
  const stripN = nominal.stripLoadN;
  const side = nominal.weakerSide === 'parent' ? 'the parent strips' : 'the screw’s thread strips';
  const because = () =>
    stripN === null
      ? `the wall is outside the strength model (s/D below ${DILATION_LOWEST_RATIO})`
      : demand.mode === 'preload'
        ? `${side} at ${spokenLoad(stripN)}; the tightened screw pulls ${spokenLoad(needN)}`
        : remedy
          ? `${side} at ${spokenLoad(stripN)}: more than the old screw’s ${spokenLoad(oldBreakN)}, less than 1.25 of the new one’s ${spokenLoad(breakN)}`
          : verdict === 'with-care'
            ? `${side} at ${spokenLoad(stripN)}, the screw breaks at ${spokenLoad(breakN)} or 20 % more: it may strip first`
            : `${side} at ${spokenLoad(stripN)}, the screw breaks at ${spokenLoad(breakN)}`;
  const doubtWords = doubt.needsReading && !remedy ? '; the readings’ doubt decides' : '';
  const checks: Check[] = [
    {
      id: demand.mode === 'preload' ? 'carries-preload' : 'breaks-first',
      title: demand.mode === 'preload' ? 'Carries the preload' : 'Screw breaks first',
      verdict,
      value: stripN === null ? null : stripN / needN,
      valuePessimistic: pessimistic.stripLoadN === null ? null : pessimistic.stripLoadN / needN,
      limit: limits.holds,
      unit: 'times',
      because: () => because() + doubtWords,
      working: () => stripLoadWorking(asRead),
      ...(doubt.needsReading && !remedy ? { settledBy: doubtfulReading(hole, input.engagement) } : {}),
      ...(remedy ? { remedy } : {}),
    },
  ];
  if (demand.mode === 'preload') {
    const proofN = proofLoadN(thread, fastener);
    const high = PRELOAD_SCATTER * needN;
    checks.push({
      id: 'torque',
      title: 'Torque within the screw',
      verdict: high <= proofN ? 'holds' : 'does-not-hold',
      value: high,
      valuePessimistic: high,
      limit: proofN,
      unit: 'N',
      because: () =>
        high <= proofN
          ? `up to ${spokenLoad(high)} with scatter, proof load ${spokenLoad(proofN)}`
          : `the torque could pull ${spokenLoad(high)}, over the proof load of ${spokenLoad(proofN)}: refused`,
      working: () => ({
        title: 'Preload from torque',
        formula: 'F = T / (K · d), and 1.3 · F ≤ proof load',
        symbols: [
          { symbol: 'T', meaning: 'torque', value: demand.torqueNm, unit: 'Nm' },
          {
            symbol: 'K',
            meaning: `lowest credible nut factor, ${demand.friction}`,
            value: NUT_FACTOR[demand.friction],
            unit: '',
          },
          { symbol: 'd', meaning: 'major diameter', value: thread.majorMm, unit: 'mm' },
        ],
        result: { symbol: 'F', value: needN, unit: 'N' },
        source: 'rule of thumb for K; proof load by the fastener’s class',
        estimate: true,
      }),
    });
  }
  // Strip load is proportional to engagement, so balance is a ratio.
  const balanceEngagementMm = stripN !== null && stripN > 0 ? (input.engagement.mm * needN) / stripN : null;
  return {
    checks,
    strip: nominal,
    stripLeastN: pessimistic.stripLoadN,
    breakLoadN: breakN,
    fastener,
    balanceEngagementMm,
    notes,
    workings: [
      () => stripAreaWorking(asRead),
      () => stripLoadWorking(asRead),
      () => breakLoadWorking(thread, fastener),
    ],
  };
}
