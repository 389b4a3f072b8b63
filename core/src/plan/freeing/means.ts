import type { Verdict } from '../../basis/checks/index.ts';
import { spokenLength } from '../../basis/units/index.ts';
import { rackDrills, type Rack } from '../../facts/drills/index.ts';
import { differentialGrowthMm, type ParentMaterial } from '../../facts/materials/index.ts';
import type { Thread } from '../../facts/threads/index.ts';

/** What sticks in the hole and how. Lengths in mm; null: nobody knows. */
export interface StuckCase {
  what: 'screw' | 'stud' | 'plug' | 'dowel' | 'tap' | 'extractor' | 'coil';
  thread: Thread;
  parent: ParentMaterial;
  /** Hardness of what is stuck: taps and extractors are hard, 12.9 screws too. */
  hard: boolean;
  stainless: boolean;
  /** Above the face when positive, below it when negative, flush at 0. */
  proudMm: number | null;
  drive: 'none' | 'damaged' | 'good';
  why: 'rust' | 'galled' | 'locker' | 'bottomed' | 'cross-threaded' | 'peened' | 'unknown';
  /** Hottest that what is near may get: seals, bearings, paint; null: nothing near. */
  nearLimitC: number | null;
  through: boolean;
  rack: Rack;
}

export type MeansId =
  | 'turn-out'
  | 'drive-again'
  | 'weld-nut'
  | 'heat-soak'
  | 'left-hand-drill'
  | 'extractor'
  | 'core-peel'
  | 'pull'
  | 'coil-end'
  | 'mill'
  | 'spark-erosion'
  | 'send-out';

/** One means of freeing, judged for this case. */
export interface Means {
  id: MeansId;
  title: string;
  verdict: Verdict;
  because: string;
  /** What to do, with its numbers. */
  how: string;
  /** When to stop. */
  stop: string;
  /** What it makes impossible afterwards; empty: nothing. */
  spoils: string;
}

type Judge = (stuck: StuckCase) => Omit<Means, 'id'>;

const turnWord = ({ thread }: StuckCase) => (thread.hand === 'left' ? 'clockwise, it is left-handed' : 'anticlockwise');
const isThreaded = ({ what }: StuckCase) => what === 'screw' || what === 'stud' || what === 'plug';
const grip = ({ proudMm }: StuckCase) => proudMm ?? 0;

/** Grip that pliers want, and two nuts, in diameters of the thread (rule of thumb). */
const GRIP_D = 0.5;
const TWO_NUTS_D = 1;

const turnOut: Judge = (stuck) => {
  const d = stuck.thread.majorMm;
  const threaded = isThreaded(stuck);
  const nuts = grip(stuck) >= TWO_NUTS_D * d && stuck.what !== 'plug';
  const holds = threaded && grip(stuck) >= GRIP_D * d;
  return {
    title: nuts ? 'Two nuts, and turn it out' : 'Turn it out by what stands proud',
    verdict: holds ? 'holds' : 'does-not-hold',
    because: holds
      ? `${spokenLength(grip(stuck))} stands proud; ${spokenLength(GRIP_D * d)} is enough to grip`
      : threaded
        ? `it stands ${spokenLength(Math.max(0, grip(stuck)))} proud; a grip wants ${spokenLength(GRIP_D * d)}`
        : 'it is not a thing that is turned out by its end',
    how: `Soak it, a few sharp taps on its end, then ${turnWord(stuck)} in short turns to and fro.`,
    stop: 'The end twists without the rest: stop before it shears.',
    spoils: '',
  };
};

const driveAgain: Judge = (stuck) => {
  const possible = isThreaded(stuck) && !stuck.hard && stuck.drive !== 'none';
  return {
    title: 'Cut its drive again',
    verdict: possible ? (stuck.drive === 'good' ? 'holds' : 'with-care') : 'does-not-hold',
    because: possible ? 'there is a drive left to work on' : stuck.hard ? 'it is too hard to cut' : 'no drive is left',
    how: 'A slot across it, or the next size of driver driven in; press hard while it turns.',
    stop: 'The driver slips twice: the next slip ruins what is left.',
    spoils: '',
  };
};

const noFlame = ({ parent }: StuckCase) =>
  parent.group === 'magnesium' || parent.group === 'zinc' || parent.group === 'plastic';

const weldNut: Judge = (stuck) => {
  const seen = (stuck.proudMm ?? -1) >= 0;
  const possible = isThreaded(stuck) && seen && !noFlame(stuck);
  const seals = stuck.nearLimitC !== null && stuck.nearLimitC < 200;
  return {
    title: 'Weld a nut on it',
    verdict: possible ? 'with-care' : 'does-not-hold',
    because: !seen
      ? 'it lies below the face: the weld would catch the parent'
      : noFlame(stuck)
        ? `no welding on ${stuck.parent.name.toLowerCase()}`
        : possible
          ? seals
            ? 'the heat also helps; what is near must come out first'
            : 'the heat also helps'
          : 'not for this',
    how: `A nut over it, welded through; let it cool to hand-warm, then ${turnWord(stuck)}.`,
    stop: 'Two nuts torn off: the weld does not take.',
    spoils: 'it hardens the end: a drill starts badly there',
  };
};

/** Hottest that a parent may be heated for this, °C (our estimate). */
const PARENT_LIMIT_C: Readonly<Partial<Record<ParentMaterial['group'], number>>> = {
  aluminium: 150,
  magnesium: 150,
  zinc: 100,
  plastic: 60,
};
const USUAL_LIMIT_C = 300;
const ROOM_C = 20;
/** Thread locker lets go about here. */
const LOCKER_C = 200;

const heatSoak: Judge = (stuck) => {
  const limitC = Math.min(PARENT_LIMIT_C[stuck.parent.group] ?? USUAL_LIMIT_C, stuck.nearLimitC ?? Infinity);
  const growth = differentialGrowthMm({
    parent: stuck.parent.group,
    fastener: stuck.stainless ? 'stainless' : 'steel',
    diameterMm: stuck.thread.majorMm,
    riseK: Math.max(0, limitC - ROOM_C),
  });
  const tightens = growth < 0;
  const locker = stuck.why === 'locker' && limitC < LOCKER_C;
  return {
    title: 'Soak and heat in turns',
    verdict: limitC <= ROOM_C + 30 ? 'does-not-hold' : tightens || locker ? 'with-care' : 'holds',
    because: tightens
      ? `the fastener grows more than the hole (${spokenLength(-growth)}): heat the parent alone, quickly`
      : locker
        ? `thread locker lets go near ${LOCKER_C} °C, here only ${limitC} °C is allowed`
        : `at ${limitC} °C the hole outgrows it by ${spokenLength(growth)}`,
    how: `Penetrating oil, wait 20 minutes; heat to at most ${limitC} °C${stuck.parent.group === 'magnesium' ? ', no flame: hot air only' : ''}; turn ${turnWord(stuck)} while it is hot; soak again. Three rounds.`,
    stop: 'Three rounds without a movement: go on to the next means.',
    spoils: '',
  };
};

const leftHandDrill: Judge = (stuck) => {
  const right = stuck.thread.hand === 'right';
  const possible = isThreaded(stuck) && !stuck.hard && stuck.why !== 'bottomed';
  return {
    title: right ? 'Left-hand drill' : 'Ordinary drill: it is left-handed',
    verdict: possible ? 'with-care' : 'does-not-hold',
    because: stuck.hard
      ? 'too hard to drill'
      : possible
        ? 'the cut itself turns it out, if it is not too tight'
        : 'the cut cannot turn this out',
    how: `Centre it truly, drill about half its size, slowly, ${right ? 'the drill turning anticlockwise' : 'the drill turning clockwise'}.`,
    stop: 'It has not moved when the drill is through: do not go larger this way.',
    spoils: '',
  };
};

/** Drill for a screw extractor, as a share of the thread (rule of thumb). */
const EXTRACTOR_DRILL = { low: 0.5, high: 0.6 } as const;
/** Core of an extractor as a share of its drill, and the stress that snaps it (estimate). */
const EXTRACTOR_CORE = 0.7;
const EXTRACTOR_SHEAR_MPA = 900;

const extractor: Judge = (stuck) => {
  const d = stuck.thread.majorMm;
  const wanted = ((EXTRACTOR_DRILL.low + EXTRACTOR_DRILL.high) / 2) * d;
  const drill = [...rackDrills(stuck.rack)].sort(
    (a, b) => Math.abs(a.diameterMm - wanted) - Math.abs(b.diameterMm - wanted),
  )[0];
  const limitNm = ((Math.PI / 16) * (EXTRACTOR_CORE * wanted) ** 3 * EXTRACTOR_SHEAR_MPA) / 1000;
  const seized =
    stuck.why === 'galled' || stuck.why === 'cross-threaded' || stuck.why === 'peened' || stuck.why === 'rust';
  const possible = isThreaded(stuck) && !stuck.hard;
  return {
    title: 'Screw extractor',
    verdict: !possible ? 'does-not-hold' : seized ? 'does-not-hold' : 'with-care',
    because: !possible
      ? 'too hard to drill'
      : seized
        ? 'it is seized along its thread: the extractor would snap, and it is harder than any drill'
        : 'only where the preload is gone and it turned before it broke',
    how: `Drill ${drill ? drill.id : spokenLength(wanted)}, straight-flute extractor; no more than ${limitNm.toFixed(limitNm < 10 ? 1 : 0)} Nm by feel, ${turnWord(stuck)}.`,
    stop: 'It springs back instead of turning: stop, it is about to snap.',
    spoils: 'a snapped extractor can only be spark-eroded',
  };
};

const corePeel: Judge = (stuck) => ({
  title: 'Drill to the core and peel',
  verdict: isThreaded(stuck) && !stuck.hard ? 'with-care' : 'does-not-hold',
  because: stuck.hard
    ? 'too hard to drill: it would lead the drill into the parent'
    : isThreaded(stuck)
      ? 'the parent’s thread is spared as far as the drill stays on centre: see the chances'
      : 'there is no thread to peel',
  how: 'Step drills from the true centre to the last that is safe; not deeper than the fastener less its point; then pick the coil out from its end.',
  stop: 'Chips turn from long steel curls to crumbs or bright soft curls: the drill is in the parent.',
  spoils: 'past the parent’s crest its thread is lost',
});

/** Wall that a drilled and tapped pin must keep, as a share of it. */
const PIN_WALL_SHARE = 0.12;

const pull: Judge = (stuck) => {
  const pin = stuck.what === 'dowel' || stuck.what === 'plug';
  const possible = pin && !stuck.hard && !stuck.through;
  const d = stuck.thread.majorMm;
  return {
    title: 'Drill it, tap it and pull it',
    verdict: possible ? 'with-care' : 'does-not-hold',
    because: !pin
      ? 'only for a pin or plug'
      : stuck.hard
        ? 'a hardened pin will not drill: do not blunt the first drill on it'
        : stuck.through
          ? 'it goes through: drive it out from behind'
          : `a thread of at most ${spokenLength(d * (1 - 2 * PIN_WALL_SHARE))} leaves the pin wall enough on centre`,
    how: 'Screw in a stud, spacers and washer over it, hold the stud while the nut turns. A punch would only drive it deeper.',
    stop: 'The thread in the pin starts to give.',
    spoils: '',
  };
};

const coilEnd: Judge = (stuck) => ({
  title: 'Out by its end',
  verdict: stuck.what === 'coil' ? 'holds' : 'does-not-hold',
  because: stuck.what === 'coil' ? 'a coil is wound out by its first turn' : 'only for a wire coil',
  how: 'Prise the first turn inwards, grip it with a narrow blade tool or pliers and wind it out anticlockwise.',
  stop: 'The wire breaks: pick the rest out turn by turn, count the pieces.',
  spoils: '',
});

const mill: Judge = (stuck) => ({
  title: 'Mill it out on a machine',
  verdict: stuck.what === 'coil' ? 'does-not-hold' : 'with-care',
  because:
    stuck.what === 'coil'
      ? 'more than it needs'
      : stuck.hard
        ? 'carbide, short and rigid, located on the true axis'
        : 'located on the true axis, it does not wander',
  how: 'Locate the true axis from its neighbours, rigid set-up, end mill under the root, then peel.',
  stop: 'The cutter chatters or glows.',
  spoils: 'the part has to come off',
});

const sparkErosion: Judge = (stuck) => ({
  title: 'Spark erosion',
  verdict: stuck.hard ? 'holds' : 'with-care',
  because: stuck.hard
    ? 'it cuts what no drill cuts, and leaves the parent'
    : 'it is sure, but more than a soft fastener needs',
  how: 'Sent to a shop that has it; the middle is eroded, the rest falls in pieces.',
  stop: '',
  spoils: '',
});

const sendOut: Judge = () => ({
  title: 'Send it out',
  verdict: 'with-care',
  because: 'another shop judges and answers for it',
  how: 'Send the part with what was tried.',
  stop: '',
  spoils: '',
});

/** Every means held, from the least harm to the most: a new one is one function and one line. */
export const MEANS: readonly (readonly [MeansId, Judge])[] = [
  ['coil-end', coilEnd],
  ['turn-out', turnOut],
  ['drive-again', driveAgain],
  ['heat-soak', heatSoak],
  ['weld-nut', weldNut],
  ['pull', pull],
  ['left-hand-drill', leftHandDrill],
  ['extractor', extractor],
  ['core-peel', corePeel],
  ['mill', mill],
  ['spark-erosion', sparkErosion],
  ['send-out', sendOut],
];

/**
 * The means for this case in order of least harm: those that can be tried first, in the registry's order; those that can not,
 * with why not, after them.
 */
export function proposeFreeing(stuck: StuckCase): Means[] {
  const judged = MEANS.map(([id, judge]) => ({ id, ...judge(stuck) }));
  return [
    ...judged.filter((means) => means.verdict !== 'does-not-hold'),
    ...judged.filter((means) => means.verdict === 'does-not-hold'),
  ];
}
