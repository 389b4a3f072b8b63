import type { HoleSummary } from '@deep-mend/contract';
import { useTheme } from '@mui/material/styles';
import { holeGlyph, type GlyphFacts } from '@deep-mend/drawing';
import { Paint } from './Paint.tsx';
import { ON_PLATE } from './PaintShape.tsx';

/** What the glyph says, in words: always shown beside it or as its label. */
export function holeWords(hole: Pick<HoleSummary, 'openMendId' | 'lastOutcome' | 'repairs'>): string {
  if (hole.openMendId) return 'stripped, mend under way';
  if (hole.lastOutcome === 'mended')
    return hole.repairs > 1 ? `proved, mended ${hole.repairs} times` : 'proved, mended once';
  if (hole.lastOutcome === 'unproved') return 'mended, not proved';
  if (hole.lastOutcome === 'sent-out') return 'sent out';
  if (hole.lastOutcome === 'given-up') return 'given up';
  return 'sound';
}

function stateOf({ openMendId, lastOutcome }: Pick<HoleSummary, 'openMendId' | 'lastOutcome'>): GlyphFacts['state'] {
  if (openMendId !== null) return 'stripped';
  if (lastOutcome === 'given-up' || lastOutcome === 'sent-out' || lastOutcome === 'unproved') return 'suspect';
  return lastOutcome === 'mended' ? 'proved' : 'sound';
}

/** End view of a hole: one ring a generation, its state in their dashes, with its words. */
export function HoleGlyph({
  hole,
  size = 28,
}: {
  hole: Pick<HoleSummary, 'openMendId' | 'lastOutcome' | 'repairs' | 'generation'>;
  size?: number;
}) {
  const { tokens } = useTheme();
  const colours = { ...ON_PLATE, ink: tokens.ink, holds: tokens.holds, care: tokens.care, fails: tokens.fails };
  const list = holeGlyph({ rings: hole.generation + 1, state: stateOf(hole) });
  return (
    <Paint
      list={list}
      widthPx={FIELD_PX}
      label={holeWords(hole)}
      colours={colours}
      look={{ width: size, height: size }}
      title
    />
  );
}
const FIELD_PX = 32;
