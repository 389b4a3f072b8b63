import { scaleLinear } from 'd3-scale';
import { largestCutMm, MM_PER_INCH, type UnitSystem } from '@deep-mend/core';
import { cutsMetal, type Rung } from './rungs.ts';

/** One rung in its place: where it stands in pixels, what it cuts as radii in millimetres. */
export interface LadderRow {
  rung: Rung;
  y: number;
  drillMm: number;
  outerMm: number;
  cutsMetal: boolean;
}

export interface LadderLayout {
  top: number;
  height: number;
  edgeX: number | null;
  rowHeight: number;
  rows: LadderRow[];
  axisY: number;
  axisTicks: { x: number; numeral: string }[];
  cleanUpX: number;
  forbiddenX: number | null;
  rightX: number;
  statusX: number;
}

/** Room for a numeral under the ladder. */
const AXIS_TICK_PX = 44;
/** Made once: making a scale takes longer than asking it for round numbers. */
const DIAMETERS = scaleLinear();

/** Round diameters along the axis, in the reader's unit. */
function axisTicksOf({
  axisX,
  rightX,
  scale,
  units,
}: {
  axisX: number;
  rightX: number;
  scale: number;
  units: UnitSystem;
}): LadderLayout['axisTicks'] {
  const endMm = Math.max(2, (2 * (rightX - axisX - 8)) / scale);
  const perUnit = units === 'mm' ? 1 : MM_PER_INCH;
  return DIAMETERS.domain([0, endMm / perUnit])
    .ticks(Math.max(2, Math.floor((rightX - axisX) / AXIS_TICK_PX)))
    .map((value) => ({ x: axisX + ((value * perUnit) / 2) * scale, numeral: String(Number(value.toFixed(3))) }));
}

/** The ladder is a drawing of its own, so that it stays still while the section above it grows; it shares its axis and scale. */
export function ladderLayout(input: {
  rungs: readonly Rung[];
  axisX: number;
  scale: number;
  rightX: number;
  units: UnitSystem;
  compact: boolean;
  cleanUpMm: number;
  edge: { mm: number; x: number } | null;
}): LadderLayout {
  const { rungs, axisX, scale, rightX, units, compact, cleanUpMm, edge } = input;
  const rowHeight = compact ? 48 : 27;
  const top = compact ? 34 : 38;
  const axisY = top + rungs.length * rowHeight + 4;
  const forbiddenX = edge === null ? null : axisX + (largestCutMm(edge.mm) / 2) * scale;
  return {
    top,
    height: axisY + 26,
    edgeX: edge !== null && edge.x < rightX ? edge.x : null,
    rowHeight,
    rows: rungs.map((rung, index): LadderRow => ({
      rung,
      y: top + index * rowHeight,
      drillMm: (rung.route.cut.drill?.drill.diameterMm ?? rung.route.cut.boreMm) / 2,
      outerMm: rung.route.cut.majorMm / 2,
      cutsMetal: cutsMetal(rung.route),
    })),
    axisY,
    axisTicks: axisTicksOf({ axisX, rightX, scale, units }),
    cleanUpX: axisX + (cleanUpMm / 2) * scale,
    forbiddenX: forbiddenX !== null && forbiddenX < rightX - 4 ? forbiddenX : null,
    rightX,
    statusX: rightX + 10,
  };
}
