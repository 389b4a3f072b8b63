import { memo, useId } from 'react';
import type { UnitSystem } from '@deep-mend/core';
import { FONT, PLATE } from '../base/theme.ts';
import { DepthRule } from './DepthRule.tsx';
import { Ladder } from './Ladder.tsx';
import type { PlateLayout } from '@deep-mend/drawing';
import { Section } from './Section.tsx';
import { ParentLining, SHEET } from './sheet.tsx';
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

const Linings = memo(function Linings({ id }: { id: string }) {
  return (
    <defs>
      <ParentLining id={id} />
    </defs>
  );
});

/** What the colours mean. */
const Legend = memo(function Legend({ right, planned, done }: { right: number; planned: boolean; done: boolean }) {
  return (
    <>
      <text x={14} y={26} fontSize={13} fill={PLATE.scribe} fontFamily={FONT.label}>
        Section to scale
      </text>
      <g transform={`translate(${right} 26)`} fontSize={13} fontFamily={FONT.label} textAnchor="end">
        <text>
          <tspan fill={PLATE.scribe}>as found</tspan>
          {planned && <tspan fill={PLATE.chalk}> · {done ? 'planned' : 'to be cut'}</tspan>}
          {done && <tspan fill={PLATE.holds}> · measured</tspan>}
        </text>
      </g>
    </>
  );
});

/** The wall left beside the outermost cut. */
const WallDimension = memo(function WallDimension({
  axisX,
  scale,
  fromMm,
  toMm,
  y,
  text,
}: NonNullable<PlateLayout['wallDimension']> & { axisX: number; scale: number }) {
  return (
    <>
      <g transform={`translate(${axisX} ${y}) scale(${scale} 1)`}>
        <WallLines fromMm={fromMm} toMm={toMm} />
      </g>
      <g transform={`translate(${axisX + ((fromMm + toMm) / 2) * scale} ${y - 6})`}>
        <WallFigure text={text} />
      </g>
    </>
  );
});

const WallLines = memo(function WallLines({ fromMm, toMm }: { fromMm: number; toMm: number }) {
  return (
    <path
      d={`M${fromMm} 0H${toMm}M${fromMm} -5V5M${toMm} -5V5`}
      stroke={PLATE.chalk}
      strokeWidth={1.2}
      vectorEffect="non-scaling-stroke"
    />
  );
});

const WallFigure = memo(function WallFigure({ text }: { text: string }) {
  return (
    <text
      fill={PLATE.chalk}
      textAnchor="middle"
      fontSize={15}
      fontWeight={600}
      stroke={PLATE.ground}
      strokeWidth={4}
      paintOrder="stroke"
    >
      {text}
    </text>
  );
});

/** The two drawings on one plate: the section with its depth rule, and the metal ladder under it on the same radius axis. */
export const Plate = memo(function Plate({ layout, units, selectedKey, description, onSelect }: PlateProps) {
  const base = useId().replace(/[^a-z0-9]/gi, '');
  const ids = { hatch: `${base}hatch`, clip: `${base}clip`, forbidden: `${base}no` };
  return (
    <div className="plate" style={GROUND}>
      <svg
        width={layout.width}
        height={layout.height}
        viewBox={`0 0 ${layout.width} ${layout.height}`}
        style={SHEET}
        role="group"
        aria-label={description}
      >
        <Linings id={ids.hatch} />
        {!layout.halfSection && (
          <Legend right={layout.width - 16} planned={layout.planned !== null} done={layout.done !== null} />
        )}
        <Section layout={layout} ids={ids} edgeLabel={layout.edge?.label ?? null} />
        {layout.wallDimension && <WallDimension {...layout.wallDimension} axisX={layout.axisX} scale={layout.scale} />}
        <DepthRule layout={layout} units={units} />
      </svg>
      {layout.ladder.rows.length > 0 && (
        <Ladder layout={layout} units={units} selectedKey={selectedKey} hatchId={ids.forbidden} onSelect={onSelect} />
      )}
    </div>
  );
});
