import { parentById } from '../../facts/materials/index.ts';
import { coilHole, coilIsMadeFor } from '../../facts/inserts/index.ts';
import { threadById, withFit } from '../../facts/threads/index.ts';
import { WAYS, type WayId } from '../../facts/ways/index.ts';
import { caseOfChoices } from './caseOfChoices.ts';
import { choiceOf, type HoleChoices } from './choices.ts';
import type { HoleCase, Limit, Measured } from './HoleCase.ts';
import type { QuantityId } from './quantities.ts';
import type { ShopRules } from './shopRules.ts';

/** What a case is built from: the choices and the live readings, with drafts already laid over them. */
export interface CaseInputs {
  choices: Partial<HoleChoices>;
  readings: Partial<Record<QuantityId, Measured>>;
  /** What was done to the hole so far, oldest first. */
  generations: readonly { method: WayId | 'as-made'; outermostMm: number | null }[];
}

/** Things without which no route can be judged. */
export type MissingInput = 'thread' | 'material' | 'kind' | 'depth' | 'damage-to';

export type CaseResult = { ok: true; hole: HoleCase } | { ok: false; missing: MissingInput[] };

/** Metal a screw's diameter wide all round puts the edge at least so far from the axis, in diameters. */
const SEEN_EDGE_D = 1.5;
/** A rod at the centre reads the old drill's point, this share of the drill below the shoulder (118°). */
const POINT_PER_DRILL = 0.3;

/** Depth of the cylinder: a rod at the centre of a blind hole read the point as well. */
function depthOf({ choices, readings }: CaseInputs): Measured | undefined {
  const { depth } = readings;
  if (!depth || !choices.threadId || choices.kind !== 'blind' || choiceOf(choices, 'depthBy') !== 'point') return depth;
  const { majorMm, pitchMm } = threadById(choices.threadId);
  return { ...depth, mm: Math.max(0, depth.mm - POINT_PER_DRILL * (majorMm - pitchMm)) };
}

/** The worn bore: the widest of what was read at the face and deeper down, each way. */
function boreOf({ readings }: CaseInputs): HoleCase['bore'] {
  const wide = [readings['bore-a'], readings['bore-a-deep']].filter((read) => read !== undefined);
  const across = [readings['bore-b'], readings['bore-b-deep']].filter((read) => read !== undefined);
  const all = [...wide, ...across];
  if (all.length === 0) return null;
  const widest = (reads: Measured[]) => Math.max(...reads.map((read) => read.mm));
  return {
    aMm: widest(wide.length > 0 ? wide : across),
    bMm: widest(across.length > 0 ? across : wide),
    halfWidthMm: Math.max(...all.map((read) => read.halfWidthMm)),
  };
}

function offsetOf({ readings }: CaseInputs): HoleCase['boreOffset'] {
  const along = readings['offset-along'];
  const across = readings['offset-across'];
  if (!along && !across) return null;
  return {
    alongMm: along?.mm ?? 0,
    acrossMm: across?.mm ?? 0,
    halfWidthMm: Math.max(along?.halfWidthMm ?? 0, across?.halfWidthMm ?? 0),
  };
}

/** Metal up to the next hole: between the axes, less half of what was cut there; not measured: as much as here. */
function nextHoleOf({ choices, readings }: CaseInputs): Measured | undefined {
  const between = readings['next-hole'];
  if (!between || !choices.threadId) return undefined;
  const cut = readings['next-hole-cut'] ?? { mm: threadById(choices.threadId).majorMm, halfWidthMm: 0 };
  return {
    mm: Math.max(0, between.mm - cut.mm / 2),
    halfWidthMm: Math.hypot(between.halfWidthMm, cut.halfWidthMm / 2),
  };
}

/** Every limit measured, the tightest first: by its pessimistic end. */
function limitsOf(inputs: CaseInputs): Limit[] {
  const { choices, readings } = inputs;
  const named = (read: Measured | undefined, name: string, share = 1): Limit[] =>
    read ? [{ name, mm: read.mm * share, halfWidthMm: read.halfWidthMm * share }] : [];
  return [
    ...named(readings.edge, choiceOf(choices, 'edgeName')),
    ...named(readings['edge-2'], choiceOf(choices, 'edge2Name')),
    ...named(readings.boss, 'rim of the boss', 0.5),
    ...named(nextHoleOf(inputs), 'next hole'),
  ].sort((a, b) => a.mm - a.halfWidthMm - (b.mm - b.halfWidthMm));
}

/** What an earlier repair left: from this record, else as it was said and measured. */
function earlierOf({ choices, readings, generations }: CaseInputs): { kind: WayId | null; outerMm: number } | null {
  const last = generations.at(-1);
  if (last && last.method !== 'as-made') {
    return {
      kind: (WAYS[last.method].leaves?.id as WayId | undefined) ?? null,
      outerMm: Math.max(last.outermostMm ?? 0, readings['earlier-cut']?.mm ?? 0),
    };
  }
  const measured = readings['earlier-cut'];
  const repair = choiceOf(choices, 'earlierRepair');
  const said = repair === 'none' ? null : repair;
  if (!said && !measured) return null;
  const thread = threadById(choices.threadId!);
  // Not measured: a coil's hole is known from its thread; for the rest the thread itself is the least that was cut.
  const assumedMm =
    said !== null && WAYS[said].needs === 'coils' && coilIsMadeFor(thread) ? coilHole(thread).majorMm : thread.majorMm;
  return { kind: said, outerMm: measured?.mm ?? assumedMm };
}

/** Builds the case that the core judges, or says what is still missing. Everything else may be unknown. */
export function caseFromInputs(inputs: CaseInputs, shop: ShopRules): CaseResult {
  const { choices, readings, generations } = inputs;
  const chosen = caseOfChoices(choices);
  const depth = depthOf(inputs);
  const bore = boreOf(inputs);
  const damageTo =
    chosen.strippedThroughout && depth
      ? { mm: depth.mm, halfWidthMm: 0 }
      : // A bore that is read with no damage stated holds for the whole thread.
        (readings['damage-to'] ?? (bore === null ? undefined : { mm: 0, halfWidthMm: 0 }));
  const missing: MissingInput[] = [];
  if (!choices.threadId) missing.push('thread');
  if (!choices.parentId) missing.push('material');
  if (!choices.kind) missing.push('kind');
  if (!depth) missing.push('depth');
  if (!damageTo) missing.push('damage-to');
  if (!choices.threadId || !choices.parentId || !choices.kind || !depth || !damageTo) return { ok: false, missing };
  const earlier = earlierOf(inputs);
  const limits = limitsOf(inputs);
  const seenEdge =
    choiceOf(choices, 'metalBeside') === 'one-d'
      ? { mm: SEEN_EDGE_D * threadById(choices.threadId).majorMm, halfWidthMm: 0 }
      : null;
  return {
    ok: true,
    hole: {
      ...chosen,
      thread: withFit(threadById(choices.threadId), choiceOf(choices, 'fitClass')),
      parent: parentById(choices.parentId),
      kind: choices.kind,
      depth,
      // A countersink holds no thread: what is sound begins below it.
      damageTo: { ...damageTo, mm: Math.min(Math.max(damageTo.mm, readings.countersink?.mm ?? 0), depth.mm) },
      bore,
      boreOffset: offsetOf(inputs),
      slotEnd: readings['slot-end'] ?? null,
      edge: limits[0] ? { mm: limits[0].mm, halfWidthMm: limits[0].halfWidthMm } : seenEdge,
      edgeAtLeast: !limits[0] && seenEdge !== null,
      edgeName: limits[0]?.name ?? choiceOf(choices, 'edgeName'),
      limits,
      floor: readings.floor ?? null,
      leanPer50: readings.lean ?? null,
      earlierCutMm: earlier?.outerMm ?? null,
      earlierRepair: earlier?.kind ?? null,
      earlierSeen: earlier !== null || choiceOf(choices, 'earlierRepair') !== null || generations.length > 1,
      joint: {
        ...chosen.joint,
        screwReach: readings['screw-reach'] ?? null,
        mateHole: readings['mate-hole'] ?? null,
        endRoom: readings['end-room'] ?? null,
        grip: readings.grip ?? null,
        seat: readings.seat ?? null,
      },
      work: {
        ...chosen.work,
        heightMm: readings['work-height']?.mm ?? null,
        headroomMm: readings.headroom?.mm ?? null,
        sideRoomMm: readings['side-room']?.mm ?? null,
      },
      rules: shop.rules,
      rack: shop.rack,
    },
  };
}
