import type { Say } from '../../basis/units/index.ts';
import { judgeTapDrill, shareOfThread, threadsThatSuit, type TapDrillJudgement } from '../../facts/drills/index.ts';
import { internalLimits, type Thread } from '../../facts/threads/index.ts';
import type { Verdict } from '../../basis/checks/index.ts';

/** What a bored hole is worth before the tap goes in. */
export interface BoreJudgement {
  verdict: Verdict;
  judgement: TapDrillJudgement;
  share: number;
  /** The class's limits of the bored minor. */
  minorMinMm: number;
  minorMaxMm: number;
  designation: string;
  /** Over the class’s greatest minor. */
  over: boolean;
  /** Other threads of the same diameter that the bore suits. */
  suits: Thread[];
}

const VERDICTS: Readonly<Record<TapDrillJudgement, Verdict>> = {
  fits: 'holds',
  'light-duty': 'with-care',
  tight: 'with-care',
  'refused-thin': 'does-not-hold',
  'refused-body-size': 'does-not-hold',
  'refused-full': 'does-not-hold',
  'refused-taper': 'does-not-hold',
};

function wordsOf(judgement: TapDrillJudgement, percent: string, designation: string): string {
  switch (judgement) {
    case 'fits':
      return `${percent} of full thread: tap it`;
    case 'light-duty':
      return `only ${percent} of full thread: light duty; weigh again before tapping`;
    case 'tight':
      return `${percent} of full thread: the tap works hard. Open it a little, or go slowly with a fresh tap`;
    case 'refused-thin':
      return `${percent} of full thread carries nothing: do not tap it as ${designation}`;
    case 'refused-body-size':
      return `the thread would be bored away: do not tap it as ${designation}`;
    case 'refused-full':
      return 'under the size that the tap needs: open it before tapping';
    case 'refused-taper':
      return 'a taper pipe thread is judged by its own gauge';
  }
}

/**
 * A measured bore judged again before tapping, by the same rules as a drill. Worn to an oval, give the widest diameter; of a drill also
 * the bore that it is expected to cut.
 * @example judgeBore(threadById('M8x1.25'), 6.9).verdict // 'holds'
 */
export function judgeBore(thread: Thread, boreMm: number, expectedMm = boreMm): BoreJudgement {
  const { minorMinMm, minorMaxMm } = internalLimits(thread);
  const judgement = judgeTapDrill(thread, boreMm, expectedMm);
  const share = shareOfThread(thread, boreMm);
  const verdict = VERDICTS[judgement];
  return {
    verdict,
    judgement,
    share,
    minorMinMm,
    minorMaxMm,
    designation: thread.designation,
    over: boreMm > minorMaxMm + 1e-9,
    suits: verdict !== 'holds' ? threadsThatSuit(thread, boreMm).map((row) => row.thread) : [],
  };
}

/** Why a bore is worth what it is, as half a sentence. */
export function boreWords({ judgement, share, designation, minorMaxMm, suits }: BoreJudgement, say: Say): string {
  const words = wordsOf(judgement, `${Math.round(100 * share)} %`, designation);
  const over =
    judgement === 'light-duty'
      ? `; over the class’s ${say.length(minorMaxMm)}, so the go gauge alone does not prove it`
      : '';
  const belongs = suits.length > 0 ? `; it is the bore for ${suits[0]!.designation}` : '';
  return `${words}${over}${belongs}`;
}
