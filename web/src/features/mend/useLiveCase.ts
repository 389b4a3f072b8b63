import {
  drillingOf,
  inputsOf,
  keep,
  openMendOf,
  stuckFromInputs,
  weigh,
  type CaseInputs,
  type CoreDrilling,
  type HoleFile,
  type Proposal,
  type QuantityId,
  type ShopRules,
  type StuckCase,
  type Weighed,
} from '@deep-mend/core';
import { useMemo } from 'react';
import { readDraft, readHalfWidth, type Draft, type Drafts } from './drafts.ts';

/** The recorded inputs with every readable draft laid over them. */
function liveInputs(file: HoleFile, drafts: Drafts): CaseInputs {
  const inputs = inputsOf(file);
  for (const [id, draft] of Object.entries(drafts) as [QuantityId, Draft][]) {
    const length = readDraft(id, draft);
    const doubt = readHalfWidth(draft);
    if (length.ok && doubt.ok) inputs.readings[id] = { mm: length.length.mm, halfWidthMm: doubt.length.mm };
  }
  return inputs;
}

export interface LiveCase {
  built: Weighed;
  proposal: Proposal | null;
  /** What is stuck in the hole, if anything is, and how it would be drilled. */
  stuck: StuckCase | null;
  drilling: CoreDrilling;
  /** Depth of the hole and what was drilled in the stuck thing, as far as they are known. */
  depthMm: number | null;
  drilledMm: number | null;
}

function liveCase(file: HoleFile, drafts: Drafts, rules: ShopRules): LiveCase {
  const inputs = liveInputs(file, drafts);
  const built = weigh(inputs, rules);
  return {
    built,
    proposal: built.ok ? built.proposal : null,
    stuck: stuckFromInputs(inputs, rules, openMendOf(file)?.attempts ?? []),
    drilling: drillingOf(inputs, built),
    depthMm: inputs.readings.depth?.mm ?? null,
    drilledMm: inputs.readings['core-bore']?.mm ?? null,
  };
}

/**
 * The case and its proposal for any drafts laid over the record. The drawing asks with the newest drafts, the rest of the
 * page a moment later with the same ones.
 */
export function useLiveCase(file: HoleFile, rules: ShopRules): (drafts: Drafts) => LiveCase {
  return useMemo(() => keep((drafts: Drafts) => liveCase(file, drafts, rules)), [file, rules]);
}
