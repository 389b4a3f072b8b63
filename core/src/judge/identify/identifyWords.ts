import { mmToInch, type Say } from '../../basis/units/index.ts';
import type { Evidence } from './evidence.ts';
import type { Candidate, Identification } from './identify.ts';
import { pipePairWords, pitchRead } from './uses.ts';

const CALLED: Readonly<Record<Evidence['kind'], string>> = {
  'male-major': 'diameter',
  pitch: 'pitch',
  'threads-per-inch': 'pitch',
  bore: 'bore',
  plug: 'bore',
  'test-screw': 'test screw',
  'form-angle': 'angle',
  taper: 'taper',
  hand: 'hand',
  made: 'age and place',
};

/** What a finding comes to, in a line. */
export function headlineWords({ outcome, candidates }: Identification): string {
  const first = candidates[0]?.thread.designation ?? '';
  switch (outcome) {
    case 'clear':
      return `It is ${first}`;
    case 'likely':
      return `Most likely ${first}`;
    case 'not-enough':
      return 'Not enough evidence yet';
    case 'none-of-these':
      return 'None of the threads held fits';
  }
}

/** Which reading stands against the best, where it is more than three of its doubts off; null where none does. */
export function againstWords({ candidates }: Identification, evidence: readonly Evidence[]): string | null {
  const [first] = candidates;
  if (!first?.against) return null;
  const { index, doubts } = first.against;
  return `Against ${first.thread.designation} stands the ${CALLED[evidence[index]!.kind]}: it is ${doubts > 20 ? 'far more than 20' : `about ${Math.round(doubts)}`} times its doubt off.`;
}

/** How a candidate's readings lie outside what it allows. @example misfitWords({ misfitsMm: [0] }, [{ kind: 'taper', seen: true }]) // 'fits every reading' */
export function misfitWords({ misfitsMm }: Pick<Candidate, 'misfitsMm'>, evidence: readonly Evidence[]): string {
  const off = misfitsMm.flatMap((mm, index) =>
    mm === null || Math.abs(mm) < SHOWN_MISFIT_MM
      ? []
      : [
          `${CALLED[evidence[index]!.kind]} off by ${mm > 0 ? '+' : '−'}${Math.abs(mm).toFixed(2)} mm (${Math.abs(Math.round(mmToInch(mm) * 1000))} thou)`,
        ],
  );
  return off.length === 0 ? 'fits every reading' : off.join(', ');
}
const SHOWN_MISFIT_MM = 0.005;

/** The further reading that would tell the first two apart; null where there is none. */
export function separatorWords({ separator, candidates }: Identification, say: Say): string | null {
  const [one, two] = candidates;
  if (!separator || !one || !two) return null;
  const [a, b] = [one.thread.designation, two.thread.designation];
  const { first, second, pitches = 10 } = separator;
  const [yes, no] = first === 1 ? [a, b] : [b, a];
  switch (separator.reading) {
    case 'pitch':
      return `Measure ${pitches} pitches: ${say.length(pitches * first)} means ${a}, ${say.length(pitches * second)} means ${b}.`;
    case 'male-major':
      return `Measure across the crests of the screw: about ${say.length(first)} means ${a}, ${say.length(second)} means ${b}.`;
    case 'bore':
      return `Measure the bore: about ${say.length(first)} means ${a}, ${say.length(second)} means ${b}.`;
    case 'test-screw':
      return `Run a good ${a} screw in by hand: it goes all the way in ${a} and binds within ${say.length(second)} in ${b}.`;
    case 'form-angle':
      return `Hold a gauge blade between the flanks: ${first}° means ${a}, ${second}° means ${b}.`;
    case 'taper':
      return `Measure the diameter at both ends, 10 mm apart: 0.6 mm more means ${yes}, the same means ${no}.`;
    case 'hand':
      return `Look which way it winds: falling to the right it is ${no}, to the left ${yes}.`;
  }
}

/** What else belongs to a finding: the pitch as read with its doubt, and pipe threads that are not interchangeable. */
export function findingNotes({ candidates }: Identification, evidence: readonly Evidence[], say: Say): string[] {
  const notes: string[] = [];
  const pitch = pitchRead(evidence);
  if (pitch)
    notes.push(
      `Pitch read: ${say.length(pitch.mm)} ± ${say.fine(pitch.halfWidthMm)}, ${pitch.perInch.toFixed(1)} ± ${pitch.perInchHalfWidth.toFixed(1)} threads per inch.`,
    );
  const likely = candidates.filter(({ probability }) => probability >= LIKELY_PAIR).map(({ thread }) => thread);
  const pair = likely.flatMap((first, index) => likely.slice(index + 1).map((second) => pipePairWords(first, second)));
  const words = pair.find((row) => row !== null);
  if (words) notes.push(words);
  return notes;
}
/** From this share of belief a candidate is worth a warning (our estimate). */
const LIKELY_PAIR = 0.02;
