import { SAY, type UnitSystem } from '../../basis/units/index.ts';
import type { Rack } from '../../facts/drills/index.ts';
import type { CaseInputs, HouseRules } from '../../judge/hole/index.ts';
import type { FrozenPlan, SaidPlan } from '../../plan/freeze/index.ts';
import { sayNumber, type StepNumber } from '../../plan/workcard/index.ts';
import type { EventKind } from './EventKind.ts';
import { readTokens } from './tokenWords.ts';

/** What a plan was computed from, with the shop's rules and drills as they were. */
export type PlanInputs = CaseInputs & { rules: HouseRules; rack: Rack };

/** A plan is frozen. Its whole body stands here and nowhere else. */
export type PlanFrozenPayload = {
  mendId: string;
  planId: string;
  plan: FrozenPlan;
  supersedes: string | null;
  /** Null in plans of engines before 0.5.0: the plan's own row keeps theirs. */
  inputs: PlanInputs | null;
};

/** Version 1 kept steps as sentences with tokens, and no checks. */
interface PlanFrozen1 {
  mendId: string;
  planId: string;
  supersedes: string | null;
  plan: Omit<FrozenPlan, 'checks' | 'steps' | 'said' | 'seal' | 'ticks' | 'asks'> & {
    steps: {
      id: string;
      title: string;
      what: string;
      number: StepNumber | null;
      caution: string | null;
      noReturn?: true;
      afterProof?: true;
    }[];
  };
}

const saidOf = ({ plan }: PlanFrozen1, units: UnitSystem): Omit<SaidPlan, 'ticks'> => ({
  checks: [],
  notes: [],
  steps: plan.steps.map((step) => ({
    ...step,
    what: readTokens(step.what, units),
    number: sayNumber(step.number, SAY[units]),
  })),
});

/** Version 2 knew nothing that was to be looked at or asked for before the cut. */
type PlanFrozen2 = Omit<PlanFrozenPayload, 'plan'> & {
  plan: Omit<FrozenPlan, 'ticks' | 'asks' | 'said'> & { said: Record<UnitSystem, Omit<SaidPlan, 'ticks'>> };
};

const from2 = ({ plan, ...older }: PlanFrozen2): PlanFrozenPayload => ({
  ...older,
  plan: {
    ...plan,
    ticks: [],
    asks: [],
    said: { mm: { ticks: [], ...plan.said.mm }, in: { ticks: [], ...plan.said.in } },
  },
});

const from1 = (older: PlanFrozen1): PlanFrozen2 => ({
  ...older,
  plan: {
    ...older.plan,
    checks: [],
    steps: [],
    said: { mm: saidOf(older, 'mm'), in: saidOf(older, 'in') },
    seal: null,
  },
  inputs: null,
});

export const planFrozen: EventKind<PlanFrozenPayload> = {
  class: 'chosen',
  version: 3,
  upcast: { 1: from1, 2: from2 },
  standsOnRevision: true,
  apply: (file, { mendId, planId, plan }) => {
    const mend = file.mends.find((entry) => entry.id === mendId);
    if (!mend) return;
    if (mend.plan) mend.supersededPlans += 1;
    mend.planId = planId;
    mend.looked = [];
    mend.plan = plan;
    mend.results = null;
    mend.resultNote = '';
  },
};
