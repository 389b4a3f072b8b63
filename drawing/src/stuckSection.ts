import { drillPointMm, type CorePlan, type CoreWindow, type StuckCase } from '@deep-mend/core';
import type { Layer, Point, Shape } from './DisplayList.ts';

export interface StuckSectionInput {
  stuck: StuckCase;
  window: CoreWindow;
  /** Null: unknown; the drawing then ends a little below what is stuck. */
  holeDepthMm: number | null;
  plan: CorePlan | null;
  /** How far the drills stand off the axis. */
  offsetMm: number;
}

/** A depth worth a flag on the rule. */
export interface StuckMark {
  id: string;
  label: string;
  depthMm: number;
  kind: 'found' | 'plan';
}

export interface StuckSection {
  /** Above the face, and from it to the end of the hole and of the metal that is drawn. */
  aboveMm: number;
  holeMm: number;
  bottomMm: number;
  majorMm: number;
  marks: StuckMark[];
  /** Hole, what is stuck in it with its break, the drills, largest last: from the axis and the face. */
  layers: Layer[];
}

/** A length that nobody measured is drawn as so many diameters, and says so by its missing flag. */
const USUAL_LENGTH_D = 2;
const RAGGED = [0, 0.35, -0.25, 0.3, -0.4, 0.15, 0] as const;

/** A thread's edge between two depths: crests at one radius, roots at the other. */
function flank(
  { fromMm, toMm, pitchMm }: { fromMm: number; toMm: number; pitchMm: number },
  innerMm: number,
  outerMm: number,
): Point[] {
  const points: Point[] = [];
  for (let depth = fromMm; depth < toMm - 1e-6; depth += pitchMm)
    points.push([innerMm, depth], [outerMm, Math.min(toMm, depth + pitchMm / 2)]);
  points.push([innerMm, toMm]);
  return points;
}

const mirrored = (points: readonly Point[]): Point[] => points.map(([x, y]): Point => [-x, y]).reverse();

/** What sticks in a hole, drawn where it is: section, break, far end, and the drills down it, in millimetres. */
export function stuckSection(input: StuckSectionInput): StuckSection {
  const { stuck, window, plan } = input;
  const { majorMm, pitchMm } = stuck.thread;
  const proud = stuck.proudMm ?? 0;
  const lengthMm = stuck.lengthMm ?? USUAL_LENGTH_D * majorMm + Math.max(0, proud);
  const topMm = -proud;
  const endMm = topMm + lengthMm;
  const holeMm = Math.max(input.holeDepthMm ?? endMm + majorMm * 0.4, endMm);
  const floorMm = stuck.through ? 0 : Math.max(1.5, drillPointMm(majorMm) + 1);
  const threaded = stuck.what !== 'dowel';
  const major = majorMm / 2;
  const crest = threaded ? window.crestMm / 2 : major;
  const root = threaded ? window.rootMm / 2 : major;

  const holeSide = flank({ fromMm: 0, toMm: holeMm, pitchMm }, crest, major);
  const tip: Point[] = stuck.through ? [] : [[0, holeMm + drillPointMm(2 * crest)]];
  const chamferMm = Math.min(pitchMm, lengthMm / 4);
  const side = flank(
    { fromMm: topMm, toMm: endMm - chamferMm, pitchMm },
    root,
    major - (threaded ? 0.02 * majorMm : 0),
  );
  const ragged = RAGGED.map((height, index): Point => [
    root - (2 * root * index) / (RAGGED.length - 1),
    topMm - height * Math.min(1.2, 0.12 * majorMm),
  ]);
  const body: Point[] = [
    ...side,
    [root * 0.8, endMm],
    [-root * 0.8, endMm],
    ...mirrored(side),
    ...ragged.slice(1, -1).reverse(),
  ];
  const tipMm = plan?.depth?.fromFaceMm ?? null;
  return {
    aboveMm: Math.max(0, proud),
    holeMm,
    bottomMm: holeMm + floorMm,
    majorMm,
    marks: marksOf(input, { topMm, endMm, holeMm, tipMm }),
    layers: [
      {
        id: 'hole',
        shapes: [
          {
            kind: 'polyline',
            id: 'hole',
            closed: true,
            points: [...holeSide, ...tip, ...mirrored(holeSide)],
            fill: { ink: 'deep' },
            pen: { ink: 'scribe', width: 1.4 },
          },
        ],
      },
      {
        id: 'stuck',
        shapes: [
          { kind: 'polyline', id: 'stuck', closed: true, points: body, fill: { ink: 'ground' } },
          {
            kind: 'polyline',
            id: 'stuck lining',
            closed: true,
            points: body,
            fill: { lining: 'stuck' },
            pen: { ink: 'faint', width: 1.2 },
          },
          { kind: 'polyline', id: 'break', closed: false, points: ragged, pen: { ink: 'scribe', width: 2 } },
        ],
      },
      { id: 'drills', shapes: drillsOf(input, { topMm, toMm: tipMm ?? endMm - pitchMm }) },
    ],
  };
}

/** The step drills, nested, each with its point at the stop. */
function drillsOf({ plan, offsetMm }: StuckSectionInput, { topMm, toMm }: { topMm: number; toMm: number }): Shape[] {
  return (plan?.steps ?? []).map(({ drill }, index, all): Shape => {
    const r = drill.diameterMm / 2;
    const shoulderMm = Math.max(topMm, toMm - drillPointMm(drill.diameterMm));
    const last = index === all.length - 1;
    return {
      kind: 'polyline',
      id: `drill ${drill.id}`,
      closed: false,
      points: [
        [offsetMm - r, topMm],
        [offsetMm - r, shoulderMm],
        [offsetMm, toMm],
        [offsetMm + r, shoulderMm],
        [offsetMm + r, topMm],
      ],
      fill: { ink: 'chalk', opacity: last ? 0.14 : 0 },
      pen: { ink: 'chalk', width: last ? 1.8 : 0.9, ...(last ? {} : { dash: [4, 4] }) },
    };
  });
}

/** Only what somebody measured, or the plan says, has a flag. */
function marksOf(
  { stuck, holeDepthMm }: StuckSectionInput,
  { topMm, endMm, holeMm, tipMm }: { topMm: number; endMm: number; holeMm: number; tipMm: number | null },
): StuckMark[] {
  const marks: (StuckMark | null)[] = [
    stuck.proudMm === null
      ? null
      : { id: 'break', label: stuck.proudMm > 0 ? 'break, proud by' : 'break', depthMm: topMm, kind: 'found' },
    tipMm === null ? null : { id: 'drill-stop', label: 'drill tip stops', depthMm: tipMm, kind: 'plan' },
    stuck.lengthMm === null ? null : { id: 'stuck-end', label: 'its far end', depthMm: endMm, kind: 'found' },
    holeDepthMm === null
      ? null
      : { id: 'bottom', label: stuck.through ? 'far face' : 'shoulder', depthMm: holeMm, kind: 'found' },
  ];
  return marks.filter((mark) => mark !== null);
}
