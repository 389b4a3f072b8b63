import { memo, useId } from 'react';
import type { UnitSystem } from '@deep-mend/core';
import { FONT, PLATE } from '../base/theme.ts';
import { ON_PLATE, PaintLayers } from './Paint.tsx';
import { DepthRule } from './DepthRule.tsx';
import { Axis, Level, Lining, ParentLining, SHEET } from './sheet.tsx';
import type { StuckLayout } from '@deep-mend/drawing';

/** What is stuck, drawn where it is: hatched against the metal round it, its break ragged, the drills down it in chalk. */
export const StuckSection = memo(function StuckSection({
  layout,
  units,
  description,
}: {
  layout: StuckLayout;
  units: UnitSystem;
  description: string;
}) {
  const base = useId().replace(/[^a-z0-9]/gi, '');
  const { axisX, faceY, bottomY, metalLeftX, metalRightX } = layout;
  return (
    <svg
      width={layout.width}
      height={layout.height}
      viewBox={`0 0 ${layout.width} ${layout.height}`}
      style={SHEET}
      role="img"
      aria-label={description}
    >
      <defs>
        <ParentLining id={`${base}m`} />
        <Lining id={`${base}s`} step={6} angle={-45} colour={PLATE.faint} width={1.2} />
      </defs>
      <text x={14} y={24} fontSize={13} fill={PLATE.scribe} fontFamily={FONT.label}>
        Section to scale
      </text>
      {layout.layers.some(({ id, shapes }) => id === 'drills' && shapes.length > 0) && (
        <text x={layout.width - 16} y={24} fontSize={13} fill={PLATE.chalk} fontFamily={FONT.label} textAnchor="end">
          to be drilled
        </text>
      )}
      <rect
        x={metalLeftX}
        y={faceY}
        width={metalRightX - metalLeftX}
        height={bottomY - faceY}
        fill={`url(#${base}m)`}
      />
      <PaintLayers
        layers={layout.layers}
        place={layout.place}
        colours={ON_PLATE}
        linings={{ parent: `${base}m`, stuck: `${base}s` }}
      />
      <Level y={faceY} from={metalLeftX} to={metalRightX} />
      <Axis x={axisX} from={24} to={bottomY} />
      <Level y={bottomY} from={metalLeftX} to={metalRightX} goesOn />
      <DepthRule layout={layout} units={units} />
    </svg>
  );
});
