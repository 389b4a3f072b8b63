import { spokenLength } from '../../../basis/units/index.ts';
import { rackDrills, type RackDrill } from '../../../facts/drills/index.ts';
import { chipsOf } from '../chips.ts';
import type { JudgeMeans } from '../Means.ts';
import type { StuckCase } from '../StuckCase.ts';
import { drillRoom, isThreaded, startOfDrill, steps, turnWord } from './words.ts';

const nearestDrill = (stuck: StuckCase, mm: number): RackDrill | undefined =>
  [...rackDrills(stuck.rack)].sort((a, b) => Math.abs(a.diameterMm - mm) - Math.abs(b.diameterMm - mm))[0];

/** A drill that is to turn it out: about half its size. */
const LEFT_HAND_D = 0.5;

export const leftHandDrill: JudgeMeans = (stuck) => {
  const right = stuck.thread.hand === 'right';
  const room = drillRoom(stuck);
  const possible = isThreaded(stuck) && !stuck.hard && stuck.why !== 'bottomed' && room.possible;
  const drill = nearestDrill(stuck, LEFT_HAND_D * stuck.thread.majorMm);
  return {
    title: right ? 'Left-hand drill' : 'Ordinary drill: it is left-handed',
    verdict: possible ? 'with-care' : 'does-not-hold',
    because: stuck.hard
      ? 'too hard to drill'
      : !room.possible
        ? room.words
        : possible
          ? `the cut itself turns it out, if it is not too tight${room.words === '' ? '' : `; ${room.words}`}`
          : 'the cut cannot turn this out',
    steps: steps(
      startOfDrill(stuck),
      `Drill ${drill ? drill.id : spokenLength(LEFT_HAND_D * stuck.thread.majorMm)}, slowly, ${right ? 'a left-hand drill, turning anticlockwise' : 'an ordinary drill, turning clockwise'}: its pull is the way out.`,
    ),
    stop: 'It has not moved when the drill is through: do not go larger this way.',
    spoils: '',
  };
};

/** Drill for a screw extractor, as a share of the thread (rule of thumb), and how far off the pair may be. */
const EXTRACTOR_DRILL = { low: 0.5, high: 0.6, slack: 0.05 } as const;
/** Core of an extractor as a share of its drill, and the stress that snaps it (estimate). */
const EXTRACTOR_CORE = 0.7;
const EXTRACTOR_SHEAR_MPA = 900;

/** Torque that snaps an extractor, by the drill that goes before it: solid round core in torsion (estimate). @example extractorLimitNm(5) // 7.58 */
export function extractorLimitNm(drillMm: number): number {
  return ((Math.PI / 16) * (EXTRACTOR_CORE * drillMm) ** 3 * EXTRACTOR_SHEAR_MPA) / 1000;
}

const LOOSENED_ONLY: readonly StuckCase['why'][] = ['galled', 'cross-threaded', 'peened', 'rust'];

export const extractor: JudgeMeans = (stuck) => {
  const d = stuck.thread.majorMm;
  const room = drillRoom(stuck);
  const { low, high, slack } = EXTRACTOR_DRILL;
  const wanted = ((low + high) / 2) * d;
  const owned = stuck.kit.extractorDrillsMm;
  const pair = owned
    ?.filter((mm) => mm >= (low - slack) * d && mm <= (high + slack) * d)
    .sort((a, b) => Math.abs(a - wanted) - Math.abs(b - wanted))[0];
  const drill = nearestDrill(stuck, pair ?? wanted);
  const drillMm = pair ?? drill?.diameterMm ?? wanted;
  const limitNm = extractorLimitNm(drillMm);
  const seized = LOOSENED_ONLY.includes(stuck.why);
  const none = owned !== null && pair === undefined;
  const possible = isThreaded(stuck) && !stuck.hard && room.possible && !none && !seized;
  return {
    title: 'Screw extractor',
    verdict: possible ? 'with-care' : 'does-not-hold',
    because: !isThreaded(stuck)
      ? 'only for what has a thread'
      : stuck.hard
        ? 'too hard to drill'
        : seized
          ? 'it is seized along its thread: the extractor would snap, and it is harder than any drill'
          : none
            ? `none in the crib goes with ${spokenLength(low * d)} to ${spokenLength(high * d)}`
            : !room.possible
              ? room.words
              : 'only where the preload is gone and it turned before it broke',
    steps: steps(
      startOfDrill(stuck),
      `Drill ${drill ? drill.id : spokenLength(drillMm)}${pair === undefined ? '' : ', the pair of an extractor in the crib'}, deep enough for all its flutes.`,
      `Straight-flute extractor: no more than ${limitNm.toFixed(limitNm < 10 ? 1 : 0)} Nm, ${turnWord(stuck)}; a small tap wrench, not a bar.`,
    ),
    stop: 'It springs back instead of turning: stop, it is about to snap.',
    spoils: 'a snapped extractor can only be spark-eroded',
  };
};

export const corePeel: JudgeMeans = (stuck) => {
  const room = drillRoom(stuck);
  const possible = isThreaded(stuck) && !stuck.hard && room.possible;
  const chips = chipsOf(stuck);
  return {
    title: 'Drill to the core and peel',
    verdict: possible ? 'with-care' : 'does-not-hold',
    because: !isThreaded(stuck)
      ? 'there is no thread to peel'
      : stuck.hard
        ? 'too hard to drill: it would lead the drill into the parent'
        : room.possible
          ? `the parent’s thread is spared as far as the drill stays on centre: see the chances${room.words === '' ? '' : `; ${room.words}`}`
          : room.words,
    steps: steps(
      startOfDrill(stuck),
      `Step drills to the last that is safe, each to its stop; ${chips.sound} while it is still in the fastener.`,
      'After the first step measure the offset and type it: the plan is made again from it.',
      'Pick the coil out from its end with a scriber or a small chisel, turning it inwards.',
    ),
    stop: `${chips.stop}: the drill is in the parent.`,
    spoils: 'past the parent’s crest its thread is lost',
  };
};

export const mill: JudgeMeans = (stuck) => {
  const coil = stuck.what === 'coil';
  const there = stuck.access === 'bench';
  return {
    title: 'Mill it out on a machine',
    verdict: coil || !there ? 'does-not-hold' : 'with-care',
    because: coil
      ? 'more than it needs'
      : !there
        ? 'the part has to come off and onto a machine first'
        : stuck.hard
          ? 'carbide, short and rigid, located on the true axis'
          : 'located on the true axis, it does not wander',
    steps: steps(
      'Locate the true axis from neighbours or the bore, rigid set-up, spindle square to the face.',
      `${stuck.hard ? 'Carbide end mill, small bites, dry or air; eye and face guarded, carbide splinters' : 'End mill under the root'}; then peel.`,
    ),
    stop: 'The cutter chatters or glows.',
    spoils: '',
  };
};
