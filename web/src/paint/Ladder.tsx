import { memo, type KeyboardEvent, type MouseEvent } from 'react';
import { keep, type UnitSystem, type Verdict } from '@deep-mend/core';
import { FONT, PLATE } from '../base/theme.ts';
import { VERDICT_WORDS, verdictPath } from '../parts/Verdict.tsx';
import type { LadderRow, PlateLayout } from '@deep-mend/drawing';
import { Lining, SHEET } from './sheet.tsx';

const COLOUR: Record<Verdict, string> = { holds: PLATE.holds, 'with-care': PLATE.care, 'does-not-hold': PLATE.fails };
const BAR_PX = 14;
const POINTED_AT = { cursor: 'pointer' } as const;
/** The axis is stretched across the page only, so a bar keeps its height and its outline keeps its width. */
const across = (axisX: number, scale: number) => `translate(${axisX} 0) scale(${scale} 1)`;

/** Equal keys paint the same: a layout is new with every key on the keyboard, the ladder in it mostly is not. */
const keysOf = keep(({ ladder, width, axisX, scale, halfSection }: PlateLayout) => {
  const words = ladder.rows
    .map(
      ({ rung: { key, title, verdict, isFirst, route } }) =>
        `${key} ${title} ${route.id} ${verdict} ${isFirst} ${route.reserve.ratio === null ? '' : Math.round(1000 * route.reserve.ratio)}`,
    )
    .join('|');
  const bars = ladder.rows
    .map(({ drillMm, outerMm, rung }) => `${rung.key} ${drillMm} ${outerMm} ${rung.verdict}`)
    .join('|');
  const { edgeX, cleanUpX, forbiddenX, axisTicks } = ladder;
  const numerals = axisTicks.map(({ numeral }) => numeral).join(' ');
  return {
    words,
    bars,
    all: [words, bars, width, axisX, scale, halfSection, edgeX, cleanUpX, forbiddenX, numerals].join('|'),
  };
});

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
    keysOf(before.layout).all === keysOf(after.layout).all &&
    before.selectedKey === after.selectedKey &&
    before.hatchId === after.hatchId &&
    before.onSelect === after.onSelect,
);

const keyOf = (target: EventTarget) => (target as Element).closest('[data-rung]')?.getAttribute('data-rung');

function LadderDrawing({ layout, units, selectedKey, hatchId, onSelect }: LadderProps) {
  const { ladder, axisX, halfSection, scale } = layout;
  const keys = keysOf(layout);
  const end = ladder.axisY;
  const indexAt = (target: EventTarget) => ladder.rows.findIndex(({ rung }) => rung.key === keyOf(target));
  const click = (event: MouseEvent) => {
    const row = ladder.rows[indexAt(event.target)];
    if (row) onSelect(row.rung.route.id);
  };
  const step = (event: KeyboardEvent) => {
    const index = indexAt(event.target);
    const row = ladder.rows[index];
    if (!row) return;
    const move = event.key === 'ArrowDown' ? 1 : event.key === 'ArrowUp' ? -1 : 0;
    const target = ladder.rows[index + move];
    if (move !== 0 && target) {
      event.preventDefault();
      onSelect(target.rung.variants[0]!.id);
      event.currentTarget.querySelector<SVGElement>(`[data-rung="${CSS.escape(target.rung.key)}"]`)?.focus();
    }
    if (event.key === 'Enter' || event.key === ' ') {
      event.preventDefault();
      onSelect(row.rung.route.id);
    }
  };
  return (
    <svg
      width={layout.width}
      height={ladder.height}
      viewBox={`0 0 ${layout.width} ${ladder.height}`}
      style={SHEET}
      role="group"
      aria-label="Metal ladder"
    >
      <defs>
        <Lining id={hatchId} step={7} angle={-45} colour={PLATE.fails} width={1.6} opacity={0.75} />
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
      <g transform={`translate(${ladder.cleanUpX} 0)`}>
        <text
          y={ladder.top - 10}
          textAnchor={ladder.cleanUpX - axisX < 60 ? 'start' : 'middle'}
          fontSize={12}
          fill={PLATE.scribe}
          fontFamily={FONT.label}
        >
          cleans up
        </text>
        <line y1={ladder.top - 5} y2={end} stroke={PLATE.scribe} strokeWidth={1.3} strokeDasharray="2 3" />
      </g>
      <g
        role="radiogroup"
        aria-label="Ways to mend, by the metal they take"
        onClick={click}
        onKeyDown={step}
        style={POINTED_AT}
      >
        <AllWords
          wordsKey={keys.words}
          rows={ladder.rows}
          width={layout.width}
          statusX={ladder.statusX}
          rowHeight={ladder.rowHeight}
          half={halfSection}
          selectedKey={selectedKey}
        />
      </g>
      <g transform={across(axisX, scale)} pointerEvents="none">
        <AllBars
          barsKey={keys.bars}
          rows={ladder.rows}
          dropPx={halfSection ? 27 : ladder.rowHeight / 2 - BAR_PX / 2}
          selectedKey={selectedKey}
        />
      </g>
      <line x1={axisX} x2={ladder.rightX} y1={end} y2={end} stroke={PLATE.faint} strokeWidth={1} />
      {ladder.axisTicks.map((tick) => (
        <g key={tick.numeral} transform={`translate(${tick.x} ${end})`}>
          <AxisNumeral text={tick.numeral} />
        </g>
      ))}
      <g transform={`translate(${axisX - 12} ${end + 18})`}>
        <AxisName text={halfSection ? `ø ${units}` : `diameter, ${units}`} />
      </g>
    </svg>
  );
}

const AxisNumeral = memo(function AxisNumeral({ text }: { text: string }) {
  return (
    <>
      <line y1={0} y2={5} stroke={PLATE.faint} />
      <text y={18} fontSize={12} textAnchor="middle" fill={PLATE.faint}>
        {text}
      </text>
    </>
  );
});

const AxisName = memo(function AxisName({ text }: { text: string }) {
  return (
    <text fontSize={12} textAnchor="end" fill={PLATE.faint} fontFamily={FONT.label}>
      {text}
    </text>
  );
});

interface WordsProps {
  row: LadderRow;
  width: number;
  statusX: number;
  rowHeight: number;
  half: boolean;
  chosen: boolean;
  /** The one that the Tab key reaches. */
  tabbed: boolean;
}

type AllWordsProps = Omit<WordsProps, 'row' | 'chosen' | 'tabbed'> & {
  /** Equal keys have equal words: they stand still while the drawing's scale changes. */
  wordsKey: string;
  rows: LadderRow[];
  selectedKey: string | null;
};

const AllWords = memo(
  function AllWords({ rows, selectedKey, width, statusX, rowHeight, half }: AllWordsProps) {
    const anyChosen = rows.some(({ rung }) => rung.key === selectedKey);
    return rows.map((row, index) => {
      const chosen = row.rung.key === selectedKey;
      return (
        <RungWords
          key={row.rung.key}
          row={row}
          chosen={chosen}
          tabbed={anyChosen ? chosen : index === 0}
          width={width}
          statusX={statusX}
          rowHeight={rowHeight}
          half={half}
        />
      );
    });
  },
  (before, after) =>
    before.wordsKey === after.wordsKey &&
    before.selectedKey === after.selectedKey &&
    before.width === after.width &&
    before.statusX === after.statusX &&
    before.half === after.half,
);

/** A rung's name, verdict and metal left. */
function RungWords({ row: { rung, y }, width, statusX, rowHeight, half, chosen, tabbed }: WordsProps) {
  const colour = COLOUR[rung.verdict];
  const reserve = rung.route.reserve.ratio;
  const percent = reserve === null ? null : Math.round(reserve * 100);
  const low = y + (half ? 33 : rowHeight / 2 + 4);
  return (
    <g
      role="radio"
      aria-checked={chosen}
      aria-label={`${rung.title}: ${VERDICT_WORDS[rung.verdict]}${percent === null ? '' : `, ${percent} % of the metal left`}`}
      tabIndex={tabbed ? 0 : -1}
      data-rung={rung.key}
    >
      <rect
        x={6}
        y={y}
        width={width - 12}
        height={rowHeight - 2}
        rx={4}
        fill={PLATE.scribe}
        fillOpacity={chosen ? 0.16 : 0}
      />
      <text
        x={14}
        y={y + (half ? 18 : rowHeight / 2 + 4)}
        fontSize={14.5}
        stroke={half ? PLATE.ground : undefined}
        strokeWidth={half ? 4 : undefined}
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
      <g
        transform={`translate(${statusX} ${y + (half ? 20 : rowHeight / 2 - 8)}) scale(0.8)`}
        fill="none"
        stroke={colour}
        strokeWidth={3.2}
        strokeLinejoin="round"
        strokeLinecap="round"
      >
        <path d={verdictPath(rung.verdict)} />
      </g>
      {!half && (
        <text x={statusX + 22} y={low} fontSize={13.5} fill={colour}>
          {VERDICT_WORDS[rung.verdict]}
        </text>
      )}
      <text x={width - 16} y={low} fontSize={14} textAnchor="end" fill={PLATE.scribe}>
        {percent === null ? 'unknown' : `${percent} %`}
      </text>
    </g>
  );
}

/** The ring of metal that a rung takes, from its drill to its outermost cut: radii in millimetres along the axis. */
function RungBar({ row: { rung, drillMm, outerMm, cutsMetal }, y, chosen }: BarProps) {
  const colour = COLOUR[rung.verdict];
  const thin = { vectorEffect: 'non-scaling-stroke' } as const;
  return (
    <g transform={`translate(0 ${y})`}>
      <line
        x2={cutsMetal ? drillMm : outerMm}
        y1={BAR_PX / 2}
        y2={BAR_PX / 2}
        stroke={colour}
        strokeWidth={1}
        strokeOpacity={0.6}
        {...thin}
      />
      {cutsMetal ? (
        <rect
          data-bar={rung.key}
          x={drillMm}
          width={Math.max(0, outerMm - drillMm)}
          height={BAR_PX}
          fill={colour}
          fillOpacity={rung.verdict === 'does-not-hold' ? 0.3 : 1}
          stroke={chosen ? PLATE.chalk : colour}
          strokeWidth={chosen ? 2 : 1}
          {...thin}
        />
      ) : (
        <line x1={outerMm} x2={outerMm} y2={BAR_PX} stroke={colour} strokeWidth={2.4} {...thin} />
      )}
    </g>
  );
}

const AllBars = memo(
  function AllBars({ rows, dropPx, selectedKey }: AllBarsProps) {
    return rows.map((row) => (
      <RungBar key={row.rung.key} row={row} y={row.y + dropPx} chosen={row.rung.key === selectedKey} />
    ));
  },
  (before, after) =>
    before.barsKey === after.barsKey && before.dropPx === after.dropPx && before.selectedKey === after.selectedKey,
);

interface AllBarsProps {
  /** Equal keys draw equal bars, at any scale. */
  barsKey: string;
  rows: LadderRow[];
  /** px from a row's top to its bar. */
  dropPx: number;
  selectedKey: string | null;
}

interface BarProps {
  row: LadderRow;
  y: number;
  chosen: boolean;
}
