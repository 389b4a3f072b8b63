// The chance of harm of 60 drills on 100 000 shared trials: time of the core, and the arguments for the same loop in C.
import {
  chanceOfHarm,
  coreWindow,
  expectedBoreMm,
  harmInput,
  blankStuck,
  LARGEST_OVERSIZE,
  parentById,
  seededRandom,
  threadById,
} from '@deep-mend/core';

const RUNS = 7;
const DRILLS = 60;

const stuck = { ...blankStuck('stud', threadById('M12x1.75'), parentById('aluminium-sand-cast')), lengthMm: 25 };
const window = coreWindow(stuck.thread, 'nominal');
const drillsMm = Array.from({ length: DRILLS }, (_, n) => 4 + (n * 7) / DRILLS);
const input = { ...harmInput(stuck, { start: 'block', hold: 'square' }), drillsMm };
let best = Infinity;
let chances: number[] = [];
for (let run = 0; run < RUNS; run += 1) {
  const from = performance.now();
  const harm = chanceOfHarm({ ...input, random: seededRandom(1) });
  best = Math.min(best, performance.now() - from);
  chances = harm.drills.flatMap(({ loose, stiff, touched, tooMuchLost, voidOpened }) =>
    [loose, stiff, touched, tooMuchLost, voidOpened].map((chance) => chance.p),
  );
}
const args = [
  window.rootMm,
  window.crestMm,
  input.majorMm,
  input.sigmaOffsetMm,
  input.sigmaTiltDeg,
  input.depthMm,
  input.wanderPerMm,
  input.projectionMm,
  input.spareShare,
  input.voidMm ?? 1e9,
  input.trials,
  LARGEST_OVERSIZE,
  ...drillsMm.map((mm) => `${mm}:${expectedBoreMm(mm) - mm}`),
].map(String);
process.stdout.write(JSON.stringify({ ms: best, trials: input.trials, chances, args }));
