import { holdsShank, usualMachine, type Machine } from '../../facts/machines/index.ts';
import type { HoleCase } from '../../judge/hole/index.ts';
import { drillSpeed, isHeatShy, reachOnMachine, speedOnMachine, suitsPlace } from '../cutting/index.ts';
import type { Route } from '../routes/index.ts';

/** Where the work is done, with what. */
export interface Setting {
  machine: Machine;
  /** It is one of the shop's; else an ordinary one that a card is written for. */
  listed: boolean;
  inPlace: boolean;
  /** Somebody said where the part is. */
  placeSaid: boolean;
}

/** How well a machine does a drill, least first: it holds it, its slowest is slow enough, everything goes under its spindle. */
function misses(machine: Machine, hole: HoleCase, drillMm: number, depthMm: number): number {
  const { heightMm, sideRoomMm } = hole.work;
  const speed = speedOnMachine(drillSpeed(hole.parent.id, drillMm).speedRpm, machine.speeds, isHeatShy(hole.parent));
  const reach = reachOnMachine(machine, {
    drillMm,
    depthMm,
    workMm: heightMm,
    through: hole.kind === 'through',
    sideRoomMm,
  });
  return (
    (holdsShank(machine, drillMm) ? 0 : 4) +
    (speed.state === 'too-fast' ? 2 : 0) +
    (reach !== null && reach.usual.shortMm > 0 && reach.change === null ? 1 : 0)
  );
}

/**
 * The machine that a card is written for: of the shop's that suit the place the first that can do it, in the shop's order; none listed: an
 * ordinary one of the kind. Nobody said where the part is: on a machine, as most is done.
 */
export function settingOf(hole: HoleCase, { cut, depths }: Pick<Route, 'cut' | 'depths'>): Setting {
  const inPlace = hole.work.access === 'in-place';
  const placeSaid = hole.work.access !== null;
  const drillMm = cut.drillMm ?? cut.majorMm;
  const candidates = (hole.rules.machines ?? []).filter((machine) => suitsPlace(machine, inPlace));
  const best = candidates
    .map((machine) => ({ machine, off: misses(machine, hole, drillMm, depths.drillTipMm) }))
    .reduce<{ machine: Machine; off: number } | null>((kept, one) => (kept && kept.off <= one.off ? kept : one), null);
  return {
    machine: best?.machine ?? usualMachine(inPlace ? 'hand-drill' : 'bench-drill', 'usual'),
    listed: best !== null,
    inPlace,
    placeSaid,
  };
}
