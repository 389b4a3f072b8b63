import { scaleLinear } from 'd3-scale';
import {
  coilSections,
  compareVerdicts,
  depthFlags,
  doneProfile,
  drillPointMm,
  formatLength,
  coilLengthWords,
  seatTaken,
  foundProfile,
  largestCutMm,
  MM_PER_INCH,
  plannedProfile,
  WAYS,
  type Assessment,
  type DepthFlag,
  type DoneCut,
  type HoleCase,
  type ProfilePoint,
  type Route,
  type UnitSystem,
  type Verdict,
} from '@deep-mend/core';
import { lastMade, type LastMade } from './lastMade.ts';
import { ticksFor, type RuleTick } from './ruleTicks.ts';

/** One rung of the ladder: one distinct cut; insert lengths are variants of it. */
export interface Rung {
  key: string;
  title: string;
  /** Best-ranked variant, or the chosen one. */
  route: Route;
  variants: Route[];
  verdict: Verdict;
  isFirst: boolean;
}

const MOST_RUNGS = 7;

/** Cleaning up and longer screws use what is there; the others take metal. */
const cutsMetal = ({ method }: Route): boolean => WAYS[method].drills && WAYS[method].atThisHole;

/** One distinct cut: the method and the thread that it cuts in the parent. */
export const rungKey = (route: Route): string => `${route.method}:${(route.cut.thread ?? route.thread).id}`;

/** Routes grouped by cut, least metal first. Those that hold come before those that do not when room is short. */
export function rungsOf(routes: readonly Route[], selectedId: string | null): Rung[] {
  const groups = new Map<string, Route[]>();
  for (const route of routes) {
    const key = rungKey(route);
    const group = groups.get(key);
    if (group) group.push(route);
    else groups.set(key, [route]);
  }
  const rungs = [...groups].map(([key, variants]): Rung => {
    const route = variants.find((candidate) => candidate.id === selectedId) ?? variants[0]!;
    return {
      key,
      title: route.insertLengthD === null ? route.title : `${WAYS[route.method].name} ${coilWords(route)}`,
      route,
      variants,
      verdict: route.verdict,
      isFirst: variants.includes(routes[0]!),
    };
  });
  return rungs
    .filter(
      (rung) =>
        (rung.variants[0]!.verdict !== 'does-not-hold' || cutsMetal(rung.route)) &&
        (WAYS[rung.route.method].onLadder || rung.isFirst || rung.route.id === selectedId),
    )
    .sort((a, b) => compareVerdicts(a.variants[0]!.verdict, b.variants[0]!.verdict))
    .slice(0, MOST_RUNGS)
    .sort((a, b) => a.route.cut.outermostMm - b.route.cut.outermostMm || a.route.cut.boreMm - b.route.cut.boreMm);
}

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

export interface PlateFlag {
  id: string;
  /** What is at this depth; several things in as many lines as they take beside the rule. */
  lines: string[];
  main: string;
  other: string;
  kind: DepthFlag['kind'];
  /** Where the depth is on the rule, and where its text stands. */
  y: number;
  textY: number;
}

/** One stretch of depth drawn without a gap: a break line lies between two of them. */
export interface Stretch {
  fromMm: number;
  toMm: number;
  /** Added to depth × scale. */
  offsetPx: number;
}

/** One rung in its place: where it stands in pixels, what it cuts as radii in millimetres. */
export interface LadderRow {
  rung: Rung;
  y: number;
  drillMm: number;
  outerMm: number;
  cutsMetal: boolean;
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
  ladder: {
    /** Equal keys draw the same ladder: it is not drawn again. Likewise of its words and of its bars alone. */
    key: string;
    wordsKey: string;
    barsKey: string;
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
  };
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
/** Room for a numeral under the ladder. */
const AXIS_TICK_PX = 44;
/** Made once: making a scale takes longer than asking it for round numbers. */
const DIAMETERS = scaleLinear();
const FLAG_STEP = 35;
const MERGE_WITHIN_MM = 0.3;
/** Beyond this ratio of depth to diameter a featureless length is cut out. */
const BREAK_RATIO = 4;
const BREAK_GAP_PX = 14;

/** Which colour a flag has that says several things: what was measured before what is planned before what was found. */
const KIND_ORDER = ['done', 'plan', 'found'] as const;

function mergeFlags(flags: readonly DepthFlag[]): DepthFlag[] {
  const merged: DepthFlag[] = [];
  for (const flag of flags) {
    const last = merged.at(-1);
    if (last && flag.depthMm - last.depthMm < MERGE_WITHIN_MM) {
      merged[merged.length - 1] = {
        ...last,
        label: `${last.label}, ${flag.label}`,
        kind: KIND_ORDER.find((kind) => kind === last.kind || kind === flag.kind)!,
      };
    } else merged.push(flag);
  }
  return merged;
}

/** Width of a letter of a label, roughly, and the height of one more line of it. */
export const LETTER_PX = 5.3;
export const LABEL_LINE_PX = 13;
/** The rule and its marks stand so far from a label's end. */
export const LABEL_CLEAR_PX = 14;

/** Things at one depth in as few lines as fit beside the rule. @example labelLines('thread ends, stripped to', 104) // ['thread ends,', 'stripped to'] */
export function labelLines(label: string, roomPx: number): string[] {
  const parts = label.split(', ');
  const lines: string[] = [];
  parts.forEach((part, index) => {
    const text = index === parts.length - 1 ? part : `${part},`;
    const joined = `${lines.at(-1) ?? ''} ${text}`;
    if (lines.length > 0 && joined.length * LETTER_PX <= roomPx) lines[lines.length - 1] = joined;
    else lines.push(text);
  });
  return lines;
}

/** How high each flag's words stand, from one figure to the next. */
const heightOf = (lines: readonly string[]): number => FLAG_STEP + (lines.length - 1) * LABEL_LINE_PX;

/** Where the last flag's words end when they stand one below the other. */
export const flagsEnd = (topPx: number, lines: readonly string[][]): number =>
  topPx + lines.reduce((sum, of) => sum + heightOf(of), 0);

/** Keeps the order of depths and at least each flag's own height between neighbours, within the section. */
export function spread(ys: readonly number[], top: number, bottom: number, lines: readonly string[][]): number[] {
  const tall = ys.map((_, index) => heightOf(lines[index]!));
  const placed: number[] = [];
  ys.forEach((y, index) => placed.push(Math.max(y, (placed.at(-1) ?? top - FLAG_STEP) + tall[index]!)));
  for (let i = placed.length - 1; i >= 0; i -= 1) {
    const below = i === placed.length - 1 ? bottom : placed[i + 1]! - tall[i + 1]!;
    placed[i] = Math.min(placed[i]!, below);
  }
  return placed;
}

/** The longest length between two flags that a deep, narrow hole can do without. */
function breakOf(
  flags: readonly DepthFlag[],
  totalMm: number,
  diameterMm: number,
): { fromMm: number; toMm: number } | null {
  const tooLong = totalMm - BREAK_RATIO * diameterMm;
  if (tooLong <= 0) return null;
  const depths = [0, ...flags.map((flag) => flag.depthMm), totalMm].sort((a, b) => a - b);
  let best = { fromMm: 0, toMm: 0 };
  for (let i = 1; i < depths.length; i += 1) {
    if (depths[i]! - depths[i - 1]! > best.toMm - best.fromMm) best = { fromMm: depths[i - 1]!, toMm: depths[i]! };
  }
  const margin = 0.35 * diameterMm;
  const cut = Math.min(tooLong, best.toMm - best.fromMm - 2 * margin);
  if (cut < 0.25 * diameterMm) return null;
  const middle = (best.fromMm + best.toMm) / 2;
  return { fromMm: middle - cut / 2, toMm: middle + cut / 2 };
}

/**
 * The section's height goes in steps too: what stands below it is not pushed about with every keystroke, and the page is
 * not laid out again. A hole as deep as the sheet allows always gets the whole sheet, whatever the scale's step leaves.
 */
const HEIGHT_STEP_PX = 24;
const WHOLE_SHEET_FROM = 0.8;
function sheetHeight(endPx: number, wholePx: number): number {
  const end = endPx > WHOLE_SHEET_FROM * wholePx ? Math.max(endPx, wholePx) : endPx;
  return Math.ceil(end / HEIGHT_STEP_PX) * HEIGHT_STEP_PX;
}

/**
 * The scale goes in steps of a tenth: a keystroke on a depth then moves the flags and the profile, and leaves the radius
 * axis with everything on it where it is. A drawing that breathes with every key is hard to read, and redrawing it costs
 * twice as much as moving its bottom; the steps cost at most a tenth of the room.
 */
const SCALE_STEP = 1.1;
function steppedScale(fitting: number): number {
  return SCALE_STEP ** Math.floor(Math.log(fitting) / Math.log(SCALE_STEP) + 1e-9);
}

/** A held drawing may be so much deeper than its room: the last flag's words still stand on the sheet. */
const HELD_OVER_PX = 10;

/** The scale held through a key, if the new drawing is within one step of it and has room at it; else its own. */
function heldOrOwn(own: number, held: number | undefined, shownMm: number, roomPx: number): number {
  if (held === undefined) return own;
  const oneStep = SCALE_STEP * (1 + 1e-9);
  const near = held <= own * oneStep && own <= held * oneStep;
  return near && shownMm * held <= roomPx + HELD_OVER_PX ? held : own;
}

const AXIS_TICKS: LastMade<PlateLayout['ladder']['axisTicks']> = { key: '', value: null };

/** How long a route's coil is, in words. */
const coilWords = ({ insertLengthD, thread }: Route): string =>
  coilLengthWords({ lengthD: insertLengthD ?? 0, nominalMm: (insertLengthD ?? 0) * thread.majorMm });

/** Everything the plate draws, in pixels: one scale for depth and radius, so the ladder lies under the metal it takes. */
export function plateLayout(input: PlateInput): PlateLayout {
  const { hole, assessment, route, rungs, units, width, sectionHeight, compact } = input;
  const flagsWidth = compact ? 84 : 118;
  const ruleWidth = 30;
  const statusWidth = compact ? 84 : 174;
  const sectionLeft = flagsWidth + ruleWidth + 8;
  const faceY = compact ? 34 : 56;
  const found = foundProfile(hole, assessment);
  const planned = route ? plannedProfile(hole, route) : null;
  const done = route && input.done ? doneProfile(hole, route, input.done) : null;
  const coil = route ? coilSections(route) : [];
  const flags = mergeFlags(depthFlags(hole, assessment, route, input.done));

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
  const floorMm = hole.kind === 'blind' ? Math.max(1, 0.15 * largestOuterMm) : 0;
  const totalMm = deepestMm + floorMm;
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
  const xOf = (radiusMm: number) => axisX + radiusMm * scale;
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
  const bottomY = yOf(totalMm);

  const ys = flags.map((flag) => yOf(flag.depthMm));
  const lines = flags.map((flag) => labelLines(flag.label, flagsWidth - LABEL_CLEAR_PX));
  const textYs = spread(ys, faceY - 6, Math.max(bottomY + 8, flagsEnd(faceY, lines)), lines);
  const other = units === 'mm' ? 'in' : 'mm';
  const decimals = units === 'mm' ? 1 : 3;

  const edgeMm = hole.edge?.mm ?? null;
  const plateRight = width - 14;
  const edgeX = edgeMm === null ? null : xOf(edgeMm);
  const edgeShown = edgeX !== null && edgeX < plateRight - 16;
  const outerMm = route?.cut.outermostMm ?? assessment.outermostCutMm;
  const wallMm = edgeMm === null ? null : edgeMm - outerMm / 2;
  const dimensionY = faceY + Math.min(34, 0.3 * (bottomY - faceY));

  const seat = seatTaken(hole);
  const rowHeight = compact ? 48 : 27;
  const sectionEnd = Math.max(bottomY, (textYs.at(-1) ?? 0) + 14);
  // The ladder is a drawing of its own, so that it stays still while the section above it grows.
  const ladderTop = compact ? 34 : 38;
  const barsRight = width - statusWidth;
  const rows = rungs.map((rung, index): LadderRow => ({
    rung,
    y: ladderTop + index * rowHeight,
    drillMm: (rung.route.cut.drill?.drill.diameterMm ?? rung.route.cut.boreMm) / 2,
    outerMm: rung.route.cut.majorMm / 2,
    cutsMetal: cutsMetal(rung.route),
  }));
  const belowPx = rungs.length > 0 ? 0 : BELOW_PX;
  const axisY = ladderTop + rungs.length * rowHeight + 4;
  const axisEndMm = Math.max(2, (2 * (barsRight - axisX - 8)) / scale);
  const perUnit = units === 'mm' ? 1 : MM_PER_INCH;
  const axisTicks = lastMade(AXIS_TICKS, `${units} ${axisEndMm} ${axisX} ${barsRight} ${scale}`, () =>
    DIAMETERS.domain([0, axisEndMm / perUnit])
      .ticks(Math.max(2, Math.floor((barsRight - axisX) / AXIS_TICK_PX)))
      .map((value) => ({ x: xOf((value * perUnit) / 2), numeral: String(Number(value.toFixed(3))) })),
  );
  const forbidden = edgeMm === null ? null : xOf(largestCutMm(edgeMm) / 2);
  const wordsKey = rungs
    .map(
      ({ key, title, verdict, isFirst, route: { id, reserve } }) =>
        `${key} ${title} ${id} ${verdict} ${isFirst} ${reserve.ratio === null ? '' : Math.round(1000 * reserve.ratio)}`,
    )
    .join('|');
  const barsKey = rows
    .map(({ drillMm, outerMm, rung }) => `${rung.key} ${drillMm} ${outerMm} ${rung.verdict}`)
    .join('|');
  const ladderKey = [wordsKey, barsKey, width, axisX, units, scale, edgeX, assessment.cleanUp.mm, forbidden].join('|');

  return {
    width,
    height: sheetHeight(sectionEnd + belowPx, faceY + sectionHeight + LAST_FLAG_PX + belowPx),
    scale,
    axisX,
    faceY,
    halfSection: compact,
    rule: { x: flagsWidth, width: ruleWidth, ticks: ticksFor(units, deepestMm, scale, hidden, faceY, yOf) },
    stretches,
    found,
    planned,
    done,
    coil,
    flags: flags.map((flag, index) => ({
      id: flag.id,
      lines: lines[index]!,
      kind: flag.kind,
      main: formatLength(flag.depthMm, units, decimals),
      other: `${formatLength(flag.depthMm, other, other === 'mm' ? 1 : 3)} ${other}`,
      y: ys[index]!,
      textY: textYs[index]!,
    })),
    engaged: route && route.engagementMm > 0 ? engagedBand(route, yOf) : null,
    bottomY,
    opensBelow: hole.kind === 'through',
    metalLeftX: compact ? axisX : sectionLeft,
    sheetRightX: plateRight,
    metalRightX: edgeShown ? edgeX : plateRight,
    edge:
      edgeMm === null
        ? null
        : {
            x: edgeShown ? edgeX : null,
            label: edgeShown
              ? `${hole.edgeAtLeast ? '≥ ' : ''}${hole.edgeName}`
              : `${hole.edgeName} ${formatLength(edgeMm, units, decimals)} →`,
          },
    seat: seat && {
      fromX: xOf(hole.thread.majorMm / 2),
      toX: Math.min(plateRight, xOf(seat.mm / 2)),
      mirrored: compact
        ? null
        : { fromX: Math.max(sectionLeft, 2 * axisX - xOf(seat.mm / 2)), toX: 2 * axisX - xOf(hole.thread.majorMm / 2) },
      known: seat.known,
      text: `${seat.known ? 'washer' : 'washer taken as'} ${formatLength(seat.mm, units, decimals)}`,
    },
    wallDimension:
      edgeShown && wallMm !== null && wallMm > 0
        ? {
            fromMm: outerMm / 2,
            toMm: outerMm / 2 + wallMm,
            y: dimensionY,
            text: `${hole.edgeAtLeast ? '≥ ' : ''}${formatLength(wallMm, units, decimals)}`,
          }
        : null,
    ladder: {
      key: ladderKey,
      wordsKey,
      barsKey,
      top: ladderTop,
      height: axisY + 26,
      edgeX: edgeX !== null && edgeX < barsRight ? edgeX : null,
      rowHeight,
      rows,
      axisY,
      axisTicks,
      cleanUpX: xOf(assessment.cleanUp.mm / 2),
      forbiddenX: forbidden !== null && forbidden < barsRight - 4 ? forbidden : null,
      rightX: barsRight,
      statusX: barsRight + 10,
    },
    xOf,
    yOf,
  };
}

function engagedBand(route: Route, yOf: (mm: number) => number) {
  const fromMm = route.depths.insertFromMm ?? route.depths.fullThreadFromMm;
  return { y1: yOf(fromMm), y2: yOf(fromMm + route.engagementMm) };
}
