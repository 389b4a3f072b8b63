import {
  explainLengthProblem,
  explainThreadProblem,
  parseLength,
  parseThread,
  type Evidence,
  type UnitSystem,
} from '@deep-mend/core';

/** What is typed on the which-thread sheet, as text. */
export interface WhichInputs {
  major: string;
  worn: boolean;
  over: string;
  pitches: string;
  perInch: string;
  bore: string;
  screw: string;
  /** Empty: it runs in freely. */
  binds: string;
}

export const NO_INPUTS: WhichInputs = {
  major: '',
  worn: false,
  over: '',
  pitches: '10',
  perInch: '',
  bore: '',
  screw: '',
  binds: '',
};

export type WhichProblems = Partial<Record<keyof WhichInputs, string>>;

/** Calipers over crests and in bores, a rule over several pitches: usual 95 % half-widths. */
const CALIPER_HALF_WIDTH_MM = 0.05;
const RULE_HALF_WIDTH_MM = 0.3;

/** Turns the sheet into evidence, with a sentence for each field that could not be read. */
export function evidenceOf(inputs: WhichInputs, units: UnitSystem): { evidence: Evidence[]; problems: WhichProblems } {
  const evidence: Evidence[] = [];
  const problems: WhichProblems = {};
  const length = (field: 'major' | 'over' | 'bore', maxMm: number): number | null => {
    if (inputs[field].trim() === '') return null;
    const parsed = parseLength(inputs[field], { bareUnit: units, minMm: 0.5, maxMm });
    if (parsed.ok) return parsed.length.mm;
    problems[field] = explainLengthProblem(parsed.problem);
    return null;
  };
  const number = (field: 'pitches' | 'perInch' | 'binds', low: number, high: number): number | null => {
    if (inputs[field].trim() === '') return null;
    const value = Number(inputs[field].replace(',', '.'));
    if (value >= low && value <= high) return value;
    problems[field] = `“${inputs[field]}” was read; expected a number between ${low} and ${high}.`;
    return null;
  };
  const major = length('major', 60);
  if (major !== null)
    evidence.push({ kind: 'male-major', mm: major, halfWidthMm: CALIPER_HALF_WIDTH_MM, worn: inputs.worn });
  const over = length('over', 300);
  const pitches = number('pitches', 1, 100);
  if (over !== null && pitches !== null)
    evidence.push({ kind: 'pitch', overMm: over, pitches, halfWidthMm: RULE_HALF_WIDTH_MM });
  const perInch = number('perInch', 3, 100);
  if (perInch !== null) evidence.push({ kind: 'threads-per-inch', count: perInch });
  const bore = length('bore', 60);
  if (bore !== null) evidence.push({ kind: 'bore', mm: bore, halfWidthMm: CALIPER_HALF_WIDTH_MM });
  const binds = number('binds', 0, 60);
  if (inputs.screw.trim() !== '') {
    const screw = parseThread(inputs.screw);
    if (!screw.ok) problems.screw = explainThreadProblem(screw.problem);
    else if (!problems.binds) evidence.push({ kind: 'test-screw', threadId: screw.thread.id, bindsAfterTurns: binds });
  }
  return { evidence, problems };
}
