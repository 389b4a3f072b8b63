import type { Facts } from '../../../basis/checks/index.ts';
import type { WayId } from '../../../facts/ways/index.ts';
import type { Method } from '../Method.ts';
import type { RouteOf } from '../Route.ts';
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
import { sendOut } from './sendOut.ts';
import { solidBush } from './solidBush.ts';
import { steppedStud } from './steppedStud.ts';
import { backingPlate, rivetNut, weldNut } from './thinWall.ts';
import { throughBolt } from './throughBolt.ts';
import { weld } from './weld.ts';
import { wireCoil } from './wireCoil.ts';

/** How each way of mending is worked out. A way without its method does not compile. */
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
};

type OwnBy = {
  [Id in WayId]: (typeof REGISTRY)[Id] extends Method<infer Own extends Facts> ? Own : never;
};

/** A route of any way, its own facts correlated with the way. */
export type Route<Id extends WayId = WayId> = { [P in Id]: RouteOf<P, OwnBy[P]> }[Id];

/** What a way's own notes and steps are written from, with the way. */
export type RouteOwn<Id extends WayId = WayId> = { [P in Id]: { method: P; own: OwnBy[P] } }[Id];

export const METHODS: { readonly [Id in WayId]: Method<OwnBy[Id]> } = REGISTRY;
