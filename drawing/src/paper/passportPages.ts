import { KNOWN_WORDS, type Passport, type UnitSystem } from '@deep-mend/core';
import type { Pen, Sheet } from '../DisplayList.ts';
import { level, upright, words } from '../shapes.ts';
import { Page } from './Page.ts';
import { MARGIN_PT, type Measure, type PaperId } from './Paper.ts';
import { paperSection, type PaperSectionInput } from './paperSection.ts';
import { qrShapes } from './qrShapes.ts';
import { setText, textShapes, type Run } from './setText.ts';

export interface PassportInput {
  paper: PaperId;
  units: UnitSystem;
  /** Where the hole is, and its name. */
  heading: string;
  shortCode: string;
  /** Null where nobody can reach the address from elsewhere. */
  qr: readonly (readonly boolean[])[] | null;
  passport: Passport;
  /** All that was recorded, in its order. */
  entries: readonly { at: string; by: string; words: string }[];
  /** As it is now; null: it cannot be drawn any more, or was never planned. */
  section: Pick<PaperSectionInput, 'hole' | 'assessment' | 'route'> | null;
  /** What it leaves for the next mend; empty: it cannot be told. */
  left: string;
  /** The day on which it is printed. */
  day: string;
}

const RULE: Pen = { ink: 'faint', width: 0.5 };
const HEAVY: Pen = { ink: 'ink', width: 1.4 };
const BAR: Pen = { ink: 'ink', width: 2.4 };
const TEXT = { sizePt: 9, font: 'text' } as const;
const SMALL = { sizePt: 7.4, font: 'text' } as const;
const HEAD = { sizePt: 10.5, font: 'drawing' } as const;
const BIG = { sizePt: 17, font: 'drawing' } as const;
const QR_PT = 64;
const SECTION_PT = 200;
const SECTION_HIGH_PT = 250;
const FOOT_PT = 14;

/** Text that runs on from page to page, from a left edge that may change on the way. */
class Flow {
  readonly pages: Page[];
  y = MARGIN_PT;
  leftPt = MARGIN_PT;
  private made = 0;
  private readonly paper: PaperId;
  private readonly measure: Measure;

  constructor(paper: PaperId, measure: Measure) {
    this.paper = paper;
    this.measure = measure;
    this.pages = [new Page(paper)];
  }

  get page(): Page {
    return this.pages.at(-1)!;
  }

  private get rightPt(): number {
    return this.page.widthPt - MARGIN_PT;
  }

  /** A paragraph; with a bar where it must not be overlooked. */
  text(
    runs: readonly Run[],
    letters: { sizePt: number; font: 'drawing' | 'text' },
    { bar = false, gapPt = 2, narrowPt = 0 } = {},
  ): void {
    const inset = bar ? 9 : 0;
    const set = setText([...runs], this.rightPt - this.leftPt - inset - narrowPt, letters, this.measure);
    if (this.y + set.heightPt > this.page.heightPt - MARGIN_PT - FOOT_PT) {
      this.pages.push(new Page(this.paper));
      this.y = MARGIN_PT;
      this.leftPt = MARGIN_PT;
    }
    const id = `text ${(this.made += 1)}`;
    if (bar) this.page.shapes.push(upright(`${id} bar`, this.leftPt + 1, this.y + 1, this.y + set.heightPt + 1, BAR));
    this.page.shapes.push(...textShapes(id, set, this.leftPt + inset, this.y));
    this.y += set.heightPt + gapPt;
  }

  rule(pen: Pen = RULE): void {
    this.page.shapes.push(level(`rule ${(this.made += 1)}`, this.y + 1, this.leftPt, this.rightPt, pen));
    this.y += 4;
  }

  heading(name: string): void {
    this.y += 6;
    this.text([{ text: name, bold: true }], HEAD, { gapPt: 0 });
    this.rule();
  }
}

function signedRuns({ signed }: Passport): Run[] {
  if (!signed) return [];
  const second = signed.second ? ' and a second person' : '';
  return [{ text: `Signed by ${signed.by}${second}, ${signed.at.slice(0, 10)}.` }];
}

/** How it is known: every proof with what was found, and what it does not show. */
function known(flow: Flow, passport: Passport): void {
  flow.heading('How we know');
  for (const { title, found, cannotShow, state } of passport.proofs) {
    flow.text([{ text: `${title}: `, bold: true }, { text: found }], TEXT, {
      gapPt: 0,
      // What is not there must not be read over.
      bar: state === 'not-done' || state === 'failed',
    });
    if (cannotShow !== '') flow.text([{ text: `Its limit: ${cannotShow}` }], SMALL, { gapPt: 3 });
  }
  if (passport.proofs.length === 0) flow.text([{ text: 'Nothing was proved here.' }], TEXT);
  const signed = signedRuns(passport);
  if (signed.length > 0) flow.text(signed, TEXT);
}

/**
 * A hole's passport on paper: what is in it and what must not be done to it stand first and largest; then how that is known, why it
 * failed, its life, and all that was recorded, in order.
 */
export function passportPages(input: PassportInput, measure: Measure): Sheet[] {
  const { paper, units, heading, shortCode, qr, passport, entries, section, left, day } = input;
  const flow = new Flow(paper, measure);
  const first = flow.page;
  const right = first.widthPt - MARGIN_PT;
  if (qr) first.shapes.push(...qrShapes(qr, right - QR_PT, MARGIN_PT - 6, QR_PT));
  first.shapes.push(
    words(
      'short code',
      [right, qr ? MARGIN_PT + QR_PT + 4 : MARGIN_PT + 6],
      shortCode,
      { sizePt: 10, ink: 'ink', font: 'drawing', bold: true },
      'end',
    ),
  );
  const narrowPt = qr ? QR_PT + 12 : 80;
  flow.text([{ text: heading }], TEXT, { narrowPt });
  flow.text([{ text: passport.title, bold: true }], BIG, { narrowPt });
  flow.text([{ text: KNOWN_WORDS[passport.known], bold: true }], HEAD, { narrowPt });
  flow.y = Math.max(flow.y, MARGIN_PT + QR_PT + 10);
  flow.rule(HEAVY);
  for (const words of passport.keepOff) flow.text([{ text: words, bold: true }], HEAD, { bar: true, gapPt: 4 });
  if (passport.release !== '') flow.text([{ text: passport.release }], TEXT);
  if (passport.torque !== '') flow.text([{ text: passport.torque }], TEXT);
  let sectionEnd = 0;
  if (section) {
    const drawn = paperSection(
      { ...section, units, widthPt: SECTION_PT - 14, heightPt: SECTION_HIGH_PT },
      [MARGIN_PT, flow.y + 8],
      measure,
    );
    first.layers.push(...drawn.layers);
    sectionEnd = drawn.endPt;
    flow.leftPt = MARGIN_PT + SECTION_PT;
  }
  known(flow, passport);
  if (passport.deviations.length > 0) {
    flow.heading('Otherwise than planned');
    for (const words of passport.deviations) flow.text([{ text: `${words}.` }], TEXT);
  }
  if (passport.cause) {
    flow.heading('Why it failed');
    flow.text([{ text: `${passport.cause[0]!.toUpperCase()}${passport.cause.slice(1)}.` }], TEXT);
  }
  if (left !== '') {
    flow.heading('For the next mend');
    flow.text([{ text: left }], TEXT);
  }
  if (passport.due) {
    flow.heading('Next');
    flow.text(
      [
        { text: `Look again ${passport.due.when}`, bold: true },
        { text: passport.due.what === '' ? '.' : `: ${passport.due.what}.` },
      ],
      TEXT,
    );
  }
  flow.leftPt = MARGIN_PT;
  if (flow.page === first) flow.y = Math.max(flow.y, sectionEnd);
  flow.heading('Its life');
  for (const { at, words } of passport.life)
    flow.text([{ text: `${at.slice(0, 10)}  `, bold: true }, { text: words }], TEXT);
  flow.heading('All that was recorded');
  for (const { at, by, words } of entries)
    flow.text([{ text: `${at.slice(0, 16).replace('T', ' ')}  `, bold: true }, { text: `${words}. ${by}.` }], SMALL);
  flow.pages.forEach((page, index) =>
    page.shapes.push(
      words(
        'foot',
        [MARGIN_PT, page.heightPt - MARGIN_PT + 8],
        `${heading}, ${shortCode}. Printed ${day}. It tells what was recorded; it approves nothing. Page ${index + 1} of ${flow.pages.length}.`,
        { sizePt: 7, ink: 'faint', font: 'text' },
      ),
    ),
  );
  return flow.pages.map((page) => page.sheet());
}
