import type { Verdict } from './Check.ts';

const ORDER: Record<Verdict, number> = { holds: 0, 'with-care': 1, 'does-not-hold': 2 };

/** Negative when `a` is better than `b`. */
export function compareVerdicts(a: Verdict, b: Verdict): number {
  return ORDER[a] - ORDER[b];
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
