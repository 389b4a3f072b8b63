import { compareVerdicts, type Verdict } from '../../basis/checks/index.ts';
import type { Say } from '../../basis/units/index.ts';
import { WAY_IDS, WAYS } from '../../facts/ways/index.ts';
import { FASTENER_FIRST } from '../../judge/strength/index.ts';
import { RANKING_WEIGHTS, type HouseRules, type RankingWeights } from '../../judge/hole/index.ts';
import type { Route } from './Route.ts';

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

/** What a ranking weighs of one route, each from 0 (best) to about 1 (worst). */
export function criteriaOf(route: Route, asMadeMm: number): RankingWeights {
  return {
    metal: (route.cut.outermostMm - asMadeMm) / asMadeMm,
    fastener: { kept: 0, longer: 0.5, new: 1 }[route.fastenerChange],
    upsize: WAYS[route.method].goesUpASize ? 0 : 1,
    strength: 1 - Math.min(1, (route.stripLoadN ?? 0) / (FASTENER_FIRST.holds * route.breakLoadN)),
    time: route.minutes / DAY_MINUTES,
    cost: route.cost / COST_YARDSTICK,
  };
}

const CRITERIA = Object.keys(RANKING_WEIGHTS['least-metal']) as (keyof RankingWeights)[];

function scoreOf(criteria: RankingWeights, weights: RankingWeights): number {
  return CRITERIA.reduce((sum, criterion) => sum + weights[criterion] * criteria[criterion], 0);
}

interface Weighed {
  route: Route;
  criteria: RankingWeights;
  score: number;
  last: number;
  system: number;
  method: number;
}

type Criterion = keyof RankingWeights;

/** What put a route above the next one, named. */
export type RankReason =
  | { over: 'nothing' }
  | { over: 'verdict'; verdict: Verdict; next: string; nextVerdict: Verdict }
  | { over: 'last-resort' | 'system' | 'shorter-insert' | 'keeps-more'; next: string }
  | { over: 'weight'; by: Exclude<Criterion, 'metal'>; next: string }
  | { over: 'metal'; lessMm: number; next: string };

function reasonOver({ route, criteria }: Weighed, next: Weighed | undefined, weights: RankingWeights): RankReason {
  if (!next) return { over: 'nothing' };
  const other = next.route;
  const name = other.title;
  if (route.verdict !== other.verdict)
    return { over: 'verdict', verdict: route.verdict, next: name, nextVerdict: other.verdict };
  if (lastResort(route) < lastResort(other)) return { over: 'last-resort', next: name };
  if (changesSystem(route) < changesSystem(other)) return { over: 'system', next: name };
  const gain = (criterion: Criterion) => weights[criterion] * (next.criteria[criterion] - criteria[criterion]);
  const best = CRITERIA.reduce((most, criterion) => (gain(criterion) > gain(most) ? criterion : most));
  if (gain(best) > SAME_SCORE) {
    if (best !== 'metal') return { over: 'weight', by: best, next: name };
    return { over: 'metal', lessMm: other.cut.outermostMm - route.cut.outermostMm, next: name };
  }
  return {
    over: route.insertLengthD !== null && other.insertLengthD !== null ? 'shorter-insert' : 'keeps-more',
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
    case 'last-resort':
      return `leaves a thread of its own in the hole; ${reason.next} is a last resort`;
    case 'system':
      return `keeps the thread system; ${reason.next} changes it`;
    case 'weight':
      return `${WINS[reason.by]} ${reason.next}`;
    case 'metal':
      return `takes ${say.length(reason.lessMm)} less on diameter than ${reason.next}`;
    case 'shorter-insert':
      return `the same cut as ${reason.next} with a shorter insert`;
    case 'keeps-more':
      return `takes no more metal than ${reason.next} and keeps more as it is`;
  }
}

/**
 * Puts routes in order by the house rule and names what put each above the next. Precedence: verdict, last
 * resorts after the rest, own thread system, the rule's weighted score, the method that does less, the shorter insert.
 * Feasibility is not touched: ruled-out routes come last, with their failed checks.
 */
export function rankRoutes(routes: readonly Route[], asMadeMm: number, rules: HouseRules): Route[] {
  const weights = rules.ranking?.weights ?? RANKING_WEIGHTS['least-metal'];
  const weighed = routes.map((route): Weighed => {
    const criteria = criteriaOf(route, asMadeMm);
    return {
      route,
      criteria,
      score: scoreOf(criteria, weights),
      last: lastResort(route),
      system: changesSystem(route),
      method: WAY_IDS.indexOf(route.method),
    };
  });
  weighed.sort(
    (a, b) =>
      compareVerdicts(a.route.verdict, b.route.verdict) ||
      a.last - b.last ||
      a.system - b.system ||
      (Math.abs(a.score - b.score) > SAME_SCORE ? a.score - b.score : 0) ||
      a.method - b.method ||
      (a.route.insertLengthD ?? 0) - (b.route.insertLengthD ?? 0) ||
      (a.route.id < b.route.id ? -1 : 1),
  );
  return weighed.map((entry, index) => {
    entry.route.rank = reasonOver(entry, weighed[index + 1], weights);
    return entry.route;
  });
}
