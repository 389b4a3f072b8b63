import { scaleLinear } from 'd3-scale';
import { line } from 'd3-shape';
import {
  formatLength,
  MM_PER_INCH,
  type Chance,
  type CoreWindow,
  type HarmOfDrill,
  type UnitSystem,
} from '@deep-mend/core';
import { FONT, PLATE } from '../../../../base/theme.ts';

// About the width it gets beside the end view, so that its words keep their size.
const WIDTH = 400;
const HEIGHT = 260;
const PAD = { left: 44, right: 16, top: 30, bottom: 40 };

const SERIES = [
  { id: 'touched', name: 'touches the parent', colour: PLATE.fails, dash: '' },
  { id: 'tooMuchLost', name: 'takes too much thread', colour: PLATE.fails, dash: '6 4' },
  { id: 'stiff', name: 'shell stays stiff', colour: PLATE.care, dash: '2 3' },
  { id: 'loose', name: 'shell comes loose', colour: PLATE.holds, dash: '12 3' },
  { id: 'voidOpened', name: 'opens what is beside it', colour: PLATE.scribe, dash: '1 4' },
] as const satisfies readonly { id: keyof HarmOfDrill; name: string; colour: string; dash: string }[];

/** Chances against drill size: one line each, told apart by dash and by its words at the side; the drill to take in chalk. */
export function HarmChart({
  drills,
  window,
  recommendedMm,
  withVoid,
  units,
}: {
  drills: HarmOfDrill[];
  window: CoreWindow;
  recommendedMm: number | null;
  /** Whether there is a void beside the hole to be opened. */
  withVoid: boolean;
  units: UnitSystem;
}) {
  const x = scaleLinear([drills[0]!.drillMm, drills.at(-1)!.drillMm], [PAD.left, WIDTH - PAD.right]);
  // Round numbers of the shop's own unit.
  const perUnit = units === 'mm' ? 1 : MM_PER_INCH;
  const ticksMm = scaleLinear(
    x.domain().map((mm) => mm / perUnit),
    [0, 1],
  )
    .ticks(5)
    .map((value) => value * perUnit);
  const y = scaleLinear([0, 1], [HEIGHT - PAD.bottom, PAD.top]);
  const path = (id: (typeof SERIES)[number]['id']) =>
    line<HarmOfDrill>()
      .x((row) => x(row.drillMm))
      .y((row) => y((row[id] as Chance).p))(drills)!;
  const series = SERIES.filter(({ id }) => withVoid || id !== 'voidOpened');
  const words = (mm: number) => formatLength(mm, units, units === 'mm' ? 1 : 3);
  return (
    <figure style={{ margin: 0, flex: '1 1 300px' }}>
      <svg
        role="img"
        aria-label={`Chances against drill size; ${recommendedMm === null ? 'no drill is safe' : `recommended ${words(recommendedMm)} ${units}`}`}
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        style={{ width: '100%', background: PLATE.ground, borderRadius: 8, fontFamily: FONT.drawing, display: 'block' }}
      >
        {y.ticks(4).map((value) => (
          <g key={value}>
            <line x1={PAD.left} x2={WIDTH - PAD.right} y1={y(value)} y2={y(value)} stroke={PLATE.hatch} />
            <text x={PAD.left - 8} y={y(value) + 4} textAnchor="end" fontSize={13} fill={PLATE.scribe}>
              {value * 100} %
            </text>
          </g>
        ))}
        {ticksMm.map((value) => (
          <text
            key={value}
            x={x(value)}
            y={HEIGHT - PAD.bottom + 18}
            textAnchor="middle"
            fontSize={13}
            fill={PLATE.scribe}
          >
            {words(value)}
          </text>
        ))}
        <text x={WIDTH - PAD.right} y={HEIGHT - 6} textAnchor="end" fontSize={13} fill={PLATE.faint}>
          drill, {units}
        </text>
        {[window.rootMm, window.crestMm].map((mm, index) => (
          <g key={mm}>
            <line
              x1={x(mm)}
              x2={x(mm)}
              y1={PAD.top}
              y2={HEIGHT - PAD.bottom}
              stroke={PLATE.faint}
              strokeDasharray="8 3 2 3"
            />
            <text
              x={x(mm) + (index === 0 ? -4 : 4)}
              y={PAD.top - 10}
              textAnchor={index === 0 ? 'end' : 'start'}
              fontSize={12}
              fill={PLATE.faint}
            >
              {index === 0 ? 'its root' : 'parent’s crest'}
            </text>
          </g>
        ))}
        {series.map(({ id, colour, dash }) => (
          <path
            key={id}
            data-series={id}
            d={path(id)}
            fill="none"
            stroke={colour}
            strokeWidth={2.2}
            strokeDasharray={dash}
          />
        ))}
        {recommendedMm !== null && (
          <g>
            <line
              x1={x(recommendedMm)}
              x2={x(recommendedMm)}
              y1={PAD.top}
              y2={HEIGHT - PAD.bottom}
              stroke={PLATE.chalk}
              strokeWidth={2}
            />
            <text
              x={x(recommendedMm) - 6}
              y={HEIGHT - PAD.bottom - 8}
              textAnchor="end"
              fontSize={15}
              fontWeight={600}
              fill={PLATE.chalk}
            >
              {words(recommendedMm)}
            </text>
          </g>
        )}
      </svg>
      <figcaption className="quiet-text">
        {series.map(({ id, name, dash }) => (
          <span key={id} style={{ marginRight: 14, whiteSpace: 'nowrap' }}>
            <svg width={30} height={8} aria-hidden>
              <line x1={0} x2={30} y1={4} y2={4} stroke="currentColor" strokeWidth={2.2} strokeDasharray={dash} />
            </svg>{' '}
            {name}
          </span>
        ))}
      </figcaption>
    </figure>
  );
}
