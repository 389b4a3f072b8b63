import { memo } from 'react';
import type { UnitSystem } from '@deep-mend/core';
import { FONT, PLATE } from '../app/theme.ts';
import type { PlateLayout } from './plateLayout.ts';

/** What the rule needs of a drawing. */
export type RuleLayout = Pick<
  PlateLayout,
  'rule' | 'faceY' | 'flags' | 'engaged' | 'yOf' | 'stretches' | 'halfSection' | 'scale'
>;

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
  planned: boolean;
  label: string;
  main: string;
  other: string;
}

const flagColour = (planned: boolean) => (planned ? PLATE.chalk : PLATE.scribe);

/**
 * A flag: its mark is drawn round its own depth, its words round their own place, and both are moved as a whole. What only
 * moves costs one attribute and no new text layout, what stays costs nothing.
 */
const Flag = memo(function Flag({ id, x, width, y, textY, planned, label, main, other }: FlagProps) {
  return (
    <g data-flag={id}>
      <g transform={`translate(0 ${y})`}>
        <FlagMark x={x} width={width} dropPx={textY - y} planned={planned} />
      </g>
      <g transform={`translate(8 ${textY})`} fill={flagColour(planned)}>
        <FlagLabel label={label} />
        <FlagFigures main={main} other={other} />
      </g>
    </g>
  );
});

/** The depth's own line across the rule, and the line from it to its words. */
const FlagMark = memo(function FlagMark({
  x,
  width,
  dropPx,
  planned,
}: Pick<FlagProps, 'x' | 'width' | 'planned'> & { dropPx: number }) {
  return (
    <>
      <path
        d={`M${x} 0 L${x - 8} 0 L${x - 16} ${dropPx + 8}`}
        fill="none"
        stroke={flagColour(planned)}
        strokeWidth={1}
      />
      <line x1={x} x2={x + width} y1={0} y2={0} stroke={planned ? '#9a6200' : PLATE.ground} strokeWidth={1.8} />
    </>
  );
});

const FlagLabel = memo(function FlagLabel({ label }: { label: string }) {
  return (
    <text y={-3} fontSize={12} fontFamily={FONT.label}>
      {label}
    </text>
  );
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

/** Moved by a transform: a text whose own y changes is shaped again. */
const Numeral = memo(function Numeral({ x, y, text }: { x: number; y: number; text: string }) {
  return (
    <g transform={`translate(${x} ${y})`}>
      <NumeralWord text={text} />
    </g>
  );
});

const NumeralWord = memo(function NumeralWord({ text }: { text: string }) {
  return (
    <text fontSize={text.length > 3 ? 8 : 10.5} fill={PLATE.deep} fontWeight={600}>
      {text}
    </text>
  );
});

/** Equal ticks come as one list: their paths are then not written again. */
const Ticks = memo(function Ticks({ ticks, x, width }: PlateLayout['rule']) {
  return [false, true].map((numbered) => (
    <path
      key={String(numbered)}
      d={tickPath({ ticks, x, width }, numbered)}
      stroke={PLATE.deep}
      strokeWidth={numbered ? 1.4 : 0.8}
    />
  ));
});

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
      {rule.ticks
        .filter((tick) => tick.numeral !== null && !flags.some((flag) => Math.abs(flag.y - tick.y) < 7))
        .map((tick) => (
          <Numeral key={tick.numeral} x={rule.x + 3} y={tick.y + (tick.y < faceY + 6 ? 9 : 4)} text={tick.numeral!} />
        ))}
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
          planned={flag.kind === 'plan'}
          label={flag.label}
          main={flag.main}
          other={layout.halfSection ? '' : flag.other}
        />
      ))}
      <Unit x={middle} y={faceY - 9} unit={units} />
    </g>
  );
}
