import {
  assumedWords,
  becauseOf,
  leanWords,
  mateEffectOf,
  notesOf,
  ownStepsOf,
  rankWords,
  reserveWorking,
  soundFacts,
  soundWorking,
  stepOf,
  tapDrillWords,
  tickWords,
  titleOf,
  whyNothing,
  workingOf,
  writeWorking,
  type Assessment,
  type Check,
  type Found,
  type HoleCase,
  type Proposal,
  type Route,
  type Say,
  type TapDrill,
  type TapDrillChoice,
} from '@deep-mend/core';

// A reply says everything, a screen only what is looked at: here the facts of what the core gives are written out.

export const writtenDrill = <Drill extends TapDrill | null>(drill: Drill, say: Say) =>
  drill && { ...drill, cost: tapDrillWords(drill, say) };

export const writtenChoice = (choice: TapDrillChoice, say: Say) => ({
  ...choice,
  best: writtenDrill(choice.best, say),
  direction: choice.direction && { ...choice.direction, because: leanWords(choice.direction.because) },
  smaller: choice.smaller.map((drill) => writtenDrill(drill, say)),
  larger: choice.larger.map((drill) => writtenDrill(drill, say)),
});

const writtenFound = (found: Found) => (found.assumed ? { ...found, assumed: assumedWords(found.assumed) } : found);

export const writtenAssessment = (assessment: Assessment, hole: HoleCase) => ({
  ...assessment,
  threadEnd: writtenFound(assessment.threadEnd),
  cleanUp: writtenFound(assessment.cleanUp),
  working: [soundWorking(soundFacts(assessment, hole))],
});

const writtenCheck = (check: Check, say: Say) => ({
  ...check,
  title: titleOf(check),
  because: becauseOf(check, say),
  working: workingOf(check),
  ...(check.remedy === undefined ? {} : { remedy: { id: check.remedy, step: stepOf(check, say) } }),
});

const writtenRoute = (route: Route, say: Say) => ({
  ...route,
  cut: { ...route.cut, drill: writtenDrill(route.cut.drill, say) },
  substitutes: route.substitutes.map((drill) => writtenDrill(drill, say)),
  because: rankWords(route.rank, say),
  notes: notesOf(route, say),
  ownSteps: ownStepsOf(route, say),
  mateEffect: mateEffectOf(route, say),
  ticks: route.ticks.map((tick) => ({ ...tick, words: tickWords(tick, say) })),
  workings: route.workings.map(writeWorking),
  checks: route.checks.map((check) => writtenCheck(check, say)),
  reserve: { ...route.reserve, working: reserveWorking(route.reserve) },
});

export const writtenProposal = ({ hole, assessment, routes, notOffered }: Proposal, say: Say) => ({
  assessment: writtenAssessment(assessment, hole),
  routes: routes.map((route) => writtenRoute(route, say)),
  notOffered: notOffered.map((method) => ({ method, because: whyNothing(method, hole) })),
});
