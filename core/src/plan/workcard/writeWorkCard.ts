import type { HoleCase } from '../../judge/hole/index.ts';
import type { Route } from '../routes/index.ts';
import { cleanSteps } from './steps/clean.ts';
import { counterDrillSteps } from './steps/counterDrill.ts';
import { countersinkSteps } from './steps/countersink.ts';
import { drillSteps } from './steps/drill.ts';
import { fastenSteps } from './steps/fasten.ts';
import { insertSteps } from './steps/insert.ts';
import { lookSteps } from './steps/look.ts';
import { oldCoilSteps } from './steps/oldCoil.ts';
import { ownSteps } from './steps/own.ts';
import { preventSteps } from './steps/prevent.ts';
import { protectStep } from './steps/protect.ts';
import { proveStep } from './steps/prove.ts';
import type { WorkStep } from './steps/registry.ts';
import { remedySteps } from './steps/remedy.ts';
import { tapSteps } from './steps/tap.ts';

/**
 * The steps of a route, in the order in which they are worked. Throws nothing; a route without a drill or an insert
 * simply has no such step.
 */
export const writeWorkCard = (hole: HoleCase, route: Route): WorkStep[] => [
  ...lookSteps(hole, route),
  protectStep(hole),
  ...remedySteps(route.checks),
  ...oldCoilSteps(hole, route),
  ...drillSteps(hole, route),
  ...counterDrillSteps(route),
  ...countersinkSteps(route),
  ...tapSteps(hole, route),
  ...cleanSteps(hole, route),
  ...ownSteps(route),
  ...insertSteps(hole, route),
  proveStep(route),
  ...fastenSteps(hole, route),
  ...preventSteps(hole, route),
];
