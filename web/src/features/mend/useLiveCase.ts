import {
  caseFromInputs,
  inputsOf,
  proposeRoutes,
  stuckFromInputs,
  type CaseInputs,
  type CaseResult,
  type HoleFile,
  type Proposal,
  type QuantityId,
  type ShopRules,
  type StuckCase,
  type UnitSystem,
} from '@deep-mend/core';
import { useMemo } from 'react';
import { readDraft, readHalfWidth, type Drafts } from './useDrafts.ts';

/** The recorded inputs with every readable draft laid over them. */
function liveInputs(file: HoleFile, drafts: Drafts, units: UnitSystem): CaseInputs {
  const inputs = inputsOf(file);
  for (const [id, draft] of Object.entries(drafts) as [QuantityId, Drafts[QuantityId]][]) {
    const length = readDraft(id, draft!, units);
    const doubt = readHalfWidth(draft!);
    if (length.ok && doubt.ok) inputs.readings[id] = { mm: length.length.mm, halfWidthMm: doubt.length.mm };
  }
  return inputs;
}

export interface LiveCase {
  built: CaseResult;
  proposal: Proposal | null;
  /** What is stuck in the hole, if anything is. */
  stuck: StuckCase | null;
}

/** The case and its proposal, computed again with every keystroke. */
export function useLiveCase(file: HoleFile, drafts: Drafts, units: UnitSystem, rules: ShopRules): LiveCase {
  return useMemo(() => {
    const inputs = liveInputs(file, drafts, units);
    const built = caseFromInputs(inputs, rules);
    return { built, proposal: built.ok ? proposeRoutes(built.hole) : null, stuck: stuckFromInputs(inputs, rules) };
  }, [file, drafts, units, rules]);
}
