import {
  caseFromInputs,
  inputsOf,
  proposeRoutes,
  type CaseInputs,
  type CaseResult,
  type HoleFile,
  type Proposal,
  type QuantityId,
  type ShopRules,
  type UnitSystem,
} from '@deep-mend/core';
import { useMemo } from 'react';
import { readDraft, readHalfWidth, type Drafts } from './useDrafts.ts';

/** The recorded inputs with every readable draft laid over them. */
export function liveInputs(file: HoleFile, drafts: Drafts, units: UnitSystem): CaseInputs {
  const inputs = inputsOf(file);
  for (const [id, draft] of Object.entries(drafts) as [QuantityId, Drafts[QuantityId]][]) {
    const length = readDraft(id, draft!, units);
    const doubt = readHalfWidth(draft!);
    if (length.ok && doubt.ok) inputs.readings[id] = { mm: length.length.mm, halfWidthMm: doubt.length.mm };
  }
  return inputs;
}

/** The case and its proposal, computed again with every keystroke. */
export function useLiveCase(
  file: HoleFile,
  drafts: Drafts,
  units: UnitSystem,
  rules: ShopRules,
): { built: CaseResult; proposal: Proposal | null } {
  return useMemo(() => {
    const built = caseFromInputs(liveInputs(file, drafts, units), rules);
    return { built, proposal: built.ok ? proposeRoutes(built.hole) : null };
  }, [file, drafts, units, rules]);
}
