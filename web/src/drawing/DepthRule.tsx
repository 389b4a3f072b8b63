import type { UnitSystem } from '@deep-mend/core';
import { FONT, PLATE } from '../app/theme.ts';
import type { PlateLayout } from './plateLayout.ts';

/** The ticks with numerals, or those without, as one path each. */
function tickPath({ rule }: PlateLayout, withNumerals: boolean): string {
  const right = rule.x + rule.width;
  return rule.ticks
    .filter((tick) => (tick.numeral !== null) === withNumerals)
    .map((tick) => `M${right} ${tick.y}H${right - rule.width * 0.36 * tick.length}`)
    .join('');
}

/** The graduated rule at the section's side, with a flag at every depth that matters. */
export function DepthRule({ layout, units }: { layout: PlateLayout; units: UnitSystem }) {
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
          <text
            key={tick.numeral}
            x={rule.x + 3}
            y={tick.y + (tick.y < faceY + 6 ? 9 : 4)}
            fontSize={tick.numeral!.length > 3 ? 8 : 10.5}
            fill={PLATE.deep}
            fontWeight={600}
          >
            {tick.numeral}
          </text>
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
      {flags.map((flag) => {
        const colour = flag.kind === 'plan' ? PLATE.chalk : PLATE.scribe;
        return (
          <g key={flag.id} data-flag={flag.id}>
            <path
              d={`M${rule.x} ${flag.y} L${rule.x - 8} ${flag.y} L${rule.x - 16} ${flag.textY + 8}`}
              fill="none"
              stroke={colour}
              strokeWidth={1}
            />
            <line
              x1={rule.x}
              x2={rule.x + rule.width}
              y1={flag.y}
              y2={flag.y}
              stroke={flag.kind === 'plan' ? '#9a6200' : PLATE.ground}
              strokeWidth={1.8}
            />
            <text x={8} y={flag.textY - 3} fill={colour} fontSize={12} fontFamily={FONT.label}>
              {flag.label}
            </text>
            <text x={8} y={flag.textY + 13} fill={colour} fontSize={16} fontWeight={600}>
              {flag.main}
              <tspan dx={5} fontSize={11} fontWeight={400} fillOpacity={0.85}>
                {layout.halfSection ? '' : flag.other}
              </tspan>
            </text>
          </g>
        );
      })}
      <text x={rule.x + rule.width / 2} y={faceY - 9} textAnchor="middle" fontSize={11} fill={PLATE.faint}>
        {units}
      </text>
    </g>
  );
}
