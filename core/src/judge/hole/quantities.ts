import type { InstrumentId } from './instruments.ts';

/** One quantity that can be read on a hole. */
export interface QuantityRow {
  readonly id: string;
  readonly name: string;
  /** The range that makes sense, and what it is usually read with. */
  readonly minMm: number;
  readonly maxMm: number;
  readonly usual: InstrumentId;
  /** Where it usually lies, in diameters of the thread (our estimate): outside it a slip is worth asking about. */
  readonly usualD: readonly [low: number, high: number];
  /** A diameter that a drill’s shank gauges: only there a drill’s number or letter is a reading, elsewhere it is a slip. */
  readonly gauged?: true;
  /** It describes the damage: a finished mend makes it past. Depth and edge stay true. */
  readonly ends?: true;
  /** A sister of the same pattern tells it. */
  readonly told?: true;
  /** Its place in the planner’s request about a hole; left out: not in it. */
  readonly inHole?: string;
}

/** Every quantity: types, shapes, ranges, the questions about slips and the planner’s request follow from these rows. */
export const QUANTITIES = [
  {
    id: 'depth',
    name: 'Depth',
    minMm: 1,
    maxMm: 500,
    usual: 'depth-rod',
    usualD: [0.3, 12],
    told: true,
    inHole: 'depth',
  },
  {
    id: 'damage-to',
    name: 'Stripped from the face to',
    minMm: 0,
    maxMm: 500,
    usual: 'screw-turns',
    usualD: [0, 12],
    ends: true,
    inHole: 'damageTo',
  },
  {
    id: 'bore-a',
    name: 'Bore now, widest',
    minMm: 1,
    maxMm: 150,
    usual: 'caliper',
    usualD: [0.7, 1.8],
    gauged: true,
    ends: true,
  },
  {
    id: 'bore-b',
    name: 'Bore now, across that',
    minMm: 1,
    maxMm: 150,
    usual: 'caliper',
    usualD: [0.7, 1.8],
    gauged: true,
    ends: true,
  },
  {
    id: 'edge',
    name: 'Axis to nearest edge',
    minMm: 0.5,
    maxMm: 2000,
    usual: 'caliper',
    usualD: [0.6, 40],
    inHole: 'edge',
  },
  {
    id: 'mate-hole',
    name: 'Hole in the mating part',
    minMm: 1,
    maxMm: 150,
    usual: 'caliper',
    usualD: [0.9, 2],
    gauged: true,
    ends: true,
    inHole: 'joint.mateHole',
  },
  {
    id: 'bore-a-deep',
    name: 'Bore deeper down, widest',
    minMm: 1,
    maxMm: 150,
    usual: 'caliper',
    usualD: [0.7, 1.8],
    gauged: true,
    ends: true,
  },
  {
    id: 'bore-b-deep',
    name: 'Bore deeper down, across that',
    minMm: 1,
    maxMm: 150,
    usual: 'caliper',
    usualD: [0.7, 1.8],
    gauged: true,
    ends: true,
  },
  {
    id: 'offset-along',
    name: 'Centre off the true axis, along the wide way',
    minMm: 0,
    maxMm: 20,
    usual: 'caliper',
    usualD: [0, 0.5],
    ends: true,
  },
  {
    id: 'offset-across',
    name: 'Centre off the true axis, across it',
    minMm: 0,
    maxMm: 20,
    usual: 'caliper',
    usualD: [0, 0.5],
    ends: true,
  },
  {
    id: 'slot-end',
    name: 'Worn to a slot: true axis to its far end’s centre',
    minMm: 0,
    maxMm: 50,
    usual: 'caliper',
    usualD: [0, 1],
    ends: true,
    inHole: 'slotEnd',
  },
  {
    id: 'next-hole',
    name: 'Axis to the next hole’s axis',
    minMm: 1,
    maxMm: 2000,
    usual: 'caliper',
    usualD: [1, 60],
    inHole: 'nextHole',
  },
  {
    id: 'next-hole-cut',
    name: 'Next hole, its widest cut',
    minMm: 0.5,
    maxMm: 300,
    usual: 'caliper',
    usualD: [0.3, 5],
    gauged: true,
    inHole: 'nextHoleCut',
  },
  { id: 'edge-2', name: 'Axis to the next nearest', minMm: 0.5, maxMm: 2000, usual: 'caliper', usualD: [0.6, 60] },
  { id: 'boss', name: 'Boss diameter', minMm: 2, maxMm: 2000, usual: 'caliper', usualD: [1.2, 40] },
  {
    id: 'floor',
    name: 'Face to what lies beyond the bottom',
    minMm: 1,
    maxMm: 1000,
    usual: 'drawing',
    usualD: [0.4, 20],
    inHole: 'floor',
  },
  {
    id: 'lean',
    name: 'A pin in it leans, over 50 mm',
    minMm: 0,
    maxMm: 20,
    usual: 'rule',
    usualD: [0, 1],
    ends: true,
    inHole: 'leanPer50',
  },
  {
    id: 'earlier-cut',
    name: 'Outer diameter of the earlier repair',
    minMm: 1,
    maxMm: 200,
    usual: 'caliper',
    usualD: [0.9, 2.2],
    gauged: true,
  },
  {
    id: 'proud',
    name: 'It stands proud of the face by',
    minMm: 0,
    maxMm: 300,
    usual: 'caliper',
    usualD: [0, 10],
    ends: true,
  },
  {
    id: 'sunk',
    name: 'It lies below the face by',
    minMm: 0,
    maxMm: 300,
    usual: 'depth-rod',
    usualD: [0, 10],
    ends: true,
  },
  {
    id: 'core-offset',
    name: 'Drilled centre off its own centre',
    minMm: 0,
    maxMm: 20,
    usual: 'caliper',
    usualD: [0, 0.5],
    ends: true,
  },
  {
    id: 'stuck-length',
    name: 'Length of it from the break',
    minMm: 1,
    maxMm: 500,
    usual: 'caliper',
    usualD: [0.3, 15],
    ends: true,
  },
  {
    id: 'core-bore',
    name: 'Drilled so far',
    minMm: 0.5,
    maxMm: 100,
    usual: 'caliper',
    usualD: [0.2, 1.1],
    gauged: true,
    ends: true,
  },
  {
    id: 'core-projection',
    name: 'Drill stands free by',
    minMm: 1,
    maxMm: 500,
    usual: 'rule',
    usualD: [1, 30],
    ends: true,
  },
  {
    id: 'core-bored',
    name: 'Thread bored when made',
    minMm: 0.5,
    maxMm: 150,
    usual: 'drawing',
    usualD: [0.7, 1.1],
    gauged: true,
  },
  {
    id: 'headroom',
    name: 'Room above it',
    minMm: 0,
    maxMm: 5000,
    usual: 'rule',
    usualD: [2, 300],
    inHole: 'work.headroom',
  },
  {
    id: 'side-room',
    name: 'Room beside its axis',
    minMm: 0,
    maxMm: 5000,
    usual: 'rule',
    usualD: [0.6, 300],
    inHole: 'work.sideRoom',
  },
  {
    id: 'work-height',
    name: 'Height of the part under its face',
    minMm: 1,
    maxMm: 5000,
    usual: 'rule',
    usualD: [0.5, 300],
    inHole: 'work.height',
  },
  {
    id: 'countersink',
    name: 'Countersink or spot face, depth',
    minMm: 0,
    maxMm: 100,
    usual: 'depth-rod',
    usualD: [0, 2],
    ends: true,
  },
  {
    id: 'grip',
    name: 'Grip: what the screw clamps, with washers',
    minMm: 0,
    maxMm: 1000,
    usual: 'caliper',
    usualD: [0, 20],
    told: true,
    inHole: 'joint.grip',
  },
  {
    id: 'end-room',
    name: 'Room beyond the far side',
    minMm: 0,
    maxMm: 2000,
    usual: 'rule',
    usualD: [0, 100],
    inHole: 'joint.endRoom',
  },
  {
    id: 'seat',
    name: 'Washer or seat, outer diameter',
    minMm: 2,
    maxMm: 300,
    usual: 'caliper',
    usualD: [1.1, 3],
    inHole: 'joint.seat',
  },
  {
    id: 'screw-reach',
    name: 'Screw reaches below the face',
    minMm: 1,
    maxMm: 500,
    usual: 'caliper',
    usualD: [0.3, 12],
    told: true,
    ends: true,
    inHole: 'joint.screwReach',
  },
] as const satisfies readonly QuantityRow[];

export type QuantityId = (typeof QUANTITIES)[number]['id'];

const BY_ID = new Map<string, QuantityRow>(QUANTITIES.map((row) => [row.id, row]));

/** The row of a quantity. @example quantityRow('depth').usual // 'depth-rod' */
export const quantityRow = (id: QuantityId): QuantityRow => BY_ID.get(id)!;

/** Whether a drill may be named as this quantity’s reading. @example isGauged('depth') // false */
export const isGauged = (quantity: QuantityId): boolean => quantityRow(quantity).gauged === true;

/** Whether a finished mend makes its readings past. @example endsWithMend('edge') // false */
export const endsWithMend = (quantity: QuantityId): boolean => quantityRow(quantity).ends === true;
