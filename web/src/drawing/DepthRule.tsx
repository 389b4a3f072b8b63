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
function tickPath({ rule }: RuleLayout, withNumerals: boolean): string {
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
  y: number;
  /** Where its words are, from its own depth. */
  textY: number;
  planned: boolean;
  label: string;
  main: string;
  other: string;
}

/**
 * A flag, drawn round its own depth and moved as a whole: one that only moves costs one attribute and no new text layout,
 * one that stays costs nothing.
 */
const Flag = memo(function Flag({ id, x, width, y, textY, planned, label, main, other }: FlagProps) {
  const colour = planned ? PLATE.chalk : PLATE.scribe;
  return (
    <g data-flag={id} transform={`translate(0 ${y})`}>
      <path d={`M${x} 0 L${x - 8} 0 L${x - 16} ${textY + 8}`} fill="none" stroke={colour} strokeWidth={1} />
      <line x1={x} x2={x + width} y1={0} y2={0} stroke={planned ? '#9a6200' : PLATE.ground} strokeWidth={1.8} />
      <text x={8} y={textY - 3} fill={colour} fontSize={12} fontFamily={FONT.label}>
        {label}
      </text>
      <text x={8} y={textY + 13} fill={colour} fontSize={16} fontWeight={600}>
        {main}
        <tspan dx={5} fontSize={11} fontWeight={400} fillOpacity={0.85}>
          {other}
        </tspan>
      </text>
    </g>
  );
});

const Numeral = memo(function Numeral({ x, y, size, text }: { x: number; y: number; size: number; text: string }) {
  return (
    <text x={x} y={y} fontSize={size} fill={PLATE.deep} fontWeight={600}>
      {text}
    </text>
  );
});

/** The graduated rule at the section's side, with a flag at every depth that matters. */
export function DepthRule({ layout, units }: { layout: RuleLayout; units: UnitSystem }) {
  const { rule, faceY, flags, engaged } = layout;
  const end = layout.yOf(Math.max(...layout.stretches.map((stretch) => stretch.toMm)));
  return (
    <g data-part="rule">
      <rect x={rule.x} y={faceY - 3} width={rule.width} height={end - faceY + 6} fill={PLATE.scribe} rx={2} />
      <path d={tickPath(layout, false)} stroke={PLATE.deep} strokeWidth={0.8} />
      <path d={tickPath(layout, true)} stroke={PLATE.deep} strokeWidth={1.4} />
      {rule.ticks
        .filter((tick) => tick.numeral !== null && !flags.some((flag) => Math.abs(flag.y - tick.y) < 7))
        .map((tick) => (
          <Numeral
            key={tick.numeral}
            x={rule.x + 3}
            y={tick.y + (tick.y < faceY + 6 ? 9 : 4)}
            size={tick.numeral!.length > 3 ? 8 : 10.5}
            text={tick.numeral!}
          />
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
      {engaged && (
        <rect
          x={rule.x + rule.width + 1}
          y={engaged.y1}
          width={4}
          height={Math.max(0, engaged.y2 - engaged.y1)}
          fill={PLATE.chalk}
        >
          <title>Engaged thread</title>
        </rect>
      )}
      {flags.map((flag) => (
        <Flag
          key={flag.id}
          id={flag.id}
          x={rule.x}
          width={rule.width}
          y={flag.y}
          textY={flag.textY - flag.y}
          planned={flag.kind === 'plan'}
          label={flag.label}
          main={flag.main}
          other={layout.halfSection ? '' : flag.other}
        />
      ))}
      <text x={rule.x + rule.width / 2} y={faceY - 9} textAnchor="middle" fontSize={11} fill={PLATE.faint}>
        {units}
      </text>
    </g>
  );
}
