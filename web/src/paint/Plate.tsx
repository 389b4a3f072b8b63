import type { UnitSystem } from '@deep-mend/core';
import { ladderSheet, plateSheet, type PlateLayout } from '@deep-mend/drawing';
import { memo } from 'react';
import { PLATE } from '../base/theme.ts';
import { Ladder } from './Ladder.tsx';
import { Linings, PaintSheetLayers } from './PaintSheet.tsx';
import { SHEET, useLiningIds } from './sheet.ts';
import './paint.css';

const GROUND = { background: PLATE.ground } as const;

export interface PlateProps {
  layout: PlateLayout;
  units: UnitSystem;
  selectedKey: string | null;
  /** What the drawing shows, for those who cannot see it. */
  description: string;
  onSelect: (routeId: string) => void;
}

/** The two drawings on one plate: the section with its depth rule, and the metal ladder under it on the same radius axis. */
export const Plate = memo(function Plate({ layout, units, selectedKey, description, onSelect }: PlateProps) {
  const linings = useLiningIds('parent');
  const { width, height, layers } = plateSheet(layout, units);
  return (
    <div className="plate" style={GROUND}>
      <svg
        width={width}
        height={height}
        viewBox={`0 0 ${width} ${height}`}
        style={SHEET}
        role="group"
        aria-label={description}
      >
        <Linings ids={linings} />
        <PaintSheetLayers layers={layers} linings={linings} />
      </svg>
      {layout.ladder.rows.length > 0 && <Ladder sheet={ladderSheet(layout, units, selectedKey)} onSelect={onSelect} />}
    </div>
  );
});
