import { memo, type KeyboardEvent } from 'react';
import type { UnitSystem, Verdict } from '@deep-mend/core';
import { FONT, PLATE } from '../app/theme.ts';
import { VERDICT_WORDS, verdictPath } from '../kit/Verdict.tsx';
import type { PlateLayout } from './plateLayout.ts';

const COLOUR: Record<Verdict, string> = { holds: PLATE.holds, 'with-care': PLATE.care, 'does-not-hold': PLATE.fails };

interface LadderProps {
  layout: PlateLayout;
  units: UnitSystem;
  selectedKey: string | null;
  hatchId: string;
  onSelect: (routeId: string) => void;
}

/** The metal ladder: one rung for each distinct cut, under the metal that it would take. A radio group by arrow keys. */
export const Ladder = memo(
  LadderDrawing,
  (before, after) =>
    before.layout.ladder.key === after.layout.ladder.key &&
    before.selectedKey === after.selectedKey &&
    before.hatchId === after.hatchId &&
    before.onSelect === after.onSelect,
);

function LadderDrawing({ layout, units, selectedKey, hatchId, onSelect }: LadderProps) {
  const { ladder, axisX, halfSection } = layout;
  const end = ladder.axisY;
  const anyChosen = ladder.rows.some(({ rung }) => rung.key === selectedKey);
  const step = (event: KeyboardEvent, index: number) => {
    const move = event.key === 'ArrowDown' ? 1 : event.key === 'ArrowUp' ? -1 : 0;
    const target = ladder.rows[index + move];
    if (move !== 0 && target) {
      event.preventDefault();
      onSelect(target.rung.variants[0]!.id);
      (
        event.currentTarget.parentElement?.querySelector(
          `[data-rung="${CSS.escape(target.rung.key)}"]`,
        ) as SVGElement | null
      )?.focus();
    }
    if (event.key === 'Enter' || event.key === ' ') {
      event.preventDefault();
      onSelect(ladder.rows[index]!.rung.route.id);
    }
  };
  return (
    <svg
      width={layout.width}
      height={ladder.height}
      viewBox={`0 0 ${layout.width} ${ladder.height}`}
      style={{ display: 'block', fontFamily: FONT.drawing }}
      role="group"
      aria-label="Metal ladder"
    >
      <defs>
        <pattern id={hatchId} width={7} height={7} patternTransform="rotate(-45)" patternUnits="userSpaceOnUse">
          <line x1={0} x2={0} y1={0} y2={7} stroke={PLATE.fails} strokeWidth={1.6} strokeOpacity={0.75} />
        </pattern>
      </defs>
      <line x1={axisX} x2={axisX} y1={0} y2={end} stroke={PLATE.faint} strokeWidth={1} strokeDasharray="12 4 2 4" />
      {ladder.edgeX !== null && (
        <line x1={ladder.edgeX} x2={ladder.edgeX} y1={0} y2={end} stroke={PLATE.scribe} strokeWidth={1.4} />
      )}
      {ladder.forbiddenX !== null && (
        <g>
          <rect
            x={ladder.forbiddenX}
            y={ladder.top - 4}
            width={ladder.rightX - ladder.forbiddenX}
            height={end - ladder.top + 4}
            fill={`url(#${hatchId})`}
          />
          <text
            x={ladder.rightX - 2}
            textAnchor="end"
            y={ladder.top - 10}
            fontSize={12}
            fill={PLATE.fails}
            fontFamily={FONT.label}
          >
            too near
          </text>
        </g>
      )}
      <text x={ladder.statusX} y={ladder.top - 10} fontSize={12} fill={PLATE.faint} fontFamily={FONT.label}>
        {halfSection ? 'metal left' : 'verdict · metal left'}
      </text>
      <text
        x={ladder.cleanUpX}
        y={ladder.top - 10}
        textAnchor={ladder.cleanUpX - axisX < 60 ? 'start' : 'middle'}
        fontSize={12}
        fill={PLATE.scribe}
        fontFamily={FONT.label}
      >
        cleans up
      </text>
      <line
        x1={ladder.cleanUpX}
        x2={ladder.cleanUpX}
        y1={ladder.top - 5}
        y2={end}
        stroke={PLATE.scribe}
        strokeWidth={1.3}
        strokeDasharray="2 3"
      />
      <g role="radiogroup" aria-label="Ways to mend, by the metal they take">
        {ladder.rows.map(({ rung, y, drillX, outerX, cutsMetal }, index) => {
          const chosen = rung.key === selectedKey;
          const colour = COLOUR[rung.verdict];
          const barY = y + (halfSection ? 27 : ladder.rowHeight / 2 - 7);
          const reserve = rung.route.reserve.ratio;
          const label = `${rung.title}: ${VERDICT_WORDS[rung.verdict]}${reserve === null ? '' : `, ${Math.round(reserve * 100)} % of the metal left`}`;
          return (
            <g
              key={rung.key}
              role="radio"
              aria-checked={chosen}
              aria-label={label}
              tabIndex={chosen || (!anyChosen && index === 0) ? 0 : -1}
              data-rung={rung.key}
              onClick={() => onSelect(rung.route.id)}
              onKeyDown={(event) => step(event, index)}
              style={{ cursor: 'pointer' }}
            >
              <rect
                x={6}
                y={y}
                width={layout.width - 12}
                height={ladder.rowHeight - 2}
                rx={4}
                fill={PLATE.scribe}
                fillOpacity={chosen ? 0.16 : 0}
              />
              <text
                x={14}
                y={y + (halfSection ? 18 : ladder.rowHeight / 2 + 4)}
                fontSize={14.5}
                stroke={halfSection ? PLATE.ground : undefined}
                strokeWidth={halfSection ? 4 : undefined}
                paintOrder="stroke"
                fontWeight={chosen || rung.isFirst ? 600 : 400}
                fill={rung.verdict === 'does-not-hold' && !chosen ? PLATE.faint : PLATE.scribe}
              >
                {rung.title}
                {rung.isFirst && (
                  <tspan dx={6} fontSize={11} fill={PLATE.chalk}>
                    first
                  </tspan>
                )}
              </text>
              <line
                x1={axisX}
                x2={cutsMetal ? drillX : outerX}
                y1={barY + 7}
                y2={barY + 7}
                stroke={colour}
                strokeWidth={1}
                strokeOpacity={0.6}
              />
              <circle cx={axisX} cy={barY + 7} r={1.8} fill={colour} />
              {cutsMetal ? (
                <rect
                  data-part="bar"
                  x={drillX}
                  y={barY}
                  width={Math.max(3, outerX - drillX)}
                  height={14}
                  rx={1.5}
                  fill={colour}
                  fillOpacity={rung.verdict === 'does-not-hold' ? 0.3 : 1}
                  stroke={chosen ? PLATE.chalk : colour}
                  strokeWidth={chosen ? 2 : 1}
                />
              ) : (
                <line x1={outerX} x2={outerX} y1={barY} y2={barY + 14} stroke={colour} strokeWidth={2.4} />
              )}
              <g
                transform={`translate(${ladder.statusX} ${y + (halfSection ? 20 : ladder.rowHeight / 2 - 8)})`}
                fill="none"
                stroke={COLOUR[rung.verdict]}
              >
                <path
                  d={verdictPath(rung.verdict)}
                  transform="scale(0.8)"
                  strokeWidth={3.2}
                  strokeLinejoin="round"
                  strokeLinecap="round"
                />
              </g>
              <text
                x={ladder.statusX + 22}
                y={y + (halfSection ? 33 : ladder.rowHeight / 2 + 4)}
                fontSize={13.5}
                fill={COLOUR[rung.verdict]}
              >
                {halfSection ? '' : VERDICT_WORDS[rung.verdict]}
              </text>
              <text
                x={layout.width - 16}
                y={y + (halfSection ? 33 : ladder.rowHeight / 2 + 4)}
                fontSize={14}
                textAnchor="end"
                fill={PLATE.scribe}
              >
                {reserve === null ? 'unknown' : `${Math.round(reserve * 100)} %`}
              </text>
            </g>
          );
        })}
      </g>
      <line x1={axisX} x2={ladder.rightX} y1={end} y2={end} stroke={PLATE.faint} strokeWidth={1} />
      {ladder.axisTicks.map((tick) => (
        <g key={tick.x}>
          <line x1={tick.x} x2={tick.x} y1={end} y2={end + 5} stroke={PLATE.faint} />
          <text x={tick.x} y={end + 18} fontSize={12} textAnchor="middle" fill={PLATE.faint}>
            {tick.numeral}
          </text>
        </g>
      ))}
      <text x={axisX - 12} y={end + 18} fontSize={12} textAnchor="end" fill={PLATE.faint} fontFamily={FONT.label}>
        {halfSection ? `ø ${units}` : `diameter, ${units}`}
      </text>
    </svg>
  );
}
