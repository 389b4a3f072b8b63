import { speak, type Proposal, type Route } from '@deep-mend/core';

/** A route with its workings written out: a reply has to say them all, a screen only those that are asked for. */
const writtenRoute = (route: Route) => ({
  ...route,
  because: route.because(),
  workings: route.workings.map((working) => working()),
  checks: route.checks.map((check) => ({ ...check, because: check.because(), working: check.working?.() ?? null })),
  reserve: { ...route.reserve, working: route.reserve.working?.() ?? null },
});

export const writtenProposal = (proposal: Proposal) => ({ ...proposal, routes: proposal.routes.map(writtenRoute) });

/** A reply with the lengths, loads and torques inside its sentences written out in millimetres, kN and Nm. */
export function spoken(value: unknown): unknown {
  if (typeof value === 'string') return speak(value, 'mm');
  if (Array.isArray(value)) return value.map(spoken);
  if (value !== null && typeof value === 'object')
    return Object.fromEntries(Object.entries(value).map(([key, item]) => [key, spoken(item)]));
  return value;
}
