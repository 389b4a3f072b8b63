import { within } from '../../basis/numeric/index.ts';
import { chooseTapDrill, type TapDrill } from '../../facts/drills/index.ts';
import { fastenerClass } from '../../facts/materials/index.ts';
import { threadById, threadGeometry, type Thread } from '../../facts/threads/index.ts';
import type { StuckCase } from './StuckCase.ts';

/** Wall that a drilled and tapped pin must keep, as a share of it (our estimate; docs/methods.md, Freeing what is stuck). */
export const PIN_WALL_SHARE = 0.12;
/** Threads that a pin is tapped with, the common coarse ones. */
const PULLERS = ['M3x0.5', 'M4x0.7', 'M5x0.8', 'M6x1', 'M8x1.25', 'M10x1.5', 'M12x1.75'] as const;
/** Share of thread in a soft pin: a little less than full keeps the tap alive (rule of thumb). */
const PIN_SHARE = 0.7;

/** Upper deviation of m6, the usual fit of a dowel, by diameter up to, mm. Source: ISO 286-2. */
const M6_UPPER_MM: readonly (readonly [toMm: number, upperMm: number])[] = [
  [3, 0.008],
  [6, 0.012],
  [10, 0.015],
  [18, 0.018],
  [30, 0.021],
  [50, 0.025],
];
/** Stiffness and Poisson's ratio of the parent, and of the steel pin (handbook values). */
const ELASTIC: Readonly<Record<StuckCase['parent']['group'], readonly [moduleMpa: number, poisson: number]>> = {
  aluminium: [70_000, 0.33],
  magnesium: [45_000, 0.35],
  zinc: [85_000, 0.25],
  iron: [110_000, 0.26],
  steel: [206_000, 0.3],
  stainless: [195_000, 0.3],
  copper: [105_000, 0.34],
  plastic: [3_000, 0.4],
};
/** Dry, long seated metal (our estimate, on the safe side). */
const FRICTION = 0.2;
/** Thread wanted in the soft pin, and the length of a pin that nobody measured, in diameters (rules of thumb). */
const ENGAGED_D = 1.5;
const USUAL_PIN_LENGTH_D = 2;
/** A washer and a nut under the pull (ISO 7089 of these sizes, rounded up; ISO 4032). */
const WASHER_MM = 2.5;
const NUT_D = 0.8;
/** Room above the pin's end that the spacer keeps free, so that the pin never meets the washer (our estimate). */
const SPACER_SPARE_MM = 3;
/** What the screw must carry over the pull (our estimate). */
const PULL_MARGIN = 1.25;

export interface PinPull {
  thread: Thread;
  drill: TapDrill | null;
  /** Wall of the pin left outside the tap, on the thin side. */
  wallMm: number;
  leastWallMm: number;
  /** Most thread that the pin's length allows, up to 1.5 D. */
  engagedMm: number;
  /** What may be needed to move it: the usual fit at its tightest, dry. */
  pullN: number;
  /** The screw to take, 12.9 where an 8.8 would be short, and what it carries at its proof stress. */
  screwClass: '8.8' | '12.9';
  carriesN: number;
  spacerBoreMm: number;
  spacerHeightMm: number;
  screwLengthMm: number;
  nutTurns: number;
}

/** Force that holds a solid pin in a thick parent at its tightest usual fit: Lamé pressure times friction. */
function holdingN(pinMm: number, lengthMm: number, group: StuckCase['parent']['group']): number {
  const interferenceMm = M6_UPPER_MM.find(([to]) => pinMm <= to)?.[1] ?? M6_UPPER_MM.at(-1)![1];
  const [hubMpa, hubPoisson] = ELASTIC[group];
  const [pinMpa, pinPoisson] = ELASTIC.steel;
  const pressureMpa = interferenceMm / pinMm / ((1 + hubPoisson) / hubMpa + (1 - pinPoisson) / pinMpa);
  return FRICTION * pressureMpa * Math.PI * pinMm * lengthMm;
}

/**
 * Every thread that could pull a soft pin out, largest first, with the wall it leaves: (pin − major)/2 − offset. The caller
 * takes the first whose wall is at least 0.12 of the pin and that carries the pull.
 * @example pinPulls({ pinMm: 6, offsetMm: 0, lengthMm: 12, parent: parentById('grey-iron'), rack: FULL_RACK })[0].wallMm // 1.0
 */
export function pinPulls(input: {
  pinMm: number;
  offsetMm: number;
  lengthMm: number | null;
  parent: StuckCase['parent'];
  rack: StuckCase['rack'];
}): PinPull[] {
  const pinMm = within(input.pinMm, 2, 100, 'pin');
  const offsetMm = within(input.offsetMm, 0, pinMm / 2, 'offset');
  const lengthMm = input.lengthMm ?? USUAL_PIN_LENGTH_D * pinMm;
  const leastWallMm = PIN_WALL_SHARE * pinMm;
  const pullN = holdingN(pinMm, lengthMm, input.parent.group);
  return PULLERS.map(threadById)
    .reverse()
    .map((thread): PinPull => {
      const engagedMm = Math.min(ENGAGED_D * thread.majorMm, lengthMm);
      const spacerHeightMm = lengthMm + SPACER_SPARE_MM;
      const carriesN = (id: PinPull['screwClass']) =>
        threadGeometry(thread).tensileAreaMm2 * fastenerClass(id, thread.majorMm).proofMpa;
      const screwClass = carriesN('8.8') >= PULL_MARGIN * pullN ? '8.8' : '12.9';
      return {
        thread,
        drill: chooseTapDrill(thread, { targetShare: PIN_SHARE, tough: false, rack: input.rack }).best,
        wallMm: (pinMm - thread.majorMm) / 2 - offsetMm,
        leastWallMm,
        engagedMm,
        pullN,
        screwClass,
        carriesN: carriesN(screwClass),
        spacerBoreMm: Math.ceil(pinMm + 1),
        spacerHeightMm,
        screwLengthMm: engagedMm + spacerHeightMm + WASHER_MM + NUT_D * thread.majorMm + 3 * thread.pitchMm,
        nutTurns: lengthMm / thread.pitchMm,
      };
    })
    .filter((row) => row.wallMm >= row.leastWallMm);
}

/** The thread to take: the smallest that carries the pull with a quarter to spare, else the largest whose wall is enough; null when none fits. */
export function choosePull(rows: readonly PinPull[]): PinPull | null {
  return [...rows].reverse().find((row) => row.carriesN >= PULL_MARGIN * row.pullN) ?? rows[0] ?? null;
}
