import { nearestDrill } from '../nearestDrill.ts';
import { steps, type MeansMethod } from '../Means.ts';
import {
  drillGetsIn,
  roomWords,
  startOfDrill,
  STRONG_DRILL,
  stuckFacts,
  turnWord,
  type StuckFacts,
} from '../stuckFacts.ts';
import type { StuckCase } from '../StuckCase.ts';

/** Drill for a screw extractor, as a share of the thread (rule of thumb), and how far off the pair may be. */
export const EXTRACTOR_DRILL = { low: 0.5, high: 0.6, slack: 0.05 } as const;
/** Core of an extractor as a share of its drill, and the stress that snaps it (estimate). */
const EXTRACTOR_CORE = 0.7;
const EXTRACTOR_SHEAR_MPA = 900;

/** Torque that snaps an extractor, by the drill that goes before it: solid round core in torsion (estimate). @example extractorLimitNm(5) // 7.58 */
export function extractorLimitNm(drillMm: number): number {
  return ((Math.PI / 16) * (EXTRACTOR_CORE * drillMm) ** 3 * EXTRACTOR_SHEAR_MPA) / 1000;
}

const LOOSENED_ONLY: readonly StuckCase['why'][] = ['galled', 'cross-threaded', 'peened', 'rust'];

type Own = StuckFacts & {
  seized: boolean;
  /** The crib has extractors, and none of them goes with this thread. */
  none: boolean;
  paired: boolean;
  drillId: string | null;
  drillMm: number;
};

/** The extractor of the crib that goes best with a thread, known by its drill; undefined where none does. */
function pairFor({ owned, thread }: StuckCase): number | undefined {
  const d = thread.majorMm;
  const { low, high, slack } = EXTRACTOR_DRILL;
  const wantedMm = ((low + high) / 2) * d;
  return owned.extractorDrillsMm
    ?.filter((mm) => mm >= (low - slack) * d && mm <= (high + slack) * d)
    .sort((a, b) => Math.abs(a - wantedMm) - Math.abs(b - wantedMm))[0];
}

export const extractor: MeansMethod<Own> = {
  judge: (stuck) => {
    const facts = stuckFacts(stuck);
    const { low, high } = EXTRACTOR_DRILL;
    const wantedMm = ((low + high) / 2) * facts.majorMm;
    const pair = pairFor(stuck);
    const drill = nearestDrill(stuck.rack, pair ?? wantedMm);
    const seized = LOOSENED_ONLY.includes(stuck.why);
    const none = stuck.owned.extractorDrillsMm !== null && pair === undefined;
    const possible = facts.threaded && !facts.hard && drillGetsIn(facts) && !none && !seized;
    return {
      verdict: possible ? 'with-care' : 'does-not-hold',
      facts: {
        ...facts,
        seized,
        none,
        paired: pair !== undefined,
        drillId: drill?.id ?? null,
        drillMm: pair ?? drill?.diameterMm ?? wantedMm,
      },
    };
  },
  title: () => 'Screw extractor',
  because: (facts, _verdict, say) => {
    if (!facts.threaded) return 'only for what has a thread';
    if (facts.hard) return 'too hard to drill';
    if (facts.seized) return 'it is seized along its thread: the extractor would snap, and it is harder than any drill';
    if (facts.none)
      return `none in the crib goes with ${say.length(EXTRACTOR_DRILL.low * facts.majorMm)} to ${say.length(EXTRACTOR_DRILL.high * facts.majorMm)}`;
    return drillGetsIn(facts) ? 'only where the preload is gone and it turned before it broke' : roomWords(facts, say);
  },
  steps: (facts, say) => {
    const { drillId, drillMm, paired } = facts;
    return steps(
      startOfDrill(facts),
      ...(facts.strong ? [STRONG_DRILL] : []),
      `Drill ${drillId ?? say.length(drillMm)}${paired ? ', the pair of an extractor in the crib' : ''}, deep enough for all its flutes.`,
      `Straight-flute extractor: no more than ${say.torque(extractorLimitNm(drillMm))}, ${turnWord(facts)}; a small tap wrench, not a bar.`,
    );
  },
  stop: () => 'It springs back instead of turning: stop, it is about to snap.',
  spoils: () => 'a snapped extractor can only be spark-eroded',
};
