import { WAYS } from '../../facts/ways/index.ts';
import { choiceOf } from '../../judge/hole/index.ts';
import { openMendOf, type HoleFile } from '../events/index.ts';
import { wantsTwoSignatures } from './wantsTwoSignatures.ts';

/** What keeps the machine off a hole, in words; each is an order of work, not an opinion. */
export const CUT_BARS = {
  'no-mend': 'No mend is open on this hole: start one first',
  'do-not-use': 'This hole is set to “do not use”: whoever set it takes that back first',
  stuck: 'Something is stuck in this hole: free it first, or say that it is out',
  'no-plan': 'Plan the mend first',
  asked: 'The plan hangs on a reading that nobody has given: give it and plan again',
  'not-looked': 'Look first: tick the card’s first step in Prepare',
  'not-released': 'Not released: this hole can hurt someone or is under a code, record the release first',
} as const;
export type CutBar = keyof typeof CUT_BARS;

/**
 * Whether a hole may be cut now, and if not, why. Screens and the server's doors ask the same question here. Precedence: no
 * mend; a hole out of use; something stuck; no plan; a reading that the plan hangs on; a look; a release.
 * @example mayCut({ mends: [], choices: {} }) // 'no-mend'
 */
export function mayCut(file: Pick<HoleFile, 'mends' | 'choices'>): 'yes' | CutBar {
  const mend = openMendOf(file);
  if (!mend) return 'no-mend';
  const { plan } = mend;
  // A part that goes elsewhere is not cut here, whatever this hole is.
  const elsewhere = plan !== null && WAYS[plan.method].elsewhere;
  if (choiceOf(file.choices, 'doNotUse') && !elsewhere) return 'do-not-use';
  if (choiceOf(file.choices, 'stuck') !== 'none') return 'stuck';
  if (plan === null) return 'no-plan';
  if (plan.asks.length > 0) return 'asked';
  if (!plan.ticks.every((tick) => mend.looked.includes(tick))) return 'not-looked';
  return wantsTwoSignatures(file) && mend.release === null && !elsewhere ? 'not-released' : 'yes';
}
