import type { DisplayList, Ink, Shape } from './DisplayList.ts';

export interface GlyphFacts {
  /** How many generations it has, the first included. */
  rings: number;
  state: 'sound' | 'stripped' | 'suspect' | 'proved';
}

/** A glyph has no scale: it is drawn in a field of 32, the outermost ring always of one size. */
const FIELD = 32;
const OUTER_RADIUS = 13;
const RING_STEP = 3.6;
const MOST_RINGS = 4;
const INK: Readonly<Record<GlyphFacts['state'], Ink>> = {
  sound: 'ink',
  stripped: 'fails',
  suspect: 'care',
  proved: 'ink',
};

/** End view of a hole: one ring a generation; dashes are stripped, a gap is suspect, a tick across is proved. */
export function holeGlyph({ rings, state }: GlyphFacts): DisplayList {
  const shown = Math.min(rings, MOST_RINGS);
  const middle = FIELD / 2;
  const circles = Array.from({ length: shown }, (_, ring): Shape => {
    // The outermost ring keeps its size, earlier generations stand inside it.
    const radiusMm = OUTER_RADIUS - (shown - 1 - ring) * RING_STEP;
    const round = 2 * Math.PI * radiusMm;
    const outer = ring === shown - 1;
    const dash =
      outer && state === 'stripped'
        ? [round / 14, round / 14]
        : outer && state === 'suspect'
          ? [round * 0.85, round * 0.15]
          : null;
    return {
      kind: 'circle',
      id: `ring ${ring}`,
      at: [middle, middle],
      radiusMm,
      pen: { ink: INK[state], width: 1.9, ...(dash ? { dash } : {}) },
    };
  });
  const tick: Shape = {
    kind: 'polyline',
    id: 'tick',
    closed: false,
    points: [
      [5, 27],
      [27, 5],
    ],
    pen: { ink: 'holds', width: 2.6, cap: 'round' },
  };
  return {
    view: { x: 0, y: 0, width: FIELD, height: FIELD },
    layers: [{ id: 'glyph', shapes: state === 'proved' ? [...circles, tick] : circles }],
  };
}
