import type { HoleWritten, NewPlan } from '@deep-mend/contract';
import {
  InputError,
  freezePlan as freeze,
  inputsOf,
  openMendOf,
  planNumbers,
  routeDigest,
  shopRulesOf,
  weigh,
  type FrozenPlan,
  type HoleEventBody,
  type Proposal,
} from '@deep-mend/core';
import { conflict, refused } from '../Refusal.ts';
import { Plan } from '../../store/models.ts';
import type { Context, Tx } from '../Context.ts';
import { answerWrite, standsAlready } from '../holes/answerWrite.ts';
import { lockHole } from '../holes/lockHole.ts';
import { writeEvent } from '../holes/writeEvent.ts';
import { readShop } from '../shop/settings.ts';

/** Freezes what the person saw: if the numbers are not the ones computed here, nothing is frozen and both are shown. */
function frozen(proposal: Proposal, { routeId, digest }: NewPlan): FrozenPlan {
  const route = proposal.routes.find((candidate) => candidate.id === routeId);
  if (route && routeDigest(route) !== digest)
    throw conflict('The numbers you saw are not the ones computed here. Look at both.', { digest }, planNumbers(route));
  try {
    return freeze(proposal, routeId);
  } catch (error) {
    if (!(error instanceof InputError)) throw error;
    throw refused('routeId', `This route does not hold; these do: ${error.possible.join(', ') || 'none'}.`);
  }
}

/** Freezes a plan. The server computes the route again from the recorded inputs; no number of the browser's is trusted. */
export async function freezePlan(
  context: Context,
  holeId: string,
  input: NewPlan,
  ifMatch: number,
  tx: Tx,
): Promise<HoleWritten> {
  const hole = await lockHole(context, holeId, tx);
  const told = {
    kind: 'plan-frozen',
    payload: { mendId: input.mendId, plan: input },
  } as unknown as HoleEventBody<'plan-frozen'>;
  const stands = await standsAlready(holeId, input.id, told, tx, ({ mendId, plan }) => ({
    mendId,
    routeId: plan.routeId,
    digest: plan.digest,
  }));
  if (stands) return answerWrite(context, hole, ifMatch, tx);
  const mend = openMendOf(hole.head.file);
  if (mend?.id !== input.mendId) throw refused('mendId', 'This hole has no such open mend.');
  if (ifMatch !== hole.revision)
    throw conflict(
      'Someone added to this hole meanwhile. Look at the numbers again, then plan.',
      ifMatch,
      hole.revision,
    );
  const shop = shopRulesOf((await readShop(context, tx)).settings);
  const inputs = inputsOf(hole.head.file);
  const weighed = weigh(inputs, shop);
  if (!weighed.ok) throw refused('routeId', `Still missing: ${weighed.missing.join(', ')}.`);
  const plan = frozen(weighed.proposal, input);
  await Plan.create(
    {
      id: input.id,
      shopId: context.shopId,
      holeId,
      mendId: mend.id,
      kind: 'mend',
      inputsRevision: hole.revision,
      inputs: null,
      engineVersion: plan.engineVersion,
      supersedesId: mend.planId,
      frozenAt: context.now(),
    },
    { transaction: tx },
  );
  const payload = {
    mendId: mend.id,
    planId: input.id,
    plan,
    supersedes: mend.planId,
    inputs: { ...inputs, ...shop },
  };
  const event = { kind: 'plan-frozen', payload, id: input.id, happenedAt: input.happenedAt } as const;
  return answerWrite(context, await writeEvent(context, hole, event, tx), ifMatch, tx);
}
