import type { HoleSummary } from '@deep-mend/contract';
import { useTheme } from '@mui/material/styles';

/** What the glyph says, in words: always shown beside it or as its label. */
export function holeWords(hole: Pick<HoleSummary, 'openMendId' | 'lastOutcome' | 'repairs'>): string {
  if (hole.openMendId) return 'stripped, mend under way';
  if (hole.lastOutcome === 'mended')
    return hole.repairs > 1 ? `proved, mended ${hole.repairs} times` : 'proved, mended once';
  if (hole.lastOutcome === 'sent-out') return 'sent out';
  if (hole.lastOutcome === 'given-up') return 'given up';
  return 'sound';
}

/** End view of a hole: one ring a generation; dashes = stripped, a gap = suspect, a tick across = proved. */
export function HoleGlyph({
  hole,
  size = 28,
}: {
  hole: Pick<HoleSummary, 'openMendId' | 'lastOutcome' | 'repairs' | 'generation'>;
  size?: number;
}) {
  const { tokens } = useTheme();
  const rings = Math.min(hole.generation + 1, 4);
  const stripped = hole.openMendId !== null;
  const suspect = !stripped && (hole.lastOutcome === 'given-up' || hole.lastOutcome === 'sent-out');
  const proved = !stripped && hole.lastOutcome === 'mended';
  const colour = stripped ? tokens.fails : suspect ? tokens.care : tokens.ink;
  return (
    <svg width={size} height={size} viewBox="0 0 32 32" role="img" aria-label={holeWords(hole)}>
      <title>{holeWords(hole)}</title>
      {Array.from({ length: rings }, (_, ring) => {
        // The outermost ring keeps its size, earlier generations stand inside it.
        const r = 13 - (rings - 1 - ring) * 3.6;
        const round = 2 * Math.PI * r;
        const outer = ring === rings - 1;
        const dash =
          outer && stripped
            ? `${round / 14} ${round / 14}`
            : outer && suspect
              ? `${round * 0.85} ${round * 0.15}`
              : undefined;
        return (
          <circle key={r} cx={16} cy={16} r={r} fill="none" stroke={colour} strokeWidth={1.9} strokeDasharray={dash} />
        );
      })}
      {proved && <path d="M5 27 L27 5" stroke={tokens.holds} strokeWidth={2.6} strokeLinecap="round" />}
    </svg>
  );
}
