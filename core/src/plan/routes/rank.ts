import { compareVerdicts } from '../../basis/checks/index.ts';
import { spokenLength } from '../../basis/units/index.ts';
import { RANKING_WEIGHTS, type HouseRules, type RankingWeights } from '../../judge/hole/index.ts';
import { METHOD_IDS, type Route } from './Route.ts';

/** Routes that leave a thread in the hole come before those that do not, whatever they weigh. */
const LAST_RESORTS: readonly string[] = ['leave-it', 'bonded-stud', 'move-hole', 'weld', 'send-out'];
const SAME_SCORE = 0.0006;

/** Whether a route asks the next hand to read a thread of the other system. */
function changesSystem(route: Route): number {
  return route.checks.some((check) => check.id === 'system') ? 1 : 0;
}

const lastResort = (route: Route) => (LAST_RESORTS.includes(route.method) ? 1 : 0);

/** A day's work and a part's worth of cost: what counts as 1 in a weighing (our yardstick, not a limit). */
const DAY_MINUTES = 480;
const COST_YARDSTICK = 500;

/** What a ranking weighs of one route, each from 0 (best) to about 1 (worst). */
export function criteriaOf(route: Route, asMadeMm: number): RankingWeights {
  return {
    metal: (route.cut.outermostMm - asMadeMm) / asMadeMm,
    fastener: { kept: 0, longer: 0.5, new: 1 }[route.fastenerChange],
    upsize: route.method === 'oversize' ? 0 : 1,
    strength: 1 - Math.min(1, (route.stripLoadN ?? 0) / (1.25 * route.breakLoadN)),
    time: route.minutes / DAY_MINUTES,
    cost: route.cost / COST_YARDSTICK,
  };
}

const KEYS = Object.keys(RANKING_WEIGHTS['least-metal']) as (keyof RankingWeights)[];

function scoreOf(criteria: RankingWeights, weights: RankingWeights): number {
  return KEYS.reduce((sum, key) => sum + weights[key] * criteria[key], 0);
}

const VERDICT_WORDS = { holds: 'holds', 'with-care': 'holds with care', 'does-not-hold': 'does not hold' } as const;
const WINS: Readonly<Record<Exclude<keyof RankingWeights, 'metal'>, string>> = {
  fastener: 'keeps more of the fastener than',
  upsize: 'goes up a size, as the house rule asks, before',
  strength: 'is stronger than',
  time: 'is quicker than',
  cost: 'costs less than',
};

interface Weighed {
  route: Route;
  criteria: RankingWeights;
  score: number;
  last: number;
  system: number;
  method: number;
}

function becauseOver({ route, criteria }: Weighed, next: Weighed | undefined, weights: RankingWeights): string {
  if (!next) return 'the last that is left';
  const other = next.route;
  if (route.verdict !== other.verdict) {
    return `it ${VERDICT_WORDS[route.verdict]}; the next, ${other.title}, ${VERDICT_WORDS[other.verdict]}`;
  }
  if (lastResort(route) < lastResort(other))
    return `leaves a thread of its own in the hole; ${other.title} is a last resort`;
  if (changesSystem(route) < changesSystem(other)) return `keeps the thread system; ${other.title} changes it`;
  const gain = (key: keyof RankingWeights) => weights[key] * (next.criteria[key] - criteria[key]);
  const best = KEYS.reduce((most, key) => (gain(key) > gain(most) ? key : most));
  if (gain(best) > SAME_SCORE) {
    if (best !== 'metal') return `${WINS[best]} ${other.title}`;
    return `takes ${spokenLength(other.cut.outermostMm - route.cut.outermostMm)} less on diameter than ${other.title}`;
  }
  if (route.insertLengthD !== null && other.insertLengthD !== null)
    return `the same cut as ${other.title} with a shorter insert`;
  return `takes no more metal than ${other.title} and keeps more as it is`;
}

/**
 * Puts routes in order by the house rule and gives each the sentence that put it above the next. Precedence: verdict, last
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
      method: METHOD_IDS.indexOf(route.method),
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
    entry.route.because = () => becauseOver(entry, weighed[index + 1], weights);
    return entry.route;
  });
}
