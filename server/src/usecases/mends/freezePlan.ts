import type { HoleDetail, NewPlan } from '@deep-mend/contract';
import {
  caseFromInputs,
  CoreError,
  freezePlan as freeze,
  inputsOf,
  planNumbers,
  proposeRoutes,
  routeDigest,
  type FrozenPlan,
  shopRulesOf,
} from '@deep-mend/core';
import { conflict, refused } from '../../http/HttpProblem.ts';
import { Plan } from '../../store/models.ts';
import type { Context, Tx } from '../Context.ts';
import { lockHole, writeEvent } from '../holes/appendEvent.ts';
import { fileOf, readHole } from '../holes/readHole.ts';
import { readShop } from '../shop/settings.ts';

/**
 * Freezes a plan. The server computes the route again from the recorded inputs; if its numbers are not the ones that the
 * person saw, nothing is frozen and both are shown.
 */
export async function freezePlan(
  context: Context,
  holeId: string,
  input: NewPlan,
  ifMatch: number,
  tx: Tx,
): Promise<HoleDetail> {
  const hole = await lockHole(context, holeId, tx);
  const detail = await readHole(context, holeId, tx);
  const file = fileOf(detail);
  const mend = file.mends.find((entry) => entry.id === input.mendId && entry.outcome === 'open');
  if (!mend) throw refused('mendId', 'This hole has no such open mend.');
  if (ifMatch !== hole.revision) {
    throw conflict(
      'Someone added to this hole meanwhile. Look at the numbers again, then plan.',
      ifMatch,
      hole.revision,
    );
  }
  const { settings } = await readShop(context, tx);
  const inputs = inputsOf(file);
  const built = caseFromInputs(inputs, shopRulesOf(settings));
  if (!built.ok) throw refused('routeId', `Still missing: ${built.missing.join(', ')}.`);
  const { routes } = proposeRoutes(built.hole);
  const route = routes.find((candidate) => candidate.id === input.routeId);
  if (route && routeDigest(route) !== input.digest) {
    throw conflict(
      'The numbers you saw are not the ones computed here. Look at both.',
      { digest: input.digest },
      planNumbers(route),
    );
  }
  let plan: FrozenPlan;
  try {
    plan = freeze(built.hole, input.routeId);
  } catch (error) {
    if (error instanceof CoreError)
      throw refused('routeId', `This route does not hold; these do: ${error.possible.join(', ') || 'none'}.`);
    throw error;
  }
  await Plan.create(
    {
      id: input.id,
      shopId: context.shopId,
      holeId,
      mendId: mend.id,
      kind: 'mend',
      inputsRevision: hole.revision,
      inputs: { ...inputs, ...shopRulesOf(settings) },
      engineVersion: plan.engineVersion,
      numbers: plan,
      supersedesId: mend.planId,
      frozenAt: context.now(),
    },
    { transaction: tx },
  );
  const payload = { mendId: mend.id, planId: input.id, plan, supersedes: mend.planId };
  return writeEvent(context, hole, { kind: 'plan-frozen', payload, id: input.id, happenedAt: input.happenedAt }, tx);
}
