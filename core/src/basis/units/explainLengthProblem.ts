import type { LengthProblem } from './parseLength.ts';
import { formatLengthWithUnit } from './formatLength.ts';

// No drill’s name among them: a depth and a doubt refuse it.
const EXAMPLES = '8.5, 8.5 mm, 27/64, .3125 in';

/** One kind sentence for a length that could not be read: what was read, what was expected, an example. */
export function explainLengthProblem(problem: LengthProblem): string {
  switch (problem.code) {
    case 'empty':
      return `Nothing is typed yet. Write a length, for example ${EXAMPLES}.`;
    case 'too-long':
      return `That is ${problem.characters} characters; a length needs at most ${problem.limit}. For example ${EXAMPLES}.`;
    case 'negative':
      return `“${problem.text}” is below zero. Measure from the face inwards, as a plain number, for example 3 mm.`;
    case 'zero-denominator':
      return `“${problem.text}” divides by zero. Did you mean a fraction such as 1/8?`;
    case 'unknown-gauge':
      return `There is no number drill “${problem.text}”. They run from #1 to #80.`;
    case 'no-gauge':
      return `“${problem.text}” is the name of a drill. Write a plain length here, for example 0.5 mm.`;
    case 'unit-missing':
      return `“${problem.text}” has no unit. Write ${problem.text} mm or ${problem.text} in.`;
    case 'beyond-field': {
      const range = `between ${formatLengthWithUnit(problem.minMm, 'mm')} and ${formatLengthWithUnit(problem.maxMm, 'mm')}`;
      const read = `“${problem.text}” reads as ${formatLengthWithUnit(problem.mm, 'mm')}; this field expects ${range}.`;
      return problem.perhapsMm === null
        ? read
        : `${read} Did you mean ${formatLengthWithUnit(problem.perhapsMm, 'mm')}?`;
    }
    case 'not-a-length':
      return `“${problem.text}” does not read as a length. For example ${EXAMPLES}.`;
  }
}
