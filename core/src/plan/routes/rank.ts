import { compareVerdicts, type Verdict } from '../../basis/checks/index.ts';
import type { Say } from '../../basis/units/index.ts';
import { causeName, WAY_IDS, WAYS, type Cause } from '../../facts/ways/index.ts';
import {
  hurts,
  isBolted,
  isLight,
  RANKING_WEIGHTS,
  type HoleCase,
  type RankingWeights,
} from '../../judge/hole/index.ts';
import { isStrength } from './checks/strength.ts';
import type { Route } from './Route.ts';

/** That a way takes away what made the thread fail is worth so much of a score (our estimate; docs/methods.md, Ranking). */
const PREVENTS_WORTH = 0.25;
/** Scores this close are one as good as the other (our estimate). */
const SAME_SCORE = 0.0006;

/** Whether a route asks the next hand to read a thread of the other system. */
function changesSystem(route: Route): number {
  return route.checks.some((check) => check.id === 'system') ? 1 : 0;
}

/** Routes that leave a thread in the hole come before those that do not, whatever they weigh. */
const lastResort = (route: Route) => (WAYS[route.method].lastResort ? 1 : 0);

/** A day's work and a part's worth of cost: what counts as 1 in a weighing (our yardstick, not a limit). */
const DAY_MINUTES = 480;
const COST_YARDSTICK = 500;

/** So many times what the hole carried new counts as all the strength that is worth weighing (our yardstick). */
const STRONG_AGAINST_NEW = 4;

/** What a ranking weighs of one route, each from 0 (best) to about 1 (worst). */
export function criteriaOf(route: Route, asMadeMm: number): RankingWeights {
  return {
    metal: (route.cut.outermostMm - asMadeMm) / asMadeMm,
    fastener: { kept: 0, longer: 0.5, new: 1 }[route.fastenerChange],
    upsize: WAYS[route.method].goesUpASize ? 0 : 1,
    strength: 1 - Math.min(1, (route.againstNew ?? 0) / STRONG_AGAINST_NEW),
    time: route.minutes / DAY_MINUTES,
    cost: route.cost / COST_YARDSTICK,
  };
}

const CRITERIA = Object.keys(RANKING_WEIGHTS['least-metal']) as (keyof RankingWeights)[];

function scoreOf(criteria: RankingWeights, weights: RankingWeights): number {
  return CRITERIA.reduce((sum, criterion) => sum + weights[criterion] * criteria[criterion], 0);
}

/** A strength check within this of its limit is no reason to stop at the shorter coil (docs/methods.md, Ranking). */
const TIGHT_UNDER = 1.1;
/** Less of a screw's reach than this is no difference (our estimate). */
const WORTH_REACH_MM = 0.01;

interface Weighed {
  route: Route;
  criteria: RankingWeights;
  /** Its weighed score, less what it is worth that it takes away the cause. */
  score: number;
  prevents: boolean;
  /** It waits for a reading or an answer. */
  waits: number;
  last: number;
  system: number;
  method: number;
  /** Strength over its limit, at the pessimistic end. */
  margin: number;
  /** How far its drill goes below the hole that is there. */
  deeperMm: number;
  /** How much of the present screw's reach a coil uses, mm; 0 where nobody measured it. */
  usesReachMm: number;
}

type Criterion = keyof RankingWeights;

/** What put a route above the next one, named. */
export type RankReason =
  | { over: 'nothing' }
  | { over: 'verdict'; verdict: Verdict; next: string; nextVerdict: Verdict }
  | {
      over:
        'cheaper' | 'waits' | 'last-resort' | 'system' | 'shorter-insert' | 'longer-insert' | 'coarser' | 'keeps-more';
      next: string;
    }
  | { over: 'prevents'; cause: Cause; next: string }
  | { over: 'weight'; by: Exclude<Criterion, 'metal'>; next: string }
  | { over: 'metal'; lessMm: number; next: string };

const isCoil = ({ insertLengthD }: Route): boolean => insertLengthD !== null;

/**
 * Two coils with the same cut. Precedence: the one that meets its limit; the one that drills no deeper than the hole is; the one
 * that is not at its limit; the one that uses more of the present screw's reach; the shorter, of two at their limit the longer.
 */
function betweenCoils(a: Weighed, b: Weighed): number {
  const lengths = a.route.insertLengthD! - b.route.insertLengthD!;
  const firstTrue = (of: (entry: Weighed) => boolean) => Number(of(b)) - Number(of(a));
  const more = b.usesReachMm - a.usesReachMm;
  return (
    firstTrue(({ margin }) => margin >= 1) ||
    Math.sign(a.deeperMm - b.deeperMm) ||
    firstTrue(({ margin }) => margin >= TIGHT_UNDER) ||
    (Math.abs(more) > WORTH_REACH_MM ? more : 0) ||
    (a.margin < TIGHT_UNDER ? -lengths : lengths)
  );
}

function reasonOver(
  entry: Weighed,
  next: Weighed | undefined,
  { weights, cause }: { weights: RankingWeights; cause: Cause },
): RankReason {
  if (!next) return { over: 'nothing' };
  const { route, criteria } = entry;
  const other = next.route;
  const name = other.title;
  if (route.verdict !== other.verdict)
    return { over: 'verdict', verdict: route.verdict, next: name, nextVerdict: other.verdict };
  if (entry.last < next.last) return { over: entry.last < 0 ? 'cheaper' : 'last-resort', next: name };
  if (entry.waits < next.waits) return { over: 'waits', next: name };
  if (entry.system < next.system) return { over: 'system', next: name };
  // Only what the cause decided is said to be decided by it.
  const plain = next.score - entry.score - PREVENTS_WORTH;
  if (entry.prevents && !next.prevents && plain <= SAME_SCORE) return { over: 'prevents', cause, next: name };
  const gain = (criterion: Criterion) => weights[criterion] * (next.criteria[criterion] - criteria[criterion]);
  const best = CRITERIA.reduce((most, criterion) => (gain(criterion) > gain(most) ? criterion : most));
  if (Math.abs(entry.score - next.score) > SAME_SCORE && gain(best) > SAME_SCORE) {
    if (best !== 'metal') return { over: 'weight', by: best, next: name };
    return { over: 'metal', lessMm: other.cut.outermostMm - route.cut.outermostMm, next: name };
  }
  if (isCoil(route) && isCoil(other))
    return { over: route.insertLengthD! < other.insertLengthD! ? 'shorter-insert' : 'longer-insert', next: name };
  return {
    over: route.method === other.method && route.thread.pitchMm > other.thread.pitchMm ? 'coarser' : 'keeps-more',
    next: name,
  };
}

const VERDICT_WORDS = { holds: 'holds', 'with-care': 'holds with care', 'does-not-hold': 'does not hold' } as const;
const WINS: Readonly<Record<Exclude<Criterion, 'metal'>, string>> = {
  fastener: 'keeps more of the fastener than',
  upsize: 'goes up a size, as the house rule asks, before',
  strength: 'is stronger than',
  time: 'is quicker than',
  cost: 'costs less than',
};

/** What put a route above the next, as half a sentence. @example rankWords({ over: 'nothing' }, SAY.mm) // 'the last that is left' */
export function rankWords(reason: RankReason, say: Say): string {
  switch (reason.over) {
    case 'nothing':
      return 'the last that is left';
    case 'verdict':
      return `it ${VERDICT_WORDS[reason.verdict]}; the next, ${reason.next}, ${VERDICT_WORDS[reason.nextVerdict]}`;
    case 'cheaper':
      return `a new part costs less than ${reason.next}`;
    case 'last-resort':
      return `leaves a thread of its own in the hole; ${reason.next} is a last resort`;
    case 'waits':
      return `may be begun as it is; ${reason.next} waits for a reading`;
    case 'system':
      return `keeps the thread system; ${reason.next} changes it`;
    case 'prevents':
      return `prevents what made it fail, ${causeName(reason.cause)}; ${reason.next} does not`;
    case 'weight':
      return `${WINS[reason.by]} ${reason.next}`;
    case 'metal':
      return `takes ${say.length(reason.lessMm)} less on diameter than ${reason.next}`;
    case 'shorter-insert':
      return `the same cut as ${reason.next} with a shorter insert`;
    case 'longer-insert':
      return `the same cut as ${reason.next} with a longer insert: more thread to carry it`;
    case 'coarser':
      return `a coarser thread than ${reason.next} at the same metal, as suits castings and soft metal`;
    case 'keeps-more':
      return `takes no more metal than ${reason.next} and keeps more as it is`;
  }
}

/** Where a fine thread crumbles or strips sooner than a coarse one of the same metal. */
const wantsCoarse = (hole: HoleCase): boolean =>
  isBolted(hole) && (isLight(hole.parent) || hole.parent.group === 'iron');

/** A part that costs no more than the cheapest mend that stands goes before it. */
function replaceRank(route: Route, routes: readonly Route[], { partCost }: HoleCase): number {
  if (route.method !== 'replace-part' || partCost === null) return lastResort(route);
  const mends = routes.filter((other) => !WAYS[other.method].lastResort && other.verdict !== 'does-not-hold');
  return mends.every(({ cost }) => partCost <= cost) ? -1 : 1;
}

const SENT_OUT = WAY_IDS.indexOf('send-out');

/**
 * Puts routes in order by the house rule and names what put each above the next. Precedence: verdict, a new part that is
 * cheaper, last resorts after the rest, what waits for a reading, own thread system, the rule's weighted score, the coil that uses the screw,
 * the coarser thread in castings, the method that does less. Feasibility is not touched: ruled-out routes come last, with
 * their failed checks.
 */
export function rankRoutes(routes: readonly Route[], hole: HoleCase): Route[] {
  const weights = hole.rules.ranking?.weights ?? RANKING_WEIGHTS['least-metal'];
  const { cause } = hole.joint;
  const referred = hurts(hole) || hole.crack === 'reaches';
  const reach = hole.joint.screwReach;
  const harmless = hole.floor === null && hole.behind === 'nothing';
  const weighed = routes.map((route): Weighed => {
    const criteria = criteriaOf(route, hole.thread.majorMm);
    const strength = route.checks.find(isStrength);
    const margin = strength ? (strength.valuePessimistic ?? 0) / strength.limit! : 0;
    const prevents = WAYS[route.method].prevents.includes(cause);
    return {
      route,
      criteria,
      score: scoreOf(criteria, weights) - (prevents ? PREVENTS_WORTH : 0),
      prevents,
      waits: route.checks.some((check) => check.shut) ? 1 : 0,
      last: replaceRank(route, routes, hole),
      system: changesSystem(route),
      // Where someone can be hurt, or a crack runs, another shop goes before a weld here.
      method: referred && route.method === 'weld' ? SENT_OUT + 0.5 : WAY_IDS.indexOf(route.method),
      margin,
      deeperMm: harmless ? 0 : Math.max(0, Number((route.depths.drillTipMm - hole.depth.mm).toFixed(3))),
      usesReachMm: reach && route.depths.insertToMm !== null ? Math.min(reach.mm, route.depths.insertToMm) : 0,
    };
  });
  const coarseFirst = wantsCoarse(hole);
  weighed.sort(
    (a, b) =>
      compareVerdicts(a.route.verdict, b.route.verdict) ||
      a.last - b.last ||
      a.waits - b.waits ||
      a.system - b.system ||
      (Math.abs(a.score - b.score) > SAME_SCORE ? a.score - b.score : 0) ||
      a.method - b.method ||
      (isCoil(a.route) && isCoil(b.route) ? betweenCoils(a, b) : 0) ||
      (coarseFirst && a.route.method === b.route.method ? b.route.thread.pitchMm - a.route.thread.pitchMm : 0) ||
      (a.route.id < b.route.id ? -1 : 1),
  );
  return weighed.map((entry, index) => {
    entry.route.rank = reasonOver(entry, weighed[index + 1], { weights, cause });
    return entry.route;
  });
}
