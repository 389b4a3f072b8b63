import { memo } from 'react';
import type { UnitSystem } from '@deep-mend/core';
import { FONT, PLATE } from '../base/theme.ts';
import {
  LABEL_CLEAR_PX,
  LABEL_LINE_PX,
  LETTER_PX,
  type PlateFlag,
  type PlateLayout,
  type RuleLayout,
} from '@deep-mend/drawing';

/** The ticks with numerals, or those without, as one path each. */
function tickPath(rule: PlateLayout['rule'], withNumerals: boolean): string {
  const right = rule.x + rule.width;
  return rule.ticks
    .filter((tick) => (tick.numeral !== null) === withNumerals)
    .map((tick) => `M${right} ${tick.y}H${right - rule.width * 0.36 * tick.length}`)
    .join('');
}

interface FlagProps {
  id: string;
  x: number;
  width: number;
  /** Its own depth, and where its words are: they make room for their neighbours. */
  y: number;
  textY: number;
  kind: PlateFlag['kind'];
  /** One line each, by `\n`: a string stays equal from key to key. */
  label: string;
  main: string;
  other: string;
}

const FLAG_COLOUR = { plan: PLATE.chalk, found: PLATE.scribe, done: PLATE.holds } as const;
/** The line across the pale rule: darker than the words on the plate. */
const MARK_COLOUR = { plan: '#9a6200', found: PLATE.ground, done: '#1f7a57' } as const;

/**
 * A flag: its mark at its own depth, its words in a place of their own that is moved as a whole. The mark is made of points
 * and ends of lines, which are no style: moving them costs a third of a transform. What stays costs nothing.
 */
const Flag = memo(function Flag({ id, x, width, y, textY, kind, label, main, other }: FlagProps) {
  return (
    <g data-flag={id}>
      <FlagMark x={x} width={width} y={y} textY={textY} kind={kind} />
      <g transform={`translate(8 ${textY})`} fill={FLAG_COLOUR[kind]}>
        <FlagLabel label={label} room={x - LABEL_CLEAR_PX} />
        <FlagFigures main={main} other={other} />
      </g>
    </g>
  );
});

/** The depth's own line across the rule, and the line from it to its words. */
const FlagMark = memo(function FlagMark({
  x,
  width,
  y,
  textY,
  kind,
}: Pick<FlagProps, 'x' | 'width' | 'y' | 'textY' | 'kind'>) {
  return (
    <>
      <polyline
        points={`${x},${y} ${x - 4},${y} ${x - 9},${textY + 8}`}
        fill="none"
        stroke={FLAG_COLOUR[kind]}
        strokeWidth={1}
      />
      <line x1={x} x2={x + width} y1={y} y2={y} stroke={MARK_COLOUR[kind]} strokeWidth={1.8} />
    </>
  );
});

/** A single word that would still run under the rule is drawn narrower. */
const FlagLabel = memo(function FlagLabel({ label, room }: { label: string; room: number }) {
  const lines = label.split('\n');
  return lines.map((line, index) => (
    <text
      key={line}
      y={-3 - (lines.length - 1 - index) * LABEL_LINE_PX}
      fontSize={12}
      fontFamily={FONT.label}
      {...(line.length * LETTER_PX > room ? { textLength: room, lengthAdjust: 'spacingAndGlyphs' as const } : {})}
    >
      {line}
    </text>
  ));
});

const FlagFigures = memo(function FlagFigures({ main, other }: { main: string; other: string }) {
  return (
    <text y={13} fontSize={16} fontWeight={600}>
      {main}
      <tspan dx={5} fontSize={11} fontWeight={400} fillOpacity={0.85}>
        {other}
      </tspan>
    </text>
  );
});

interface NumeralsProps {
  ticks: PlateLayout['rule']['ticks'];
  /** Which of them a flag's line covers, by their place in the list. */
  covered: string;
  x: number;
  faceY: number;
}

type TicksList = PlateLayout['rule']['ticks'];

/** Two lists that paint the same: they are made anew with every key, and mostly equal. */
const sameTicks = (before: TicksList, after: TicksList): boolean =>
  before.length === after.length &&
  before.every(({ y, numeral, length }, index) => {
    const other = after[index]!;
    return y === other.y && numeral === other.numeral && length === other.length;
  });

/** Drawn again only when a flag comes to cover another numeral. Each is moved as a whole: a text's own y shapes it again. */
const Numerals = memo(
  function Numerals({ ticks, covered, x, faceY }: NumeralsProps) {
    const hidden = new Set(covered.split(' '));
    return ticks.map(({ y, numeral }, index) =>
      numeral === null || hidden.has(String(index)) ? null : (
        <g key={numeral} transform={`translate(${x + 3} ${y + (y < faceY + 6 ? 9 : 4)})`}>
          <NumeralWord text={numeral} />
        </g>
      ),
    );
  },
  (before, after) =>
    sameTicks(before.ticks, after.ticks) &&
    before.covered === after.covered &&
    before.x === after.x &&
    before.faceY === after.faceY,
);

const NumeralWord = memo(function NumeralWord({ text }: { text: string }) {
  return (
    <text fontSize={text.length > 3 ? 8 : 10.5} fill={PLATE.deep} fontWeight={600}>
      {text}
    </text>
  );
});

/** A flag's line this near to a numeral would strike it through. */
const COVERS_PX = 7;

/** The numerals that flags cover. */
function coveredBy(flags: PlateLayout['flags'], ticks: PlateLayout['rule']['ticks']): string {
  let covered = '';
  ticks.forEach(({ y, numeral }, index) => {
    if (numeral !== null && flags.some((flag) => Math.abs(flag.y - y) < COVERS_PX)) covered += `${index} `;
  });
  return covered;
}

/** Equal ticks: their paths are not written again. */
const Ticks = memo(
  function Ticks({ ticks, x, width }: PlateLayout['rule']) {
    return [false, true].map((numbered) => (
      <path
        key={String(numbered)}
        d={tickPath({ ticks, x, width }, numbered)}
        stroke={PLATE.deep}
        strokeWidth={numbered ? 1.4 : 0.8}
      />
    ));
  },
  (before, after) => sameTicks(before.ticks, after.ticks) && before.x === after.x && before.width === after.width,
);

const Engaged = memo(function Engaged({ x, y1, y2 }: { x: number; y1: number; y2: number }) {
  return (
    <line x1={x} x2={x} y1={y1} y2={y2} stroke={PLATE.chalk} strokeWidth={4}>
      <title>Engaged thread</title>
    </line>
  );
});

const Unit = memo(function Unit({ x, y, unit }: { x: number; y: number; unit: UnitSystem }) {
  return (
    <text x={x} y={y} textAnchor="middle" fontSize={11} fill={PLATE.faint}>
      {unit}
    </text>
  );
});

/** The graduated rule at the section's side, with a flag at every depth that matters. */
export function DepthRule({ layout, units }: { layout: RuleLayout; units: UnitSystem }) {
  const { rule, faceY, flags, engaged } = layout;
  const end = layout.yOf(Math.max(...layout.stretches.map((stretch) => stretch.toMm)));
  const middle = rule.x + rule.width / 2;
  return (
    <g data-part="rule">
      {/* A line as wide as the rule: its ends are no style, so moving them is cheaper than a rectangle's height. */}
      <line x1={middle} x2={middle} y1={faceY - 3} y2={end + 3} stroke={PLATE.scribe} strokeWidth={rule.width} />
      <Ticks {...rule} />
      <Numerals ticks={rule.ticks} covered={coveredBy(flags, rule.ticks)} x={rule.x} faceY={faceY} />
      {layout.stretches.length > 1 && (
        <rect
          x={rule.x - 2}
          y={layout.stretches[0]!.offsetPx + layout.stretches[0]!.toMm * layout.scale + 1}
          width={rule.width + 4}
          height={12}
          fill={PLATE.ground}
        />
      )}
      {engaged && <Engaged x={rule.x + rule.width + 3} y1={engaged.y1} y2={engaged.y2} />}
      {flags.map((flag) => (
        <Flag
          key={flag.id}
          id={flag.id}
          x={rule.x}
          width={rule.width}
          y={flag.y}
          textY={flag.textY}
          kind={flag.kind}
          label={flag.lines.join('\n')}
          main={flag.main}
          other={layout.halfSection ? '' : flag.other}
        />
      ))}
      <Unit x={middle} y={faceY - 9} unit={units} />
    </g>
  );
}
