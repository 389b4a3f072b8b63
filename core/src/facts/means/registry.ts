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
import type { MeansFact } from './MeansFact.ts';
import { mill } from './mill.ts';
import { pull } from './pull.ts';
import { sendOut } from './sendOut.ts';
import { sparkErosion } from './sparkErosion.ts';
import { turnOut } from './turnOut.ts';
import { weldNut } from './weldNut.ts';

/** Every means of freeing, from the least harm to the most: they are tried in this order. */
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
} satisfies Record<string, MeansFact>;

export type MeansId = keyof typeof REGISTRY;
export const MEANS: Readonly<Record<MeansId, MeansFact>> = REGISTRY;
export const MEANS_IDS = Object.keys(REGISTRY) as [MeansId, ...MeansId[]];
