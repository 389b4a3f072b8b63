import type { UnitSystem } from '@deep-mend/core';
import type { Ink, Point, Shape, SheetLayer } from '../DisplayList.ts';
import { LABEL_CLEAR_PX, LABEL_LINE_PX, LETTER_PX, type PlateFlag } from './flags.ts';
import type { PlateLayout } from './plateLayout.ts';
import { upright } from './sectionSheet.ts';

/** What a rule needs of a drawing. */
export type RuleLayout = Pick<
  PlateLayout,
  'rule' | 'faceY' | 'flags' | 'engaged' | 'yOf' | 'stretches' | 'halfSection' | 'scale'
>;

const FLAG_INK = { plan: 'chalk', found: 'scribe', done: 'holds' } as const satisfies Record<PlateFlag['kind'], Ink>;
/** The line across the pale rule: darker than the words on the plate. */
const MARK_INK = { plan: 'chalkOnPale', found: 'ground', done: 'holdsOnPale' } as const satisfies Record<
  PlateFlag['kind'],
  Ink
>;

/** A flag's line this near to a numeral would strike it through. */
const COVERS_PX = 7;
const TICK_SHARE = 0.36;

/** The ticks with numerals, or those without. */
function tickLines({ ticks, x, width }: RuleLayout['rule'], withNumerals: boolean): Shape {
  const right = x + width;
  return {
    kind: 'lines',
    id: withNumerals ? 'long ticks' : 'ticks',
    closed: false,
    lines: ticks
      .filter(({ numeral }) => (numeral !== null) === withNumerals)
      .map(({ y, length }) => [[right, y] as const, [right - width * TICK_SHARE * length, y] as const]),
    pen: { ink: 'deep', width: withNumerals ? 1.4 : 0.8 },
  };
}

/** The numerals that no flag covers. */
function numerals({ rule, flags, faceY }: RuleLayout): Shape[] {
  return rule.ticks.flatMap(({ y, numeral }): Shape[] => {
    if (numeral === null || flags.some((flag) => Math.abs(flag.y - y) < COVERS_PX)) return [];
    return [
      {
        kind: 'text',
        id: `numeral ${numeral}`,
        at: [rule.x + 3, y + (y < faceY + 6 ? 9 : 4)],
        anchor: 'start',
        text: numeral,
        sizePt: numeral.length > 3 ? 8 : 10.5,
        ink: 'deep',
        font: 'drawing',
        bold: true,
      },
    ];
  });
}

/** The depth's own line across the rule, and the line from it to its words. */
const flagMark = ({ id, y, textY, kind }: PlateFlag, { x, width }: RuleLayout['rule']): SheetLayer => ({
  id: `mark ${id}`,
  shapes: [
    {
      kind: 'polyline',
      id: 'leader',
      closed: false,
      points: [
        [x, y],
        [x - 4, y],
        [x - 9, textY + 8],
      ],
      pen: { ink: FLAG_INK[kind], width: 1 },
    },
    {
      kind: 'polyline',
      id: 'mark',
      closed: false,
      points: [
        [x, y],
        [x + width, y],
      ],
      pen: { ink: MARK_INK[kind], width: 1.8 },
    },
  ],
});

/** What stands at the depth, in lines one above the other, and its figure in both units. */
function flagWords({ id, textY, kind, lines, main, other }: PlateFlag, ruleX: number, half: boolean): SheetLayer {
  const ink = FLAG_INK[kind];
  const room = ruleX - LABEL_CLEAR_PX;
  return {
    id: `flag ${id}`,
    at: [8, textY],
    shapes: [
      ...lines.map((line, index): Shape => ({
        kind: 'text',
        id: `line ${index}`,
        at: [0, -3 - (lines.length - 1 - index) * LABEL_LINE_PX],
        anchor: 'start',
        text: line,
        sizePt: 12,
        ink,
        font: 'label',
        // A single word that would still run under the rule is drawn narrower.
        ...(line.length * LETTER_PX > room ? { widthPt: room } : {}),
      })),
      {
        kind: 'text',
        id: 'figure',
        at: [0, 13],
        anchor: 'start',
        text: main,
        sizePt: 16,
        ink,
        font: 'drawing',
        bold: true,
        ...(half ? {} : { then: [{ text: other, sizePt: 11, gapPt: 5, ink, opacity: 0.85 }] }),
      },
    ],
  };
}

const band = ({ rule, faceY }: RuleLayout, end: number): Shape =>
  upright('rule', rule.x + rule.width / 2, faceY - 3, end + 3, { ink: 'scribe', width: rule.width });

/** Where a length is left out, the rule is broken too. */
function gap({ rule, stretches, scale }: RuleLayout): Shape[] {
  if (stretches.length < 2) return [];
  const at: Point = [rule.x - 2, stretches[0]!.offsetPx + stretches[0]!.toMm * scale + 1];
  return [{ kind: 'box', id: 'gap', at, width: rule.width + 4, height: 12, fill: { ink: 'ground' } }];
}

/** The graduated rule at the section's side, with a flag at every depth that matters. */
export function ruleLayers(layout: RuleLayout, units: UnitSystem): SheetLayer[] {
  const { rule, faceY, flags, engaged, halfSection } = layout;
  const end = layout.yOf(Math.max(...layout.stretches.map((stretch) => stretch.toMm)));
  const engagedLine = (y1: number, y2: number): Shape => ({
    ...upright('engaged', rule.x + rule.width + 3, y1, y2, { ink: 'chalk', width: 4 }),
    says: 'Engaged thread',
  });
  return [
    // A line as wide as the rule: its ends are no style, so moving them is cheaper than a box's height.
    { id: 'rule', shapes: [band(layout, end), tickLines(rule, false), tickLines(rule, true)] },
    { id: 'numerals', shapes: [...numerals(layout), ...gap(layout)] },
    { id: 'engaged', shapes: engaged ? [engagedLine(engaged.y1, engaged.y2)] : [] },
    ...flags.flatMap((flag) => [flagMark(flag, rule), flagWords(flag, rule.x, halfSection)]),
    {
      id: 'unit',
      shapes: [
        {
          kind: 'text',
          id: 'unit',
          at: [rule.x + rule.width / 2, faceY - 9],
          anchor: 'middle',
          text: units,
          sizePt: 11,
          ink: 'faint',
          font: 'drawing',
        },
      ],
    },
  ];
}
