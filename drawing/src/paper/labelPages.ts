import { KNOWN_WORDS, type Passport } from '@deep-mend/core';
import type { Pen, Sheet } from '../DisplayList.ts';
import { box, words } from '../shapes.ts';
import { Page } from './Page.ts';
import { MARGIN_PT, PT_PER_MM, type Measure, type PaperId } from './Paper.ts';
import { qrShapes } from './qrShapes.ts';
import { setText, textShapes } from './setText.ts';

export interface LabelInput {
  heading: string;
  shortCode: string;
  qr: readonly (readonly boolean[])[] | null;
  passport: Pick<Passport, 'title' | 'keepOff' | 'known'>;
}

/** A label beside a hole, to be cut out and glued on. */
const WIDE_PT = 84 * PT_PER_MM;
const HIGH_PT = 36 * PT_PER_MM;
const GAP_PT = 4 * PT_PER_MM;
const PAD_PT = 7;
const CUT: Pen = { ink: 'faint', width: 0.5, dash: [3, 2] };
const QR_PT = 26 * PT_PER_MM;

function drawLabel(
  page: Page,
  { heading, shortCode, qr, passport }: LabelInput,
  at: number,
  [x, y]: readonly [number, number],
  measure: Measure,
): void {
  const id = `label ${at}`;
  const width = WIDE_PT - 2 * PAD_PT - (qr ? QR_PT + 6 : 0);
  page.shapes.push(box(id, [x, y], [WIDE_PT, HIGH_PT], { pen: CUT }));
  const rows = [
    setText([{ text: passport.title, bold: true }], width, { sizePt: 10.5, font: 'drawing' }, measure),
    // What must not be done is what a label is for: it stands before where it is.
    ...passport.keepOff
      .slice(0, 2)
      .map((text) => setText([{ text, bold: true }], width, { sizePt: 7.6, font: 'text' }, measure)),
    setText([{ text: `${KNOWN_WORDS[passport.known]}. ${heading}` }], width, { sizePt: 6.6, font: 'text' }, measure),
  ];
  let down = y + PAD_PT - 2;
  rows.forEach((set, row) => {
    page.shapes.push(...textShapes(`${id} ${row}`, set, x + PAD_PT, down));
    down += set.heightPt + 1.5;
  });
  const right = x + WIDE_PT - PAD_PT;
  if (qr) page.shapes.push(...qrShapes(qr, right - QR_PT, y + PAD_PT, QR_PT));
  page.shapes.push(
    words(
      `${id} code`,
      [right, y + HIGH_PT - PAD_PT + 1],
      shortCode,
      { sizePt: 9, ink: 'ink', font: 'drawing', bold: true },
      'end',
    ),
  );
}

/** A sheet of labels: as many as are wanted of each hole, filling one page after the other. */
export function labelPages(labels: readonly LabelInput[], paper: PaperId, measure: Measure): Sheet[] {
  const probe = new Page(paper);
  const across = Math.max(1, Math.floor((probe.widthPt - 2 * MARGIN_PT + GAP_PT) / (WIDE_PT + GAP_PT)));
  const down = Math.floor((probe.heightPt - 2 * MARGIN_PT + GAP_PT) / (HIGH_PT + GAP_PT));
  const perPage = across * down;
  const pages = Array.from({ length: Math.max(1, Math.ceil(labels.length / perPage)) }, () => new Page(paper));
  labels.forEach((label, index) => {
    const at = index % perPage;
    const x = MARGIN_PT + (at % across) * (WIDE_PT + GAP_PT);
    const y = MARGIN_PT + Math.floor(at / across) * (HIGH_PT + GAP_PT);
    drawLabel(pages[Math.floor(index / perPage)]!, label, at, [x, y], measure);
  });
  return pages.map((page) => page.sheet());
}
