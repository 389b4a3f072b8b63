import type { InstrumentId } from './instruments.ts';

/** The quantities that can be read on a hole, the range that makes sense, and what they are usually read with. */
export const QUANTITIES = [
  { id: 'depth', name: 'Depth', minMm: 1, maxMm: 500, usual: 'depth-rod' },
  { id: 'damage-to', name: 'Stripped from the face to', minMm: 0, maxMm: 500, usual: 'screw-turns' },
  { id: 'bore-a', name: 'Bore now, widest', minMm: 1, maxMm: 150, usual: 'caliper' },
  { id: 'bore-b', name: 'Bore now, across that', minMm: 1, maxMm: 150, usual: 'caliper' },
  { id: 'edge', name: 'Axis to nearest edge', minMm: 0.5, maxMm: 2000, usual: 'caliper' },
  { id: 'mate-hole', name: 'Hole in the mating part', minMm: 1, maxMm: 150, usual: 'caliper' },
  { id: 'bore-a-deep', name: 'Bore deeper down, widest', minMm: 1, maxMm: 150, usual: 'caliper' },
  { id: 'bore-b-deep', name: 'Bore deeper down, across that', minMm: 1, maxMm: 150, usual: 'caliper' },
  { id: 'offset-along', name: 'Centre off the true axis, along the wide way', minMm: 0, maxMm: 20, usual: 'caliper' },
  { id: 'offset-across', name: 'Centre off the true axis, across it', minMm: 0, maxMm: 20, usual: 'caliper' },
  { id: 'edge-2', name: 'Axis to the next nearest', minMm: 0.5, maxMm: 2000, usual: 'caliper' },
  { id: 'boss', name: 'Boss diameter', minMm: 2, maxMm: 2000, usual: 'caliper' },
  { id: 'floor', name: 'Face to what lies beyond the bottom', minMm: 1, maxMm: 1000, usual: 'drawing' },
  { id: 'lean', name: 'A pin in it leans, over 50 mm', minMm: 0, maxMm: 20, usual: 'rule' },
  { id: 'earlier-cut', name: 'Outer diameter of the earlier repair', minMm: 1, maxMm: 200, usual: 'caliper' },
  { id: 'proud', name: 'It stands proud of the face by', minMm: 0, maxMm: 300, usual: 'caliper' },
  { id: 'sunk', name: 'It lies below the face by', minMm: 0, maxMm: 300, usual: 'depth-rod' },
  { id: 'core-offset', name: 'Drilled centre off its own centre', minMm: 0, maxMm: 20, usual: 'caliper' },
  { id: 'stuck-length', name: 'Length of it from the break', minMm: 1, maxMm: 500, usual: 'caliper' },
  { id: 'core-bore', name: 'Drilled so far', minMm: 0.5, maxMm: 100, usual: 'caliper' },
  { id: 'core-projection', name: 'Drill stands free by', minMm: 1, maxMm: 500, usual: 'rule' },
  { id: 'core-bored', name: 'Thread bored when made', minMm: 0.5, maxMm: 150, usual: 'drawing' },
  { id: 'headroom', name: 'Room above it', minMm: 0, maxMm: 5000, usual: 'rule' },
  { id: 'side-room', name: 'Room beside its axis', minMm: 0, maxMm: 5000, usual: 'rule' },
  { id: 'countersink', name: 'Countersink or spot face, depth', minMm: 0, maxMm: 100, usual: 'depth-rod' },
  { id: 'grip', name: 'Grip: what the screw clamps, with washers', minMm: 0, maxMm: 1000, usual: 'caliper' },
  { id: 'end-room', name: 'Room beyond the far side', minMm: 0, maxMm: 2000, usual: 'rule' },
  { id: 'screw-reach', name: 'Screw reaches below the face', minMm: 1, maxMm: 500, usual: 'caliper' },
] as const satisfies readonly { id: string; name: string; minMm: number; maxMm: number; usual: InstrumentId }[];

/** Diameters that a drill’s shank gauges: only there a drill’s number or letter is a reading, elsewhere it is a slip. */
const GAUGED: readonly QuantityId[] = [
  'bore-a',
  'bore-b',
  'bore-a-deep',
  'bore-b-deep',
  'mate-hole',
  'earlier-cut',
  'core-bore',
  'core-bored',
];

/** Whether a drill may be named as this quantity’s reading. @example isGauged('depth') // false */
export const isGauged = (quantity: QuantityId): boolean => GAUGED.includes(quantity);

export type QuantityId = (typeof QUANTITIES)[number]['id'];
