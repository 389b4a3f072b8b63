import type { Facts } from '../../../basis/checks/index.ts';
import type { StepKind, StepOf } from '../WorkStep.ts';
import { clean } from './clean.ts';
import { counterDrill } from './counterDrill.ts';
import { countersink } from './countersink.ts';
import { cure } from './cure.ts';
import { drill } from './drill.ts';
import { fasten } from './fasten.ts';
import { gaugeBore } from './gaugeBore.ts';
import { gaugeThread } from './gaugeThread.ts';
import { hold } from './hold.ts';
import { insert } from './insert.ts';
import { locate } from './locate.ts';
import { look } from './look.ts';
import { oldCoil } from './oldCoil.ts';
import { own } from './own.ts';
import { pilot } from './pilot.ts';
import { prevent } from './prevent.ts';
import { prove } from './prove.ts';
import { ready } from './ready.ts';
import { remedy } from './remedy.ts';
import { screw } from './screw.ts';
import { strip } from './strip.ts';
import { tang } from './tang.ts';
import { tap } from './tap.ts';

/** Every kind of step, as it is said. */
const REGISTRY = {
  look,
  strip,
  remedy,
  'old-coil': oldCoil,
  hold,
  ready,
  locate,
  pilot,
  drill,
  'gauge-bore': gaugeBore,
  'counter-drill': counterDrill,
  countersink,
  tap,
  clean,
  'gauge-thread': gaugeThread,
  own,
  insert,
  tang,
  cure,
  prove,
  screw,
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
