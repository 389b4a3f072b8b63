import { parentById } from '../../facts/materials/index.ts';
import { coilHole, coilIsMadeFor } from '../../facts/inserts/index.ts';
import { threadById } from '../../facts/threads/index.ts';
import {
  EARLIER_REPAIRS,
  type EarlierRepair,
  type HoleCase,
  type Limit,
  type LoadDemand,
  type Measured,
  type QuantityId,
  type ShopRules,
} from '../../judge/hole/index.ts';
import type { HoleFile } from './foldHole.ts';
import type { HoleChoices } from './HoleEvent.ts';

/** What a case is built from: the choices and the live readings, with drafts already laid over them. */
export interface CaseInputs {
  choices: Partial<HoleChoices>;
  readings: Partial<Record<QuantityId, Measured>>;
  generations: HoleFile['generations'];
}

/** Things without which no route can be judged. */
export type MissingInput = 'thread' | 'material' | 'kind' | 'depth' | 'damage-to';

export type CaseResult = { ok: true; hole: HoleCase } | { ok: false; missing: MissingInput[] };

/** The inputs of a file as recorded. */
export function inputsOf(file: HoleFile): CaseInputs {
  const readings: CaseInputs['readings'] = {};
  for (const entry of Object.values(file.live)) {
    readings[entry.quantity] = { mm: entry.mm, halfWidthMm: entry.halfWidthMm };
  }
  return { choices: file.choices, readings, generations: file.generations };
}

function demandOf(choices: Partial<HoleChoices>): LoadDemand {
  if (choices.demandMode !== 'preload' || !choices.torqueNm) return { mode: 'fastener-first' };
  return {
    mode: 'preload',
    torqueNm: choices.torqueNm,
    friction: choices.friction ?? 'unknown',
    load: choices.load ?? 'static',
  };
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

/** Every limit measured, the tightest first: by its pessimistic end. */
function limitsOf({ choices, readings }: CaseInputs): Limit[] {
  const named = (read: Measured | undefined, name: string, share = 1): Limit[] =>
    read ? [{ name, mm: read.mm * share, halfWidthMm: read.halfWidthMm * share }] : [];
  return [
    ...named(readings.edge, choices.edgeName || 'edge'),
    ...named(readings['edge-2'], choices.edge2Name || 'second edge'),
    ...named(readings.boss, 'rim of the boss', 0.5),
  ].sort((a, b) => a.mm - a.halfWidthMm - (b.mm - b.halfWidthMm));
}

/** What an earlier repair left: from this record, else as it was said and measured. */
function earlierOf({
  choices,
  readings,
  generations,
}: CaseInputs): { kind: EarlierRepair | null; outerMm: number } | null {
  const last = generations.at(-1);
  if (last && last.method !== 'as-made') {
    const method = last.method === 'stepped-stud' ? 'oversize' : last.method;
    return {
      kind: EARLIER_REPAIRS.find((row) => row.id === method)?.id ?? null,
      outerMm: Math.max(last.outermostMm ?? 0, readings['earlier-cut']?.mm ?? 0),
    };
  }
  const measured = readings['earlier-cut'];
  if (!choices.earlierRepair && !measured) return null;
  const thread = threadById(choices.threadId!);
  // Not measured: a coil's hole is known from its thread; for the rest the thread itself is the least that was cut.
  const assumedMm =
    choices.earlierRepair === 'wire-coil' && coilIsMadeFor(thread) ? coilHole(thread).majorMm : thread.majorMm;
  return { kind: choices.earlierRepair ?? null, outerMm: measured?.mm ?? assumedMm };
}

/** Builds the case that the core judges, or says what is still missing. Everything else may be unknown. */
export function caseFromInputs(inputs: CaseInputs, shop: ShopRules): CaseResult {
  const { choices, readings } = inputs;
  const depth = readings.depth;
  const stripped = choices.strippedThroughout === true;
  const damageTo = stripped && depth ? { mm: depth.mm, halfWidthMm: 0 } : readings['damage-to'];
  const missing: MissingInput[] = [];
  if (!choices.threadId) missing.push('thread');
  if (!choices.parentId) missing.push('material');
  if (!choices.kind) missing.push('kind');
  if (!depth) missing.push('depth');
  if (!damageTo) missing.push('damage-to');
  if (!choices.threadId || !choices.parentId || !choices.kind || !depth || !damageTo) return { ok: false, missing };
  const earlier = earlierOf(inputs);
  const limits = limitsOf(inputs);
  return {
    ok: true,
    hole: {
      thread: threadById(choices.threadId),
      parent: parentById(choices.parentId),
      parentTensileMpa: choices.parentTensileMpa ?? null,
      kind: choices.kind,
      depth,
      // A countersink holds no thread: what is sound begins below it.
      damageTo: { ...damageTo, mm: Math.min(Math.max(damageTo.mm, readings.countersink?.mm ?? 0), depth.mm) },
      strippedThroughout: stripped,
      bore: boreOf(inputs),
      boreOffset: offsetOf(inputs),
      axis: choices.axis ?? 'true',
      edge: limits[0] ? { mm: limits[0].mm, halfWidthMm: limits[0].halfWidthMm } : null,
      edgeName: limits[0]?.name ?? (choices.edgeName || 'edge'),
      limits,
      floor: readings.floor ?? null,
      floorName: choices.floorName || 'nothing',
      leanPer50: readings.lean ?? null,
      crack: choices.crack ?? 'none',
      stuck: choices.stuck ?? 'none',
      earlierCutMm: earlier?.outerMm ?? null,
      earlierRepair: earlier?.kind ?? null,
      failed: choices.failedMethod
        ? { method: choices.failedMethod, causePresent: choices.failedCausePresent ?? true }
        : null,
      joint: {
        fastenerClassId: choices.fastenerClassId ?? null,
        screwReach: readings['screw-reach'] ?? null,
        mateHole: readings['mate-hole'] ?? null,
        mateMayBeOpened: choices.mateMayBeOpened ?? true,
        demand: demandOf(choices),
        serviceC: choices.serviceC ?? null,
        sealing: choices.sealing ?? 'none',
        undone: choices.undone ?? 'rarely',
        backReached: choices.backReached ?? false,
        endRoom: readings['end-room'] ?? null,
        grip: readings.grip ?? null,
        appearance: choices.appearance ?? false,
      },
      duty: choices.duty ?? 'ordinary',
      rules: shop.rules,
      rack: shop.rack,
    },
  };
}
