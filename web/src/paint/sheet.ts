import { useId, useMemo } from 'react';
import { FONT } from '../base/theme.ts';
import type { LiningIds, LiningName } from './PaintShape.tsx';

/**
 * Style of a drawing. Geometric precision keeps words the same size at every zoom, and spares the browser a font of its own
 * scale each time a figure changes: a quarter of the text's layout.
 */
export const SHEET = { display: 'block', fontFamily: FONT.drawing, textRendering: 'geometricPrecision' } as const;

/** Ids for the linings of one sheet: their own on the page. */
export function useLiningIds(...names: LiningName[]): LiningIds {
  const base = useId().replace(/[^a-z0-9]/gi, '');
  const wanted = names.join(' ');
  return useMemo(
    () => Object.fromEntries(wanted.split(' ').map((name) => [name, `${base}${name}`])) as LiningIds,
    [base, wanted],
  );
}
