import type { HoleCase } from '../../judge/hole/index.ts';
import type { Route } from '../routes/index.ts';
import { cutJobs, type CutJob } from './jobs.ts';
import { settingOf, type Setting } from './setting.ts';
import { cleanSteps } from './steps/clean.ts';
import { counterDrillSteps } from './steps/counterDrill.ts';
import { countersinkSteps } from './steps/countersink.ts';
import { cureSteps } from './steps/cure.ts';
import { drillSteps, openingOfJob } from './steps/drill.ts';
import { fastenSteps } from './steps/fasten.ts';
import { gaugeBoreSteps } from './steps/gaugeBore.ts';
import { gaugeThreadSteps } from './steps/gaugeThread.ts';
import { holdSteps } from './steps/hold.ts';
import { insertSteps } from './steps/insert.ts';
import { locateSteps } from './steps/locate.ts';
import { lookSteps } from './steps/look.ts';
import { oldCoilSteps } from './steps/oldCoil.ts';
import { ownSteps } from './steps/own.ts';
import { pilotSteps } from './steps/pilot.ts';
import { preventSteps } from './steps/prevent.ts';
import { proveStep } from './steps/prove.ts';
import { readySteps } from './steps/ready.ts';
import type { WorkStep } from './steps/registry.ts';
import { remedySteps } from './steps/remedy.ts';
import { screwSteps } from './steps/screw.ts';
import { stripSteps } from './steps/strip.ts';
import { tangSteps } from './steps/tang.ts';
import { tapSteps } from './steps/tapFacts.ts';

/** One hole from its axis to its gauged thread. */
function cutSteps(hole: HoleCase, route: Route, setting: Setting, job: CutJob): WorkStep[] {
  const coil = route.insertLengthD !== null && job.prefix === '';
  // A coil, a bush or a plug hides what was bored for it.
  const covers = coil || (job.prefix === '' && route.cut.thread !== null && route.cut.thread.id !== route.thread.id);
  const { before, after } = countersinkSteps(hole, job);
  const { drillMm } = job;
  return [
    ...(drillMm === null ? [] : locateSteps(hole, setting, job, openingOfJob(hole, { ...job, drillMm }))),
    ...pilotSteps(hole, setting, job),
    ...drillSteps(hole, setting, job),
    ...gaugeBoreSteps(hole, job, covers),
    ...(job.prefix === '' ? counterDrillSteps(route) : []),
    ...before,
    ...tapSteps(hole, setting, job),
    ...after,
    ...cleanSteps(hole, route, job),
    ...gaugeThreadSteps(hole, job, coil),
  ];
}

/**
 * The steps of a route, in the order in which they are worked, for this hole and this shop: its machines, tools, fluids and house
 * rules come with the hole's rules. Throws nothing; a route without a drill or an insert simply has no such step.
 */
export function writeWorkCard(hole: HoleCase, route: Route): WorkStep[] {
  const setting = settingOf(hole, route);
  const { first, inner } = cutJobs(hole, route);
  const { drillMm } = route.cut;
  const drilled = drillMm !== null ? { ...first, drillMm } : inner;
  return [
    ...lookSteps(hole, route),
    ...stripSteps(hole, route),
    ...remedySteps(route.checks),
    ...oldCoilSteps(hole, route),
    ...(drilled ? [...holdSteps(hole, setting, drilled), ...readySteps(hole, setting, drilled)] : []),
    ...cutSteps(hole, route, setting, first),
    ...ownSteps(route),
    ...insertSteps(hole, route),
    ...tangSteps(hole, route),
    ...cureSteps(route),
    ...(inner ? cutSteps(hole, route, setting, inner) : []),
    proveStep(hole, route),
    ...screwSteps(hole, route),
    ...fastenSteps(hole, route),
    ...preventSteps(hole, route),
  ];
}
