import type { CoilHole } from '../../facts/inserts/index.ts';
import type { FastenerClassRow } from '../../facts/materials/index.ts';
import type { Thread } from '../../facts/threads/index.ts';
import type { WornBore } from '../../judge/damage/index.ts';
import { edgeTaken, serviceTakenC, type HoleCase, type Measured, type UnknownEnd } from '../../judge/hole/index.ts';
import { parentAtTemperature, type StripInput } from '../../judge/strength/index.ts';

/** Readings as they were read, or at the end of their doubt that carries less. */
export type ReadingEnd = 'nominal' | 'pessimistic';

/** A thread in a hole, as its strength is asked for. */
export interface ThreadInHole {
  thread: Thread;
  coil?: CoilHole;
  boreMm?: number;
  oval?: WornBore | null;
  /** Thread that a bush or plug cuts in the parent. */
  outer?: Thread;
  /** Cold shear strength of that bush's or plug's own metal. */
  insideShearMpa?: number;
  /** Major diameter cut in the parent. */
  cutMm: number;
  /** Share of the parent's strength left beside the mend, as beside a weld. */
  parentShare?: number;
  /** As it is when the screw is tightened, whatever the service. */
  cold?: boolean;
}

/** The worn bore as the strength looks at it: round the true axis, or round its own. */
export function wornBoreOf(hole: HoleCase): WornBore | null {
  if (!hole.bore) return null;
  const { aMm, bMm } = hole.bore;
  const offset = hole.axis === 'true' ? hole.boreOffset : null;
  return { aMm, bMm, alongMm: offset?.alongMm ?? 0, acrossMm: offset?.acrossMm ?? 0 };
}

/** What the strip load of a thread follows from, at one end of the unknowns and one end of the readings' doubt. */
export function stripInputOf(
  hole: HoleCase,
  input: ThreadInHole,
  engagement: Measured,
  fastener: FastenerClassRow,
  end: UnknownEnd,
  reading: ReadingEnd,
): StripInput {
  const doubt = reading === 'pessimistic' ? 1 : 0;
  const edge = edgeTaken(hole, end);
  const wornBy = hole.bore ? doubt * hole.bore.halfWidthMm : 0;
  const hot = input.cold ? 1 : parentAtTemperature(hole.parent, serviceTakenC(hole)).factor;
  return {
    thread: input.thread,
    fastener,
    parentShearMpa:
      (hole.parentTensileMpa ?? hole.parent.tensileLowMpa) * hole.parent.shearRatio * hot * (input.parentShare ?? 1),
    engagementMm: Math.max(0, engagement.mm - doubt * engagement.halfWidthMm),
    coil: input.coil,
    boreMm: input.boreMm,
    outer: input.outer,
    // Taken to lose with heat what the parent loses: no bush makes a hot joint better than a cold one.
    insideShearMpa: input.insideShearMpa === undefined ? undefined : input.insideShearMpa * hot,
    oval: input.oval ? { ...input.oval, aMm: input.oval.aMm + wornBy, bMm: input.oval.bMm + wornBy } : null,
    dilationRatio: (2 * (edge.mm - doubt * edge.halfWidthMm)) / input.cutMm,
  };
}
