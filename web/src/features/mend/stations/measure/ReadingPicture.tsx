import type { QuantityId } from '@deep-mend/core';
import { FONT, PLATE } from '../../../../base/theme.ts';

/** From where to where each reading is taken, in the little picture's own units: two points, and where the words stand. */
const TAKEN: Readonly<Partial<Record<QuantityId, { from: [number, number]; to: [number, number]; words: string }>>> = {
  depth: { from: [132, 30], to: [132, 104], words: 'face to shoulder' },
  'damage-to': { from: [132, 30], to: [132, 66], words: 'face to where a good screw takes hold' },
  'bore-a': { from: [86, 44], to: [124, 44], words: 'across the bore, the widest way' },
  'bore-b': { from: [86, 44], to: [124, 44], words: 'across the bore, a quarter turn on' },
  'bore-a-deep': { from: [88, 86], to: [122, 86], words: 'deeper down, the widest way' },
  'bore-b-deep': { from: [88, 86], to: [122, 86], words: 'deeper down, a quarter turn on' },
  'offset-along': { from: [105, 22], to: [112, 22], words: 'true axis to the bore’s middle' },
  'offset-across': { from: [105, 22], to: [112, 22], words: 'true axis to the bore’s middle, across' },
  edge: { from: [105, 58], to: [188, 58], words: 'axis to the nearest edge or void' },
  'edge-2': { from: [105, 58], to: [20, 58], words: 'axis to the next nearest' },
  boss: { from: [20, 24], to: [188, 24], words: 'across the boss' },
  floor: { from: [150, 30], to: [150, 128], words: 'face to what lies beyond the bottom' },
  'slot-end': { from: [105, 22], to: [118, 22], words: 'true axis to the slot’s far end’s centre' },
  'next-hole': { from: [105, 58], to: [188, 58], words: 'axis to axis' },
  lean: { from: [105, 8], to: [114, 8], words: 'how far a pin leans over 50 mm' },
  'earlier-cut': { from: [80, 72], to: [130, 72], words: 'outside of the earlier repair' },
  proud: { from: [105, 14], to: [105, 30], words: 'face to its end, above' },
  sunk: { from: [105, 30], to: [105, 50], words: 'face to its end, below' },
  'core-offset': { from: [105, 40], to: [110, 40], words: 'its middle to the middle of the drilled hole' },
  'stuck-length': {
    from: [105, 44],
    to: [105, 98],
    words: 'the break to its far end: the other one, or what it was less what came off',
  },
  'core-bore': { from: [96, 52], to: [114, 52], words: 'across the hole drilled in it' },
  'core-projection': { from: [105, 2], to: [105, 40], words: 'chuck or bush to the break' },
  'core-bored': { from: [88, 74], to: [122, 74], words: 'the bore before it was tapped' },
  headroom: { from: [140, 4], to: [140, 30], words: 'face to what is above' },
  'side-room': { from: [105, 20], to: [188, 20], words: 'its axis to what stands beside it' },
  countersink: { from: [132, 30], to: [132, 38], words: 'face to the foot of the countersink' },
  grip: { from: [150, 8], to: [150, 30], words: 'under the head to the face, with washers' },
  'end-room': { from: [105, 128], to: [105, 146], words: 'far side to what stands behind' },
  'screw-reach': { from: [76, 30], to: [76, 92], words: 'face to the end of the screw' },
  'mate-hole': { from: [84, 14], to: [126, 14], words: 'the hole in the part that is bolted on' },
};

/** A small picture of where a reading is taken: metal hatched, the reading in chalk. Not to scale; none for a reading that has no picture. */
export function ReadingPicture({ quantity }: { quantity: QuantityId }) {
  const taken = TAKEN[quantity];
  if (!taken) return null;
  const { from, to, words } = taken;
  const level = from[1] === to[1];
  const ends = level
    ? `M${from[0]} ${from[1] - 5}v10M${to[0]} ${to[1] - 5}v10`
    : `M${from[0] - 5} ${from[1]}h10M${to[0] - 5} ${to[1]}h10`;
  return (
    <svg
      role="img"
      aria-label={`Where it is measured: ${words}`}
      viewBox="0 0 210 150"
      style={{ width: '100%', maxWidth: 260, background: PLATE.ground, borderRadius: 8, fontFamily: FONT.drawing }}
    >
      <path d="M20 30H188V128H20Z" fill={PLATE.hatch} />
      <path d="M86 30H124V66L122 68V100L105 110L88 100V68L86 66Z" fill={PLATE.deep} stroke={PLATE.scribe} />
      <path
        d="M88 68l-4 4 4 4-4 4 4 4-4 4 4 4-4 4M122 68l4 4-4 4 4 4-4 4 4 4-4 4 4 4"
        fill="none"
        stroke={PLATE.scribe}
      />
      <path d="M105 4V120" stroke={PLATE.faint} strokeDasharray="8 3 2 3" />
      <path d={`M${from[0]} ${from[1]}L${to[0]} ${to[1]}${ends}`} stroke={PLATE.chalk} strokeWidth={2.5} fill="none" />
      <text x={105} y={144} textAnchor="middle" fontSize={11.5} fill={PLATE.scribe}>
        {words}
      </text>
    </svg>
  );
}
