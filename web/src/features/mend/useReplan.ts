import type { QuantityId } from '@deep-mend/core';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { useShop } from '../../base/ShopContext.tsx';
import type { Draft } from './drafts.ts';
import type { MendView } from './stations/Station.ts';

/** What was found and is no reading. */
export type FoundChoice = { field: 'parentId'; value: string } | { field: 'stuck'; value: 'tap' | 'extractor' };
/** What was found: a reading, another state of the hole, or a drill that is not in the rack after all. */
export type Found =
  | { kind: 'reading'; quantity: QuantityId; draft: Draft }
  | { kind: 'choice'; choice: FoundChoice }
  | { kind: 'drill'; drillId: string };
/** Why, in words, and whether the step at which it was found counts as done another way or not at all. */
export interface FoundTold {
  note: string;
  end: 'otherwise' | 'not-done';
}

/**
 * It came out otherwise than planned: what is found is recorded with its reason at the step where it was found, and the ladder
 * decides again which way is first.
 */
export function useReplan(
  holeId: string,
  { access, guarded, record, mend }: Pick<MendView, 'access' | 'guarded' | 'record' | 'mend'>,
) {
  const navigate = useNavigate();
  const { settings, save } = useShop();
  /** The step that is open at the bench; null: it was found elsewhere; undefined: nothing was. */
  const [at, setAt] = useState<{ stepId: string | null } | undefined>(undefined);
  const write = async (what: Found, { note, end }: FoundTold) => {
    if (at?.stepId && mend?.planId)
      await access.append('step-done', { mendId: mend.id, planId: mend.planId, stepId: at.stepId, end, note });
    if (what.kind === 'reading') await record(what.quantity, what.draft);
    else if (what.kind === 'choice') await access.append('choice', what.choice);
    else await save({ ...settings, missingDrills: [...new Set([...settings.missingDrills, what.drillId])] });
  };
  return {
    replanning: at !== undefined,
    start: (stepId?: string) => setAt({ stepId: stepId ?? null }),
    stop: () => setAt(undefined),
    found: async (what: Found, told: FoundTold): Promise<boolean> => {
      if (!(await guarded(() => write(what, told)))) return false;
      setAt(undefined);
      void navigate(`/mend/${holeId}/decide`);
      return true;
    },
  };
}
