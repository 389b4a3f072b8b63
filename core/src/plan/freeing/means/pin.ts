import { spokenLength, spokenLoad } from '../../../basis/units/index.ts';
import type { JudgeMeans } from '../Means.ts';
import { choosePull, PIN_WALL_SHARE, pinPulls } from '../pinPull.ts';
import { drillRoom, startOfDrill, steps } from './words.ts';

const isPin = (what: string) => what === 'dowel' || what === 'plug';

/** A pin in a through hole is driven out from behind. */
export const driveThrough: JudgeMeans = (stuck) => {
  const pin = stuck.what === 'dowel';
  const possible = pin && stuck.through;
  return {
    title: 'Drive it out from behind',
    verdict: possible ? 'holds' : 'does-not-hold',
    because: possible
      ? 'the hole goes through'
      : pin
        ? 'nothing reaches it from behind: a punch would only drive it deeper'
        : 'only for a plain pin',
    steps: steps(
      `A flat punch a little under ${spokenLength(stuck.thread.majorMm)}, the part well supported round the hole.`,
      'Soak it, a few firm blows; if it does not move, warm the parent.',
    ),
    stop: 'The punch spreads its end: it only jams tighter.',
    spoils: '',
  };
};

export const pull: JudgeMeans = (stuck) => {
  const pin = isPin(stuck.what);
  const room = drillRoom(stuck);
  const pinMm = stuck.thread.majorMm;
  const rows =
    pin && pinMm >= 2
      ? pinPulls({
          pinMm,
          offsetMm: Math.min(stuck.offsetMm ?? 0, pinMm / 2),
          lengthMm: stuck.lengthMm,
          parent: stuck.parent,
          rack: stuck.rack,
        })
      : [];
  const taken = choosePull(rows);
  const possible = pin && !stuck.hard && !stuck.through && taken !== null && room.possible;
  return {
    title: 'Drill it, tap it and pull it',
    verdict: possible ? 'with-care' : 'does-not-hold',
    because: !pin
      ? 'only for a pin or plug'
      : stuck.hard
        ? 'a hardened pin will not drill: do not blunt the first drill on it'
        : stuck.through
          ? 'it goes through: drive it out from behind'
          : !room.possible
            ? room.words
            : taken === null
              ? `it is too thin to be tapped${stuck.offsetMm ? ` at ${spokenLength(stuck.offsetMm)} off` : ''}: no thread leaves ${spokenLength(PIN_WALL_SHARE * pinMm)} of wall`
              : `${taken.thread.designation} leaves the pin ${spokenLength(taken.wallMm)} of wall ${stuck.offsetMm === null ? 'less the offset' : `at ${spokenLength(stuck.offsetMm)} off`}, ${spokenLength(taken.leastWallMm)} is enough; up to ${spokenLoad(taken.pullN)} may be needed, a ${taken.screwClass} screw carries ${spokenLoad(taken.carriesN)}${taken.carriesN < taken.pullN ? ': warm the parent first' : ''}`,
    steps:
      taken === null
        ? []
        : steps(
            startOfDrill(stuck),
            `Drill ${taken.drill?.drill.id ?? spokenLength(taken.thread.majorMm - taken.thread.pitchMm)}, not through the pin’s end; tap ${taken.thread.designation}, at least ${spokenLength(taken.engagedMm)} of thread.`,
            `Spacer ${spokenLength(taken.spacerBoreMm)} bore, ${spokenLength(taken.spacerHeightMm)} high, washer and nut; a ${taken.screwClass} screw about ${spokenLength(taken.screwLengthMm)} long, all thread.`,
            `Hold the screw still while the nut turns: about ${Math.ceil(taken.nutTurns)} turns bring it out.`,
            'Never a punch: it drives a blind pin deeper.',
          ),
    stop: 'The thread in the pin starts to give, or the screw stretches.',
    spoils: '',
  };
};
