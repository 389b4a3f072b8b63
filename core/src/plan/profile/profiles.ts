import { WAYS } from '../../facts/ways/index.ts';
import { internalLimits, type Thread } from '../../facts/threads/index.ts';
import type { Assessment } from '../../judge/damage/index.ts';
import type { HoleCase } from '../../judge/hole/index.ts';
import { drillPointMm } from '../cutting/index.ts';
import type { Route } from '../routes/index.ts';

/** A point of a half-section: radius from the axis and depth below the face, both in mm. */
export type ProfilePoint = readonly [radiusMm: number, depthMm: number];

/** Zigzag of a 60° thread between two depths: crest, root, crest. At least one point at each end. */
function threadZigzag(crestMm: number, rootMm: number, pitchMm: number, fromMm: number, toMm: number): ProfilePoint[] {
  const points: ProfilePoint[] = [[crestMm, fromMm]];
  const turns = Math.floor((toMm - fromMm) / pitchMm + 1e-9);
  for (let turn = 0; turn < turns; turn += 1) {
    const top = fromMm + turn * pitchMm;
    points.push([rootMm, top + pitchMm / 2], [crestMm, top + pitchMm]);
  }
  points.push([crestMm, toMm]);
  return points;
}

function bottom(kind: HoleCase['kind'], radiusMm: number, shoulderMm: number): ProfilePoint[] {
  if (kind === 'through') return [[radiusMm, shoulderMm]];
  return [
    [radiusMm, shoulderMm],
    [0, shoulderMm + drillPointMm(radiusMm * 2)],
  ];
}

/**
 * The hole as it was found, as a half-section in mm: worn bore to the end of the damage, sound thread, plain bore, point.
 */
export function foundProfile(hole: HoleCase, assessment: Assessment): ProfilePoint[] {
  const { thread, depth, damageTo } = hole;
  const crest = internalLimits(thread).minorMinMm / 2;
  const worn = Math.min(assessment.cleanUp.mm, Math.max(thread.majorMm, hole.earlierCutMm ?? 0)) / 2;
  const damagedTo = hole.strippedThroughout ? assessment.threadEnd.mm : Math.min(damageTo.mm, depth.mm);
  const points: ProfilePoint[] = [];
  if (damagedTo > 0) points.push([worn, 0], [worn, damagedTo], [crest, damagedTo]);
  if (assessment.threadEnd.mm > damagedTo) {
    const zigzag = threadZigzag(crest, thread.majorMm / 2, thread.pitchMm, damagedTo, assessment.threadEnd.mm);
    points.push(...(damagedTo > 0 ? zigzag.slice(1) : zigzag));
  }
  return [...points, ...bottom(hole.kind, crest, depth.mm)];
}

/** The hole as a route would cut it, or null when the route takes no metal. */
export function plannedProfile(hole: HoleCase, route: Route): ProfilePoint[] | null {
  const way = WAYS[route.method];
  if (!way.taps || !way.atThisHole) return null;
  const { cut, depths } = route;
  const pitchMm = (cut.thread ?? route.thread).pitchMm;
  const crest = (cut.drill?.drill.diameterMm ?? cut.boreMm) / 2;
  const from = depths.countersinkMm;
  const to = Math.max(from, Math.min(depths.fullThreadToMm, depths.drillShoulderMm));
  return [
    [crest + from, 0],
    ...threadZigzag(crest, cut.majorMm / 2, pitchMm, from, to),
    ...bottom(hole.kind, crest, depths.drillShoulderMm),
  ];
}

/** How far a way has come: nothing yet, its last drill has been through, its last tap has, what fills it is in, what is fitted is in as it stays. */
export type CutStage = 'found' | 'bored' | 'tapped' | 'filled' | 'fitted';

/**
 * The hole as it stands between the steps of a way, as a half-section in mm. Where the drill is smaller than what was there, what
 * was there is still seen.
 */
export function stageProfile(hole: HoleCase, assessment: Assessment, route: Route, stage: CutStage): ProfilePoint[] {
  const found = foundProfile(hole, assessment);
  const planned = plannedProfile(hole, route);
  if (planned === null || stage === 'found') return found;
  if (stage !== 'bored') return planned;
  const crest = (route.cut.drill?.drill.diameterMm ?? route.cut.boreMm) / 2;
  const wall = found.filter(([radiusMm, depthMm]) => radiusMm > 0 && depthMm < hole.depth.mm);
  return [
    ...wall.map(([radiusMm, depthMm]): ProfilePoint => [Math.max(radiusMm, crest), depthMm]),
    ...bottom(hole.kind, crest, Math.max(route.depths.drillShoulderMm, hole.depth.mm)),
  ];
}

/** What was measured of a cut; null: it was not. */
export interface DoneCut {
  boreMm: number | null;
  fullThreadMm: number | null;
}

/**
 * The hole's wall as it was measured after the cut: its bore, and its thread as deep as it was found. It ends where the measuring
 * ended: how deep the drill went nobody read. Null where nothing was measured, or where the way takes no metal.
 */
export function doneProfile(hole: HoleCase, route: Route, { boreMm, fullThreadMm }: DoneCut): ProfilePoint[] | null {
  if ((boreMm === null && fullThreadMm === null) || plannedProfile(hole, route) === null) return null;
  const { cut, depths, thread } = route;
  const crest = (boreMm ?? cut.drill?.drill.diameterMm ?? cut.boreMm) / 2;
  const from = depths.countersinkMm;
  const to = Math.max(from, Math.min(fullThreadMm ?? depths.fullThreadToMm, depths.drillShoulderMm));
  return fullThreadMm === null
    ? [
        [crest, from],
        [crest, to],
      ]
    : threadZigzag(crest, cut.majorMm / 2, (cut.thread ?? thread).pitchMm, from, to);
}

/** The wire's diamonds in section, centre and half sizes in mm; empty for other routes. */
export function coilSections(
  route: Route,
): { depthMm: number; innerMm: number; outerMm: number; halfHeightMm: number }[] {
  const { insertFromMm, insertToMm } = route.depths;
  if (insertFromMm === null || insertToMm === null) return [];
  const { thread, cut } = route;
  const pitchMm = thread.pitchMm;
  const rows = [];
  for (let depthMm = insertFromMm + pitchMm / 2; depthMm <= insertToMm + 1e-9; depthMm += pitchMm) {
    rows.push({
      depthMm,
      innerMm: internalMinor(thread) / 2,
      outerMm: cut.majorMm / 2,
      halfHeightMm: pitchMm / 2,
    });
  }
  return rows;
}

/** Keys stand over this much of a bush's length; nobody sets by it (our drawing). */
const KEYS_SHARE = 0.5;

/**
 * A bush or plug in section, its right half as one closed line in mm: the thread that it has in the parent down its outside, the
 * screw's thread up its inside, and its keys over the upper half. Null for ways that fit neither.
 * @param solid - a plug before it is bored: there is no inside yet
 */
export function sleeveProfile(
  { method, insideShearMpa, thread, cut, depths }: Route,
  solid = false,
): ProfilePoint[] | null {
  if (insideShearMpa === null || cut.thread === null) return null;
  const lengthMm = depths.fullThreadToMm;
  const crest = internalMinor(cut.thread) / 2;
  const outside = threadZigzag(crest, cut.majorMm / 2, cut.thread.pitchMm, 0, lengthMm);
  const inside: ProfilePoint[] = solid
    ? [
        [0, 0],
        [0, lengthMm],
      ]
    : threadZigzag(internalMinor(thread) / 2, thread.majorMm / 2, thread.pitchMm, 0, lengthMm);
  const keysMm = cut.outermostMm / 2;
  const keysToMm = KEYS_SHARE * lengthMm;
  const keyed = WAYS[method].sleeve === 'keys';
  const keys: ProfilePoint[] = keyed
    ? [
        [keysMm, 0],
        [keysMm, keysToMm],
      ]
    : [];
  return [...keys, ...(keyed ? outside.filter(([, depthMm]) => depthMm >= keysToMm) : outside), ...inside.reverse()];
}

function internalMinor(thread: Thread): number {
  return internalLimits(thread).minorMinMm;
}

/** A depth worth a flag on the rule. */
export interface DepthFlag {
  id: string;
  label: string;
  depthMm: number;
  /** `found` was measured or assumed of the hole, `plan` follows from the chosen route. */
  kind: 'found' | 'plan' | 'done';
}

/** The depths that matter, in order: damage, thread, insert, full thread, drill stop, point, hole bottom. */
export function depthFlags(
  hole: HoleCase,
  assessment: Assessment,
  route: Route | null,
  done: DoneCut | null = null,
): DepthFlag[] {
  const flags: DepthFlag[] = [];
  const add = (id: string, label: string, depthMm: number, kind: DepthFlag['kind']) =>
    flags.push({ id, label, depthMm, kind });
  if (hole.strippedThroughout) add('damage', 'stripped to', assessment.threadEnd.mm, 'found');
  else if (hole.damageTo.mm > 0) add('damage', 'thread sound', hole.damageTo.mm, 'found');
  if (hole.kind === 'blind' && !hole.strippedThroughout)
    add('thread-end', 'thread ends', assessment.threadEnd.mm, 'found');
  add('bottom', hole.kind === 'blind' ? 'shoulder' : 'through at', hole.depth.mm, 'found');
  if (hole.joint.screwReach) add('screw', 'screw reaches', hole.joint.screwReach.mm, 'found');
  if (route) {
    const { depths } = route;
    if (depths.insertFromMm !== null && depths.insertToMm !== null) {
      add('insert-from', 'coil begins', depths.insertFromMm, 'plan');
      add('insert-to', 'coil ends', depths.insertToMm, 'plan');
    }
    if (hole.kind === 'blind' && route.cut.drill) {
      add('full-thread', 'full thread to', depths.fullThreadToMm, 'plan');
      add('drill-tip', 'drill point', depths.drillTipMm, 'plan');
    } else if (route.cut.drill === null) {
      add('reach', 'screw to', depths.screwReachMm, 'plan');
    }
  }
  if (done && done.fullThreadMm !== null) add('done-thread', 'thread measured', done.fullThreadMm, 'done');
  return flags.sort((a, b) => a.depthMm - b.depthMm);
}
