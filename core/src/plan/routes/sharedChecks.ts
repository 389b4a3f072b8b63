import { WAYS, type WayId } from '../../facts/ways/index.ts';
import { judgeAppearance } from './checks/appearance.ts';
import { judgeAxis } from './checks/axis.ts';
import { judgeBehind } from './checks/behind.ts';
import { judgeCrack } from './checks/crack.ts';
import { judgeDuty } from './checks/duty.ts';
import { judgeFloor } from './checks/floor.ts';
import { judgeGalling } from './checks/galling.ts';
import { judgeLean } from './checks/lean.ts';
import { judgeOldHelix } from './checks/oldHelix.ts';
import { judgeOwnRecord } from './checks/ownRecord.ts';
import { judgeParentTemperature } from './checks/parentTemperature.ts';
import type { Check } from './checks/registry.ts';
import { judgePort } from './checks/port.ts';
import { judgePressure } from './checks/pressure.ts';
import { judgeRelease } from './checks/release.ts';
import { judgeScrewHeat } from './checks/screwHeat.ts';
import { judgeSealing } from './checks/sealing.ts';
import { judgeSeat } from './checks/seat.ts';
import { judgeWetWall } from './checks/wetWall.ts';
import { judgeStuck } from './checks/stuck.ts';
import { judgeTaper } from './checks/taper.ts';
import { judgeTapping } from './checks/tapping.ts';
import { judgeTemperature } from './checks/temperature.ts';
import { judgeTriedBefore } from './checks/triedBefore.ts';
import { judgeTurns } from './checks/turns.ts';
import { judgeWear } from './checks/wear.ts';
import type { Proposed, RouteContext } from './Route.ts';

/** Checks that every route answers to, whatever its method; what a way is decides which of them reach it. */
export function sharedChecks(context: RouteContext, id: WayId, route: Proposed): Check[] {
  const { hole, assessment } = context;
  const way = WAYS[id];
  const checks: Check[] = [];
  if (hole.thread.taper !== null && !way.elsewhere) checks.push(judgeTaper(hole.thread));
  if (!way.elsewhere) checks.push(...judgeStuck(hole));
  checks.push(
    ...judgeCrack(hole, way),
    ...judgeDuty(hole, way, route),
    ...judgeRelease(hole, way),
    ...judgeLean(hole, way),
    ...judgeAxis(assessment, way),
    ...judgeFloor(hole, route, way),
    ...judgeBehind(hole, way, route),
    ...judgePressure(hole, way),
    ...judgeSeat(hole, way, route),
    ...(way.drills && way.atThisHole ? judgeWetWall(hole, route.cut.outermostMm) : []),
    ...judgeScrewHeat(hole, way),
    ...judgeParentTemperature(hole, way),
    ...judgeTemperature(hole, way),
    ...judgeSealing(hole, way),
  );
  if (way.taps && way.atThisHole) checks.push(...judgeOldHelix(assessment, route));
  if (way.taps) checks.push(...judgeTapping(hole, route));
  checks.push(
    ...judgeTurns(context, route, way),
    ...judgeTriedBefore(hole, id),
    ...judgeOwnRecord(hole, id),
    ...judgeWear(hole, way),
    ...judgeAppearance(hole, way),
    ...judgeGalling(hole, way),
  );
  checks.push(...judgePort(hole, way, checks));
  return checks;
}
