import { verdictOfUnknown, verdictUnderDoubt, type CheckOf, type Verdict } from '../../../basis/checks/index.ts';
import type { FastenerClassRow } from '../../../facts/materials/index.ts';
import {
  hurts,
  isBolted,
  TIP_PITCHES,
  type HoleCase,
  type Measured,
  type UnknownEnd,
} from '../../../judge/hole/index.ts';
import {
  breakFacts,
  breakLoadN,
  marginFor,
  preloadN,
  shearAreaFacts,
  stripFacts,
  stripLoad,
  type Margin,
  type StripInput,
  type StripLoad,
} from '../../../judge/strength/index.ts';
import { goesLarger, plausibleFastener, takenFastener, type TakenFastener } from '../fastener.ts';
import type { Proposed, RouteContext } from '../Route.ts';
import type { RouteWorking } from '../routeWorkings.ts';
import { stripInputOf, type ReadingEnd, type ThreadInHole } from '../stripInput.ts';
import type { AsMadeFacts } from './asMade.ts';
import type { BreaksFirstFacts } from './breaksFirst.ts';
import type { CarriesPreloadFacts } from './carriesPreload.ts';
import { judgeTorque, type TorqueCheckFacts } from './torque.ts';

/** What a thread is held against. */
export type AskedOf = {
  mode: 'as-made' | 'fastener-first' | 'preload';
  margin: Margin;
  /** Why it is judged as made though more was asked; null: as asked. */
  instead: 'never-broke-first' | 'no-bolt' | null;
};

/**
 * What the joint asks of a thread. Precedence: what is no screw or stud is judged as made; so is a screw that is to break
 * first in a hole that even new stripped before it; else as chosen.
 */
export function askedOf({ hole, made }: Pick<RouteContext, 'hole' | 'made'>): AskedOf {
  const { demand, cause } = hole.joint;
  const load = demand.mode === 'preload' ? demand.load : 'static';
  const margin = (mode: AskedOf['mode']): Margin =>
    marginFor(mode, { load, hurts: hurts(hole), tooWeak: cause === 'too-weak' || cause === 'too-short' });
  const asMade = (instead: AskedOf['instead']): AskedOf => ({ mode: 'as-made', margin: margin('as-made'), instead });
  if (!isBolted(hole)) return asMade(demand.mode === 'as-made' ? null : 'no-bolt');
  if (demand.mode === 'as-made') return asMade(null);
  if (demand.mode === 'preload') return { mode: 'preload', margin: margin('preload'), instead: null };
  return made.brokeFirst
    ? { mode: 'fastener-first', margin: margin('fastener-first'), instead: null }
    : asMade('never-broke-first');
}

export interface StrengthInput extends ThreadInHole {
  context: RouteContext;
  engagement: Measured;
  /** Engagement where the screw's unknown reach is what it usually is; left out: `engagement` does not hang on it. */
  usualEngagement?: Measured;
}

type StrengthCheck =
  | CheckOf<'as-made', AsMadeFacts>
  | CheckOf<'breaks-first', BreaksFirstFacts>
  | CheckOf<'carries-preload', CarriesPreloadFacts>
  | CheckOf<'torque', TorqueCheckFacts>;

const STRENGTH_KINDS: readonly string[] = [
  'as-made',
  'breaks-first',
  'carries-preload',
] satisfies readonly StrengthCheck['kind'][];

/** Whether a check is the one that says what a thread carries. @example isStrength({ kind: 'tapping' }) // false */
export const isStrength = ({ kind }: { kind: string }): boolean => STRENGTH_KINDS.includes(kind);

export interface StrengthResult {
  checks: StrengthCheck[];
  strip: StripLoad;
  /** Strip load at the pessimistic end of the readings. */
  stripLeastN: number | null;
  /** What it is held against, at the same ends; null: nothing to hold it against. */
  needN: number | null;
  /** Strip load against that of the same hole new; null where either is outside the model. */
  againstNew: number | null;
  breakLoadN: number;
  fastener: TakenFastener;
  balanceEngagementMm: number | null;
  workings: RouteWorking[];
}

/** Which reading moves the strength most: the one that a doubt names. */
function doubtfulReading(hole: HoleCase, engagement: Measured): string {
  const relative = (measured: Measured | null) =>
    measured && measured.mm > 0 ? measured.halfWidthMm / measured.mm : 0;
  if (relative(hole.edge) > relative(engagement)) return 'edge';
  return hole.damageTo.halfWidthMm >= hole.depth.halfWidthMm && !hole.strippedThroughout ? 'damage-to' : 'depth';
}

interface AtEnd {
  /** What the strip load as read follows from. */
  asRead: StripInput;
  strip: StripLoad;
  least: StripLoad;
  need: Record<ReadingEnd, number | null>;
  verdict: Verdict;
  needsReading: boolean;
  fastener: FastenerClassRow;
}

/** The thread and what it is held against, with the unknowns at one end. */
function judgeAt(input: StrengthInput, asked: AskedOf, end: UnknownEnd): AtEnd {
  const { context, thread } = input;
  const { hole, made } = context;
  const fastener = plausibleFastener(hole, thread, end, 'thread');
  const engagement = end === 'usual' ? (input.usualEngagement ?? input.engagement) : input.engagement;
  const inputAt = (reading: ReadingEnd) => stripInputOf(hole, input, engagement, fastener, end, reading);
  const asRead = inputAt('nominal');
  const { demand } = hole.joint;
  const needAt = (reading: ReadingEnd): number | null => {
    if (asked.mode === 'as-made') return (input.cold ? made.coldStripN! : made.stripN)[end][reading];
    return asked.mode === 'preload' && demand.mode === 'preload'
      ? preloadN(demand.torqueNm, thread.majorMm, demand.friction)
      : breakLoadN(thread, fastener);
  };
  const judge = ({ stripLoadN }: StripLoad, needN: number | null): Verdict => {
    if (stripLoadN === null || needN === null) return 'does-not-hold';
    const margin = stripLoadN / needN + 1e-9;
    return margin >= asked.margin.holds ? 'holds' : margin >= asked.margin.care ? 'with-care' : 'does-not-hold';
  };
  const strip = stripLoad(asRead);
  const least = stripLoad(inputAt('pessimistic'));
  const need = { nominal: needAt('nominal'), pessimistic: needAt('pessimistic') };
  return {
    asRead,
    strip,
    least,
    need,
    fastener,
    ...verdictUnderDoubt(judge(strip, need.nominal), judge(least, need.pessimistic)),
  };
}

/**
 * With the unknowns at their unfavourable end. As made is held hot and cold, and the worse of the two counts: a screw is
 * tightened cold, and no mend is better for being hotter.
 */
function judgeWorst(input: StrengthInput, asked: AskedOf): { governs: StrengthInput; worst: AtEnd; inService: AtEnd } {
  const inService = judgeAt(input, asked, 'unfavourable');
  if (asked.mode !== 'as-made' || input.context.made.coldStripN === null)
    return { governs: input, worst: inService, inService };
  const coldInput = { ...input, cold: true };
  const cold = judgeAt(coldInput, asked, 'unfavourable');
  const share = ({ least, need }: AtEnd) => (least.stripLoadN ?? 0) / (need.pessimistic ?? Infinity);
  return share(cold) < share(inService)
    ? { governs: coldInput, worst: cold, inService }
    : { governs: input, worst: inService, inService };
}

/** The unknown whose reading or answer settles a strength, most telling first; null: all that it hangs on is known. */
function unknownOf({ context: { hole }, usualEngagement }: StrengthInput, mode: AskedOf['mode']): string | null {
  if (usualEngagement) return 'screw-reach';
  if (hole.edge === null) return 'edge';
  return hole.joint.fastenerClassId === null && mode === 'fastener-first' ? 'fastenerClassId' : null;
}

/**
 * Strength of a route by what the joint asks (docs/methods.md, Strength): as made, breaks first, or carries the preload of a
 * torque. Unknowns are judged at their unfavourable end. A larger screw that fails *breaks first* but carries 1.25 × the old
 * screw's break load is with care at the old torque.
 */
export function judgeStrength(input: StrengthInput): StrengthResult {
  const { context, thread } = input;
  const { hole, made } = context;
  const asked = askedOf(context);
  const { governs, worst, inService } = judgeWorst(input, asked);
  const unknown = unknownOf(input, asked.mode);
  const open =
    unknown === null || worst.verdict === 'holds'
      ? { verdict: worst.verdict, asks: false, shut: false }
      : verdictOfUnknown(worst.verdict, judgeAt(governs, asked, 'usual').verdict);
  const oldBreakN = breakLoadN(hole.thread, plausibleFastener(hole, hole.thread, 'unfavourable', 'thread'));
  const keepsOldTorque =
    open.verdict !== 'holds' &&
    !open.shut &&
    asked.mode === 'fastener-first' &&
    goesLarger(thread, hole.thread) &&
    (worst.least.stripLoadN ?? 0) >= asked.margin.holds * oldBreakN;
  const doubtful = worst.needsReading && !keepsOldTorque && !open.asks;
  const { asRead, strip, fastener, need } = worst;
  const stripN = strip.stripLoadN;
  const ratio = (load: StripLoad, needN: number | null) =>
    load.stripLoadN === null || needN === null || needN <= 0 ? null : load.stripLoadN / needN;
  const breakN = breakLoadN(thread, fastener);
  const common = {
    verdict: keepsOldTorque ? 'with-care' : open.verdict,
    value: ratio(strip, need.nominal),
    valuePessimistic: ratio(worst.least, need.pessimistic),
    limit: asked.margin.holds,
    unit: 'times',
    ...(open.asks ? { settledBy: unknown! } : doubtful ? { settledBy: doubtfulReading(hole, input.engagement) } : {}),
    ...(open.shut ? { shut: true as const } : {}),
    ...(keepsOldTorque ? { remedy: 'keep-old-torque' } : {}),
  } as const;
  const numbers = stripFacts(asRead, strip);
  const side = strip.weakerSide;
  const shared = { stripN, side, doubtful, unknown: open.asks ? unknown : null, strip: numbers };
  const checks: StrengthCheck[] = [];
  if (asked.mode === 'as-made')
    checks.push({
      ...common,
      kind: 'as-made',
      id: 'as-made',
      facts: {
        ...shared,
        newN: need.nominal,
        newEngagementMm: made.engagementMm,
        newReachMm: made.reachMm,
        reachKnown: made.reachKnown,
        cold: governs.cold ?? false,
        tipMm: TIP_PITCHES * hole.thread.pitchMm,
        instead: asked.instead,
      },
    });
  else if (asked.mode === 'preload')
    checks.push({
      ...common,
      kind: 'carries-preload',
      id: 'carries-preload',
      facts: { ...shared, needN: need.nominal! },
    });
  else
    checks.push({
      ...common,
      kind: 'breaks-first',
      id: 'breaks-first',
      facts: { ...shared, breakN, oldBreakN: keepsOldTorque ? oldBreakN : null },
    });
  if (asked.mode === 'preload') checks.push(...judgeTorque(hole, thread));
  return {
    checks,
    strip: inService.strip,
    stripLeastN: inService.least.stripLoadN,
    needN: inService.need.nominal,
    againstNew: ratio(inService.strip, made.stripN.unfavourable.nominal),
    breakLoadN: breakN,
    fastener: takenFastener(hole, thread),
    // Strip load is proportional to engagement, so balance is a ratio.
    balanceEngagementMm:
      stripN !== null && stripN > 0 && need.nominal !== null ? (input.engagement.mm * need.nominal) / stripN : null,
    workings: [
      {
        kind: 'shear-area',
        facts: shearAreaFacts(inService.asRead),
      },
      { kind: 'strip', facts: stripFacts(inService.asRead, inService.strip) },
      ...(hole.joint.fastenerClassId === null ? [] : [{ kind: 'break', facts: breakFacts(thread, fastener) } as const]),
    ],
  };
}

/** What a route says of its strength: seven of its fields, the same for every way that has a thread to judge. */
export const carriedBy = (
  strength: StrengthResult,
): Pick<
  Proposed,
  'fastener' | 'balanceEngagementMm' | 'stripLoadN' | 'stripLeastN' | 'needN' | 'againstNew' | 'breakLoadN'
> => ({
  fastener: strength.fastener,
  balanceEngagementMm: strength.balanceEngagementMm,
  stripLoadN: strength.strip.stripLoadN,
  stripLeastN: strength.stripLeastN,
  needN: strength.needN,
  againstNew: strength.againstNew,
  breakLoadN: strength.breakLoadN,
});
