import { VERDICT_WORDS, type Verdict as VerdictId } from '@deep-mend/core';
import { VERDICT_MARK_SIDE, verdictMark, type Point } from '@deep-mend/drawing';

const written = (points: readonly Point[]) => points.map((point) => point.join(' ')).join('L');

/** The mark of a verdict in the colour of the text round it. */
export function VerdictMark({ verdict, widthPt = 3 }: { verdict: VerdictId; widthPt?: number }) {
  const mark = verdictMark(verdict, { at: [0, 0], sizePt: VERDICT_MARK_SIDE, widthPt, ink: 'ink' });
  const look = {
    fill: 'none',
    stroke: 'currentColor',
    strokeWidth: widthPt,
    strokeLinejoin: 'round',
    strokeLinecap: 'round',
  } as const;
  if (mark.kind === 'circle') return <circle cx={mark.at[0]} cy={mark.at[1]} r={mark.radiusMm} {...look} />;
  return <path d={mark.lines.map((line) => `M${written(line)}${mark.closed ? 'Z' : ''}`).join('')} {...look} />;
}

/** Verdict = word + shape + colour, never colour alone. */
export function Verdict({ verdict, size = 18, word = true }: { verdict: VerdictId; size?: number; word?: boolean }) {
  return (
    <span className={`verdict is-${verdict}`}>
      <svg
        width={size}
        height={size}
        viewBox={`0 0 ${VERDICT_MARK_SIDE} ${VERDICT_MARK_SIDE}`}
        aria-hidden={word}
        role={word ? undefined : 'img'}
        aria-label={word ? undefined : VERDICT_WORDS[verdict]}
      >
        <VerdictMark verdict={verdict} />
      </svg>
      {word && VERDICT_WORDS[verdict]}
    </span>
  );
}
