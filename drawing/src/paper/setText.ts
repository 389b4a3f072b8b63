import type { Ink, Shape } from '../DisplayList.ts';
import { words } from '../shapes.ts';
import type { Measure, PaperLetters } from './Paper.ts';

/** A piece of a paragraph that looks the same throughout. */
export interface Run {
  text: string;
  bold?: boolean;
  ink?: Ink;
}

interface Piece extends Run {
  x: number;
}

/** A paragraph broken into lines, each with its pieces in their places. */
export interface SetText {
  lines: Piece[][];
  sizePt: number;
  leadPt: number;
  font: PaperLetters['font'];
  heightPt: number;
}

const LEAD = 1.22;

/** A word that is wider than its line is cut where it no longer fits. */
function cut(word: string, width: number, wide: (text: string) => number): string[] {
  const parts: string[] = [];
  let rest = word;
  while (wide(rest) > width && rest.length > 1) {
    let end = rest.length - 1;
    while (end > 1 && wide(rest.slice(0, end)) > width) end -= 1;
    parts.push(rest.slice(0, end));
    rest = rest.slice(end);
  }
  return [...parts, rest];
}

/** Breaks runs into lines no wider than `widthPt`: at spaces, and inside a word only where it fills a line alone. */
export function setText(
  runs: readonly Run[],
  widthPt: number,
  { sizePt, font }: { sizePt: number; font: PaperLetters['font'] },
  measure: Measure,
): SetText {
  const lines: Piece[][] = [];
  let line: Piece[] = [];
  let x = 0;
  const turn = () => {
    if (line.length > 0) lines.push(line);
    line = [];
    x = 0;
  };
  for (const { text, bold = false, ink } of runs) {
    const wide = (part: string) => measure(part, { sizePt, font, bold });
    for (const word of text.split(/(?<= )/).flatMap((one) => cut(one, widthPt, wide))) {
      const bare = word.trimEnd();
      if (x > 0 && x + wide(bare) > widthPt) turn();
      // A space at the head of a line is none.
      const shown = line.length === 0 ? word.trimStart() : word;
      if (shown === '') continue;
      const last = line.at(-1);
      if (last && last.bold === bold && last.ink === ink) last.text += shown;
      else line.push({ text: shown, bold, x, ...(ink === undefined ? {} : { ink }) });
      x += wide(shown);
    }
  }
  turn();
  const leadPt = sizePt * LEAD;
  return { lines, sizePt, leadPt, font, heightPt: lines.length * leadPt };
}

/** The set paragraph in its place: its upper left corner. */
export function textShapes(id: string, { lines, sizePt, leadPt, font }: SetText, x: number, y: number): Shape[] {
  return lines.flatMap((pieces, row) =>
    pieces.map((piece, index) =>
      words(`${id} ${row} ${index}`, [x + piece.x, y + row * leadPt + sizePt], piece.text, {
        sizePt,
        ink: piece.ink ?? 'ink',
        font,
        bold: piece.bold ?? false,
      }),
    ),
  );
}
