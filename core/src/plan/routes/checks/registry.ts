import type { CheckKind, CheckOf, Facts, Working } from '../../../basis/checks/index.ts';
import type { Say } from '../../../basis/units/index.ts';
import { appearance } from './appearance.ts';
import { asMade } from './asMade.ts';
import { asPlanned } from './asPlanned.ts';
import { axis } from './axis.ts';
import { back } from './back.ts';
import { behind } from './behind.ts';
import { plugReach } from './plugReach.ts';
import { port } from './port.ts';
import { pressure } from './pressure.ts';
import { release } from './release.ts';
import { replace } from './replace.ts';
import { screwHeat } from './screwHeat.ts';
import { seat } from './seat.ts';
import { wetWall } from './wetWall.ts';
import { bolt } from './bolt.ts';
import { bond } from './bond.ts';
import { breaksFirst } from './breaksFirst.ts';
import { brittle } from './brittle.ts';
import { carriesPreload } from './carriesPreload.ts';
import { cleanUp } from './cleanUp.ts';
import { coilDepth } from './coilDepth.ts';
import { coilRoom } from './coilRoom.ts';
import { crack } from './crack.ts';
import { cured } from './cured.ts';
import { derated } from './derated.ts';
import { drill } from './drill.ts';
import { drillMissing } from './drillMissing.ts';
import { duty } from './duty.ts';
import { earlierRepair } from './earlierRepair.ts';
import { elsewhere } from './elsewhere.ts';
import { floor } from './floor.ts';
import { floorInside } from './floorInside.ts';
import { floorUnknown } from './floorUnknown.ts';
import { gain } from './gain.ts';
import { galling } from './galling.ts';
import { lean } from './lean.ts';
import { mate } from './mate.ts';
import { mateFixed } from './mateFixed.ts';
import { mateUnknown } from './mateUnknown.ts';
import { nutRoom } from './nutRoom.ts';
import { oldHelix } from './oldHelix.ts';
import { parentTemperature } from './parentTemperature.ts';
import { ownRecord } from './ownRecord.ts';
import { passed } from './passed.ts';
import { place } from './place.ts';
import { screwReach } from './screwReach.ts';
import { sealing } from './sealing.ts';
import { skill } from './skill.ts';
import { soundThread } from './soundThread.ts';
import { stuck } from './stuck.ts';
import { system } from './system.ts';
import { taper } from './taper.ts';
import { tapping } from './tapping.ts';
import { temperature } from './temperature.ts';
import { thinWall } from './thinWall.ts';
import { torque } from './torque.ts';
import { triedBefore } from './triedBefore.ts';
import { turnedPart } from './turnedPart.ts';
import { turns } from './turns.ts';
import { wall } from './wall.ts';
import { wallUnknown } from './wallUnknown.ts';
import { wear } from './wear.ts';
import { weldability } from './weldability.ts';

/** Every kind of check: what it is called, why it stands so, how its number came about, what to do about it. */
const REGISTRY = {
  appearance,
  'as-made': asMade,
  'as-planned': asPlanned,
  axis,
  back,
  behind,
  'plug-reach': plugReach,
  port,
  pressure,
  release,
  replace,
  'screw-heat': screwHeat,
  seat,
  'wet-wall': wetWall,
  bolt,
  bond,
  'breaks-first': breaksFirst,
  brittle,
  'carries-preload': carriesPreload,
  'clean-up': cleanUp,
  'coil-depth': coilDepth,
  'coil-room': coilRoom,
  crack,
  cured,
  derated,
  drill,
  'drill-missing': drillMissing,
  duty,
  'earlier-repair': earlierRepair,
  elsewhere,
  floor,
  'floor-inside': floorInside,
  'floor-unknown': floorUnknown,
  gain,
  galling,
  lean,
  mate,
  'mate-fixed': mateFixed,
  'mate-unknown': mateUnknown,
  'nut-room': nutRoom,
  'old-helix': oldHelix,
  'parent-temperature': parentTemperature,
  'own-record': ownRecord,
  passed,
  place,
  'screw-reach': screwReach,
  sealing,
  skill,
  'sound-thread': soundThread,
  stuck,
  system,
  taper,
  tapping,
  temperature,
  'thin-wall': thinWall,
  torque,
  'tried-before': triedBefore,
  'turned-part': turnedPart,
  turns,
  wall,
  'wall-unknown': wallUnknown,
  wear,
  weldability,
};

type CheckKindId = keyof typeof REGISTRY;
type FactsBy = {
  [K in CheckKindId]: (typeof REGISTRY)[K] extends CheckKind<infer F extends Facts> ? F : never;
};

/** A check of any kind, its facts correlated with its kind. */
export type Check<K extends CheckKindId = CheckKindId> = { [P in K]: CheckOf<P, FactsBy[P]> }[K];

// Re-typed, so that a call through the kind of a check stays correlated with its facts.
export const CHECK_KINDS: { readonly [K in CheckKindId]: CheckKind<FactsBy[K]> } = REGISTRY;

/** @example titleOf({ kind: 'wear', id: 'wear', verdict: 'with-care', value: null, valuePessimistic: null, limit: null, unit: 'none', facts: {} }) // 'Undone often' */
export const titleOf = <K extends CheckKindId>(check: Check<K>): string => CHECK_KINDS[check.kind].title(check.facts);

/** Why a check stands so, as half a sentence in the reader's units. */
export const becauseOf = <K extends CheckKindId>(check: Check<K>, say: Say): string =>
  CHECK_KINDS[check.kind].words(check.facts, check.verdict, say);

/** How a check's number came about; null where it is a statement. */
export const workingOf = <K extends CheckKindId>(check: Check<K>): Working | null =>
  CHECK_KINDS[check.kind].working?.(check.facts) ?? null;

/** What to do about a check, as a step; null where it has no remedy. */
export const stepOf = <K extends CheckKindId>(check: Check<K>, say: Say): string | null =>
  check.remedy === undefined ? null : (CHECK_KINDS[check.kind].step?.(check.facts, say) ?? null);
