import { keepBy } from '../../basis/keep/index.ts';
import {
  expectedBoreMm,
  rackDrills,
  shareOfThread,
  type Drilling,
  type Rack,
  type RackDrill,
  type TapDrill,
} from '../../facts/drills/index.ts';
import type { CoilHole } from '../../facts/inserts/index.ts';
import type { HoleCase } from '../../judge/hole/index.ts';

function asCoilDrill(hole: CoilHole, drill: RackDrill, drilling: Drilling | undefined): TapDrill {
  const bore = expectedBoreMm(drill.diameterMm, drilling);
  const insertThread = { majorMm: hole.majorMm, pitchMm: hole.thread.pitchMm, form: hole.thread.form };
  const fits = drill.diameterMm >= hole.minorMinMm - 1e-6 && drill.diameterMm <= hole.minorMaxMm + 1e-6;
  const under = drill.diameterMm < hole.minorMinMm;
  const cost = fits
    ? bore > hole.minorMaxMm
      ? 'coil-may-cut-over'
      : 'coil-fits'
    : under
      ? 'coil-tight'
      : 'coil-loose';
  return {
    drill,
    share: shareOfThread(insertThread, drill.diameterMm),
    shareExpected: shareOfThread(insertThread, bore),
    expectedBoreMm: bore,
    judgement: fits ? 'fits' : under ? 'tight' : 'light-duty',
    cost,
  };
}

/** Low end of the limits in soft parents, high end in tough ones; the thread's own system first among equals. */
interface CoilDrills {
  best: TapDrill | null;
  substitutes: TapDrill[];
}

export const chooseCoilDrill = ({ rack, parent }: HoleCase, coil: CoilHole): CoilDrills =>
  coilDrillsFrom(rack, { coil, tough: parent.cutting === 'tough' });

const coilDrillsFrom = keepBy(
  ({ coil, tough }: { coil: CoilHole; tough: boolean }) => `${coil.thread.id} ${tough}`,
  (rack: Rack, { coil, tough }): CoilDrills => findCoilDrill(rack, tough, coil),
);

function findCoilDrill(rack: Rack, tough: boolean, coil: CoilHole): CoilDrills {
  const near = rackDrills(rack)
    .filter((drill) => Math.abs(drill.diameterMm - coil.minorMinMm) < 0.6)
    .map((drill) => asCoilDrill(coil, drill, rack.drilling));
  const fit = near.filter((d) => d.judgement === 'fits');
  const native = coil.thread.family === 'metric' ? 'mm' : 'in';
  const inSystem = fit.filter((d) => d.drill.system === native);
  const pool = inSystem.length > 0 ? inSystem : fit;
  const safe = pool.filter((d) => d.expectedBoreMm <= coil.minorMaxMm);
  const best = tough ? (safe[safe.length - 1] ?? pool[0] ?? null) : (pool[0] ?? null);
  const others = near.filter((d) => d.drill.id !== best?.drill.id);
  return {
    best,
    substitutes: [
      ...others.filter((d) => d.drill.diameterMm < coil.minorMinMm).slice(-2),
      ...others.filter((d) => d.drill.diameterMm >= coil.minorMinMm).slice(0, 3),
    ],
  };
}
