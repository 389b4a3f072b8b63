import { UNKNOWN_EDGE_D, type HoleCase, type Measured, type QuantityId } from '../../judge/hole/index.ts';
import { assess } from '../../judge/damage/index.ts';
import { proposeRoutes, type Proposal } from './proposeRoutes.ts';

/** What a better or first reading of one quantity could change. */
export interface Sensitivity {
  quantity: QuantityId;
  /** Not measured at all, or measured with a doubt that matters. */
  state: 'unknown' | 'doubtful';
  /** The range looked at, in mm. */
  lowMm: number;
  highMm: number;
  /** Routes whose verdict is not the same at both ends. */
  changesVerdicts: number;
  /** The first route at both ends, when they differ. */
  firstChanges: { low: string; high: string } | null;
}

type Change = (hole: HoleCase, measured: Measured) => HoleCase;

interface Question {
  quantity: QuantityId;
  now: (hole: HoleCase) => Measured | null;
  /** Where the value plausibly lies while nobody has measured it, in mm. Our estimate. */
  plausible: (hole: HoleCase) => readonly [lowMm: number, highMm: number];
  put: Change;
  matters?: (hole: HoleCase) => boolean;
}

const d = (hole: HoleCase) => hole.thread.majorMm;
const p = (hole: HoleCase) => hole.thread.pitchMm;

const QUESTIONS: readonly Question[] = [
  {
    quantity: 'edge',
    now: (hole) => hole.edge,
    plausible: (hole) => [UNKNOWN_EDGE_D.unfavourable * d(hole), 2 * d(hole)],
    put: (hole, edge) => ({ ...hole, edge }),
  },
  {
    quantity: 'bore-a',
    now: (hole) => hole.bore && { mm: hole.bore.aMm, halfWidthMm: hole.bore.halfWidthMm },
    plausible: (hole) => [d(hole) - p(hole), d(hole) + 0.5 * p(hole)],
    put: (hole, { mm, halfWidthMm }) => ({
      ...hole,
      bore: { aMm: mm, bMm: Math.min(mm, hole.bore?.bMm ?? mm), halfWidthMm },
    }),
  },
  {
    quantity: 'mate-hole',
    now: (hole) => hole.joint.mateHole,
    plausible: (hole) => [1.05 * d(hole), 1.4 * d(hole)],
    put: (hole, mateHole) => ({ ...hole, joint: { ...hole.joint, mateHole } }),
  },
  {
    quantity: 'screw-reach',
    now: (hole) => hole.joint.screwReach,
    plausible: (hole) => [Math.min(hole.damageTo.mm, d(hole)), hole.depth.mm],
    put: (hole, screwReach) => ({ ...hole, joint: { ...hole.joint, screwReach } }),
  },
  {
    quantity: 'damage-to',
    now: (hole) => hole.damageTo,
    plausible: (hole) => [0, hole.depth.mm],
    put: (hole, damageTo) => ({ ...hole, damageTo: { ...damageTo, mm: Math.min(damageTo.mm, hole.depth.mm) } }),
    matters: (hole) => !hole.strippedThroughout,
  },
  {
    quantity: 'depth',
    now: (hole) => hole.depth,
    plausible: (hole) => [d(hole), 3 * d(hole)],
    put: (hole, depth) => ({ ...hole, depth }),
  },
  {
    quantity: 'floor',
    now: (hole) => hole.floor,
    plausible: (hole) => [hole.depth.mm + 1, hole.depth.mm + d(hole)],
    put: (hole, floor) => ({ ...hole, floor }),
    matters: (hole) => hole.kind === 'blind' && hole.behind !== 'nothing',
  },
];

function differs(low: Proposal, high: Proposal): number {
  const before = new Map(low.routes.map((route) => [route.id, route.verdict]));
  return high.routes.filter((route) => (before.get(route.id) ?? 'does-not-hold') !== route.verdict).length;
}

/**
 * What each reading could still change, most first: an unknown one is put at both ends of where it plausibly lies, a known
 * one at both ends of its doubt, and the whole proposal made again at each. The first row is the next question to ask. No
 * script: the order follows from this hole.
 */
export function sensitivity(hole: HoleCase): Sensitivity[] {
  const rows = QUESTIONS.filter((row) => row.matters?.(hole) ?? true).flatMap((row): Sensitivity[] => {
    const now = row.now(hole);
    if (now !== null && now.halfWidthMm === 0) return [];
    const [lowMm, highMm] =
      now === null ? row.plausible(hole) : [Math.max(0, now.mm - now.halfWidthMm), now.mm + now.halfWidthMm];
    const at = (mm: number) => {
      const put = row.put(hole, { mm, halfWidthMm: 0 });
      return proposeRoutes(put, assess(put));
    };
    const low = at(lowMm);
    const high = at(highMm);
    const first = [low, high].map(({ routes }) => routes[0]!.title) as [string, string];
    const changesVerdicts = differs(low, high);
    const firstChanges = low.routes[0]!.id === high.routes[0]!.id ? null : { low: first[0], high: first[1] };
    if (changesVerdicts === 0 && firstChanges === null) return [];
    return [
      {
        quantity: row.quantity,
        state: now === null ? 'unknown' : 'doubtful',
        lowMm,
        highMm,
        changesVerdicts,
        firstChanges,
      },
    ];
  });
  const weight = (row: Sensitivity) => row.changesVerdicts + (row.firstChanges ? FIRST_COUNTS : 0);
  return rows.sort((a, b) => weight(b) - weight(a));
}

/** A change of the first route counts as so many changed verdicts: it is what will be done (our estimate). */
const FIRST_COUNTS = 3;
