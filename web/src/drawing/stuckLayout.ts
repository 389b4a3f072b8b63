import {
  drillPointMm,
  formatLength,
  type CorePlan,
  type CoreWindow,
  type StuckCase,
  type UnitSystem,
} from '@deep-mend/core';
import type { RuleLayout } from './DepthRule.tsx';
import { flagsEnd, LABEL_CLEAR_PX, labelLines, spread, type PlateFlag } from './plateLayout.ts';
import { ruleTicks } from './ruleTicks.ts';

export interface StuckInput {
  stuck: StuckCase;
  window: CoreWindow;
  /** Null: unknown; the drawing then ends a little below what is stuck. */
  holeDepthMm: number | null;
  plan: CorePlan | null;
  offsetMm: number;
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
  /** Hole, as one closed path; what is stuck in it, likewise; its break as a ragged line. */
  holePath: string;
  stuckPath: string;
  breakPath: string;
  /** The drills, largest last: nested outlines with their points. */
  drillPaths: { id: string; d: string; last: boolean }[];
}

const FLAGS_WIDTH = 118;
const COMPACT_FLAGS_WIDTH = 84;
const RULE_WIDTH = 30;
const COMPACT_BELOW = 520;
const TOP_PX = 44;
const MAX_SCALE = 26;
/** A length that nobody measured is drawn as so many diameters, and says so by its missing flag. */
const USUAL_LENGTH_D = 2;
const RAGGED = [0, 0.35, -0.25, 0.3, -0.4, 0.15, 0] as const;

/** Everything the drawing of a stuck thing needs, in pixels: section, break, far end, and the drills down it. */
export function stuckLayout(input: StuckInput): StuckLayout {
  const { stuck, window, plan, offsetMm, units, width } = input;
  const { majorMm, pitchMm } = stuck.thread;
  const compact = width < COMPACT_BELOW;
  const flagsWidth = compact ? COMPACT_FLAGS_WIDTH : FLAGS_WIDTH;
  const proud = stuck.proudMm ?? 0;
  const lengthMm = stuck.lengthMm ?? USUAL_LENGTH_D * majorMm + Math.max(0, proud);
  const topMm = -proud;
  const endMm = topMm + lengthMm;
  const holeMm = Math.max(input.holeDepthMm ?? endMm + majorMm * 0.4, endMm);
  const above = Math.max(0, proud);
  const floorMm = stuck.through ? 0 : Math.max(1.5, drillPointMm(majorMm) + 1);
  const sectionLeft = flagsWidth + RULE_WIDTH + 8;
  const room = width - sectionLeft - 20;
  const scale = Math.min((input.height - TOP_PX - 24) / (above + holeMm + floorMm), room / (majorMm * 2.6), MAX_SCALE);
  const faceY = TOP_PX + above * scale;
  const yOf = (depthMm: number) => faceY + depthMm * scale;
  const axisX = sectionLeft + room / 2;
  const x = (radiusMm: number) => axisX + radiusMm * scale;

  /** A thread's edge between two depths: crests at one radius, roots at the other. */
  const flank = (fromMm: number, toMm: number, innerMm: number, outerMm: number, side: 1 | -1): [number, number][] => {
    const points: [number, number][] = [];
    for (let depth = fromMm; depth < toMm - 1e-6; depth += pitchMm) {
      points.push([side * innerMm, depth], [side * outerMm, Math.min(toMm, depth + pitchMm / 2)]);
    }
    points.push([side * innerMm, toMm]);
    return points;
  };
  const pathOf = (points: readonly [number, number][]) =>
    points.map(([r, depth], index) => `${index === 0 ? 'M' : 'L'}${x(r).toFixed(2)} ${yOf(depth).toFixed(2)}`).join('');
  const threaded = stuck.what !== 'dowel';
  const [crest, major] = threaded ? [window.crestMm / 2, majorMm / 2] : [majorMm / 2, majorMm / 2];
  const holeRight = flank(0, holeMm, crest, major, 1);
  const tip: [number, number][] = stuck.through ? [] : [[0, holeMm + drillPointMm(2 * crest)]];
  const holePath = `${pathOf([...holeRight, ...tip, ...flank(0, holeMm, crest, major, -1).reverse()])}Z`;

  const root = threaded ? window.rootMm / 2 : majorMm / 2;
  const chamferMm = Math.min(pitchMm, lengthMm / 4);
  const right = flank(topMm, endMm - chamferMm, root, major - (threaded ? 0.02 * majorMm : 0), 1);
  const left = right.map(([r, depth]): [number, number] => [-r, depth]).reverse();
  const ragged = RAGGED.map((height, index): [number, number] => [
    root - (2 * root * index) / (RAGGED.length - 1),
    topMm - height * Math.min(1.2, 0.12 * majorMm),
  ]);
  const stuckPath = `${pathOf([...right, [root * 0.8, endMm], [-root * 0.8, endMm], ...left, ...ragged.slice(1, -1).reverse()])}Z`;

  const tipMm = plan?.depth?.fromFaceMm ?? null;
  const drillPaths = (plan?.steps ?? []).map(({ drill }, index, all) => {
    const r = drill.diameterMm / 2;
    const toMm = tipMm ?? endMm - pitchMm;
    const shoulder = Math.max(topMm, toMm - drillPointMm(drill.diameterMm));
    const last = index === all.length - 1;
    const points: [number, number][] = [
      [offsetMm - r, topMm],
      [offsetMm - r, shoulder],
      [offsetMm, toMm],
      [offsetMm + r, shoulder],
      [offsetMm + r, topMm],
    ];
    return { id: drill.id, d: pathOf(points), last };
  });

  const decimals = units === 'mm' ? 1 : 3;
  const other = units === 'mm' ? 'in' : 'mm';
  const marks: { id: string; label: string; depthMm: number; kind: 'found' | 'plan' }[] = [
    ...(stuck.proudMm === null
      ? []
      : [{ id: 'break', label: proud > 0 ? 'break, proud by' : 'break', depthMm: topMm, kind: 'found' as const }]),
    ...(tipMm === null ? [] : [{ id: 'drill-stop', label: 'drill tip stops', depthMm: tipMm, kind: 'plan' as const }]),
    ...(stuck.lengthMm === null
      ? []
      : [{ id: 'stuck-end', label: 'its far end', depthMm: endMm, kind: 'found' as const }]),
    ...(input.holeDepthMm === null
      ? []
      : [{ id: 'bottom', label: stuck.through ? 'far face' : 'shoulder', depthMm: holeMm, kind: 'found' as const }]),
  ];
  const ys = marks.map((mark) => yOf(mark.depthMm));
  const bottomY = yOf(holeMm + floorMm);
  const lines = marks.map(({ label }) => labelLines(label, flagsWidth - LABEL_CLEAR_PX));
  const textYs = spread(ys, TOP_PX - 6, Math.max(bottomY + 8, flagsEnd(TOP_PX, lines)), lines);
  const flags: PlateFlag[] = marks.map((mark, index) => ({
    id: mark.id,
    lines: lines[index]!,
    // A depth above the face is said in words, not by a sign.
    main: formatLength(Math.abs(mark.depthMm), units, decimals),
    other: `${formatLength(Math.abs(mark.depthMm), other, other === 'mm' ? 1 : 3)} ${other}`,
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
    stretches: [{ fromMm: 0, toMm: holeMm + floorMm, offsetPx: faceY }],
    rule: { x: flagsWidth, width: RULE_WIDTH, ticks: ruleTicks(units, holeMm, scale, null, yOf) },
    flags,
    engaged: null,
    yOf,
    metalLeftX: sectionLeft,
    metalRightX: width - 14,
    bottomY,
    holePath,
    stuckPath,
    breakPath: pathOf(ragged),
    drillPaths,
  };
}
