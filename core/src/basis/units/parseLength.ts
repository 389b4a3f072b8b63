import { MM_PER_INCH } from './inch.ts';
import { LETTER_DRILL_TENTHOUSANDTHS, NUMBER_DRILL_TENTHOUSANDTHS } from './tables/gaugeSizes.ts';

/** How a length was written. `number` and `letter` are drill gauge sizes. */
export type LengthNotation = 'mm' | 'in' | 'thou' | 'number' | 'letter';

export interface ParsedLength {
  /** The text as typed, trimmed. */
  text: string;
  mm: number;
  notation: LengthNotation;
  /** True when no unit was written and the field's own unit was taken. */
  bare: boolean;
}

export type LengthProblem =
  | { code: 'empty' }
  | { code: 'too-long'; characters: number; limit: number }
  | { code: 'negative'; text: string }
  | { code: 'zero-denominator'; text: string }
  | { code: 'not-a-length'; text: string }
  | { code: 'unknown-gauge'; text: string }
  | { code: 'no-gauge'; text: string }
  | { code: 'unit-missing'; text: string; asMm: number; inchAsMm: number }
  | { code: 'beyond-field'; text: string; mm: number; minMm: number; maxMm: number; perhapsMm: number | null };

export type LengthResult = { ok: true; length: ParsedLength } | { ok: false; problem: LengthProblem };

export interface ParseLengthOptions {
  /** Unit of a bare number, as the field shows it beside itself. Null refuses a bare number. */
  bareUnit: 'mm' | 'in' | null;
  /** The range that makes sense for the field. Default 0 to 10 m. */
  minMm?: number;
  maxMm?: number;
  /** Whether a drill’s number or letter is a length here: a doubt is never one. Default true. */
  gauges?: boolean;
}

export const LENGTH_TEXT_LIMIT = 40;
const MAX_MM = 10_000;

const NUMBER = String.raw`\d+(?:[.,]\d*)?|[.,]\d+`;
const MIXED = /^(\d+)[ -]+(\d+)\s*\/\s*(\d+)$/;
const FRACTION = /^(\d+)\s*\/\s*(\d+)$/;
const DECIMAL = new RegExp(`^(?:${NUMBER})$`);

type Magnitude = { value: number; isFraction: boolean };

function readMagnitude(text: string): Magnitude | LengthProblem {
  const mixed = MIXED.exec(text);
  const fraction = FRACTION.exec(text);
  if (mixed || fraction) {
    const [whole, top, bottom] = mixed
      ? [Number(mixed[1]), Number(mixed[2]), Number(mixed[3])]
      : [0, Number(fraction![1]), Number(fraction![2])];
    if (bottom === 0) return { code: 'zero-denominator', text };
    return { value: (whole * bottom + top) / bottom, isFraction: true };
  }
  if (DECIMAL.test(text)) return { value: Number(text.replace(',', '.')), isFraction: false };
  return { code: 'not-a-length', text };
}

function inRange(length: ParsedLength, options: ParseLengthOptions): LengthResult {
  const minMm = options.minMm ?? 0;
  const maxMm = options.maxMm ?? MAX_MM;
  if (length.mm >= minMm && length.mm <= maxMm) return { ok: true, length };
  // The slips that are seen most: the other system, a decimal point lost, a fraction turned round.
  const turned = FRACTION.exec(length.text.replace(/["a-z]/gi, '').trim());
  const candidates = [
    ...(length.bare && options.bareUnit === 'in' ? [length.mm / MM_PER_INCH] : []),
    ...(length.bare && options.bareUnit === 'mm' ? [length.mm * MM_PER_INCH] : []),
    ...(turned && Number(turned[1]) > 0 ? [(Number(turned[2]) / Number(turned[1])) * MM_PER_INCH] : []),
    length.mm / 10,
    length.mm / 100,
    length.mm * 10,
  ];
  const perhapsMm = candidates.find((mm) => mm >= minMm && mm <= maxMm && mm > 0) ?? null;
  return { ok: false, problem: { code: 'beyond-field', text: length.text, mm: length.mm, minMm, maxMm, perhapsMm } };
}

/**
 * Reads a length as people write it: `8.5`, `8,5 mm`, `.3125"`, `27/64`, `1 1/8 in`, `386 thou`, `#7`, `H`.
 * Fractions, number and letter sizes are inches by custom; any other bare number takes the field's own unit and says
 * so in `bare`; without a field unit it is refused, never guessed.
 * @example parseLength('27/64', { bareUnit: 'mm' }).length.mm // 10.715625
 */
export function parseLength(input: string, options: ParseLengthOptions): LengthResult {
  if (input.length > LENGTH_TEXT_LIMIT) {
    return { ok: false, problem: { code: 'too-long', characters: input.length, limit: LENGTH_TEXT_LIMIT } };
  }
  const text = input.trim().replace(/\s+/g, ' ');
  if (text === '') return { ok: false, problem: { code: 'empty' } };
  if (/^[-−–]/.test(text)) return { ok: false, problem: { code: 'negative', text } };

  const gauge = /^(?:#\s*|no\.?\s*)(\d{1,3})$/i.exec(text);
  const letter = /^[a-z]$/i.test(text);
  if ((gauge || letter) && options.gauges === false) return { ok: false, problem: { code: 'no-gauge', text } };
  if (gauge) {
    const size = NUMBER_DRILL_TENTHOUSANDTHS[Number(gauge[1])];
    if (size === undefined) return { ok: false, problem: { code: 'unknown-gauge', text } };
    return inRange({ text, mm: (size * MM_PER_INCH) / 10_000, notation: 'number', bare: false }, options);
  }
  if (letter) {
    const size = LETTER_DRILL_TENTHOUSANDTHS[text.toUpperCase()]!;
    return inRange({ text, mm: (size * MM_PER_INCH) / 10_000, notation: 'letter', bare: false }, options);
  }

  const suffix = /\s*(mm|in\.?|inch(?:es)?|"|″|thou|mil)$/i.exec(text);
  const body = suffix ? text.slice(0, suffix.index).trim() : text;
  const magnitude = readMagnitude(body);
  if ('code' in magnitude) return { ok: false, problem: magnitude };
  const unitText = suffix?.[1]?.toLowerCase();
  if (unitText === 'mm') return inRange({ text, mm: magnitude.value, notation: 'mm', bare: false }, options);
  if (unitText === 'thou' || unitText === 'mil') {
    return inRange({ text, mm: (magnitude.value * MM_PER_INCH) / 1000, notation: 'thou', bare: false }, options);
  }
  if (unitText !== undefined || magnitude.isFraction) {
    return inRange({ text, mm: magnitude.value * MM_PER_INCH, notation: 'in', bare: false }, options);
  }
  if (options.bareUnit === null) {
    const problem = {
      code: 'unit-missing',
      text,
      asMm: magnitude.value,
      inchAsMm: magnitude.value * MM_PER_INCH,
    } as const;
    return { ok: false, problem };
  }
  const mm = options.bareUnit === 'mm' ? magnitude.value : magnitude.value * MM_PER_INCH;
  return inRange({ text, mm, notation: options.bareUnit, bare: true }, options);
}
