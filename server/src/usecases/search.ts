import { MOST_FOUND } from '@deep-mend/contract';

/** More words than these add nothing that a person would miss. */
const MOST_TERMS = 6;
/** Shorter pieces lie in nearly every row: only the beginnings of words are looked for. */
const PIECE_LENGTH = 3;
const NOT_A_WORD = /[^\p{L}\p{N}]+/gu;

/** Escapes a text for LIKE. */
const literally = (text: string): string => text.replace(/[\\%_]/g, (character) => `\\${character}`);

export interface Search {
  /** A condition on `search_words` and `search_text` of a row. */
  sql: string;
  values: Record<string, string>;
}

/** What every word of a search asks of a row: it begins a word there, or, from three letters on, stands anywhere. */
export function searchFor(text: string): Search | null {
  const terms = text.trim().split(/\s+/u).filter(Boolean).slice(0, MOST_TERMS);
  if (terms.length === 0) return null;
  const values: Record<string, string> = {};
  const conditions = terms.map((term, index) => {
    const words = term.split(NOT_A_WORD).filter(Boolean);
    const ways: string[] = [];
    if (words.length > 0) {
      values[`words${index}`] = words.map((word) => `'${word}':*`).join(' & ');
      ways.push(`s.search_words @@ to_tsquery('simple', :words${index})`);
    }
    if ([...term].length >= PIECE_LENGTH || words.length === 0) {
      values[`piece${index}`] = `%${literally(term)}%`;
      ways.push(`s.search_text LIKE lower(:piece${index})`);
    }
    return `(${ways.join(' OR ')})`;
  });
  return { sql: conditions.join(' AND '), values };
}

/** The first rows that are found, one more than are sorted: whether there are more is known by it. */
export const foundLimit = MOST_FOUND + 1;
