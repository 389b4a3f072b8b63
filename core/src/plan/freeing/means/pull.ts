import type { Say } from '../../../basis/units/index.ts';
import { spoilsNothing, steps, type MeansMethod } from '../Means.ts';
import { choosePull, PIN_WALL_SHARE, pinPulls, type PinPull } from '../pinPull.ts';
import { drillGetsIn, roomWords, startOfDrill, stuckFacts, type StuckFacts } from '../stuckFacts.ts';
import type { StuckCase } from '../StuckCase.ts';

/** The thinnest pin that any thread can be tapped into. */
const THINNEST_PIN_MM = 2;

type Taken = {
  designation: string;
  drillId: string | null;
  drillMm: number;
  wallMm: number;
  leastWallMm: number;
  engagedMm: number;
  pullN: number;
  carriesN: number;
  screwClass: string;
  spacerBoreMm: number;
  spacerHeightMm: number;
  screwLengthMm: number;
  nutTurns: number;
};
type Own = StuckFacts & {
  pin: boolean;
  /** A file was tried on it. */
  tried: boolean;
  taken: Taken | null;
};

const takenOf = ({ thread, drill, ...row }: PinPull): Taken => ({
  ...row,
  designation: thread.designation,
  drillId: drill?.drill.id ?? null,
  drillMm: thread.majorMm - thread.pitchMm,
});

function choose(stuck: StuckCase): Taken | null {
  const pinMm = stuck.thread.majorMm;
  if (pinMm < THINNEST_PIN_MM) return null;
  const { lengthMm, parent, rack } = stuck;
  const offsetMm = Math.min(stuck.offsetMm ?? 0, pinMm / 2);
  const best = choosePull(pinPulls({ pinMm, offsetMm, lengthMm, parent, rack }));
  return best && takenOf(best);
}

function why(facts: Own, say: Say): string {
  const { pin, hard, through, taken, offsetMm, majorMm } = facts;
  if (!pin) return 'only for a smooth pin or dowel';
  if (hard) return 'a hardened pin will not drill: do not blunt the first drill on it';
  if (through) return 'it goes through: drive it out from behind';
  if (!drillGetsIn(facts)) return roomWords(facts, say);
  if (taken === null)
    return `it is too thin to be tapped${offsetMm ? ` at ${say.length(offsetMm)} off` : ''}: no thread leaves ${say.length(PIN_WALL_SHARE * majorMm)} of wall`;
  return `${taken.designation} leaves the pin ${say.length(taken.wallMm)} of wall ${offsetMm === null ? 'less the offset' : `at ${say.length(offsetMm)} off`}, ${say.length(taken.leastWallMm)} is enough; up to ${say.load(taken.pullN)} may be needed, a ${taken.screwClass} screw carries ${say.load(taken.carriesN)}${taken.carriesN < taken.pullN ? ': soak and heat it first' : ''}`;
}

export const pull: MeansMethod<Own> = {
  judge: (stuck) => {
    // A threaded plug is turned or drilled like a screw.
    const pin = stuck.what === 'dowel';
    const facts = { ...stuckFacts(stuck), pin, tried: stuck.hardnessKnown, taken: pin ? choose(stuck) : null };
    const possible = pin && !stuck.hard && !stuck.through && facts.taken !== null && drillGetsIn(facts);
    return { verdict: possible ? 'with-care' : 'does-not-hold', facts };
  },
  title: () => 'Drill it, tap it and pull it',
  because: (facts, _verdict, say) => why(facts, say),
  steps: (facts, say) => {
    const { taken } = facts;
    if (taken === null) return [];
    return steps(
      ...(facts.tried
        ? []
        : ['Try a file on its end first: one that skates says hardened, and then no drill is started.']),
      startOfDrill(facts),
      `Drill ${taken.drillId ?? say.length(taken.drillMm)}, not through the pin’s end; tap ${taken.designation}, at least ${say.length(taken.engagedMm)} of thread.`,
      `Spacer ${say.length(taken.spacerBoreMm)} bore, ${say.length(taken.spacerHeightMm)} high, washer and nut; a ${taken.screwClass} screw about ${say.length(taken.screwLengthMm)} long, all thread.`,
      `Hold the screw still while the nut turns: about ${Math.ceil(taken.nutTurns)} turns bring it out.`,
      'Never a punch: it drives a blind pin deeper.',
    );
  },
  stop: () => 'The thread in the pin starts to give, or the screw stretches.',
  spoils: spoilsNothing,
};
