import { choiceOf } from '../../judge/hole/index.ts';
import { openMendOf, type HoleFile } from '../events/index.ts';

/** What keeps the machine off a hole; each is an order of work, not an opinion. */
export type CutBar = 'no-mend' | 'stuck' | 'no-plan';

/**
 * Whether a hole may be cut now, and if not, why. Screens and the server's doors ask the same question here.
 * @example mayCut({ mends: [], choices: {} }) // 'no-mend'
 */
export function mayCut(file: Pick<HoleFile, 'mends' | 'choices'>): 'yes' | CutBar {
  const mend = openMendOf(file);
  if (!mend) return 'no-mend';
  if (choiceOf(file.choices, 'stuck') !== 'none') return 'stuck';
  return mend.plan === null ? 'no-plan' : 'yes';
}
