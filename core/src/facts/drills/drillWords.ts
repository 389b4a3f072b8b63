import type { Say } from '../../basis/units/index.ts';
import type { DrillCost, LeanReason, TapDrill } from './tapDrill.ts';

const COST_WORDS: Readonly<Record<DrillCost, string>> = {
  'refused-taper': 'a taper pipe thread is drilled and reamed by its own gauge, never as a parallel one',
  'refused-body-size': 'it bores the whole thread away: this is the size of the screw, not of the tap drill',
  'refused-thin': 'too little thread is left to carry a load',
  'refused-full': 'under the size that the tap needs: it is likely to snap',
  tight: 'more thread than the usual: the tap works hard and gains almost no strength',
  'light-duty': 'easy to tap, light duty only',
  fuller: 'a fuller thread; the tap turns harder',
  easier: 'a little less thread; the tap turns easier',
  'as-asked': 'what the house rule asks for',
  'coil-fits': 'within the insert thread’s limits',
  'coil-may-cut-over': 'within the limits, but it may cut over them',
  'coil-tight': 'under the limits: the insert tap works hard',
  'coil-loose': 'over the limits: the coil’s flanks lose hold',
};

const LEAN_WORDS: Readonly<Record<LeanReason, string>> = {
  nearest: 'the nearest in the rack to what is aimed at',
  tough: 'tough metal: the larger side spares the tap',
  deep: 'deep thread: the larger side spares the tap and loses almost no strength',
  'few-turns': 'few turns of thread: the smaller side keeps them full',
};

/** Why a side is leant to. @example leanWords('tough') // 'tough metal: the larger side spares the tap' */
export const leanWords = (because: LeanReason): string => LEAN_WORDS[because];

/**
 * What taking a drill costs, in words; a worn one says first what it really cuts.
 * @param wornCutsMm - what a worn drill was measured to cut; null of a good one
 */
export function drillCostWords(cost: DrillCost, wornCutsMm: number | null, say: Say): string {
  const words = COST_WORDS[cost];
  // A coil's drill is taken by its own size; only a tap drill's wear is told.
  return wornCutsMm === null || cost.startsWith('coil-') ? words : `worn, cuts ${say.length(wornCutsMm)}: ${words}`;
}

/** The same of a drill as it was chosen. */
export const tapDrillWords = ({ cost, drill }: TapDrill, say: Say): string =>
  drillCostWords(cost, drill.wornFromMm === undefined ? null : drill.diameterMm, say);
