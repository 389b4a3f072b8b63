import { formatLength, type FrozenPlan, type UnitSystem, PRECISION } from '@deep-mend/core';
import type { Pen, Sheet } from '../DisplayList.ts';
import { box, level, upright, words, type Letters } from '../shapes.ts';
import { checkRuler } from './checkRuler.ts';
import { Page } from './Page.ts';
import { MARGIN_PT, type Measure, type PaperId } from './Paper.ts';
import { paperSection, type PaperSectionInput } from './paperSection.ts';
import { qrShapes } from './qrShapes.ts';
import { setText, textShapes, type Run, type SetText } from './setText.ts';

type Step = FrozenPlan['said']['mm']['steps'][number];

export interface CardInput {
  paper: PaperId;
  units: UnitSystem;
  plan: FrozenPlan;
  /** Where the hole is, and its name. */
  heading: string;
  /** Who planned it when, the metal, and what else is told in one line. */
  under: string;
  shortCode: string;
  planId: string;
  /** Null where nobody can reach the address from elsewhere. */
  qr: readonly (readonly boolean[])[] | null;
  /** Null: the plan is of another engine, or its numbers are no longer computed so: then nothing is drawn. */
  section: Pick<PaperSectionInput, 'hole' | 'assessment' | 'route'> | null;
}

const LINE_PEN: Pen = { ink: 'faint', width: 0.5 };
const HEAVY_PEN: Pen = { ink: 'ink', width: 1.4 };
const BAR_PEN: Pen = { ink: 'ink', width: 2 };
const WRITE_PEN: Pen = { ink: 'faint', width: 0.6, dash: [1, 1.6] };
const TICK_PEN: Pen = { ink: 'ink', width: 0.9 };

const LABEL: Letters = { sizePt: 7.4, ink: 'faint', font: 'drawing' };
const MAIN: Letters = { sizePt: 15, ink: 'ink', font: 'drawing', bold: true };

const SECTION_PT = 196;
const MOST_SECTION_PT = 330;
const WRITE_PT = 92;
const TICK_PT = 11;
const GAP_PT = 5;
const TEXT = { sizePt: 7.9, font: 'text' } as const;
const TITLE = { sizePt: 9.4, font: 'drawing' } as const;
const SMALL = { sizePt: 6.7, font: 'text' } as const;
const FOOT_PT = 38;
const QR_PT = 56;

/** The figures that are asked for most, from the plan and its steps. */
function figuresOf({ plan, units }: CardInput): { label: string; main: string; note: string }[] {
  const { numbers, expectations, said } = plan;
  const length = (mm: number) => formatLength(mm, units, PRECISION.depth[units]);
  const bore = expectations.find(({ id }) => id === 'bore');
  const limit = (mm: number) => formatLength(mm, units, PRECISION.limit[units]);
  const torque = said[units].steps.find(({ id }) => id === 'fasten')?.numbers?.find(({ label }) => label === 'Torque');
  return [
    {
      label: 'Drill',
      main: numbers.drillId ?? 'none',
      note: bore ? `bore ${limit(bore.lowMm!)} to ${limit(bore.highMm!)} ${units}` : 'nothing is cut to size',
    },
    {
      label: 'Full thread to',
      main: `${length(numbers.fullThreadToMm)} ${units}`,
      note: numbers.drillTipMm > numbers.fullThreadToMm ? `tip at ${length(numbers.drillTipMm)}` : '',
    },
    numbers.insertFromMm === null
      ? { label: 'Screw', main: plan.threadId, note: plan.fastenerName }
      : { label: 'Coil under the face', main: `${length(numbers.insertFromMm)} ${units}`, note: plan.threadId },
    torque
      ? { label: 'Torque', main: torque.value, note: torque.note ?? '' }
      : { label: 'Torque', main: 'the maker’s', note: 'none is named here' },
  ];
}

/** A step's sentences in the order in which a hand wants them. */
function paragraphsOf(step: Step): { runs: Run[]; small?: true; bar?: true }[] {
  const { what, numbers = [], fluid, feel, stop, caution, scale = [], tools = [], practice = [] } = step;
  const rows: { runs: Run[]; small?: true; bar?: true }[] = [{ runs: [{ text: what }] }];
  const named = (label: string, text: string): Run[] => [{ text: `${label} `, bold: true }, { text }];
  if (numbers.length > 0)
    rows.push({
      runs: numbers.flatMap(({ label, value, note }, index): Run[] => [
        { text: `${index > 0 ? '  ·  ' : ''}${label} ` },
        { text: value, bold: true },
        ...(note ? [{ text: ` (${note})` }] : []),
      ]),
    });
  if (scale.length > 0)
    rows.push({
      runs: [
        { text: 'Tap against its cut ' },
        ...scale.flatMap(({ label, times, band }, index): Run[] => [
          { text: `${index > 0 ? ', ' : ''}${label} ` },
          { text: `${times}`, bold: true },
          { text: index === 0 ? ` times: ${band}` : '' },
        ]),
      ],
    });
  if (fluid) rows.push({ runs: named('Fluid', fluid) });
  if (feel) rows.push({ runs: named('Feel', feel) });
  if (stop) rows.push({ runs: named('Stop when', stop) });
  if (caution) rows.push({ runs: [{ text: caution }], bar: true });
  if (tools.length > 0)
    rows.push({
      small: true,
      runs: named(
        'Tools',
        tools
          .map(
            ({ name, state, instead }) =>
              `${name}${state === 'missing' ? ` (not in the crib${instead ? `; instead ${instead}` : ''})` : ''}`,
          )
          .join(' · '),
      ),
    });
  for (const { question, taken, right, settled, other, otherRight } of practice)
    rows.push({
      small: true,
      runs: [{ text: `${question}: ${taken} (${settled ? 'house rule' : right}); or ${other} (${otherRight}).` }],
    });
  return rows;
}

interface Block {
  step: Step;
  index: number;
  title: SetText;
  paragraphs: { set: SetText; bar: boolean }[];
  heightPt: number;
}

const PARAGRAPH_GAP_PT = 1.4;

function blockOf(step: Step, index: number, widthPt: number, measure: Measure): Block {
  const aside = [step.noReturn ? 'cuts' : '', step.minutes ? `${step.minutes} min` : ''].filter(Boolean).join(' · ');
  const title = setText(
    [{ text: `${index + 1}  ${step.title}`, bold: true }, ...(aside ? [{ text: `   ${aside}` }] : [])],
    widthPt,
    TITLE,
    measure,
  );
  const paragraphs = paragraphsOf(step).map(({ runs, small, bar }) => ({
    set: setText(runs, widthPt - (bar ? 8 : 0), small ? SMALL : TEXT, measure),
    bar: bar === true,
  }));
  const text = title.heightPt + paragraphs.reduce((sum, { set }) => sum + set.heightPt + PARAGRAPH_GAP_PT, 0);
  const lines = writesOf(step).length * WRITE_LINE_PT;
  return { step, index, title, paragraphs, heightPt: Math.max(text, lines + 4) + GAP_PT };
}

const WRITE_LINE_PT = 19;
const writesOf = ({ write }: Step): readonly string[] => write ?? ['by'];

/** One step in its place: box to tick, words, lines to write on. */
function drawBlock(page: Page, { step, index, title, paragraphs }: Block, x: number, y: number, widthPt: number): void {
  const textX = x + TICK_PT + 7;
  const id = `step ${index}`;
  page.shapes.push(
    level(`${id} rule`, y, x, x + widthPt, LINE_PEN),
    box(`${id} tick`, [x, y + 5], [TICK_PT, TICK_PT], { pen: TICK_PEN }),
    ...textShapes(`${id} title`, title, textX, y + 4),
  );
  let down = y + 4 + title.heightPt;
  paragraphs.forEach(({ set, bar }, row) => {
    if (bar) page.shapes.push(upright(`${id} bar ${row}`, textX + 1, down + 1, down + set.heightPt + 1, BAR_PEN));
    page.shapes.push(...textShapes(`${id} ${row}`, set, textX + (bar ? 8 : 0), down));
    down += set.heightPt + PARAGRAPH_GAP_PT;
  });
  const writeX = x + widthPt - WRITE_PT + 6;
  writesOf(step).forEach((label, row) => {
    const lineY = y + 4 + (row + 1) * WRITE_LINE_PT;
    page.shapes.push(
      words(`${id} write ${row}`, [writeX, lineY - 9], label, LABEL),
      level(`${id} line ${row}`, lineY, writeX, x + widthPt, WRITE_PEN),
    );
  });
}

function heading(page: Page, input: CardInput, measure: Measure): number {
  const { heading: place, under, shortCode, qr, plan } = input;
  const right = page.widthPt - MARGIN_PT;
  const width = right - MARGIN_PT - (qr ? QR_PT + 10 : 62);
  const title = setText(
    [{ text: `${place} — ${plan.title}`, bold: true }],
    width,
    { sizePt: 15, font: 'drawing' },
    measure,
  );
  const sub = setText([{ text: under }], width, { sizePt: 8.2, font: 'text' }, measure);
  page.shapes.push(
    ...textShapes('heading', title, MARGIN_PT, MARGIN_PT - 6),
    ...textShapes('under', sub, MARGIN_PT, MARGIN_PT - 2 + title.heightPt),
  );
  if (qr) page.shapes.push(...qrShapes(qr, right - QR_PT, MARGIN_PT - 6, QR_PT));
  const codeY = qr ? MARGIN_PT - 6 + QR_PT + 9 : MARGIN_PT + 6;
  page.shapes.push(
    words('short code', [right, codeY], shortCode, { sizePt: 10, ink: 'ink', font: 'drawing', bold: true }, 'end'),
  );
  const y = Math.max(MARGIN_PT + title.heightPt + sub.heightPt + 3, codeY + 5);
  page.shapes.push(level('under heading', y, MARGIN_PT, right, HEAVY_PEN));
  return y + 6;
}

const HEAD_PT = 6;
/** A loose page still says which hole it is of. */
function runningHead(page: Page, { heading: place, plan, shortCode }: CardInput): void {
  page.shapes.push(
    words('running head', [MARGIN_PT, MARGIN_PT - 4], `${place} — ${plan.title}`, { ...LABEL, sizePt: 8.4 }),
    words('running code', [page.widthPt - MARGIN_PT, MARGIN_PT - 4], shortCode, { ...LABEL, sizePt: 8.4 }, 'end'),
  );
}

function figures(page: Page, input: CardInput, y: number, measure: Measure): number {
  const rows = figuresOf(input);
  const width = (page.widthPt - 2 * MARGIN_PT) / rows.length;
  rows.forEach(({ label, main, note }, index) => {
    const x = MARGIN_PT + index * width;
    const sizePt = Math.min(
      MAIN.sizePt,
      (MAIN.sizePt * (width - 10)) / measure(main, { sizePt: MAIN.sizePt, font: 'drawing', bold: true }),
    );
    page.shapes.push(
      words(`figure ${index}`, [x, y + 8], label, LABEL),
      words(`figure ${index} main`, [x, y + 24], main, { ...MAIN, sizePt }),
      ...textShapes(`figure ${index} note`, setText([{ text: note }], width - 8, SMALL, measure), x, y + 27),
    );
  });
  return y + 48;
}

function footer(page: Page, { plan, planId, units }: CardInput, at: number, of: number, measure: Measure): void {
  const y = page.heightPt - MARGIN_PT - FOOT_PT + 10;
  const right = page.widthPt - MARGIN_PT;
  const note = setText(
    [
      {
        text: `Engine ${plan.engineVersion} · plan ${planId.slice(0, 8)} · page ${at + 1} of ${of}. This card plans, it does not approve. The maker’s limits and local codes go first.`,
      },
    ],
    250,
    SMALL,
    measure,
  );
  page.shapes.push(
    level('foot', y, MARGIN_PT, right, LINE_PEN),
    ...textShapes('foot note', note, MARGIN_PT, y + 3),
    ...checkRuler(units, right - 222, y + 14),
  );
  if (at !== of - 1) return;
  const signY = page.heightPt - MARGIN_PT + 4;
  (['proved by', 'signed by', 'date'] as const).forEach((label, index) => {
    const x = MARGIN_PT + index * 84;
    page.shapes.push(
      words(`${label} words`, [x, signY], label, LABEL),
      level(label, signY + 1, x + 34, x + 78, WRITE_PEN),
    );
  });
}

/** What must be looked at before the first cut, and what is still asked for: shut until it is settled. */
function beforeRuns({ plan, units }: CardInput): Run[] {
  const ticks = plan.said[units].ticks;
  return ticks.length === 0
    ? []
    : [{ text: 'Before the first cut, look and tick: ', bold: true }, { text: `${ticks.join('; ')}.` }];
}

/**
 * The work card on paper: heading with short code and code of squares, the figures that are asked for most, the section to scale with its depths,
 * every step with a box to tick and lines to write on, a ruler to check the print by.
 */
export function cardPages(input: CardInput, measure: Measure): Sheet[] {
  const { paper, plan, units, section } = input;
  const pages = [new Page(paper)];
  const first = pages[0]!;
  let top = figures(first, input, heading(first, input, measure), measure);
  const right = first.widthPt - MARGIN_PT;
  const bottom = first.heightPt - MARGIN_PT - FOOT_PT + 8;
  const before = beforeRuns(input);
  if (before.length > 0) {
    const set = setText(before, right - MARGIN_PT, TEXT, measure);
    first.shapes.push(...textShapes('before', set, MARGIN_PT, top));
    top += set.heightPt + 6;
  }
  let sectionEnd = top;
  if (section) {
    const drawn = paperSection(
      { ...section, units, widthPt: SECTION_PT - 12, heightPt: Math.min(MOST_SECTION_PT, bottom - top) },
      [MARGIN_PT, top],
      measure,
    );
    first.layers.push(...drawn.layers);
    sectionEnd = drawn.endPt;
  }
  let y = top;
  plan.said[units].steps.forEach((step, index) => {
    const page = pages.at(-1)!;
    const beside = page === first && section !== null && y < sectionEnd;
    const x = beside ? MARGIN_PT + SECTION_PT : MARGIN_PT;
    let block = blockOf(step, index, right - x - WRITE_PT - TICK_PT - 7, measure);
    if (y + block.heightPt > bottom) {
      const next = new Page(paper);
      pages.push(next);
      runningHead(next, input);
      block = blockOf(step, index, right - MARGIN_PT - WRITE_PT - TICK_PT - 7, measure);
      drawBlock(next, block, MARGIN_PT, MARGIN_PT + HEAD_PT, right - MARGIN_PT);
      y = MARGIN_PT + HEAD_PT + block.heightPt;
      return;
    }
    drawBlock(page, block, x, y, right - x);
    y += block.heightPt;
  });
  pages.forEach((page, at) => footer(page, input, at, pages.length, measure));
  return pages.map((page) => page.sheet());
}
