import { InputError, digestOf } from '../../basis/numeric/index.ts';
import { SAY, type Say } from '../../basis/units/index.ts';
import { becauseOf, notesOf, tickWords, titleOf, type Proposal, type Route } from '../routes/index.ts';
import { expectationsOf } from '../proof/index.ts';
import { sayStep, writeWorkCard, type WorkStep } from '../workcard/index.ts';
import type { FrozenPlan, SaidPlan } from './FrozenPlan.ts';
import { planNumbers, routeDigest } from './routeDigest.ts';

/** Version of the computation. Raised with a line in docs/method-changes.md whenever a number can change. */
export const ENGINE_VERSION = '0.9.0';

const sayPlan = (route: Route, steps: readonly WorkStep[], say: Say): SaidPlan => ({
  checks: route.checks.map((check) => ({
    id: check.id,
    title: titleOf(check),
    verdict: check.verdict,
    because: becauseOf(check, say),
  })),
  ticks: route.ticks.map((tick) => tickWords(tick, say)),
  notes: notesOf(route, say),
  steps: steps.map((step) => sayStep(step, say)),
});

/** What must be given before anything is cut, each once. */
export const asksOf = ({ checks }: Route): string[] => [
  ...new Set(checks.flatMap(({ shut, settledBy }) => (shut && settledBy ? [settledBy] : []))),
];

/**
 * Freezes a route of a proposal: its numbers, what to measure afterwards, the facts of its checks and steps and, beside
 * them, their words. Takes the proposal that was looked at and makes none of its own. A route that is not in it, or does
 * not hold, throws `unknown-route`, which names those that can be frozen.
 */
export function freezePlan({ hole, routes }: Proposal, routeId: string): FrozenPlan {
  const standing = routes.filter((route) => route.verdict !== 'does-not-hold');
  const route = standing.find((candidate) => candidate.id === routeId);
  if (!route)
    throw new InputError(
      'unknown-route',
      routeId,
      standing.map((candidate) => candidate.id),
    );
  const steps = writeWorkCard(hole, route);
  const facts = { checks: route.checks, steps };
  const said = { mm: sayPlan(route, steps, SAY.mm), in: sayPlan(route, steps, SAY.in) };
  return {
    engineVersion: ENGINE_VERSION,
    routeId: route.id,
    method: route.method,
    title: route.title,
    threadId: route.thread.id,
    fastenerName: route.fastenerName,
    insertLengthD: route.insertLengthD,
    verdict: route.verdict,
    numbers: planNumbers(route),
    ticks: route.ticks.map(({ id }) => id),
    asks: asksOf(route),
    expectations: expectationsOf(hole, route, steps),
    ...facts,
    said,
    digest: routeDigest(route),
    seal: digestOf({ ...facts, said }),
  };
}

/** Browser and server differ in the last bit of a tangent: numbers are compared to so many digits, whatever the order of the fields. */
const DIGITS = 9;
function toDigits(value: unknown): unknown {
  if (typeof value === 'number') return Number(value.toPrecision(DIGITS));
  if (Array.isArray(value)) return value.map(toDigits);
  if (value === null || typeof value !== 'object') return value;
  const entries = Object.entries(value).filter(([, item]) => item !== undefined);
  return entries.sort(([a], [b]) => (a < b ? -1 : 1)).map(([key, item]) => [key, toDigits(item)]);
}

/**
 * Whether a plan's card is still the one that would be written: place, machine, tools or house rules may have changed without moving
 * a number of the route. A route that is no longer there, or another engine, is the plan's own question.
 */
export function cardStands({ hole, routes }: Proposal, plan: FrozenPlan): boolean {
  const route = routes.find(({ id }) => id === plan.routeId);
  if (!route || plan.engineVersion !== ENGINE_VERSION) return true;
  return JSON.stringify(toDigits(writeWorkCard(hole, route))) === JSON.stringify(toDigits(plan.steps));
}
