import { line } from 'd3-shape';
import type { ProfilePoint } from '@deep-mend/core';
import { PLATE } from '../app/theme.ts';
import type { PlateLayout } from './plateLayout.ts';

/** Path of a half-profile in pixels, on the right (side 1) or mirrored (side −1), within one stretch. */
function profilePath(points: readonly ProfilePoint[], layout: PlateLayout, offsetPx: number, side: 1 | -1): string {
  const path = line<ProfilePoint>()
    .x(([radiusMm]) => layout.axisX + side * radiusMm * layout.scale)
    .y(([, depthMm]) => offsetPx + depthMm * layout.scale);
  return path([...points]) ?? '';
}

/** All the wire's diamonds in one path: one element to redraw instead of dozens. */
function coilPath(layout: PlateLayout, offsetPx: number, sides: readonly (1 | -1)[]): string {
  const { coil, axisX, scale } = layout;
  return coil
    .flatMap((wire) =>
      sides.map((side) => {
        const y = offsetPx + wire.depthMm * scale;
        const [x1, x2] = [axisX + side * wire.innerMm * scale, axisX + side * wire.outerMm * scale];
        const h = wire.halfHeightMm * scale * 0.94;
        return `M${x1} ${y}L${(x1 + x2) / 2} ${y - h}L${x2} ${y}L${(x1 + x2) / 2} ${y + h}Z`;
      }),
    )
    .join('');
}

/** The hole in section: metal hatched, as found in white, as it would be cut in chalk, the edge and what lies beyond. */
export function Section({
  layout,
  ids,
  edgeLabel,
}: {
  layout: PlateLayout;
  ids: { hatch: string; clip: string };
  edgeLabel: string | null;
}) {
  const { stretches, axisX, faceY, bottomY, metalLeftX, metalRightX, halfSection, scale } = layout;
  const sides = halfSection ? ([1] as const) : ([1, -1] as const);
  return (
    <>
      {stretches.map((stretch, index) => {
        const top = stretch.offsetPx + stretch.fromMm * scale;
        const bottom = stretch.offsetPx + stretch.toMm * scale;
        const found = layout.found;
        const hollow = (points: readonly ProfilePoint[]) =>
          halfSection
            ? `M${axisX} ${stretch.offsetPx} ${profilePath([[0, 0], ...points, [0, points.at(-1)![1]]], layout, stretch.offsetPx, 1).replace('M', 'L')} Z`
            : `${profilePath(points, layout, stretch.offsetPx, 1)} ${profilePath([...points].reverse(), layout, stretch.offsetPx, -1).replace('M', 'L')} Z`;
        return (
          <g key={stretch.fromMm}>
            <clipPath id={`${ids.clip}${index}`}>
              <rect
                x={0}
                y={index === 0 ? 0 : top}
                width={layout.width}
                height={bottom - (index === 0 ? 0 : top) + (index === stretches.length - 1 ? 2 : 0)}
              />
            </clipPath>
            <g clipPath={`url(#${ids.clip}${index})`}>
              <rect
                x={metalLeftX}
                y={top}
                width={metalRightX - metalLeftX}
                height={bottom - top}
                fill={`url(#${ids.hatch})`}
              />
              <path d={hollow(found)} fill={PLATE.deep} />
              {sides.map((side) => (
                <path
                  key={side}
                  data-part={side === 1 ? 'found' : undefined}
                  d={profilePath(found, layout, stretch.offsetPx, side)}
                  fill="none"
                  stroke={PLATE.scribe}
                  strokeWidth={1.4}
                  strokeLinejoin="round"
                />
              ))}
              {layout.coil.length > 0 && (
                <path
                  d={coilPath(layout, stretch.offsetPx, sides)}
                  fill={PLATE.chalk}
                  fillOpacity={0.32}
                  stroke={PLATE.chalk}
                  strokeWidth={1}
                />
              )}
              {layout.planned &&
                sides.map((side) => (
                  <path
                    key={side}
                    data-part={side === 1 ? 'planned' : undefined}
                    d={profilePath(layout.planned!, layout, stretch.offsetPx, side)}
                    fill="none"
                    stroke={PLATE.chalk}
                    strokeWidth={1.5}
                    strokeDasharray={layout.coil.length > 0 ? '5 3' : undefined}
                    strokeLinejoin="round"
                  />
                ))}
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
      <line
        x1={metalLeftX}
        x2={metalRightX}
        y1={faceY}
        y2={faceY}
        stroke={PLATE.scribe}
        strokeWidth={1.4}
        strokeDasharray="none"
      />
      <line
        x1={axisX}
        x2={axisX}
        y1={faceY - 14}
        y2={layout.height}
        stroke={PLATE.faint}
        strokeWidth={1}
        strokeDasharray="12 4 2 4"
      />
      <line
        x1={metalLeftX}
        x2={metalRightX}
        y1={bottomY}
        y2={bottomY}
        stroke={PLATE.scribe}
        strokeWidth={1.4}
        strokeDasharray={layout.opensBelow ? undefined : '2 6'}
      />
      {layout.edge &&
        layout.edge.x !== null &&
        layout.ladder.rows.length > 0 &&
        layout.edge.x < layout.ladder.rightX && (
          <line
            x1={layout.edge.x}
            x2={layout.edge.x}
            y1={bottomY}
            y2={layout.height}
            stroke={PLATE.scribe}
            strokeWidth={1.4}
          />
        )}
      {layout.edge && layout.edge.x !== null && (
        <>
          <rect
            x={layout.edge.x}
            y={faceY}
            width={layout.width - 14 - layout.edge.x}
            height={bottomY - faceY}
            fill={PLATE.deep}
          />
          <line x1={layout.edge.x} x2={layout.edge.x} y1={faceY} y2={bottomY} stroke={PLATE.scribe} strokeWidth={1.4} />
          <text x={layout.edge.x + 8} y={bottomY - 12} fill={PLATE.faint} fontSize={13}>
            {edgeLabel}
          </text>
        </>
      )}
      {layout.edge && layout.edge.x === null && (
        <text
          x={layout.width - 22}
          y={faceY + 20}
          textAnchor="end"
          fill={PLATE.scribe}
          fontSize={13}
          stroke={PLATE.ground}
          strokeWidth={4}
          paintOrder="stroke"
        >
          {edgeLabel}
        </text>
      )}
    </>
  );
}
