import type { Verdict as VerdictId } from '@deep-mend/core';

export const VERDICT_WORDS: Record<VerdictId, string> = {
  holds: 'holds',
  'with-care': 'with care',
  'does-not-hold': 'does not hold',
};

/** The shape of a verdict in a 20 × 20 box: a ring, a wedge standing on its foot, a broken ring. */
export function verdictPath(verdict: VerdictId): string {
  if (verdict === 'holds') return 'M10 3 a7 7 0 1 1 -0.01 0 Z';
  if (verdict === 'with-care') return 'M10 3 L18 17 L2 17 Z';
  return 'M4 4 L16 16 M16 4 L4 16';
}

/** Verdict = word + shape + colour, never colour alone. */
export function Verdict({ verdict, size = 18, word = true }: { verdict: VerdictId; size?: number; word?: boolean }) {
  return (
    <span className={`verdict is-${verdict}`}>
      <svg
        width={size}
        height={size}
        viewBox="0 0 20 20"
        aria-hidden={word}
        role={word ? undefined : 'img'}
        aria-label={word ? undefined : VERDICT_WORDS[verdict]}
      >
        <path
          d={verdictPath(verdict)}
          fill="none"
          stroke="currentColor"
          strokeWidth={3}
          strokeLinejoin="round"
          strokeLinecap="round"
        />
      </svg>
      {word && VERDICT_WORDS[verdict]}
    </span>
  );
}
