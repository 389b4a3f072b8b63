import { MOST_FOUND } from '@deep-mend/contract';

/** More words than these add nothing that a person would miss. */
const MOST_TERMS = 6;
/** Shorter pieces lie in nearly every row: only the beginnings of words are looked for. */
const PIECE_LENGTH = 3;
const NOT_A_WORD = /[^\p{L}\p{N}]+/gu;
/** Blocks of a table that are looked through from its beginning: about 15 000 rows, a few milliseconds. */
const FIRST_BLOCKS = 500;

/** The first rows that are found, one more than are sorted: whether there are more is known by it. */
export const FOUND_LIMIT = MOST_FOUND + 1;

/** Escapes a text for LIKE. */
const literally = (text: string): string => text.replace(/[\\%_]/g, (character) => `\\${character}`);

/** One way to look for what was typed: a condition on `search_words` and `search_text` of a row `s`. */
export interface Way {
  sql: string;
  values: Record<string, string>;
  /** What it finds counts from so many rows on; below, the next way is tried. */
  from: number;
}

const wordsOf = (term: string): string[] => term.split(NOT_A_WORD).filter(Boolean);

/** Every word stands there whole. One look into an index, however common each of them is. */
function whole(terms: readonly string[]): Way | null {
  const words = terms.flatMap(wordsOf);
  if (words.length === 0 || terms.some((term) => wordsOf(term).length === 0)) return null;
  return {
    sql: `s.search_words @@ to_tsquery('simple', :whole)`,
    values: { whole: words.map((word) => `'${word}'`).join(' & ') },
    from: 1,
  };
}

/** Every term begins a word there, or, from three letters on, stands anywhere. */
function parts(terms: readonly string[]): Omit<Way, 'from'> {
  const values: Record<string, string> = {};
  const isPiece = (term: string) => [...term].length >= PIECE_LENGTH || wordsOf(term).length === 0;
  const somePiece = terms.some(isPiece);
  const conditions = terms.map((term, index) => {
    const words = wordsOf(term);
    if (isPiece(term)) {
      values[`piece${index}`] = `%${literally(term)}%`;
      return `s.search_text LIKE lower(:piece${index})`;
    }
    values[`words${index}`] = words.map((word) => `'${word}':*`).join(' & ');
    const begins = `s.search_words @@ to_tsquery('simple', :words${index})`;
    // A short beginning finds a tenth of all rows: beside a piece it is only looked at, which no index serves.
    return somePiece ? `(${begins}) IS TRUE` : begins;
  });
  return { sql: conditions.join(' AND '), values };
}

/**
 * The ways to look for a text, in their order. Whole words first: who typed *7* does not mean *70*. Then beginnings and
 * pieces: common ones are found in the first rows of the table, at once; only rare ones are worth an index, which reads all
 * that it finds before it gives the first.
 *
 * @param narrow - the list itself is short beside its table, and has an index of its own: its rows are read one by one
 */
export function waysToFind(text: string, narrow = false): Way[] {
  const terms = text.trim().split(/\s+/u).filter(Boolean).slice(0, MOST_TERMS);
  if (terms.length === 0) return [];
  const exact = whole(terms);
  const some = parts(terms);
  // What is only looked at, no index serves: the planner thinks too well of these indexes beside a better one.
  const lookedAt = <W extends Omit<Way, 'from'>>(way: W): W => ({ ...way, sql: `(${way.sql}) IS TRUE` });
  if (narrow) return [...(exact ? [lookedAt(exact)] : []), { ...lookedAt(some), from: 0 }];
  return [
    ...(exact ? [exact] : []),
    { ...some, sql: `s.ctid < '(${FIRST_BLOCKS},0)'::tid AND ${some.sql}`, from: FOUND_LIMIT },
    { ...some, from: 0 },
  ];
}
