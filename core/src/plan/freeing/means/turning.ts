import { jammedBit, slotFor } from '../../../facts/drives/index.ts';
import { spokenLength } from '../../../basis/units/index.ts';
import type { JudgeMeans } from '../Means.ts';
import type { StuckCase } from '../StuckCase.ts';
import { isThreaded, maySharplyTap, noFlame, steps, turnWord } from './words.ts';

const grip = ({ proudMm }: StuckCase) => proudMm ?? 0;

/** Grip that pliers want, and two thin nuts, in diameters of the thread (rule of thumb). */
const GRIP_D = 0.5;
const TWO_NUTS_D = 1;
/** Room beside the axis that a nut and its socket want, in diameters (estimate). */
const NUT_ROOM_D = 1.3;

const cramped = ({ sideRoomMm, thread }: StuckCase) => sideRoomMm !== null && sideRoomMm < NUT_ROOM_D * thread.majorMm;

const tap = (stuck: StuckCase) =>
  maySharplyTap(stuck)
    ? 'A few sharp taps on its end along the axis.'
    : `No blows: ${stuck.parent.name.toLowerCase()} cracks.`;

export const turnOut: JudgeMeans = (stuck) => {
  const d = stuck.thread.majorMm;
  const threaded = isThreaded(stuck);
  const nuts = grip(stuck) >= TWO_NUTS_D * d && stuck.what !== 'plug' && !cramped(stuck);
  const holds = threaded && grip(stuck) >= GRIP_D * d;
  return {
    title: nuts ? 'Two nuts, and turn it out' : 'Turn it out by what stands proud',
    verdict: holds ? 'holds' : 'does-not-hold',
    because: holds
      ? `${spokenLength(grip(stuck))} stands proud; ${spokenLength(GRIP_D * d)} is enough to grip`
      : threaded
        ? stuck.proudMm === null
          ? `whether it stands proud is not measured; a grip wants ${spokenLength(GRIP_D * d)}`
          : grip(stuck) <= 0
            ? `nothing of it stands above the face; a grip wants ${spokenLength(GRIP_D * d)}`
            : `it stands ${spokenLength(grip(stuck))} proud; a grip wants ${spokenLength(GRIP_D * d)}`
        : 'it is not a thing that is turned out by its end',
    steps: steps(
      `Soak it. ${tap(stuck)}`,
      nuts
        ? `Run two thin nuts down (together ${spokenLength(TWO_NUTS_D * d)}), lock them against each other, spanner on the ${stuck.thread.hand === 'left' ? 'upper' : 'lower'} one.`
        : 'Locking pliers or a stud extractor, as low as they go.',
      `Turn ${turnWord(stuck)} in short turns to and fro; further only when it moves more each time.`,
    ),
    stop: 'The end twists without the rest: stop before it shears.',
    spoils: '',
  };
};

export const driveAgain: JudgeMeans = (stuck) => {
  const d = stuck.thread.majorMm;
  const possible = isThreaded(stuck) && !stuck.hard && stuck.drive !== 'none';
  const bit = stuck.driveKind === 'socket-head' || stuck.driveKind === null ? jammedBit(d) : null;
  const slot = slotFor(d);
  return {
    title: stuck.drive === 'good' ? 'Turn it by its own drive' : 'Cut its drive again',
    verdict: possible ? (stuck.drive === 'good' ? 'holds' : 'with-care') : 'does-not-hold',
    because: possible
      ? stuck.drive === 'good'
        ? 'its drive is whole'
        : 'there is a drive left to work on'
      : stuck.hard
        ? 'it is too hard to cut'
        : !isThreaded(stuck)
          ? 'it is not turned by a drive'
          : 'no drive is left',
    steps:
      stuck.drive === 'good'
        ? steps('Clean the drive out, the right key pressed hard home.', `Turn ${turnWord(stuck)}, to and fro.`)
        : steps(
            ...(bit
              ? [
                  `A rounded ${spokenLength(bit.socketMm)} hexagon: drive six-lobe bit ${bit.bit} (${spokenLength(bit.pointsMm)} over its points) into it.`,
                ]
              : []),
            `${bit ? 'Or saw' : 'Saw'} a slot about ${spokenLength(slot.widthMm)} wide and ${spokenLength(slot.depthMm)} deep; the widest blade that fits.`,
            `Press hard along the axis while it turns ${turnWord(stuck)}.`,
          ),
    stop: 'The driver slips twice: the next slip ruins what is left.',
    spoils: '',
  };
};

export const weldNut: JudgeMeans = (stuck) => {
  const seen = (stuck.proudMm ?? -1) >= 0;
  const possible = isThreaded(stuck) && seen && !noFlame(stuck) && !cramped(stuck);
  const seals = stuck.nearLimitC !== null && stuck.nearLimitC < 200;
  return {
    title: 'Weld a nut on it',
    verdict: possible ? 'with-care' : 'does-not-hold',
    because: !isThreaded(stuck)
      ? 'not for this'
      : stuck.proudMm === null
        ? 'only from flush up; where the break lies is not measured'
        : !seen
          ? 'it lies below the face: the weld would catch the parent'
          : noFlame(stuck)
            ? `no welding on ${stuck.parent.name.toLowerCase()}`
            : cramped(stuck)
              ? 'a nut has no room beside it'
              : seals
                ? 'the heat also helps; what is near must come out first'
                : 'the heat also helps',
    steps: [
      ...steps(
        'Battery and electronics off, everything that burns away, oil wiped off, an extinguisher at hand.',
        'A nut over it, welded through its hole onto the middle of the break.',
      ),
      { what: 'Let it cool to hand-warm: hot, it twists off.', minutes: 10 },
      ...steps(`Turn ${turnWord(stuck)}, to and fro.`),
    ],
    stop: 'Two nuts torn off: the weld does not take.',
    spoils: 'it hardens the end: a drill starts badly there',
  };
};
