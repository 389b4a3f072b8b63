import type { Verdict } from './Check.ts';

/** A verdict in words. */
export const VERDICT_WORDS: Readonly<Record<Verdict, string>> = {
  holds: 'holds',
  'with-care': 'with care',
  'does-not-hold': 'does not hold',
};

const ORDER: Record<Verdict, number> = { holds: 0, 'with-care': 1, 'does-not-hold': 2 };

/** Negative when `a` is better than `b`. */
export function compareVerdicts(a: Verdict, b: Verdict): number {
  return ORDER[a] - ORDER[b];
}

/** What an unknown does to a verdict; `asks`: its reading is asked for; `shut`: nothing is cut before it is given. */
export interface UnknownVerdict {
  verdict: Verdict;
  asks: boolean;
  shut: boolean;
}

/**
 * Verdict while something is not known, from the one at the unfavourable end of what is plausible and the one at the usual
 * value. Holds at the unfavourable end: holds, and nothing is asked. Refused there and not at the usual one: with care, the
 * reading is asked for and the machine waits. Refused at both: does not hold.
 * @example verdictOfUnknown('does-not-hold', 'holds').shut // true
 */
export function verdictOfUnknown(unfavourable: Verdict, usual: Verdict): UnknownVerdict {
  if (unfavourable !== 'does-not-hold')
    return { verdict: unfavourable, asks: compareVerdicts(usual, unfavourable) < 0, shut: false };
  return usual === 'does-not-hold'
    ? { verdict: 'does-not-hold', asks: false, shut: false }
    : { verdict: 'with-care', asks: true, shut: true };
}

/** The worst of some verdicts; `holds` for none. */
export function worstVerdict(verdicts: readonly Verdict[]): Verdict {
  return verdicts.reduce<Verdict>((worst, verdict) => (ORDER[verdict] > ORDER[worst] ? verdict : worst), 'holds');
}

/**
 * Verdict of a value that has a nominal and a pessimistic end.
 * Precedence: (1) the pessimistic end holds → holds; (2) the nominal is at least with care and the pessimistic end is
 * at worst with care → with care; (3) otherwise does not hold, and `needsReading` tells that only the readings' doubt
 * stands in the way.
 */
export function verdictUnderDoubt(nominal: Verdict, pessimistic: Verdict): { verdict: Verdict; needsReading: boolean } {
  if (pessimistic === 'holds') return { verdict: 'holds', needsReading: false };
  if (nominal !== 'does-not-hold' && pessimistic === 'with-care') {
    return { verdict: 'with-care', needsReading: nominal === 'holds' };
  }
  return { verdict: 'does-not-hold', needsReading: nominal !== 'does-not-hold' };
}

/** Checks in the order to read them: worst first, else as given. */
export function worstFirst<Judged extends { verdict: Verdict }>(checks: readonly Judged[]): Judged[] {
  const of = (verdict: Verdict) => checks.filter((check) => check.verdict === verdict);
  return [...of('does-not-hold'), ...of('with-care'), ...of('holds')];
}
