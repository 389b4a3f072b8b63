import type { Verdict } from '../../basis/checks/index.ts';
import type { Say } from '../../basis/units/index.ts';
import { MEANS, MEANS_COSTS, MEANS_IDS, type MeansId } from '../../facts/means/index.ts';
import { HEAT_TICK_IDS, heatTickWords, isHeld, type HeatTickId } from './beforeFreeing.ts';
import type { FreeStep, Tries } from './Means.ts';
import { MEANS_METHODS, type Means } from './means/registry.ts';
import type { StuckCase } from './StuckCase.ts';

function triesOf(id: MeansId, { tried }: StuckCase): Tries | null {
  const own = tried.filter((row) => row.means === id);
  if (own.length === 0 || MEANS[id].always) return null;
  return { times: own.length, worse: own.some((row) => row.outcome === 'worse'), last: own.at(-1)!.outcome };
}

function judgeMeans<Id extends MeansId>(id: Id, stuck: StuckCase): Means<Id> {
  const judged = MEANS_METHODS[id].judge(stuck);
  const tries = triesOf(id, stuck);
  return {
    id,
    // What made things worse is not tried again; while something pushes behind it nothing is simply good.
    verdict: tries?.worse
      ? 'does-not-hold'
      : judged.verdict === 'holds' && isHeld(stuck) && !MEANS[id].always
        ? 'with-care'
        : judged.verdict,
    rounds: MEANS[id].rounds,
    facts: judged.facts,
    tries,
  };
}

/** Tried in vain as often as it is worth; a movement says go on. */
const isSpent = ({ tries, rounds }: Means) =>
  tries !== null && (tries.worse || (tries.last !== 'moved' && tries.times >= rounds));

/**
 * The means for this case in order of least harm: those that can be tried first, in the registry's order; then those already
 * tried in vain as often as they are worth; those that can not, with why not, last.
 * @example proposeFreeing({ ...blankStuck('stud', threadById('M8x1.25'), parentById('grey-iron')), proudMm: 12 })[0].id // 'turn-out'
 */
export function proposeFreeing(stuck: StuckCase): Means[] {
  const judged: Means[] = MEANS_IDS.map((id) => judgeMeans(id, stuck));
  const out = (means: Means) => means.verdict === 'does-not-hold';
  return [
    ...judged.filter((means) => !out(means) && !isSpent(means)),
    ...judged.filter((means) => !out(means) && isSpent(means)),
    ...judged.filter(out),
  ];
}

/** Whether the core of what is stuck may be drilled, so that the chance of harm is worth simulating. */
export const drillsToCore = (means: readonly Means[]): boolean =>
  means.some((row) => MEANS[row.id].drillsToCore && row.verdict !== 'does-not-hold');

/** A means in words: what a page shows of it. */
export interface SaidMeans {
  id: MeansId;
  title: string;
  verdict: Verdict;
  because: string;
  steps: FreeStep[];
  rounds: number;
  stop: string;
  spoils: string;
  /** Its time and cost, estimates. */
  takes: string;
  /** What is looked at and ticked before it makes anything hot. */
  ticks: { id: HeatTickId; words: string }[];
}

/** @example takesWords('weld-nut') // 'about 20 to 60 min, a small tool' */
export function takesWords(id: MeansId): string {
  const { minutes, rounds, cost } = MEANS[id];
  const time = minutes === null ? 'days' : `about ${minutes[0]} to ${minutes[1]} min${rounds > 1 ? ' a round' : ''}`;
  return `${time}, ${MEANS_COSTS[cost]}`;
}

function triedWords(because: string, { times, worse, last }: Tries, rounds: number): string {
  const often = times === 1 ? 'once' : `${times} times`;
  if (worse) return `tried ${often}, and it made things worse`;
  if (last === 'moved') return `it moved when this was tried: go on; ${because}`;
  return `tried ${often} of ${rounds}, nothing moved; ${because}`;
}

/** Writes a means in the reader's units. */
export function sayMeans<Id extends MeansId>(means: Means<Id>, say: Say): SaidMeans {
  const { id, facts, rounds, tries } = means;
  const method = MEANS_METHODS[means.id];
  const because = method.because(facts, means.verdict, say);
  return {
    id,
    title: method.title(facts),
    verdict: means.verdict,
    because: tries === null ? because : triedWords(because, tries, rounds),
    steps: method.steps(facts, say),
    rounds,
    stop: method.stop(facts),
    spoils: method.spoils(facts),
    takes: takesWords(id),
    ticks: MEANS[id].heats ? HEAT_TICK_IDS.map((tick) => ({ id: tick, words: heatTickWords(tick) })) : [],
  };
}
