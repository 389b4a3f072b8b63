import type { UnitSystem } from '@deep-mend/core';
import type { Fill, Ink, Pen, Shape, SheetLayer, Words } from '../DisplayList.ts';
import { box, level, line, upright, words, type Letters } from '../shapes.ts';
import { LABEL_CLEAR_PX, LABEL_LINE_PX, LETTER_PX, type PlateFlag } from './flags.ts';
import type { PlateLayout } from './plateLayout.ts';

/** What a rule needs of a drawing. */
export type RuleLayout = Pick<
  PlateLayout,
  'rule' | 'faceY' | 'flags' | 'engaged' | 'yOf' | 'stretches' | 'halfSection' | 'scale'
>;

interface FlagLook {
  leader: Pen;
  /** Across the pale rule: darker than the words on the plate. */
  mark: Pen;
  label: Letters;
  figure: Letters;
  ink: Ink;
}

const lookOf = (ink: Ink, onPale: Ink): FlagLook => ({
  ink,
  leader: { ink, width: 1 },
  mark: { ink: onPale, width: 1.8 },
  label: { sizePt: 12, ink, font: 'label' },
  figure: { sizePt: 16, ink, bold: true },
});
const FLAG_LOOKS: Readonly<Record<PlateFlag['kind'], FlagLook>> = {
  plan: lookOf('chalk', 'chalkOnPale'),
  found: lookOf('scribe', 'ground'),
  done: lookOf('holds', 'holdsOnPale'),
};

const TICK_PEN: Pen = { ink: 'deep', width: 0.8 };
const LONG_TICK_PEN: Pen = { ink: 'deep', width: 1.4 };
const ENGAGED_PEN: Pen = { ink: 'chalk', width: 4 };
const GAP: Fill = { ink: 'ground' };
const NUMERAL: Letters = { sizePt: 10.5, ink: 'deep', bold: true };
/** A numeral of sixteenths has less room. */
const LONG_NUMERAL: Letters = { ...NUMERAL, sizePt: 8 };
const UNIT: Letters = { sizePt: 11, ink: 'faint' };

/** A flag's line this near to a numeral would strike it through. */
const COVERS_PX = 7;
/** The longest tick, as a share of the rule. */
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
    pen: withNumerals ? LONG_TICK_PEN : TICK_PEN,
  };
}

/** The numerals that no flag covers. */
function numerals({ rule, flags, faceY }: RuleLayout): Words[] {
  return rule.ticks.flatMap(({ y, numeral }) =>
    numeral === null || flags.some((flag) => Math.abs(flag.y - y) < COVERS_PX)
      ? []
      : [
          words(
            `numeral ${numeral}`,
            [rule.x + 3, y + (y < faceY + 6 ? 9 : 4)],
            numeral,
            numeral.length > 3 ? LONG_NUMERAL : NUMERAL,
          ),
        ],
  );
}

/** The depth's own line across the rule, and the line from it to its words. */
function flagMark({ id, y, textY, kind }: PlateFlag, { x, width }: RuleLayout['rule']): SheetLayer {
  const { leader, mark } = FLAG_LOOKS[kind];
  return {
    id: `mark ${id}`,
    shapes: [
      line(
        'leader',
        [
          [x, y],
          [x - 4, y],
          [x - 9, textY + 8],
        ],
        leader,
      ),
      level('mark', y, x, x + width, mark),
    ],
  };
}

/** What stands at the depth, in lines one above the other, and its figure in both units. */
function flagWords({ id, textY, kind, lines, main, other }: PlateFlag, ruleX: number, half: boolean): SheetLayer {
  const { label, figure, ink } = FLAG_LOOKS[kind];
  const room = ruleX - LABEL_CLEAR_PX;
  const shapes = lines.map((text, index): Shape => {
    const shape = words(`line ${index}`, [0, -3 - (lines.length - 1 - index) * LABEL_LINE_PX], text, label);
    // A single word that would still run under the rule is drawn narrower.
    return text.length * LETTER_PX > room ? { ...shape, widthPt: room } : shape;
  });
  const then = half ? undefined : [{ text: other, sizePt: 11, gapPt: 5, ink, opacity: 0.85 }];
  shapes.push(words('figure', [0, 13], main, figure, 'start', then));
  return { id: `flag ${id}`, at: [8, textY], shapes };
}

/** Where a length is left out, the rule is broken too. */
function gap({ rule, stretches, scale }: RuleLayout): Shape[] {
  if (stretches.length < 2) return [];
  const y = stretches[0]!.offsetPx + stretches[0]!.toMm * scale + 1;
  return [box('gap', [rule.x - 2, y], [rule.width + 4, 12], { fill: GAP })];
}

/** The graduated rule at the section's side, with a flag at every depth that matters. */
export function ruleLayers(layout: RuleLayout, units: UnitSystem): SheetLayer[] {
  const { rule, faceY, flags, engaged, halfSection } = layout;
  const end = layout.yOf(Math.max(...layout.stretches.map((stretch) => stretch.toMm)));
  const middle = rule.x + rule.width / 2;
  const engagedX = rule.x + rule.width + 3;
  // A line as wide as the rule: its ends are no style, so moving them is cheaper than a box's height.
  const band = upright('rule', middle, faceY - 3, end + 3, { ink: 'scribe', width: rule.width });
  return [
    { id: 'rule', shapes: [band, tickLines(rule, false), tickLines(rule, true)] },
    { id: 'numerals', shapes: [...numerals(layout), ...gap(layout)] },
    {
      id: 'engaged',
      shapes: engaged
        ? [
            line(
              'engaged',
              [
                [engagedX, engaged.y1],
                [engagedX, engaged.y2],
              ],
              ENGAGED_PEN,
              undefined,
              'Engaged thread',
            ),
          ]
        : [],
    },
    ...flags.flatMap((flag) => [flagMark(flag, rule), flagWords(flag, rule.x, halfSection)]),
    { id: 'unit', shapes: [words('unit', [middle, faceY - 9], units, UNIT, 'middle')] },
  ];
}
