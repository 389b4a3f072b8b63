import type { Pen, Sheet } from '../DisplayList.ts';
import { level, words } from '../shapes.ts';
import { Page } from './Page.ts';
import { MARGIN_PT, type Measure, type PaperId } from './Paper.ts';
import { setText, textShapes } from './setText.ts';

/** A table on paper, made to be hung up: its columns as wide as their widest entry. */
export interface PaperTable {
  title: string;
  under: string;
  columns: readonly string[];
  /** The first entry of a row names it. */
  rows: readonly (readonly string[])[];
  /** Which column is read from across the room. */
  bold: number;
  foot: string;
}

const LINE_PEN: Pen = { ink: 'hatch', width: 0.5 };
const HEAD_PEN: Pen = { ink: 'ink', width: 1.2 };
const SIZE_PT = 9.4;
const ROW_PT = 15;
const GAP_PT = 12;

/** A table over as many pages as it takes, its head on each; narrow tables stand in two columns on a page. */
export function tablePages(table: PaperTable, paper: PaperId, measure: Measure): Sheet[] {
  const { title, under, columns, rows, bold, foot } = table;
  const pages: Page[] = [];
  const all = [columns, ...rows];
  const widths = columns.map(
    (_, at) =>
      Math.max(...all.map((row) => measure(row[at] ?? '', { sizePt: SIZE_PT, font: 'text', bold: at === bold }))) +
      GAP_PT,
  );
  const tablePt = widths.reduce((sum, width) => sum + width, 0);
  const usable = new Page(paper).widthPt - 2 * MARGIN_PT;
  const across = Math.max(1, Math.floor((usable + GAP_PT) / (tablePt + GAP_PT)));
  // A table that is wider than its paper is set smaller, never cut.
  const shrink = Math.min(1, usable / tablePt);
  const sizePt = SIZE_PT * shrink;
  let left = [...rows];
  while (left.length > 0 || pages.length === 0) {
    const page = new Page(paper);
    pages.push(page);
    const heading = setText([{ text: title, bold: true }], usable, { sizePt: 17, font: 'drawing' }, measure);
    const sub = setText([{ text: under }], usable, { sizePt: 8.4, font: 'text' }, measure);
    page.shapes.push(
      ...textShapes('title', heading, MARGIN_PT, MARGIN_PT - 6),
      ...textShapes('under', sub, MARGIN_PT, MARGIN_PT + heading.heightPt - 2),
    );
    const top = MARGIN_PT + heading.heightPt + sub.heightPt + 8;
    const fit = Math.floor((page.heightPt - MARGIN_PT - 16 - top - ROW_PT) / ROW_PT);
    for (let column = 0; column < across && (left.length > 0 || column === 0); column += 1) {
      const x = MARGIN_PT + column * (tablePt * shrink + GAP_PT);
      const end = x + tablePt * shrink;
      const xs = widths.map((_, at) => x + shrink * widths.slice(0, at).reduce((sum, width) => sum + width, 0));
      columns.forEach((name, at) =>
        page.shapes.push(
          words(`head ${column} ${at}`, [xs[at]!, top + 9], name, {
            sizePt: sizePt * 0.86,
            ink: 'faint',
            font: 'text',
          }),
        ),
      );
      page.shapes.push(level(`under head ${column}`, top + ROW_PT - 2, x, end - GAP_PT * shrink, HEAD_PEN));
      left.slice(0, fit).forEach((row, at) => {
        const y = top + ROW_PT + at * ROW_PT;
        row.forEach((text, cell) =>
          page.shapes.push(
            words(`${column} ${at} ${cell}`, [xs[cell]!, y + 10.5], text, {
              sizePt,
              ink: 'ink',
              font: 'text',
              bold: cell === bold,
            }),
          ),
        );
        page.shapes.push(level(`rule ${column} ${at}`, y + ROW_PT - 1, x, end - GAP_PT * shrink, LINE_PEN));
      });
      left = left.slice(fit);
    }
  }
  pages.forEach((page, at) =>
    page.shapes.push(
      words('foot', [MARGIN_PT, page.heightPt - MARGIN_PT + 8], `${foot} Page ${at + 1} of ${pages.length}.`, {
        sizePt: 7,
        ink: 'faint',
        font: 'text',
      }),
    ),
  );
  return pages.map((page) => page.sheet());
}
