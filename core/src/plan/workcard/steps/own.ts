import { SAY } from '../../../basis/units/index.ts';
import { ownStepsOf, type Route, type RouteOwn } from '../../routes/index.ts';
import { noNumber, type StepKind, type StepOf } from '../WorkStep.ts';

/** A step that only this way has: its words stand with the way. */
export type OwnStepFacts = { of: RouteOwn; at: number };

export const ownSteps = (route: Route): StepOf<'own', OwnStepFacts>[] =>
  ownStepsOf(route, SAY.mm).map(({ id, minutes }, at) => ({
    kind: 'own',
    id,
    minutes,
    facts: { of: { method: route.method, own: route.own } as RouteOwn, at },
  }));

export const own: StepKind<OwnStepFacts> = {
  title: ({ of, at }, say) => ownStepsOf(of, say)[at]!.title,
  what: ({ of, at }, say) => ownStepsOf(of, say)[at]!.what,
  number: noNumber,
  caution: ({ of, at }, say) => ownStepsOf(of, say)[at]!.caution,
};
