import { memo, useId } from 'react';
import { speak, type UnitSystem } from '@deep-mend/core';
import { FONT, PLATE } from '../app/theme.ts';
import { DepthRule } from './DepthRule.tsx';
import { Ladder } from './Ladder.tsx';
import type { PlateLayout } from './plateLayout.ts';
import { Section } from './Section.tsx';

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
  const base = useId().replace(/[^a-z0-9]/gi, '');
  const ids = { hatch: `${base}hatch`, clip: `${base}clip`, forbidden: `${base}no` };
  return (
    <div className="plate" style={{ background: PLATE.ground }}>
      <svg
        width={layout.width}
        height={layout.height}
        viewBox={`0 0 ${layout.width} ${layout.height}`}
        style={{ display: 'block', fontFamily: FONT.drawing }}
        role="group"
        aria-label={speak(description, units)}
      >
        <defs>
          <pattern id={ids.hatch} width={9} height={9} patternTransform="rotate(45)" patternUnits="userSpaceOnUse">
            <line x1={0} x2={0} y1={0} y2={9} stroke={PLATE.hatch} strokeWidth={1.1} />
          </pattern>
        </defs>
        {!layout.halfSection && (
          <>
            <text x={14} y={26} fontSize={13} fill={PLATE.scribe} fontFamily={FONT.label}>
              Section to scale
            </text>
            <g transform={`translate(${layout.width - 16} 26)`} fontSize={13} fontFamily={FONT.label} textAnchor="end">
              {layout.planned && <text fill={PLATE.chalk}>to be cut</text>}
              <text x={layout.planned ? -62 : 0} fill={PLATE.scribe}>
                {layout.planned ? 'as found ·' : 'as found'}
              </text>
            </g>
          </>
        )}
        <Section layout={layout} ids={ids} edgeLabel={layout.edge?.label ?? null} />
        {layout.wallDimension && (
          <g stroke={PLATE.chalk} fill={PLATE.chalk}>
            <line
              x1={layout.wallDimension.x1}
              x2={layout.wallDimension.x2}
              y1={layout.wallDimension.y}
              y2={layout.wallDimension.y}
              strokeWidth={1.2}
            />
            <line
              x1={layout.wallDimension.x1}
              x2={layout.wallDimension.x1}
              y1={layout.wallDimension.y - 5}
              y2={layout.wallDimension.y + 5}
            />
            <line
              x1={layout.wallDimension.x2}
              x2={layout.wallDimension.x2}
              y1={layout.wallDimension.y - 5}
              y2={layout.wallDimension.y + 5}
            />
            <text
              x={(layout.wallDimension.x1 + layout.wallDimension.x2) / 2}
              y={layout.wallDimension.y - 6}
              textAnchor="middle"
              fontSize={15}
              fontWeight={600}
              stroke={PLATE.ground}
              strokeWidth={4}
              paintOrder="stroke"
            >
              {layout.wallDimension.text}
            </text>
          </g>
        )}
        <DepthRule layout={layout} units={units} />
      </svg>
      {layout.ladder.rows.length > 0 && (
        <Ladder layout={layout} units={units} selectedKey={selectedKey} hatchId={ids.forbidden} onSelect={onSelect} />
      )}
    </div>
  );
});
