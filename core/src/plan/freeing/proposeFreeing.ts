import type { Verdict } from '../../basis/checks/index.ts';
import { coilEnd } from './means/coil.ts';
import { corePeel, extractor, leftHandDrill, mill } from './means/drilling.ts';
import { hardDrill, sendOut, sparkErosion } from './means/hard.ts';
import { heatSoak } from './means/heat.ts';
import { driveThrough, pull } from './means/pin.ts';
import { driveAgain, turnOut, weldNut } from './means/turning.ts';
import { MEANS_IDS, type JudgeMeans, type Means, type MeansId } from './Means.ts';
import type { StuckCase } from './StuckCase.ts';

/** Every means: a new one is one function and one line, its place is that of its id in `MEANS_IDS`. */
const REGISTRY: Readonly<Record<MeansId, JudgeMeans>> = {
  'coil-end': coilEnd,
  'drive-through': driveThrough,
  'turn-out': turnOut,
  'drive-again': driveAgain,
  'heat-soak': heatSoak,
  'weld-nut': weldNut,
  pull,
  'left-hand-drill': leftHandDrill,
  extractor,
  'core-peel': corePeel,
  mill,
  'hard-drill': hardDrill,
  'spark-erosion': sparkErosion,
  'send-out': sendOut,
};

/** Sending it out stays possible whatever was tried. */
const ALWAYS: MeansId = 'send-out';

/** What earlier tries say about a means: it made things worse, or it moved nothing, or nothing yet. */
function afterTries(means: Means, { tried }: StuckCase): { means: Means; spent: boolean } {
  const own = tried.filter((row) => row.means === means.id);
  if (own.length === 0 || means.id === ALWAYS) return { means, spent: false };
  const times = own.length === 1 ? 'once' : `${own.length} times`;
  if (own.some((row) => row.outcome === 'worse')) {
    const verdict: Verdict = 'does-not-hold';
    return { means: { ...means, verdict, because: `tried ${times}, and it made things worse` }, spent: true };
  }
  if (own.at(-1)!.outcome === 'moved')
    return { means: { ...means, because: `it moved when this was tried: go on; ${means.because}` }, spent: false };
  return {
    means: { ...means, because: `tried ${times} of ${means.rounds}, nothing moved; ${means.because}` },
    spent: own.length >= means.rounds,
  };
}

/**
 * The means for this case in order of least harm: those that can be tried first, in the registry's order; then those already
 * tried in vain as often as they are worth; those that can not, with why not, last.
 * @example proposeFreeing({ ...blankStuck('stud', threadById('M8x1.25'), parentById('grey-iron')), proudMm: 12 })[0].id // 'turn-out'
 */
export function proposeFreeing(stuck: StuckCase): Means[] {
  const judged = MEANS_IDS.map((id) => afterTries({ id, rounds: 1, ...REGISTRY[id](stuck) }, stuck));
  const out = (row: { means: Means }) => row.means.verdict === 'does-not-hold';
  return [
    ...judged.filter((row) => !out(row) && !row.spent),
    ...judged.filter((row) => !out(row) && row.spent),
    ...judged.filter(out),
  ].map((row) => row.means);
}
