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

/**
 * A reply as JSON, with the lengths, loads and torques inside its sentences written out in millimetres, kN and Nm. What
 * replaces them holds no quote, so it is done once over the whole text.
 */
export const written = (reply: object, indent?: number): string => speak(JSON.stringify(reply, null, indent), 'mm');
