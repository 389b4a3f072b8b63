import { InputError } from '../../basis/numeric/index.ts';
import { inchToMm } from '../../basis/units/index.ts';
import { CUSTOM_FORMS, customThread } from './custom.ts';
import { nearestThreadIds, THREADS, withHand, withStarts } from './threads.ts';
import type { FormId } from './forms.ts';
import type { Thread } from './Thread.ts';

export type ThreadProblem =
  | { code: 'empty' }
  | { code: 'too-long'; characters: number; limit: number }
  | { code: 'incomplete'; text: string; examples: string[] }
  | { code: 'not-a-thread'; text: string }
  | { code: 'not-held'; text: string; nearest: string[] }
  | { code: 'impossible'; text: string; expected: string };

export type ThreadResult = { ok: true; thread: Thread } | { ok: false; problem: ThreadProblem };

export const THREAD_TEXT_LIMIT = 60;

type Read = Thread | ThreadProblem | null;

const of = (series: Thread['series']) => THREADS.filter((thread) => thread.series === series);
const idsOf = (threads: readonly Thread[]) => threads.map((thread) => thread.id);
const decimal = (text: string) => Number(text.replace(',', '.'));

/** Series named after an inch size, as people write them. */
const SERIES_WORDS: Readonly<Record<string, Thread['series']>> = {
  UNC: 'UNC',
  UNF: 'UNF',
  UNEF: 'UNEF',
  UN: 'UN',
  BSW: 'BSW',
  W: 'BSW',
  WHIT: 'BSW',
  WHITWORTH: 'BSW',
  BSF: 'BSF',
  NPT: 'NPT',
  BSPP: 'G',
  BSP: 'G',
  BSPT: 'R',
  ACME: 'Acme',
  BRASS: 'brass',
  ME: 'ME',
  CYCLE: 'cycle',
  BSC: 'cycle',
  CEI: 'cycle',
};

/** Power screws are cut to any pitch: one that is in no table is read as custom. */
const ANY_PITCH: Readonly<Partial<Record<Thread['series'], FormId>>> = { Acme: 'acme-29' };

/**
 * Reads a thread designation: `M8` (coarse), `m8x1`, `M12 × 1.25 LH`, `5/16-18`, `#10-32`, `3/8-16 UNC`, `.250-20`,
 * `1/4 BSW`, `2BA`, `G 1/2`, `1/4 NPT`, `R 3/8`, `1/2-10 Acme`, `Tr40x7`, `Tr40x14 P7`, `custom 14.2 x 1.3 55`; any of them
 * with `LH` and with `2-start`. A size without its pitch means the coarse series for metric; a bare inch size must name its
 * threads per inch or its series.
 * @example parseThread('M8').thread.id // 'M8x1.25'
 * @example parseThread('1/4 whit').thread.id // '1/4-20 BSW'
 */
export function parseThread(input: string): ThreadResult {
  if (input.length > THREAD_TEXT_LIMIT) {
    return { ok: false, problem: { code: 'too-long', characters: input.length, limit: THREAD_TEXT_LIMIT } };
  }
  const text = input.trim().replace(/\s+/g, ' ');
  if (text === '') return { ok: false, problem: { code: 'empty' } };
  const left = /[- ]?(?:LH|left(?:[- ]hand(?:ed)?)?)$/i.exec(text);
  const handless = (left ? text.slice(0, left.index) : text).trim();
  const many = /[ ,]+([1-8])[- ]?starts?$/i.exec(handless);
  const body = many ? handless.slice(0, many.index) : handless;
  const found = readMetric(body) ??
    readTrapezoidal(body) ??
    readAssociation(body) ??
    readPipe(body) ??
    readConduit(body) ??
    readCustom(body) ??
    readInch(body) ?? { code: 'not-a-thread' as const, text };
  if ('code' in found) return { ok: false, problem: found };
  const started = many ? withStarts(found, Number(many[1])) : found;
  return { ok: true, thread: left ? withHand(started, 'left') : started };
}

function readMetric(text: string): Read {
  if (!/^m\s?\d/i.test(text)) return null;
  const match = /^m\s?(\d+(?:[.,]\d+)?)(?:\s*[x×*-]\s*(\d*[.,]?\d*))?(?:\s*-?\s*[4-7][hg])?$/i.exec(text);
  if (!match) return { code: 'not-a-thread', text };
  const majorMm = decimal(match[1]!);
  const sizes = THREADS.filter((t) => t.family === 'metric' && t.majorMm === majorMm);
  if (match[2] === undefined) {
    const coarse = sizes.find((t) => t.series === 'coarse');
    if (coarse) return coarse;
    if (sizes.length > 0) return { code: 'incomplete', text, examples: idsOf(sizes) };
    return { code: 'not-held', text, nearest: nearestMetric(majorMm) };
  }
  const pitchMm = decimal(match[2]);
  if (match[2] === '' || !(pitchMm > 0)) {
    const examples = idsOf(sizes.length > 0 ? sizes : THREADS.filter((t) => t.id === 'M8x1.25'));
    return { code: 'incomplete', text, examples: examples.slice(0, 3) };
  }
  const nearest = sizes.length > 0 ? idsOf(sizes) : nearestMetric(majorMm);
  return sizes.find((t) => Math.abs(t.pitchMm - pitchMm) < 1e-9) ?? { code: 'not-held', text, nearest };
}

function nearestMetric(majorMm: number): string[] {
  return idsOf(
    of('coarse')
      .sort((a, b) => Math.abs(a.majorMm - majorMm) - Math.abs(b.majorMm - majorMm))
      .slice(0, 2),
  );
}

/** `Tr40x7`, or with its lead and pitch `Tr40x14 P7`, `Tr40x14(P7)`: lead over pitch is the number of starts. */
function readTrapezoidal(text: string): Read {
  const match = /^tr\s?(\d+)(?:\s*[x×*]\s*(\d+(?:[.,]\d+)?))?(?:\s*\(?\s*p\s*(\d+(?:[.,]\d+)?)\)?)?$/i.exec(text);
  if (!match) return null;
  const sizes = of('Tr').filter((t) => t.majorMm === Number(match[1]));
  const nearest = sizes.length > 0 ? idsOf(sizes) : nearestThreadIds(text);
  if (match[2] === undefined) return sizes[0] ?? { code: 'not-held', text, nearest };
  const lead = decimal(match[2]);
  const pitch = match[3] === undefined ? lead : decimal(match[3]);
  const starts = Math.round(lead / pitch);
  const thread = sizes.find((t) => Math.abs(t.pitchMm - pitch) < 1e-9);
  if (!thread && starts === 1 && sizes.length === 0) return customOf(text, Number(match[1]), pitch, 'trapezoidal-30');
  if (!thread || starts < 1 || starts > 8 || Math.abs(lead - starts * pitch) > 1e-6) {
    return { code: 'not-held', text, nearest };
  }
  return withStarts(thread, starts);
}

function readAssociation(text: string): Read {
  const match = /^(?:(\d+)\s?ba|ba\s?(\d+))$/i.exec(text);
  if (!match) return null;
  const id = `${Number(match[1] ?? match[2])} BA`;
  return of('BA').find((t) => t.id === id) ?? { code: 'not-held', text, nearest: ['0 BA', '2 BA', '10 BA'] };
}

/** `G1/2`, `G 1/2 A`, `R 1/4`, `Rc1/4`, `Rp 1/4`. Rp, the parallel inside thread of the taper system, has the size of G. */
function readPipe(text: string): Read {
  const match = /^(g|rp|rc|r)\s?(\d+ \d+\/\d+|\d+\/\d+|\d+)(?:\s?[ab])?$/i.exec(text);
  if (!match) return null;
  const letter = /^(g|rp)$/i.test(match[1]!) ? 'G' : 'R';
  const thread = of(letter).find((t) => t.id === `${letter}${match[2]}`);
  return thread ?? { code: 'not-held', text, nearest: idsOf(of(letter)).slice(1, 4) };
}

/** `Pg 13.5`. */
function readConduit(text: string): Read {
  const match = /^pg\s?(\d+(?:[.,]\d+)?)$/i.exec(text);
  if (!match) return null;
  const thread = of('Pg').find((t) => t.id === `Pg${match[1]!.replace(',', '.')}`);
  return thread ?? { code: 'not-held', text, nearest: idsOf(of('Pg')).slice(1, 4) };
}

/** `custom 14.2 x 1.3 55`, `custom 0.57 in x 20 tpi 60`; the form is its angle or `square`. */
function readCustom(text: string): Read {
  if (!/^(custom|special|square)\b/i.test(text)) return null;
  const match =
    /^(custom|special|square) (\d*[.,]?\d+)\s?(mm|in|")?\s*[x×*]\s*(\d*[.,]?\d+)\s?(mm|tpi)?(?: (?:form )?(60|55|47\.5|30|29|square)°?)?$/i.exec(
      text,
    );
  const examples = ['custom 14.2 x 1.3 60', 'custom 0.57 in x 20 tpi 55', 'square 25 x 5'];
  if (!match) return { code: 'incomplete', text, examples };
  const [, word, major, majorUnit, pitch, pitchUnit, angle] = match;
  const formWord = word!.toLowerCase() === 'square' ? 'square' : angle?.toLowerCase();
  const form = CUSTOM_FORMS.find((row) => row.word === formWord)?.form;
  if (!form) return { code: 'incomplete', text, examples };
  const majorMm = majorUnit === undefined || majorUnit === 'mm' ? decimal(major!) : inchToMm(decimal(major!));
  const pitchMm = pitchUnit === 'tpi' ? inchToMm(1) / decimal(pitch!) : decimal(pitch!);
  return customOf(text, majorMm, pitchMm, form);
}

function customOf(text: string, majorMm: number, pitchMm: number, form: FormId): Read {
  try {
    return customThread({ majorMm, pitchMm, form });
  } catch (error) {
    if (!(error instanceof InputError)) throw error;
    return { code: 'impossible', text, expected: error.possible.join(', ') };
  }
}

/** `1 1/8`, `3/8`, `.25`, `10` (a number size is none: it has no fraction). */
function inchesWritten(size: string): number {
  const [fraction, whole] = size.split(' ').reverse();
  const [top, bottom] = fraction!.split('/').map(Number);
  return Number(whole ?? 0) + top! / (bottom ?? 1);
}

const INCH =
  /^(?:#|no\.? ?)?(\d+[ -]\d+\/\d+|\d+\/\d+|\d*\.\d+|\d+)\s*(?:in|"|″)?\s*(?:-\s*(\d*(?:\.\d+)?)\s*(?:tpi)?)?\s*(unc|unf|unef|un|bsw|bsf|bspp|bspt|bsp|npt|whitworth|whit|w|acme|brass|me|cycle|bsc|cei)?(?:\s?-?[1-4][abg])?$/i;

function readInch(text: string): Read {
  const flipped = /^(acme|npt|bsw|bsf|whitworth|unc|unf|unef|brass|me|cycle|bsc|cei) (.+)$/i.exec(text);
  const match = INCH.exec(flipped ? `${flipped[2]} ${flipped[1]}` : text);
  // A bare number is a length, not a thread.
  if (!match || (match[2] === undefined && match[3] === undefined)) return null;
  const [, written, perInch, word] = match;
  const size = written!.replace(/^(\d+)-(?=\d+\/)/, '$1 ');
  const series = word === undefined ? null : SERIES_WORDS[word.toUpperCase()]!;
  if (series === 'G' || series === 'R') {
    const thread = of(series).find((t) => t.id === `${series}${size}`);
    return thread ?? { code: 'not-held', text, nearest: idsOf(of(series)).slice(1, 4) };
  }
  const asInch = size.includes('.') ? Number(size) : null;
  const sameSize = THREADS.filter((t) =>
    asInch === null ? t.id.startsWith(`${size}-`) : t.majorInch !== null && Math.abs(t.majorInch - asInch) < 1e-9,
  ).sort((a, b) => Number(a.family !== 'unified') - Number(b.family !== 'unified'));
  const inSeries = sameSize.filter((t) =>
    series === null ? t.family === 'unified' : t.series === series || (series === 'UN' && t.family === 'unified'),
  );
  const nearest = sameSize.length > 0 ? idsOf(sameSize).slice(0, 6) : nearestThreadIds(size);
  if (perInch === undefined) {
    return series !== 'UN' && inSeries.length === 1 ? inSeries[0]! : { code: 'not-held', text, nearest };
  }
  if (perInch === '') {
    return { code: 'incomplete', text, examples: nearest.length > 0 ? nearest.slice(0, 3) : ['3/8-16'] };
  }
  const thread = inSeries.find((t) => t.threadsPerInch === Number(perInch));
  if (thread) return thread;
  const form = series === null ? undefined : ANY_PITCH[series];
  if (form !== undefined) return customOf(text, inchToMm(inchesWritten(size)), inchToMm(1) / Number(perInch), form);
  // `1/4-26` is in no unified series: say who does have it.
  const elsewhere = sameSize.filter((t) => t.threadsPerInch === Number(perInch));
  return { code: 'not-held', text, nearest: elsewhere.length > 0 ? idsOf(elsewhere) : nearest };
}

/** One kind sentence for a thread that could not be read. */
export function explainThreadProblem(problem: ThreadProblem): string {
  const examples = 'M8, M10x1, 3/8-16, 1/4 BSW, 2BA or G1/2';
  switch (problem.code) {
    case 'empty':
      return `No thread is typed yet. For example ${examples}.`;
    case 'too-long':
      return `That is ${problem.characters} characters; a thread needs at most ${problem.limit}. For example ${examples}.`;
    case 'incomplete':
      return `“${problem.text}” lacks its pitch or form. Write for example ${problem.examples.join(' or ')}.`;
    case 'not-a-thread':
      return `“${problem.text}” does not read as a thread. For example ${examples}.`;
    case 'impossible':
      return `“${problem.text}” cannot be cut. Expected ${problem.expected}.`;
    case 'not-held':
      return problem.nearest.length > 0
        ? `“${problem.text}” is not in the tables. Near it: ${problem.nearest.join(', ')}.`
        : `“${problem.text}” is not in the tables. For example ${examples}.`;
  }
}
