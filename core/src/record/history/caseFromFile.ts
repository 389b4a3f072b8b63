import { parentById } from '../../facts/materials/index.ts';
import { threadById } from '../../facts/threads/index.ts';
import type { HoleCase, LoadDemand, Measured, QuantityId, ShopRules } from '../../judge/hole/index.ts';
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

/** Builds the case that the core judges, or says what is still missing. Everything else may be unknown. */
export function caseFromInputs(inputs: CaseInputs, shop: ShopRules): CaseResult {
  const { choices, readings, generations } = inputs;
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
  const a = readings['bore-a'];
  const b = readings['bore-b'];
  const last = generations.at(-1);
  const repaired = last && last.method !== 'as-made' ? last : null;
  return {
    ok: true,
    hole: {
      thread: threadById(choices.threadId),
      parent: parentById(choices.parentId),
      parentTensileMpa: choices.parentTensileMpa ?? null,
      kind: choices.kind,
      depth,
      damageTo: { ...damageTo, mm: Math.min(damageTo.mm, depth.mm) },
      strippedThroughout: stripped,
      bore:
        a || b
          ? {
              aMm: (a ?? b)!.mm,
              bMm: (b ?? a)!.mm,
              halfWidthMm: Math.max(a?.halfWidthMm ?? 0, b?.halfWidthMm ?? 0),
            }
          : null,
      edge: readings.edge ?? null,
      edgeName: choices.edgeName || 'edge',
      earlierCutMm: repaired?.outermostMm ?? null,
      earlierRepair: repaired?.method === 'wire-coil' || repaired?.method === 'oversize' ? repaired.method : null,
      joint: {
        fastenerClassId: choices.fastenerClassId ?? null,
        screwReach: readings['screw-reach'] ?? null,
        mateHole: readings['mate-hole'] ?? null,
        demand: demandOf(choices),
      },
      duty: choices.duty ?? 'ordinary',
      rules: shop.rules,
      rack: shop.rack,
    },
  };
}
