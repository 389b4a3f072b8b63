import type { HoleDetail } from '@deep-mend/contract';
import type {
  CutBar,
  FrozenPlan,
  HoleFile,
  MendEntry,
  QuantityId,
  Route,
  Sensitivity,
  ShopRules,
  UnitSystem,
} from '@deep-mend/core';
import type { ComponentType } from 'react';
import type { HoleAccess } from '../../../parts/useHole.ts';
import type { Draft, DraftStore } from '../drafts.ts';
import type { Choose } from '../known/fields.tsx';
import type { LiveCase } from '../useLiveCase.ts';
import type { FreePlan } from './free/useFreePlan.ts';
import type { StationId } from './registry.ts';

/** What decides which stations a hole has something for. */
export interface MendFacts {
  /** Enough is known to weigh the ways of mending. */
  ready: boolean;
  hasPlan: boolean;
  /** Something is stuck in it and can be drawn; or it is only said so far. */
  isStuck: boolean;
  saysStuck: boolean;
  cut: CutBar | 'yes';
}

/** A mend as its stations see it, and what they may do to it. */
export interface MendView {
  access: HoleAccess;
  detail: HoleDetail;
  file: HoleFile;
  mend: MendEntry | null;
  plan: FrozenPlan | null;
  /** The plan's numbers are not those of today's readings, rules or engine. */
  stale: boolean;
  units: UnitSystem;
  rules: ShopRules;
  phone: boolean;
  store: DraftStore;
  /** The case with what is typed, as it rests; and for any other drafts. */
  live: LiveCase;
  caseOf: (drafts: ReturnType<DraftStore['get']>) => LiveCase;
  free: FreePlan | null;
  route: Route | null;
  unsettled: Sensitivity[] | null;
  /** The workings of the way shown lie open: by the panel, or by a key of the page. */
  showWorking: boolean;
  setShowWorking: (open: boolean) => void;
  go: (to: StationId) => void;
  select: (routeId: string) => void;
  choose: Choose;
  /** Does what the server may refuse, and shows the refusal; whether it was done. */
  guarded: (work: () => Promise<unknown>) => Promise<boolean>;
  record: (quantity: QuantityId, draft: Draft) => Promise<void>;
  commit: (quantity: QuantityId) => void;
  /** It came out otherwise than planned, at this step of the bench; undefined: found elsewhere. */
  replan: (stepId?: string) => void;
  /** What was stuck is out; whether the drill went past the crests. */
  freed: (left: 'cut' | 'whole') => void;
}

/** One station of the mend: its name on the rail, when it is shut, what stands beside the drawing, and what the drawing shows. */
export interface Station {
  name: string;
  /** Why this hole has nothing for it; null: it is open. */
  bar: (facts: MendFacts) => string | null;
  Panel: ComponentType<{ view: MendView }>;
  /** The way that its drawing shows: none, the one pointed at, or the planned one where there is a plan. */
  way: 'none' | 'pointed-at' | 'planned';
  /** The ladder of ways stands under its section. */
  ladder: boolean;
  /** What was measured after the cut is laid over its drawing. */
  proves?: true;
  /** It draws what is stuck in the hole instead. */
  frees: boolean;
}
