import { backingPlate } from './backingPlate.ts';
import { bondedStud } from './bondedStud.ts';
import { cleanUp } from './cleanUp.ts';
import { keyedBush } from './keyedBush.ts';
import { leaveIt } from './leaveIt.ts';
import { longerScrew } from './longerScrew.ts';
import { moveHole } from './moveHole.ts';
import { newCoil } from './newCoil.ts';
import { oversize } from './oversize.ts';
import { plug } from './plug.ts';
import { replacePart } from './replacePart.ts';
import { rivetNut } from './rivetNut.ts';
import { sendOut } from './sendOut.ts';
import { solidBush } from './solidBush.ts';
import { steppedStud } from './steppedStud.ts';
import { throughBolt } from './throughBolt.ts';
import type { Way } from './Way.ts';
import { weld } from './weld.ts';
import { weldNut } from './weldNut.ts';
import { wireCoil } from './wireCoil.ts';

/** Every way of mending, from the least done to the part to the most: between equals the earlier one goes first. */
const REGISTRY = {
  'leave-it': leaveIt,
  'clean-up': cleanUp,
  'longer-screw': longerScrew,
  'new-coil': newCoil,
  'wire-coil': wireCoil,
  oversize,
  'stepped-stud': steppedStud,
  'solid-bush': solidBush,
  'keyed-bush': keyedBush,
  plug,
  'through-bolt': throughBolt,
  'backing-plate': backingPlate,
  'rivet-nut': rivetNut,
  'weld-nut': weldNut,
  'bonded-stud': bondedStud,
  'move-hole': moveHole,
  weld,
  'send-out': sendOut,
  'replace-part': replacePart,
} satisfies Record<string, Way>;

export type WayId = keyof typeof REGISTRY;
export const WAYS: Readonly<Record<WayId, Way>> = REGISTRY;
export const WAY_IDS = Object.keys(REGISTRY) as [WayId, ...WayId[]];

/** Repairs that leave a larger cut behind, as a hole may hold one already. Each bears the id of the way that leaves it. */
export const EARLIER_REPAIRS: readonly { id: WayId; name: string }[] = WAY_IDS.flatMap((id) => {
  const { leaves } = WAYS[id];
  return leaves?.id === id ? [{ id, name: leaves.name }] : [];
});
