import type { Facts } from '../../../basis/checks/index.ts';
import type { StepKind, StepOf } from '../WorkStep.ts';
import { clean } from './clean.ts';
import { counterDrill } from './counterDrill.ts';
import { countersink } from './countersink.ts';
import { drill } from './drill.ts';
import { fasten } from './fasten.ts';
import { insert } from './insert.ts';
import { look } from './look.ts';
import { oldCoil } from './oldCoil.ts';
import { own } from './own.ts';
import { prevent } from './prevent.ts';
import { protect } from './protect.ts';
import { prove } from './prove.ts';
import { remedy } from './remedy.ts';
import { tap } from './tap.ts';

/** Every kind of step, as it is said. */
const REGISTRY = {
  protect,
  look,
  'old-coil': oldCoil,
  remedy,
  drill,
  'counter-drill': counterDrill,
  countersink,
  tap,
  clean,
  own,
  insert,
  prove,
  fasten,
  prevent,
};

type StepKindId = keyof typeof REGISTRY;
type FactsBy = {
  [K in StepKindId]: (typeof REGISTRY)[K] extends StepKind<infer F extends Facts> ? F : never;
};

/** A step of any kind, its facts correlated with its kind. */
export type WorkStep<K extends StepKindId = StepKindId> = { [P in K]: StepOf<P, FactsBy[P]> }[K];

export const STEP_KINDS: { readonly [K in StepKindId]: StepKind<FactsBy[K]> } = REGISTRY;
export type { StepKindId };
