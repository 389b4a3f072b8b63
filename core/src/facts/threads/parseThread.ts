import { nearestThreadIds, THREADS, withHand } from './threads.ts';
import type { Thread } from './Thread.ts';

export type ThreadProblem =
  | { code: 'empty' }
  | { code: 'too-long'; characters: number; limit: number }
  | { code: 'incomplete'; text: string; examples: string[] }
  | { code: 'not-a-thread'; text: string }
  | { code: 'not-held'; text: string; nearest: string[] };

export type ThreadResult = { ok: true; thread: Thread } | { ok: false; problem: ThreadProblem };

export const THREAD_TEXT_LIMIT = 40;

/**
 * Reads a thread designation: `M8` (coarse), `m8x1`, `M12 × 1.25 LH`, `5/16-18`, `#10-32`, `3/8-16 UNC`, `.250-20`.
 * A size without its pitch means the coarse series for metric; an inch size must name its threads per inch.
 * @example parseThread('M8').thread.id // 'M8x1.25'
 */
export function parseThread(input: string): ThreadResult {
  if (input.length > THREAD_TEXT_LIMIT) {
    return { ok: false, problem: { code: 'too-long', characters: input.length, limit: THREAD_TEXT_LIMIT } };
  }
  const text = input.trim().replace(/\s+/g, ' ');
  if (text === '') return { ok: false, problem: { code: 'empty' } };
  const left = /\s*[- ]?(?:LH|left(?:[- ]hand)?)$/i.exec(text);
  const body = left ? text.slice(0, left.index) : text;
  const found = parseMetric(body) ?? parseUnified(body) ?? { code: 'not-a-thread' as const, text };
  if ('code' in found) return { ok: false, problem: found };
  return { ok: true, thread: left ? withHand(found, 'left') : found };
}

function parseMetric(text: string): Thread | ThreadProblem | null {
  if (!/^m\s?\d/i.test(text)) return null;
  const match = /^m\s?(\d+(?:[.,]\d+)?)(?:\s*[x×*-]\s*(\d*[.,]?\d*))?$/i.exec(text);
  if (!match) return { code: 'not-a-thread', text };
  const majorMm = Number(match[1]!.replace(',', '.'));
  const sizes = THREADS.filter((t) => t.family === 'metric' && t.majorMm === majorMm);
  if (match[2] === undefined) {
    return sizes.find((t) => t.series === 'coarse') ?? { code: 'not-held', text, nearest: nearestMetric(majorMm) };
  }
  const pitchMm = Number(match[2].replace(',', '.'));
  if (match[2] === '' || !(pitchMm > 0)) {
    const examples = (sizes.length > 0 ? sizes : THREADS.filter((t) => t.id === 'M8x1.25')).map((t) => t.id);
    return { code: 'incomplete', text, examples: examples.slice(0, 3) };
  }
  const nearest = sizes.length > 0 ? sizes.map((t) => t.id) : nearestMetric(majorMm);
  return sizes.find((t) => Math.abs(t.pitchMm - pitchMm) < 1e-9) ?? { code: 'not-held', text, nearest };
}

function nearestMetric(majorMm: number): string[] {
  return THREADS.filter((t) => t.family === 'metric' && t.series === 'coarse')
    .sort((a, b) => Math.abs(a.majorMm - majorMm) - Math.abs(b.majorMm - majorMm))
    .slice(0, 2)
    .map((t) => t.id);
}

function parseUnified(text: string): Thread | ThreadProblem | null {
  const match =
    /^(#|no\.? ?)?(\d+[ -]\d+\/\d+|\d+\/\d+|\d*\.\d+|\d+)\s*(?:in|"|″)?\s*-\s*(\d*)\s*(?:tpi)?\s*(unc|unf|unef)?(?:-?[123][ab])?$/i.exec(
      text,
    );
  const sizeAndSeries = /^(#|no\.? ?)?(\d+[ -]\d+\/\d+|\d+\/\d+|\d+)\s*(?:in|"|″)?\s*(unc|unf|unef)$/i.exec(text);
  if (!match && !sizeAndSeries) return null;
  const size = (match ?? sizeAndSeries)![2]!.replace(/^(\d+)-(?=\d+\/)/, '$1 ');
  const asInch = size.startsWith('.') || size.startsWith('0.') ? Number(size) : null;
  const sameSize = THREADS.filter(
    (t) =>
      t.family === 'unified' &&
      (asInch === null ? t.id.startsWith(`${size}-`) : Math.abs(t.majorInch! - asInch) < 1e-9),
  );
  const nearest = sameSize.length > 0 ? sameSize.map((t) => t.id) : nearestThreadIds(size);
  if (sizeAndSeries) {
    return sameSize.find((t) => t.series === sizeAndSeries[3]!.toUpperCase()) ?? { code: 'not-held', text, nearest };
  }
  if (match![3] === '') {
    return { code: 'incomplete', text, examples: nearest.length > 0 ? nearest.slice(0, 3) : ['3/8-16'] };
  }
  const thread = sameSize.find((t) => t.threadsPerInch === Number(match![3]));
  return thread ?? { code: 'not-held', text, nearest };
}

/** One kind sentence for a thread that could not be read. */
export function explainThreadProblem(problem: ThreadProblem): string {
  const examples = 'M8, M10x1, 3/8-16 or 10-32';
  switch (problem.code) {
    case 'empty':
      return `No thread is typed yet. For example ${examples}.`;
    case 'too-long':
      return `That is ${problem.characters} characters; a thread needs at most ${problem.limit}. For example ${examples}.`;
    case 'incomplete':
      return `“${problem.text}” lacks its pitch. Write for example ${problem.examples.join(' or ')}.`;
    case 'not-a-thread':
      return `“${problem.text}” does not read as a thread. For example ${examples}.`;
    case 'not-held':
      return problem.nearest.length > 0
        ? `“${problem.text}” is not in the tables. Near it: ${problem.nearest.join(', ')}.`
        : `“${problem.text}” is not in the tables. For example ${examples}.`;
  }
}
