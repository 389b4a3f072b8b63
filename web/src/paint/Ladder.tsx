import type { UnitSystem } from '@deep-mend/core';
import { ladderSheet, type LadderRung, type PlateLayout } from '@deep-mend/drawing';
import type { KeyboardEvent, MouseEvent } from 'react';
import { Linings, PaintSheetLayers, SheetLayerGroup } from './PaintSheet.tsx';
import type { LiningIds } from './PaintShape.tsx';
import { SHEET, useLiningIds } from './sheet.tsx';

const POINTED_AT = { cursor: 'pointer' } as const;

const keyOf = (target: EventTarget) => (target as Element).closest('[data-rung]')?.getAttribute('data-rung');

/** What the pointer and the arrow keys do on the rungs: they choose as in any group of radio buttons. */
function handlersOf({ rows }: PlateLayout['ladder'], onSelect: (routeId: string) => void) {
  const indexAt = (target: EventTarget) => rows.findIndex(({ rung }) => rung.key === keyOf(target));
  const onClick = (event: MouseEvent) => {
    const row = rows[indexAt(event.target)];
    if (row) onSelect(row.rung.route.id);
  };
  const onKeyDown = (event: KeyboardEvent) => {
    const index = indexAt(event.target);
    const row = rows[index];
    if (!row) return;
    const move = event.key === 'ArrowDown' ? 1 : event.key === 'ArrowUp' ? -1 : 0;
    const target = rows[index + move];
    if (move !== 0 && target) {
      event.preventDefault();
      onSelect(target.rung.variants[0]!.id);
      event.currentTarget.querySelectorAll<SVGElement>('[data-rung]')[index + move]?.focus();
    }
    if (event.key === 'Enter' || event.key === ' ') {
      event.preventDefault();
      onSelect(row.rung.route.id);
    }
  };
  return { onClick, onKeyDown };
}

/** The metal ladder: one rung for each distinct cut, under the metal that it would take. A radio group by arrow keys. */
export function Ladder({
  layout,
  units,
  selectedKey,
  onSelect,
}: {
  layout: PlateLayout;
  units: UnitSystem;
  selectedKey: string | null;
  onSelect: (routeId: string) => void;
}) {
  const linings = useLiningIds('forbidden');
  const { width, height, behind, rungs, bars } = ladderSheet(layout, units, selectedKey);
  const anyChosen = rungs.some(({ chosen }) => chosen);
  return (
    <svg
      width={width}
      height={height}
      viewBox={`0 0 ${width} ${height}`}
      style={SHEET}
      role="group"
      aria-label="Metal ladder"
    >
      <Linings ids={linings} />
      <PaintSheetLayers layers={behind} linings={linings} />
      <g
        role="radiogroup"
        aria-label="Ways to mend, by the metal they take"
        style={POINTED_AT}
        {...handlersOf(layout.ladder, onSelect)}
      >
        {rungs.map((rung, index) => (
          <Rung key={rung.key} rung={rung} tabbed={anyChosen ? rung.chosen : index === 0} linings={linings} />
        ))}
      </g>
      <g pointerEvents="none">
        <PaintSheetLayers layers={bars} linings={linings} />
      </g>
    </svg>
  );
}

/** One rung; `tabbed`: the one that the Tab key reaches. */
function Rung({ rung, tabbed, linings }: { rung: LadderRung; tabbed: boolean; linings: LiningIds }) {
  return (
    <g role="radio" aria-checked={rung.chosen} aria-label={rung.label} tabIndex={tabbed ? 0 : -1} data-rung={rung.key}>
      <SheetLayerGroup layer={rung.layer} linings={linings} />
    </g>
  );
}
