import type { Facts } from '../../../basis/checks/index.ts';
import type { MeansId } from '../../../facts/means/index.ts';
import type { MeansMethod, MeansOf } from '../Means.ts';
import { breakUp } from './breakUp.ts';
import { coilEnd } from './coilEnd.ts';
import { corePeel } from './corePeel.ts';
import { driveAgain } from './driveAgain.ts';
import { driveThrough } from './driveThrough.ts';
import { extractor } from './extractor.ts';
import { fluteClaws } from './fluteClaws.ts';
import { hardDrill } from './hardDrill.ts';
import { heatSoak } from './heatSoak.ts';
import { leftHandDrill } from './leftHandDrill.ts';
import { mill } from './mill.ts';
import { pull } from './pull.ts';
import { sendOut } from './sendOut.ts';
import { sparkErosion } from './sparkErosion.ts';
import { turnOut } from './turnOut.ts';
import { weldNut } from './weldNut.ts';

/** How each means is worked out for a case. A means without its method does not compile. */
const REGISTRY = {
  'coil-end': coilEnd,
  'drive-through': driveThrough,
  'turn-out': turnOut,
  'flute-claws': fluteClaws,
  'drive-again': driveAgain,
  'heat-soak': heatSoak,
  'weld-nut': weldNut,
  pull,
  'left-hand-drill': leftHandDrill,
  extractor,
  'core-peel': corePeel,
  'break-up': breakUp,
  mill,
  'hard-drill': hardDrill,
  'spark-erosion': sparkErosion,
  'send-out': sendOut,
};

type OwnBy = {
  [Id in MeansId]: (typeof REGISTRY)[Id] extends MeansMethod<infer Own extends Facts> ? Own : never;
};

/** A means of any id, its facts correlated with it. */
export type Means<Id extends MeansId = MeansId> = { [P in Id]: MeansOf<P, OwnBy[P]> }[Id];

export const MEANS_METHODS: { readonly [Id in MeansId]: MeansMethod<OwnBy[Id]> } = REGISTRY;
