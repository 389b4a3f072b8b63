import type { Working } from '../../basis/checks/index.ts';
import { positive } from '../../basis/numeric/index.ts';
import type { FastenerClassRow } from '../../facts/materials/index.ts';
import { externalLimits, internalLimits, THREAD_FORMS, type Thread } from '../../facts/threads/index.ts';
import type { CoilHole } from '../../facts/inserts/index.ts';
import type { WornBore } from '../damage/index.ts';
import { fastenerShearAreaMm2, parentShearAreaMm2, parentShearWorking } from './areas.ts';
import { dilationFactor, fastenerBendingFactor, parentBendingFactor } from './factors.ts';
import { overlapAround } from './overlapAround.ts';

export interface StripInput {
  /** The screw's thread. */
  thread: Thread;
  fastener: FastenerClassRow;
  parentShearMpa: number;
  /** Engaged full thread of the screw in the hole, or of the coil in the parent. */
  engagementMm: number;
  /** The wire coil's hole when the screw runs in a coil. */
  coil?: CoilHole | undefined;
  /** The bore that the thread is cut in, when it is known; else the class's largest minor. */
  boreMm?: number | undefined;
  /** The worn bore where it may stand proud of the drill: two diameters at right angles. */
  oval?: WornBore | null;
  /** Thread that a bush or plug cuts in the parent; the screw then runs in the bush, whose own metal shears at `insideShearMpa`. */
  outer?: Thread | undefined;
  insideShearMpa?: number | undefined;
  /** Twice the distance from axis to free edge over the major cut in the parent. */
  dilationRatio: number;
}

export interface StripLoad {
  /** Least of both sides; null when the dilation model does not reach. */
  stripLoadN: number | null;
  weakerSide: 'parent' | 'fastener' | 'inside';
  parentLoadN: number;
  /** Load that strips the thread inside a bush or plug; null: there is none, or it is of hard steel. */
  insideLoadN: number | null;
  fastenerLoadN: number;
  parentAreaMm2: number;
  fastenerAreaMm2: number;
  rs: number;
  c1: number | null;
  c2: number;
  c3: number;
  q: number;
}

/** Areas of a bush's own thread in the parent. */
function outerArea(outer: Thread) {
  return {
    pitchMm: outer.pitchMm,
    halfAngleDeg: THREAD_FORMS[outer.form].angleDeg / 2,
    majorMinMm: externalLimits(outer).majorMinMm,
    pitchMaxMm: internalLimits(outer).pitchMaxMm,
  };
}

/** The wire's flank stands this share of a pitch inside the insert tap's major (our estimate). */
const COIL_FLANK_LOSS_PER_PITCH = 0.15;

/** The area sheared in the parent. */
function parentAreaOf({
  thread,
  coil,
  outer,
  engagementMm,
}: Pick<StripInput, 'thread' | 'coil' | 'outer' | 'engagementMm'>) {
  const pitchMm = positive(thread.pitchMm, 'pitch');
  return {
    pitchMm,
    halfAngleDeg: THREAD_FORMS[thread.form].angleDeg / 2,
    engagementMm,
    majorMinMm: coil ? coil.majorMm - COIL_FLANK_LOSS_PER_PITCH * pitchMm : externalLimits(thread).majorMinMm,
    pitchMaxMm: coil ? coil.pitchMaxMm : internalLimits(thread).pitchMaxMm,
    ...(outer ? outerArea(outer) : {}),
  };
}

/** The thread that is cut in the parent, and the minor limits of its class. */
function cutThreadOf({ thread, coil, outer }: StripInput) {
  if (coil) {
    const { majorMm, minorMinMm, minorMaxMm } = coil;
    return { thread: { majorMm, pitchMm: thread.pitchMm, form: thread.form }, minorMinMm, minorMaxMm };
  }
  const own = outer ?? thread;
  const { minorMinMm, minorMaxMm } = internalLimits(own);
  return { thread: own, minorMinMm, minorMaxMm };
}

/** Load that strips the old thread inside a bush or plug, in that part's own metal. */
function insideLoad({ thread, engagementMm, insideShearMpa }: StripInput): number | null {
  if (insideShearMpa === undefined) return null;
  const area = parentAreaOf({ thread, engagementMm });
  return insideShearMpa * parentShearAreaMm2(area);
}

const screwShearMpa = (fastener: FastenerClassRow) => fastener.tensileMpa * fastener.shearRatio;

/**
 * Strip load of a screw in a hole: min(τp·Ap·C1·C3, τf·Af·C1·C2), FED-STD-H28 areas with VDI 2230 / Alexander factors.
 * In a coil the parent is sheared at the coil's outside, the hard side is the insert (C3 = 1), and the screw's own
 * thread is still checked. A bore over the class's limit costs both sides the factor q.
 * @example stripLoad({ thread: threadById('M8x1.25'), fastener: fastenerClass('8.8', 8), parentShearMpa: 182, engagementMm: 11, dilationRatio: 3 }).stripLoadN // 33691
 */
export function stripLoad(input: StripInput): StripLoad {
  const { thread, coil, outer, engagementMm } = input;
  const sleeved = coil !== undefined || outer !== undefined;
  const pitchMm = positive(thread.pitchMm, 'pitch');
  const inside = internalLimits(thread);
  const outside = externalLimits(thread);
  const halfAngleDeg = THREAD_FORMS[thread.form].angleDeg / 2;
  const minorMaxMm = sleeved ? inside.minorMaxMm : Math.max(inside.minorMaxMm, input.boreMm ?? 0);
  const parentAreaMm2 = parentShearAreaMm2(parentAreaOf(input));
  const fastenerAreaMm2 = fastenerShearAreaMm2({
    pitchMm,
    engagementMm,
    halfAngleDeg,
    minorMaxMm,
    pitchMinMm: outside.pitchMinMm,
  });
  const fastenerShearMpa = screwShearMpa(input.fastener);
  const rs = fastenerAreaMm2 > 0 ? (input.parentShearMpa * parentAreaMm2) / (fastenerShearMpa * fastenerAreaMm2) : 2.2;
  const c1 = dilationFactor(input.dilationRatio);
  const c3 = sleeved ? 1 : parentBendingFactor(rs);
  const c2 = fastenerBendingFactor(rs);
  // Of a sleeve the outside's thread overlaps by its own drill, of a bore that was read wider by that.
  const cut = cutThreadOf(input);
  const q = overlapAround(cut.thread, input.boreMm ?? cut.minorMinMm, input.oval ?? null, cut.minorMaxMm);
  const parentLoadN = input.parentShearMpa * parentAreaMm2 * (c1 ?? 0) * c3 * q;
  const fastenerLoadN = fastenerShearMpa * fastenerAreaMm2 * (c1 ?? 0) * c2 * q;
  const insideLoadN = insideLoad(input);
  const leastN = Math.min(parentLoadN, fastenerLoadN, insideLoadN ?? Infinity);
  const weakerSide = leastN === parentLoadN ? 'parent' : leastN === insideLoadN ? 'inside' : 'fastener';
  return {
    stripLoadN: c1 === null ? null : leastN,
    weakerSide,
    parentLoadN,
    insideLoadN,
    fastenerLoadN,
    parentAreaMm2,
    fastenerAreaMm2,
    rs,
    c1,
    c2,
    c3,
    q,
  };
}

/** Numbers of the area sheared in the parent. */
export type ShearAreaFacts = ReturnType<typeof shearAreaFacts>;
export const shearAreaFacts = (input: StripInput) => {
  const { pitchMm, halfAngleDeg, engagementMm, majorMinMm, pitchMaxMm } = parentAreaOf(input);
  return { pitchMm, halfAngleDeg, engagementMm, majorMinMm, pitchMaxMm };
};
export const stripAreaWorking = (facts: ShearAreaFacts): Working => parentShearWorking(facts);

/** Numbers that a strip load follows from. */
export type StripFacts = {
  parentShearMpa: number;
  parentAreaMm2: number;
  screwShearMpa: number;
  fastenerAreaMm2: number;
  c1: number | null;
  c2: number;
  c3: number;
  q: number;
  insideLoadN: number | null;
};

export const stripFacts = (input: StripInput, load: StripLoad): StripFacts => ({
  parentShearMpa: input.parentShearMpa,
  parentAreaMm2: load.parentAreaMm2,
  screwShearMpa: screwShearMpa(input.fastener),
  fastenerAreaMm2: load.fastenerAreaMm2,
  c1: load.c1,
  c2: load.c2,
  c3: load.c3,
  q: load.q,
  insideLoadN: load.insideLoadN,
});

/** Working of a strip load. */
export function stripLoadWorking(facts: StripFacts): Working {
  const { parentShearMpa, parentAreaMm2, fastenerAreaMm2, c2, c3, q } = facts;
  const c1 = facts.c1 ?? 0;
  return {
    title: 'Load that strips the thread',
    formula:
      facts.insideLoadN === null
        ? 'F = min(τp · Ap · C1 · C3 · q, τf · Af · C1 · C2 · q)'
        : 'F = min(τp · Ap · C1 · C3 · q, τf · Af · C1 · C2 · q, Fi)',
    symbols: [
      { symbol: 'τp', meaning: 'shear strength of the parent', value: parentShearMpa, unit: 'MPa' },
      { symbol: 'Ap', meaning: 'shear area in the parent', value: parentAreaMm2, unit: 'mm²' },
      { symbol: 'τf', meaning: 'shear strength of the screw’s thread', value: facts.screwShearMpa, unit: 'MPa' },
      { symbol: 'Af', meaning: 'shear area of the screw’s thread', value: fastenerAreaMm2, unit: 'mm²' },
      {
        symbol: 'C1',
        meaning: 'dilation of the wall; an edge that nobody measured is taken near',
        value: c1,
        unit: '',
      },
      { symbol: 'C2', meaning: 'bending of the screw’s thread', value: c2, unit: '' },
      { symbol: 'C3', meaning: 'bending of the parent’s thread', value: c3, unit: '' },
      { symbol: 'q', meaning: 'overlap left by an oversize bore (estimate)', value: q, unit: '' },
      ...(facts.insideLoadN === null
        ? []
        : [
            {
              symbol: 'Fi',
              meaning: 'load that strips the thread inside, in the bush’s own metal',
              value: facts.insideLoadN,
              unit: 'N',
            },
          ]),
    ],
    result: {
      symbol: 'F',
      value: Math.min(
        facts.insideLoadN ?? Infinity,
        parentShearMpa * parentAreaMm2 * c1 * c3 * q,
        facts.screwShearMpa * fastenerAreaMm2 * c1 * c2 * q,
      ),
      unit: 'N',
    },
    source: 'FED-STD-H28 areas; VDI 2230 with Alexander’s factors',
    notes: ['Shear strengths are shares of tensile strength; the parent’s share is our estimate.'],
  };
}
