import type { DemoAsset } from './DemoAsset.ts';
import { kittiwake } from './kittiwake.ts';
import { guillemot } from './guillemot.ts';
import { dunlin } from './dunlin.ts';
import { slipwayWinch } from './slipwayWinch.ts';
import { standbyGenerator } from './standbyGenerator.ts';
import { linkspan } from './linkspan.ts';
import { yardTruck } from './yardTruck.ts';

export { SHED } from './shed.ts';
export type { DemoAsset, DemoFace, DemoMend } from './DemoAsset.ts';

/** Tern Sound Ferries: a made-up island ferry operator with one shed. Every name and number here is invented. */
export const SHOP_NAME = 'Tern Sound Ferries';
export const ASSETS: readonly DemoAsset[] = [
  kittiwake,
  guillemot,
  dunlin,
  slipwayWinch,
  standbyGenerator,
  linkspan,
  yardTruck,
];
