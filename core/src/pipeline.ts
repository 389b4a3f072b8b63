/**
 * The stages in the order in which data passes through them. Read this file first.
 *
 *   readings and choices (record/history)
 *     -> identify         which thread it is, from poor evidence (when nobody knows)
 *     -> caseFromInputs   what is known, as one case; or what is missing
 *     -> assess           what the readings say about the hole
 *     -> proposeRoutes    every way of mending it, judged and ranked (ruled-out ones too)
 *     -> freezePlan       the route chosen, with its numbers; never moves
 *     -> writeWorkCard    the steps at the machine
 *     -> compareResult    what was found against what was planned
 *   -> a result may be a new reading, and the hole's next generation
 */
export { caseFromInputs, foldHole, inputsOf } from './record/history/index.ts';
export { identify } from './judge/identify/index.ts';
export { assess } from './judge/damage/index.ts';
export { proposeRoutes } from './plan/routes/index.ts';
export { freezePlan } from './plan/freeze/index.ts';
export { writeWorkCard } from './plan/workcard/index.ts';
export { compareResult } from './record/results/index.ts';
