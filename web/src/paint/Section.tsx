import { memo } from 'react';
import { PLATE } from '../base/theme.ts';
import { bothSides, placed, roundLine, sideArea, sideLine, wirePath } from './inMillimetres.ts';
import type { PlateLayout } from '@deep-mend/drawing';
import { Axis, Level } from './sheet.tsx';

const THIN = { vectorEffect: 'non-scaling-stroke', strokeLinejoin: 'round' } as const;

/** Hatched metal across a stretch, down to the end of the sheet. */
const Metal = memo(function Metal({
  x,
  y,
  width,
  height,
  fill,
}: Record<'x' | 'y' | 'width' | 'height', number> & { fill: string }) {
  return <rect x={x} y={y} width={width} height={height} fill={fill} />;
});

interface ProfilesProps {
  place: string;
  hollow: string;
  wire: string | null;
  planned: string | null;
  done: string | null;
}

/** The hole as found, the wire in it, and what would be cut: lines in millimetres in their place. */
const Profiles = memo(function Profiles({ place, hollow, wire, planned, done }: ProfilesProps) {
  return (
    <g transform={place} fill="none">
      <FoundLine points={hollow} />
      {wire && <WirePath d={wire} />}
      {planned && <PlannedLine points={planned} dashed={wire !== null || done !== null} />}
      {done && <DoneLine points={done} />}
    </g>
  );
});

const FoundLine = memo(function FoundLine({ points }: { points: string }) {
  return (
    <polyline data-part="found" points={points} fill={PLATE.deep} stroke={PLATE.scribe} strokeWidth={1.4} {...THIN} />
  );
});

const WirePath = memo(function WirePath({ d }: { d: string }) {
  return <path d={d} fill={PLATE.chalk} fillOpacity={0.32} stroke={PLATE.chalk} strokeWidth={1} {...THIN} />;
});

const PlannedLine = memo(function PlannedLine({ points, dashed }: { points: string; dashed: boolean }) {
  return (
    <polyline
      data-part="planned"
      points={points}
      stroke={PLATE.chalk}
      strokeWidth={1.5}
      strokeDasharray={dashed ? '5 3' : undefined}
      {...THIN}
    />
  );
});

/** Both sides, open at both ends: what was measured ends where the measuring ended. */
const DoneLine = memo(function DoneLine({ points }: { points: string }) {
  return points
    .split('|')
    .map((side) => (
      <polyline key={side} data-part="done" points={side} stroke={PLATE.holds} strokeWidth={1.8} {...THIN} />
    ));
});

/** An edge at the bottom: what lies beyond it, and the edge itself as far as the ladder takes it up. */
const EdgeBelow = memo(function EdgeBelow({ label, height }: { label: string | null; height: number }) {
  return (
    <>
      <line y1={0} y2={height} stroke={PLATE.scribe} strokeWidth={1.4} />
      <text x={8} y={-12} fill={PLATE.faint} fontSize={13}>
        {label}
      </text>
    </>
  );
});

/** What lies beyond the edge. */
const Beyond = memo(function Beyond({ y, width, height }: { y: number; width: number; height: number }) {
  return (
    <>
      <rect y={y} width={width} height={height - y} fill={PLATE.deep} />
      <line y1={y} y2={height} stroke={PLATE.scribe} strokeWidth={1.4} />
    </>
  );
});

/** An edge too far away to draw, by its distance. */
const FarEdge = memo(function FarEdge({ x, y, label }: { x: number; y: number; label: string | null }) {
  return (
    <text
      x={x}
      y={y}
      textAnchor="end"
      fill={PLATE.scribe}
      fontSize={13}
      stroke={PLATE.ground}
      strokeWidth={4}
      paintOrder="stroke"
    >
      {label}
    </text>
  );
});

interface BelowProps {
  left: number;
  right: number;
  width: number;
  height: number;
  goesOn: boolean;
  edgeX: number | null;
  edgeGoesOn: boolean;
  edgeLabel: string | null;
}

/** The bottom, and the sheet below it over all that was drawn to its end. */
const Below = memo(function Below({ left, right, width, height, goesOn, edgeX, edgeGoesOn, edgeLabel }: BelowProps) {
  return (
    <>
      <rect x={left - 2} y={0} width={width - left + 2} height={height} fill={PLATE.ground} />
      <Level y={0} from={left} to={right} goesOn={goesOn} />
      {edgeX !== null && (
        <g transform={`translate(${edgeX} 0)`}>
          <EdgeBelow label={edgeLabel} height={edgeGoesOn ? height : 0} />
        </g>
      )}
    </>
  );
});

const SEAT_PX = 6;

/** The ring of a washer or seat, lying on the face. */
const Seat = memo(function Seat({ seat, faceY }: { seat: NonNullable<PlateLayout['seat']>; faceY: number }) {
  const sides = [{ fromX: seat.fromX, toX: seat.toX }, ...(seat.mirrored ? [seat.mirrored] : [])];
  return (
    <g>
      {sides.map(({ fromX, toX }) => (
        <rect
          key={fromX}
          x={fromX}
          y={faceY - SEAT_PX}
          width={Math.max(0, toX - fromX)}
          height={SEAT_PX}
          fill={seat.known ? PLATE.scribe : 'none'}
          stroke={PLATE.scribe}
          strokeDasharray={seat.known ? undefined : '3 2'}
        />
      ))}
      <text x={seat.toX + 4} y={faceY - 1} fontSize={12} fill={PLATE.scribe}>
        {seat.text}
      </text>
    </g>
  );
});

/**
 * The hole in section: metal hatched, as found in white, as it would be cut in chalk, as it was measured in green, the edge and what lies beyond.
 *
 * Profiles are drawn in millimetres inside one placed group, and what ends at the bottom is covered there by the sheet's
 * own colour: a reading that only moves the bottom or the scale then changes a few transforms instead of every shape.
 */
export function Section({
  layout,
  ids,
  edgeLabel,
}: {
  layout: PlateLayout;
  ids: { hatch: string; clip: string };
  edgeLabel: string | null;
}) {
  const { stretches, axisX, faceY, bottomY, metalLeftX, metalRightX, sheetRightX, halfSection, scale, height } = layout;
  const lining = `url(#${ids.hatch})`;
  const broken = stretches.length > 1;
  const edgeX = layout.edge?.x ?? null;
  const edgeGoesOn = edgeX !== null && layout.ladder.rows.length > 0 && edgeX < layout.ladder.rightX;
  const hollow = (halfSection ? sideArea : roundLine)(layout.found);
  const wire = layout.coil.length > 0 ? wirePath(layout.coil, halfSection) : null;
  const planned = layout.planned && (halfSection ? sideLine : roundLine)(layout.planned);
  const done = layout.done && (halfSection ? sideLine(layout.done) : bothSides(layout.done));
  return (
    <>
      {stretches.map((stretch, index) => {
        const top = stretch.offsetPx + stretch.fromMm * scale;
        const end = stretch.offsetPx + stretch.toMm * scale;
        const last = index === stretches.length - 1;
        return (
          <g key={index}>
            {broken && (
              <clipPath id={`${ids.clip}${index}`}>
                <rect x={0} y={index === 0 ? 0 : top} width={layout.width} height={last ? height : end} />
              </clipPath>
            )}
            <g clipPath={broken ? `url(#${ids.clip}${index})` : undefined}>
              <Metal x={metalLeftX} y={top} width={sheetRightX - metalLeftX} height={height - top} fill={lining} />
              <Profiles
                place={placed(axisX, stretch.offsetPx, scale)}
                hollow={hollow}
                wire={wire}
                planned={planned}
                done={done}
              />
            </g>
            {index > 0 && (
              <path
                d={`M${metalLeftX} ${top - 9} l${(metalRightX - metalLeftX) / 2 - 6} 0 l4 -6 l5 12 l4 -6 L${metalRightX} ${top - 9}`}
                fill="none"
                stroke={PLATE.scribe}
                strokeWidth={1}
              >
                <title>A length without any feature is left out here</title>
              </path>
            )}
          </g>
        );
      })}
      {edgeX !== null && (
        <g transform={`translate(${edgeX} 0)`}>
          <Beyond y={faceY} width={layout.width} height={height} />
        </g>
      )}
      <g transform={`translate(0 ${bottomY})`}>
        <Below
          left={metalLeftX}
          right={metalRightX}
          width={layout.width}
          height={height}
          goesOn={!layout.opensBelow}
          edgeX={edgeX}
          edgeGoesOn={edgeGoesOn}
          edgeLabel={edgeLabel}
        />
      </g>
      <Level y={faceY} from={metalLeftX} to={metalRightX} />
      {layout.seat && <Seat seat={layout.seat} faceY={faceY} />}
      <Axis x={axisX} from={faceY - 14} to={height} />
      {layout.edge && edgeX === null && <FarEdge x={layout.width - 22} y={faceY + 20} label={edgeLabel} />}
    </>
  );
}
