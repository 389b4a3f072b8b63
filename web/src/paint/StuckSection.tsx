import type { UnitSystem } from '@deep-mend/core';
import { stuckSheet, type StuckLayout } from '@deep-mend/drawing';
import { memo } from 'react';
import { Linings, PaintSheetLayers } from './PaintSheet.tsx';
import { SHEET, useLiningIds } from './sheet.ts';

/** What is stuck, drawn where it is: lined against the metal round it, its break ragged, the drills down it in chalk. */
export const StuckSection = memo(function StuckSection({
  layout,
  units,
  description,
}: {
  layout: StuckLayout;
  units: UnitSystem;
  description: string;
}) {
  const linings = useLiningIds('parent', 'stuck');
  const { width, height, layers } = stuckSheet(layout, units);
  return (
    <svg
      width={width}
      height={height}
      viewBox={`0 0 ${width} ${height}`}
      style={SHEET}
      role="img"
      aria-label={description}
    >
      <Linings ids={linings} />
      <PaintSheetLayers layers={layers} linings={linings} />
    </svg>
  );
});
