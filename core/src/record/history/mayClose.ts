import { WAYS } from '../../facts/ways/index.ts';
import { openMendOf, type HoleFile } from '../events/index.ts';
import { wantsTwoSignatures } from './wantsTwoSignatures.ts';

/** What keeps a mend from being signed as mended, in words. */
export const CLOSE_BARS = {
  'no-result': 'Record what was measured first; then close the mend',
  failed: 'Something did not pass: plan again from what is there now, or close it as given up or sent out',
  'no-proof': 'Record the proof load or pressure test first: a competent person makes it',
} as const;
export type CloseBar = keyof typeof CLOSE_BARS;

/**
 * Whether the open mend may be signed as mended, and if not, why. Screens and the server's doors ask the same question here.
 * Precedence: nothing recorded; something that did not pass; no proof load where someone can be hurt. A part that goes
 * elsewhere is proved there.
 * @example mayClose({ mends: [], choices: {} }) // 'no-result'
 */
export function mayClose(file: Pick<HoleFile, 'mends' | 'choices'>): 'yes' | CloseBar {
  const { results = null, plan = null } = openMendOf(file) ?? {};
  if (results === null) return 'no-result';
  if (results.some(({ passed }) => passed === false)) return 'failed';
  const provedHere = wantsTwoSignatures(file) && plan !== null && !WAYS[plan.method].elsewhere;
  return provedHere && !results.some(({ id }) => id === 'proof-load') ? 'no-proof' : 'yes';
}
