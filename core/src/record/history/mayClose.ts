import { WAYS } from '../../facts/ways/index.ts';
import { openMendOf, type HoleFile } from '../events/index.ts';
import { proofStanding } from '../results/index.ts';
import { wantsTwoSignatures } from './wantsTwoSignatures.ts';

/** What keeps a mend from being signed as mended, in words. */
export const CLOSE_BARS = {
  'no-result': 'Record what was measured first; then close the mend',
  failed: 'Something did not pass: plan again from what is there now, or close it as given up or sent out',
  open: 'Something that proves it is neither tried nor said why not: try it, or give a reason',
  'not-proved': 'Something that proves it was not done: it can be closed as mended, not proved',
  'can-hurt':
    'Where someone can be hurt nothing stays unproved: do what was not done, or close it as given up or sent out',
  'no-proof': 'Record the proof load or pressure test first: a competent person makes it',
} as const;
export type CloseBar = keyof typeof CLOSE_BARS;

/**
 * Whether the open mend may be signed as mended, and if not, why. Screens and the server's doors ask the same question here.
 * Precedence: nothing recorded; something that did not pass; no proof load where someone can be hurt; something open; something
 * that was not done. A part that goes elsewhere is proved there.
 * @param outcome - unproved: as mended, not proved, which a reason in place of a proof allows; never where someone can be hurt
 * @example mayClose({ mends: [], choices: {} }) // 'no-result'
 */
export function mayClose(
  file: Pick<HoleFile, 'mends' | 'choices'>,
  outcome: 'mended' | 'unproved' = 'mended',
): 'yes' | CloseBar {
  const { results = null, plan = null } = openMendOf(file) ?? {};
  if (results === null) return 'no-result';
  const { standing } = proofStanding(plan ?? { expectations: [] }, results);
  if (standing === 'failed' || results.some(({ passed }) => passed === false)) return 'failed';
  // What another shop mends is proved there.
  if (plan !== null && WAYS[plan.method].elsewhere) return 'yes';
  const canHurt = wantsTwoSignatures(file);
  if (canHurt && plan !== null && !results.some(({ id, passed }) => id === 'proof-load' && passed)) return 'no-proof';
  if (standing === 'proved') return 'yes';
  if (standing === 'not-proved' && canHurt) return 'can-hurt';
  return standing === 'not-proved' && outcome === 'unproved' ? 'yes' : standing;
}
