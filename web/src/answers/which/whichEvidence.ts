import {
  explainLengthProblem,
  explainThreadProblem,
  parseLength,
  parseThread,
  USUAL_READING_HALF_WIDTH_MM,
  type Evidence,
  type MadeIn,
  type UnitSystem,
} from '@deep-mend/core';
import { isRecord } from '../../base/kept.ts';

/** What is typed on the which-thread sheet, as text. */
export interface WhichInputs {
  major: string;
  worn: boolean;
  over: string;
  pitches: string;
  perInch: string;
  bore: string;
  /** The largest drill or plug that enters, and the next that does not. */
  plug: string;
  plugNext: string;
  screw: string;
  /** Empty: it runs in freely. */
  binds: string;
  /** Degrees as text; empty: not looked at. */
  angle: string;
  angleBy: 'blade' | 'eye';
  taper: '' | 'yes' | 'no';
  leftHand: boolean;
  region: MadeIn | '';
  year: string;
}

export const NO_INPUTS: WhichInputs = {
  major: '',
  worn: false,
  over: '',
  pitches: '10',
  perInch: '',
  bore: '',
  plug: '',
  plugNext: '',
  screw: '',
  binds: '',
  angle: '',
  angleBy: 'blade',
  taper: '',
  leftHand: false,
  region: '',
  year: '',
};

/** What lies on the device is an earlier sheet: of each field that it has, the same kind of value. */
export const isWhichInputs = (value: unknown): value is Partial<WhichInputs> =>
  isRecord(value) &&
  Object.entries(NO_INPUTS).every(([name, usual]) => !(name in value) || typeof value[name] === typeof usual);

export type WhichProblems = Partial<Record<keyof WhichInputs, string>>;

/** A plug without its neighbour is one of a set by 1/64 in. */
const USUAL_PLUG_STEP_MM = 25.4 / 64;

/** Turns the sheet into evidence, with a sentence for each field that could not be read. */
export function evidenceOf(inputs: WhichInputs, units: UnitSystem): { evidence: Evidence[]; problems: WhichProblems } {
  const evidence: Evidence[] = [];
  const problems: WhichProblems = {};
  const length = (field: 'major' | 'over' | 'bore' | 'plug' | 'plugNext', maxMm: number): number | null => {
    if (inputs[field].trim() === '') return null;
    const parsed = parseLength(inputs[field], { bareUnit: units, minMm: 0.5, maxMm });
    if (parsed.ok) return parsed.length.mm;
    problems[field] = explainLengthProblem(parsed.problem);
    return null;
  };
  const number = (field: 'pitches' | 'perInch' | 'binds' | 'year', low: number, high: number): number | null => {
    if (inputs[field].trim() === '') return null;
    const value = Number(inputs[field].replace(',', '.'));
    if (value >= low && value <= high) return value;
    problems[field] = `“${inputs[field]}” was read; expected a number between ${low} and ${high}.`;
    return null;
  };
  const major = length('major', 60);
  if (major !== null)
    evidence.push({
      kind: 'male-major',
      mm: major,
      halfWidthMm: USUAL_READING_HALF_WIDTH_MM.caliper,
      worn: inputs.worn,
    });
  const over = length('over', 300);
  const pitches = number('pitches', 1, 100);
  if (over !== null && pitches !== null)
    evidence.push({ kind: 'pitch', overMm: over, pitches, halfWidthMm: USUAL_READING_HALF_WIDTH_MM.ruleOverPitches });
  const perInch = number('perInch', 3, 100);
  if (perInch !== null) evidence.push({ kind: 'threads-per-inch', count: perInch });
  const bore = length('bore', 60);
  if (bore !== null) evidence.push({ kind: 'bore', mm: bore, halfWidthMm: USUAL_READING_HALF_WIDTH_MM.caliper });
  const plug = length('plug', 60);
  const plugNext = length('plugNext', 60);
  if (plug !== null && plugNext !== null && !(plugNext > plug)) {
    problems.plugNext = 'The next size, which does not enter, must be larger than the one that does.';
  } else if (plug !== null) {
    evidence.push({ kind: 'plug', mm: plug, stepMm: plugNext === null ? USUAL_PLUG_STEP_MM : plugNext - plug });
  }
  if (inputs.angle !== '') evidence.push({ kind: 'form-angle', deg: Number(inputs.angle), by: inputs.angleBy });
  if (inputs.taper !== '') evidence.push({ kind: 'taper', seen: inputs.taper === 'yes' });
  const year = number('year', 1850, 2100);
  if (inputs.region !== '') evidence.push({ kind: 'made', region: inputs.region, year });
  const binds = number('binds', 0, 60);
  if (inputs.screw.trim() !== '') {
    const screw = parseThread(inputs.screw);
    if (!screw.ok) problems.screw = explainThreadProblem(screw.problem);
    else if (!problems.binds) evidence.push({ kind: 'test-screw', threadId: screw.thread.id, bindsAfterTurns: binds });
  }
  // A hand or a country alone says nothing of the size: they only weigh on what was measured.
  if (inputs.leftHand && evidence.length > 0) evidence.push({ kind: 'hand', hand: 'left' });
  return { evidence: evidence.every((piece) => piece.kind === 'made') ? [] : evidence, problems };
}
