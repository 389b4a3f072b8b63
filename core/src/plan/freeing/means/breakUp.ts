import { steps, type MeansMethod } from '../Means.ts';
import { stuckFacts, type StuckFacts } from '../stuckFacts.ts';

type Own = StuckFacts & {
  tap: boolean;
  /** Where its pieces go; unknown: nobody looked what lies behind. */
  below: 'free' | 'unknown' | 'into-something';
};

/** A tap is glass-hard: where its pieces fall out below, it is shattered from its end. */
export const breakUp: MeansMethod<Own> = {
  judge: (stuck) => {
    const facts = stuckFacts(stuck);
    const tap = stuck.what === 'tap';
    const below = stuck.behind === null ? 'unknown' : stuck.behind === 'nothing' ? 'free' : 'into-something';
    return {
      verdict: tap && facts.through && below !== 'into-something' && !facts.cracks ? 'with-care' : 'does-not-hold',
      facts: { ...facts, tap, below },
    };
  },
  title: () => 'Break it up from its end',
  because: ({ tap, through, below, cracks, parentName }, verdict) => {
    if (verdict === 'with-care')
      return below === 'free'
        ? 'it goes through: its pieces fall out below'
        : 'it goes through, but nobody looked where its pieces fall: look first';
    if (!tap) return 'only for a tap';
    if (!through) return 'blind: its pieces stay in the hole and jam';
    if (below === 'into-something') return 'its pieces would fall into what lies behind';
    return cracks ? `no blows on ${parentName.toLowerCase()}` : '';
  },
  steps: () =>
    steps(
      'Part supported round the hole; face shield on: it splinters like glass.',
      'A hard pointed punch between its flutes, short blows, piece by piece; pick out or push through what comes loose before the next blow.',
      'Count the pieces; look through the hole before a tap goes in again.',
    ),
  stop: () => 'The thread’s crests are being hit, or nothing more breaks off.',
  spoils: () => 'a blow that misses bruises the first threads',
};
