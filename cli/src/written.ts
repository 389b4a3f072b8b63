import type { Proposal, Route } from '@deep-mend/core';

/** A route with its workings written out: a reply has to say them all, a screen only those that are asked for. */
const writtenRoute = (route: Route) => ({
  ...route,
  because: route.because(),
  workings: route.workings.map((working) => working()),
  checks: route.checks.map((check) => ({ ...check, because: check.because(), working: check.working?.() ?? null })),
  reserve: { ...route.reserve, working: route.reserve.working?.() ?? null },
});

export const writtenProposal = (proposal: Proposal) => ({ ...proposal, routes: proposal.routes.map(writtenRoute) });
