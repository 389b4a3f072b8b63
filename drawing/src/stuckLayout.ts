import { formatLength, type UnitSystem, PRECISION } from '@deep-mend/core';
import type { Layer, Place } from './DisplayList.ts';
import { flagsEnd, LABEL_CLEAR_PX, labelLines, spread, type PlateFlag } from './plate/flags.ts';
import type { RuleLayout } from './plate/ruleSheet.ts';
import { ruleTicks } from './plate/ruleTicks.ts';
import { stuckSection, type StuckSectionInput } from './stuckSection.ts';

export interface StuckInput extends StuckSectionInput {
  units: UnitSystem;
  width: number;
  height: number;
}

export interface StuckLayout extends RuleLayout {
  width: number;
  height: number;
  axisX: number;
  metalLeftX: number;
  metalRightX: number;
  bottomY: number;
  /** The section in millimetres, and where its axis and face lie on the sheet. */
  layers: Layer[];
  place: Place;
}

const FLAGS_WIDTH = 118;
const COMPACT_FLAGS_WIDTH = 84;
const RULE_WIDTH = 30;
const COMPACT_BELOW = 520;
const TOP_PX = 44;
const MAX_SCALE = 26;
/** Room beside the hole, in its diameters. */
const METAL_D = 2.6;

/** Where the drawing of a stuck thing stands on its sheet, with its rule and flags. */
export function stuckLayout({ units, width, height, ...input }: StuckInput): StuckLayout {
  const { aboveMm, holeMm, bottomMm, majorMm, marks, layers } = stuckSection(input);
  const compact = width < COMPACT_BELOW;
  const flagsWidth = compact ? COMPACT_FLAGS_WIDTH : FLAGS_WIDTH;
  const sectionLeft = flagsWidth + RULE_WIDTH + 8;
  const room = width - sectionLeft - 20;
  const scale = Math.min((height - TOP_PX - 24) / (aboveMm + bottomMm), room / (majorMm * METAL_D), MAX_SCALE);
  const faceY = TOP_PX + aboveMm * scale;
  const yOf = (depthMm: number) => faceY + depthMm * scale;
  const axisX = sectionLeft + room / 2;
  const bottomY = yOf(bottomMm);

  const decimals = PRECISION.depth[units];
  const other = units === 'mm' ? 'in' : 'mm';
  const ys = marks.map((mark) => yOf(mark.depthMm));
  const lines = marks.map(({ label }) => labelLines(label, flagsWidth - LABEL_CLEAR_PX));
  const textYs = spread(ys, TOP_PX - 6, Math.max(bottomY + 8, flagsEnd(TOP_PX, lines)), lines);
  const flags: PlateFlag[] = marks.map((mark, index) => ({
    id: mark.id,
    lines: lines[index]!,
    // A depth above the face is said in words, not by a sign.
    main: formatLength(Math.abs(mark.depthMm), units, decimals),
    other: `${formatLength(Math.abs(mark.depthMm), other, PRECISION.depth[other])} ${other}`,
    kind: mark.kind,
    y: ys[index]!,
    textY: textYs[index]!,
  }));
  return {
    width,
    height: Math.ceil(Math.max(bottomY, (textYs.at(-1) ?? 0) + 14) + 12),
    axisX,
    faceY,
    scale,
    halfSection: compact,
    stretches: [{ fromMm: 0, toMm: bottomMm, offsetPx: faceY }],
    rule: { x: flagsWidth, width: RULE_WIDTH, ticks: ruleTicks(units, holeMm, scale, null, yOf) },
    flags,
    engaged: null,
    yOf,
    metalLeftX: sectionLeft,
    metalRightX: width - 14,
    bottomY,
    layers,
    place: { originXMm: 0, originYMm: 0, pxPerMm: scale, atX: axisX, atY: faceY },
  };
}
