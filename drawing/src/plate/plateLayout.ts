import {
  coilSections,
  depthFlags,
  doneProfile,
  drillPointMm,
  formatLength,
  foundProfile,
  plannedProfile,
  seatTaken,
  sleeveProfile,
  wallBesideMm,
  type Assessment,
  type DepthFlag,
  type DoneCut,
  type HoleCase,
  type ProfilePoint,
  type Route,
  type UnitSystem,
  PRECISION,
} from '@deep-mend/core';
import { flagsEnd, LABEL_CLEAR_PX, labelLines, mergeFlags, spread, type PlateFlag } from './flags.ts';
import { ladderLayout, type LadderLayout } from './ladderLayout.ts';
import { ruleTicks, type RuleTick } from './ruleTicks.ts';
import type { Rung } from './rungs.ts';
import { BREAK_GAP_PX, breakOf, heldOrOwn, sheetHeight, steppedScale, type Stretch } from './scale.ts';

export interface PlateInput {
  hole: HoleCase;
  assessment: Assessment;
  route: Route | null;
  rungs: Rung[];
  units: UnitSystem;
  width: number;
  sectionHeight: number;
  compact: boolean;
  /** What was measured after the cut; left out: nothing yet. */
  done?: DoneCut | null | undefined;
  /** The scale that is drawn now: kept while a key moves the drawing so little that it still has room. */
  heldScale?: number | undefined;
}

export interface PlateLayout {
  width: number;
  height: number;
  scale: number;
  /** x of the axis and y of the face. */
  axisX: number;
  faceY: number;
  halfSection: boolean;
  rule: { x: number; width: number; ticks: RuleTick[] };
  stretches: Stretch[];
  found: ProfilePoint[];
  planned: ProfilePoint[] | null;
  /** As it was measured after the cut. */
  done: ProfilePoint[] | null;
  coil: ReturnType<typeof coilSections>;
  /** A bush or plug, its right half. */
  sleeve: ProfilePoint[] | null;
  flags: PlateFlag[];
  engaged: { y1: number; y2: number } | null;
  bottomY: number;
  /** A through hole ends at a real face; below a blind one the metal goes on. */
  opensBelow: boolean;
  metalLeftX: number;
  metalRightX: number;
  /** Where the drawing ends, with metal or with what lies beyond it. */
  sheetRightX: number;
  edge: { x: number | null; label: string } | null;
  /** The washer or seat that presses on the face, as half its diameter; dashed where nobody measured it. */
  seat: {
    fromX: number;
    toX: number;
    mirrored: { fromX: number; toX: number } | null;
    known: boolean;
    text: string;
  } | null;
  /** The wall left, as radii in millimetres. */
  wallDimension: { fromMm: number; toMm: number; y: number; text: string } | null;
  ladder: LadderLayout;
  xOf: (radiusMm: number) => number;
  yOf: (depthMm: number) => number;
}

const MAX_SCALE = 26;
/** Metal shown round the largest cut, in its radii; and the share of the room that lies left of the axis. */
const METAL_ROUND = 1.25;
const LEFT_SHARE = 0.51;
/** The last flag's words hang below its depth. */
const LAST_FLAG_PX = 26;
/** Sheet below a section that stands alone. */
const BELOW_PX = 20;
const RULE_WIDTH_PX = 30;

/** What the depths and widths of a sheet come to in pixels. */
interface Place {
  flagsWidth: number;
  sectionLeft: number;
  rightX: number;
  axisX: number;
  faceY: number;
  scale: number;
  deepestMm: number;
  hidden: ReturnType<typeof breakOf>;
  stretches: Stretch[];
  bottomY: number;
  xOf: (radiusMm: number) => number;
  yOf: (depthMm: number) => number;
}

/** One scale for depth and radius; what is deep and narrow has a featureless length cut out. */
function placeOf(input: PlateInput, flags: readonly DepthFlag[]): Place {
  const { hole, assessment, route, rungs, width, sectionHeight, compact } = input;
  const flagsWidth = compact ? 84 : 118;
  const statusWidth = compact ? 84 : 174;
  const sectionLeft = flagsWidth + RULE_WIDTH_PX + 8;
  const faceY = compact ? 34 : 56;
  const largestOuterMm = Math.max(
    assessment.outermostCutMm,
    ...rungs.map((rung) => rung.route.cut.outermostMm),
    route?.cut.outermostMm ?? 0,
  );
  const deepestMm = Math.max(
    hole.depth.mm + (hole.kind === 'blind' ? drillPointMm(assessment.cleanUp.mm) : 0),
    route?.depths.drillTipMm ?? 0,
    route?.depths.screwReachMm ?? 0,
  );
  const totalMm = deepestMm + (hole.kind === 'blind' ? Math.max(1, 0.15 * largestOuterMm) : 0);
  const hidden = breakOf(flags, totalMm, largestOuterMm);
  const shownMm = totalMm - (hidden ? hidden.toMm - hidden.fromMm : 0);
  const gapPx = hidden ? BREAK_GAP_PX : 0;

  // The axis stands still whatever is typed: in the middle of the metal, or beside the rule where the page is narrow.
  const leftPx = compact ? 0 : (width - statusWidth - sectionLeft - 8) * LEFT_SHARE;
  const axisX = compact ? sectionLeft + 6 : sectionLeft + leftPx;
  const roomPx = sectionHeight - gapPx;
  const own = steppedScale(
    Math.min(roomPx / shownMm, (width - statusWidth - 8 - axisX) / (0.5 * largestOuterMm * METAL_ROUND), MAX_SCALE),
  );
  const scale = heldOrOwn(own, input.heldScale, shownMm, roomPx);
  const stretches: Stretch[] = hidden
    ? [
        { fromMm: 0, toMm: hidden.fromMm, offsetPx: faceY },
        { fromMm: hidden.toMm, toMm: totalMm, offsetPx: faceY - (hidden.toMm - hidden.fromMm) * scale + gapPx },
      ]
    : [{ fromMm: 0, toMm: totalMm, offsetPx: faceY }];
  const yOf = (depthMm: number) => {
    const stretch = hidden && depthMm >= hidden.toMm ? stretches[1]! : stretches[0]!;
    return stretch.offsetPx + Math.min(depthMm, hidden && stretch === stretches[0] ? hidden.fromMm : depthMm) * scale;
  };
  return {
    flagsWidth,
    sectionLeft,
    rightX: width - statusWidth,
    axisX,
    faceY,
    scale,
    deepestMm,
    hidden,
    stretches,
    // A screw may reach out of a through hole; the metal ends where it ends.
    bottomY: yOf(hole.kind === 'through' ? hole.depth.mm : totalMm),
    xOf: (radiusMm) => axisX + radiusMm * scale,
    yOf,
  };
}

/** The flags in their places, their words spread so that none lies on another. */
function flagsOf(
  flags: readonly DepthFlag[],
  { flagsWidth, faceY, bottomY, yOf }: Place,
  units: UnitSystem,
): PlateFlag[] {
  const ys = flags.map((flag) => yOf(flag.depthMm));
  const lines = flags.map((flag) => labelLines(flag.label, flagsWidth - LABEL_CLEAR_PX));
  const textYs = spread(ys, faceY - 6, Math.max(bottomY + 8, flagsEnd(faceY, lines)), lines);
  const other = units === 'mm' ? 'in' : 'mm';
  return flags.map((flag, index) => ({
    id: flag.id,
    lines: lines[index]!,
    kind: flag.kind,
    main: formatLength(flag.depthMm, units, PRECISION.depth[units]),
    other: `${formatLength(flag.depthMm, other, PRECISION.depth[other])} ${other}`,
    y: ys[index]!,
    textY: textYs[index]!,
  }));
}

function seatOf(hole: HoleCase, { compact, units }: PlateInput, place: Place, rightX: number): PlateLayout['seat'] {
  const seat = seatTaken(hole);
  if (!seat) return null;
  const { axisX, sectionLeft, xOf } = place;
  const [fromX, toX] = [xOf(hole.thread.majorMm / 2), xOf(seat.mm / 2)];
  return {
    fromX,
    toX: Math.min(rightX, toX),
    mirrored: compact ? null : { fromX: Math.max(sectionLeft, 2 * axisX - toX), toX: 2 * axisX - fromX },
    known: seat.known,
    text: `${seat.known ? 'washer' : 'washer taken as'} ${formatLength(seat.mm, units, PRECISION.depth[units])}`,
  };
}

/** The nearest edge: where it is drawn, or its distance where it lies too far away. */
function edgeOf({ hole, units }: PlateInput, { xOf }: Place, rightX: number) {
  const mm = hole.edge?.mm ?? null;
  if (mm === null) return null;
  const x = xOf(mm);
  const shown = x < rightX - 16;
  const label = shown
    ? `${hole.edgeAtLeast ? '≥ ' : ''}${hole.edgeName}`
    : `${hole.edgeName} ${formatLength(mm, units, PRECISION.depth[units])} →`;
  return { mm, x, shown, label };
}

function wallOf(
  { hole, assessment, route, units }: PlateInput,
  { faceY, bottomY }: Place,
  edge: ReturnType<typeof edgeOf>,
) {
  if (edge === null || !edge.shown) return null;
  const cutMm = route?.cut.outermostMm ?? assessment.outermostCutMm;
  const wallMm = wallBesideMm(edge.mm, cutMm);
  if (wallMm <= 0) return null;
  return {
    fromMm: cutMm / 2,
    toMm: edge.mm,
    y: faceY + Math.min(34, 0.3 * (bottomY - faceY)),
    text: `${hole.edgeAtLeast ? '≥ ' : ''}${formatLength(wallMm, units, PRECISION.depth[units])}`,
  };
}

function engagedBand(route: Route, yOf: (mm: number) => number) {
  const fromMm = route.depths.insertFromMm ?? route.depths.fullThreadFromMm;
  return { y1: yOf(fromMm), y2: yOf(fromMm + route.engagementMm) };
}

/** Everything the plate draws, in pixels: one scale for depth and radius, so the ladder lies under the metal it takes. */
export function plateLayout(input: PlateInput): PlateLayout {
  const { hole, assessment, route, rungs, units, width, sectionHeight, compact } = input;
  const merged = mergeFlags(depthFlags(hole, assessment, route, input.done));
  const place = placeOf(input, merged);
  const { flagsWidth, sectionLeft, axisX, faceY, scale, stretches, bottomY, xOf, yOf } = place;
  const flags = flagsOf(merged, place, units);
  const sheetRightX = width - 14;
  const edge = edgeOf(input, place, sheetRightX);
  const belowPx = rungs.length > 0 ? 0 : BELOW_PX;
  const sectionEnd = Math.max(bottomY, (flags.at(-1)?.textY ?? 0) + 14);
  return {
    width,
    height: sheetHeight(sectionEnd + belowPx, faceY + sectionHeight + LAST_FLAG_PX + belowPx),
    scale,
    axisX,
    faceY,
    halfSection: compact,
    rule: {
      x: flagsWidth,
      width: RULE_WIDTH_PX,
      ticks: ruleTicks(units, place.deepestMm, scale, place.hidden, yOf),
    },
    stretches,
    found: foundProfile(hole, assessment),
    planned: route ? plannedProfile(hole, route) : null,
    done: route && input.done ? doneProfile(hole, route, input.done) : null,
    coil: route ? coilSections(route) : [],
    sleeve: route && sleeveProfile(route),
    flags,
    engaged: route && route.engagementMm > 0 ? engagedBand(route, yOf) : null,
    bottomY,
    opensBelow: hole.kind === 'through',
    metalLeftX: compact ? axisX : sectionLeft,
    sheetRightX,
    metalRightX: edge?.shown ? edge.x : sheetRightX,
    edge: edge && { x: edge.shown ? edge.x : null, label: edge.label },
    seat: seatOf(hole, input, place, sheetRightX),
    wallDimension: wallOf(input, place, edge),
    ladder: ladderLayout({
      rungs,
      axisX,
      scale,
      rightX: place.rightX,
      units,
      compact,
      cleanUpMm: assessment.cleanUp.mm,
      edge,
    }),
    xOf,
    yOf,
  };
}
