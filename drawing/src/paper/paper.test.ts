import { freezePlan, plannedProfile, weighCase, type HoleCase } from '@deep-mend/core';
import { pointsOf, type Shape, type Sheet, type Words } from '../DisplayList.ts';
import { exact, layoutOf } from '../test-support/layoutOf.ts';
import { loadScale } from '../charts/loadScale.ts';
import { cardPages, type CardInput } from './cardPages.ts';
import { MARGIN_PT, PAPERS, PT_PER_MM, type Measure } from './Paper.ts';
import { setText, textShapes } from './setText.ts';
import { tablePages } from './tablePages.ts';

/** Every letter half as wide as it is high: the drawing asks, it does not know the letters. */
const measure: Measure = (text, { sizePt }) => text.length * sizePt * 0.5;

function card(changes: Partial<HoleCase> = {}, input: Partial<CardInput> = {}) {
  const { hole } = layoutOf({ behind: 'nothing', crack: 'none', earlierSeen: true, ...changes });
  const proposal = weighCase(hole);
  const route = proposal.routes.find(({ method }) => method === 'wire-coil') ?? proposal.routes[0]!;
  const plan = freezePlan(proposal, route.id);
  const sheets = cardPages(
    {
      paper: 'a4',
      units: 'mm',
      plan,
      heading: 'Gearbox, hole 4',
      under: 'planned',
      shortCode: 'ABCD2345',
      planId: '12345678-9',
      qr: null,
      section: { hole, assessment: proposal.assessment, route },
      ...input,
    },
    measure,
  );
  return { sheets, plan, hole, route };
}
const shapesOf = (sheet: Sheet): Shape[] => sheet.layers.flatMap(({ shapes }) => shapes);
const textsOf = (sheet: Sheet): Words[] => shapesOf(sheet).filter((shape): shape is Words => shape.kind === 'text');

test.each([
  ['a4', {}],
  ['letter', {}],
  ['a4', { kind: 'through', depth: exact(20), damageTo: exact(9) }],
  ['letter', { depth: exact(120), damageTo: exact(100) }],
] as const)('nothing runs off the paper: %s %j', (paper, changes) => {
  const { sheets } = card(changes as Partial<HoleCase>, { paper });
  const { widthPt, heightPt } = PAPERS[paper];
  expect(sheets.length).toBeLessThan(4);
  for (const sheet of sheets) {
    expect([sheet.width, sheet.height]).toEqual([widthPt, heightPt]);
    for (const { at, text, sizePt, anchor, bold, font } of textsOf(sheet)) {
      const wide = measure(text, { sizePt, font: font === 'text' ? 'text' : 'drawing', bold: bold ?? false });
      const left = anchor === 'end' ? at[0] - wide : at[0];
      expect([text, left >= MARGIN_PT - 1, left + wide <= widthPt - MARGIN_PT + 1]).toEqual([text, true, true]);
      expect([text, at[1] > 10, at[1] < heightPt - 10]).toEqual([text, true, true]);
    }
  }
});

test('every step has a box to tick and a line to write on, none is lost between pages, and each page names its hole', () => {
  const { sheets, plan } = card();
  const ids = sheets.flatMap(shapesOf).map(({ id }) => id);
  plan.said.mm.steps.forEach((step, index) => {
    expect(ids.filter((id) => id === `step ${index} tick`)).toHaveLength(1);
    expect(ids.filter((id) => id.startsWith(`step ${index} line`))).toHaveLength(step.write?.length ?? 1);
  });
  for (const sheet of sheets) {
    const words = textsOf(sheet).map(({ text }) => text);
    expect(words).toContain('ABCD2345');
    expect(words.some((text) => text.startsWith('Gearbox, hole 4'))).toBe(true);
  }
});

test('steps do not lie on one another', () => {
  for (const sheet of card().sheets) {
    const rules = shapesOf(sheet).filter(({ id }) => /^step \d+ rule$/.test(id));
    const ticks = shapesOf(sheet).filter(({ id }) => /^step \d+ tick$/.test(id));
    const ys = rules.map((rule) => pointsOf(rule)[0]![1]);
    expect(ys).toEqual([...ys].sort((a, b) => a - b));
    ticks.forEach((tick, at) => {
      const bottom = pointsOf(tick)[1]![1];
      if (at + 1 < ys.length) expect(bottom).toBeLessThan(ys[at + 1]!);
    });
  }
});

test('the section is the core’s profile to a round scale', () => {
  const { sheets, hole, route } = card({ kind: 'through', depth: exact(20), damageTo: exact(9) });
  const layer = sheets[0]!.layers.find(({ id }) => id === 'section profiles')!;
  const cut = layer.shapes.find(({ id }) => id === 'cut')!;
  const [radius, depth] = plannedProfile(hole, route)!.at(-1)!;
  expect(pointsOf(cut)).toContainEqual([radius, depth]);
  const said = textsOf(sheets[0]!).find(({ text }) => text.startsWith('section'))!.text;
  const [, a, b] = /section ([\d.]+) : ([\d.]+)/.exec(said)!.map(Number) as [number, number, number];
  expect(layer.pxPerMm).toBeCloseTo((a / b) * PT_PER_MM, 9);
});

test('without a section nothing is drawn and nothing is lost', () => {
  const { sheets, plan } = card({}, { section: null });
  expect(sheets.flatMap(({ layers }) => layers).some(({ id }) => id.startsWith('section'))).toBe(false);
  expect(sheets.flatMap(textsOf).filter(({ id }) => /^step \d+ title/.test(id)).length).toBeGreaterThanOrEqual(
    plan.said.mm.steps.length,
  );
});

test('text is broken at spaces, a long word inside; nothing of it is lost', () => {
  const text = 'Set the stop at touch + 23.2 mm, then Unaussprechlichkeitsvermutung 4711.';
  const set = setText([{ text: 'Stop ', bold: true }, { text }], 80, { sizePt: 8, font: 'text' }, measure);
  expect(set.lines.length).toBeGreaterThan(4);
  const told = set.lines.map((pieces) => pieces.map((piece) => piece.text).join('')).join('');
  expect(told.replace(/\s/g, '')).toBe(`Stop${text}`.replace(/\s/g, ''));
  for (const pieces of set.lines) {
    const last = pieces.at(-1)!;
    expect(last.x + measure(last.text.trimEnd(), { sizePt: 8, font: 'text' })).toBeLessThanOrEqual(80.01);
  }
  expect(textShapes('x', set, 10, 20)[0]).toMatchObject({ at: [10, 28], bold: true, text: 'Stop ' });
});

test('a table over several pages keeps its head, and loses no row', () => {
  const rows = Array.from({ length: 130 }, (_, at) => [`M${at}`, `${at} mm`]);
  const sheets = tablePages(
    { title: 'T', under: 'U', columns: ['Thread', 'Drill'], rows, bold: 1, foot: 'F.' },
    'a4',
    measure,
  );
  const words = sheets.flatMap(textsOf).map(({ text }) => text);
  for (const [name] of rows) expect(words.filter((text) => text === name)).toHaveLength(1);
  for (const sheet of sheets) expect(textsOf(sheet).map(({ text }) => text)).toContain('Thread');
});

test('the load scale: as planned is longer than worn, and what snaps lies in the shaded region', () => {
  const sheet = loadScale([
    { label: 'sharp', times: 4, band: 'feel' },
    { label: 'worn', times: 1.5, band: 'snaps' },
    { label: 'two taps', times: 30, band: 'easy' },
  ]);
  const end = (at: number) => pointsOf(shapesOf(sheet).find(({ id }) => id === `bar ${at}`)!)[1]![0];
  const [, [shadedEnd]] = pointsOf(shapesOf(sheet).find(({ id }) => id === 'snaps')!) as [unknown, [number]];
  expect([end(0) > end(1), end(1) < shadedEnd, end(0) > shadedEnd, end(2) <= sheet.width]).toEqual([
    true,
    true,
    true,
    true,
  ]);
});
