import { sameLadder, type LadderRung, type LadderSheet } from '@deep-mend/drawing';
import { memo, type KeyboardEvent, type MouseEvent } from 'react';
import { Linings, PaintSheetLayers, SheetLayerGroup } from './PaintSheet.tsx';
import type { LiningIds } from './PaintShape.tsx';
import { SHEET, useLiningIds } from './sheet.ts';

const POINTED_AT = { cursor: 'pointer' } as const;

const keyOf = (target: EventTarget) => (target as Element).closest('[data-rung]')?.getAttribute('data-rung');

/** What the pointer and the arrow keys do on the rungs: they choose as in any group of radio buttons. */
function handlersOf(rungs: readonly LadderRung[], onSelect: (routeId: string) => void) {
  const indexAt = (target: EventTarget) => rungs.findIndex(({ key }) => key === keyOf(target));
  const onClick = (event: MouseEvent) => {
    const rung = rungs[indexAt(event.target)];
    if (rung) onSelect(rung.routeId);
  };
  const onKeyDown = (event: KeyboardEvent) => {
    const index = indexAt(event.target);
    const rung = rungs[index];
    if (!rung) return;
    const move = event.key === 'ArrowDown' ? 1 : event.key === 'ArrowUp' ? -1 : 0;
    const target = rungs[index + move];
    if (move !== 0 && target) {
      event.preventDefault();
      onSelect(target.firstId);
      event.currentTarget.querySelectorAll<SVGElement>('[data-rung]')[index + move]?.focus();
    }
    if (event.key === 'Enter' || event.key === ' ') {
      event.preventDefault();
      onSelect(rung.routeId);
    }
  };
  return { onClick, onKeyDown };
}

/** The metal ladder: one rung for each distinct cut, under the metal that it would take. A radio group by arrow keys. */
export const Ladder = memo(
  function Ladder({ sheet, onSelect }: { sheet: LadderSheet; onSelect: (routeId: string) => void }) {
    const linings = useLiningIds('forbidden');
    const { width, height, behind, rungs, bars } = sheet;
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
          {...handlersOf(rungs, onSelect)}
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
  },
  (before, after) => before.onSelect === after.onSelect && sameLadder(before.sheet, after.sheet),
);

/** One rung; `tabbed`: the one that the Tab key reaches. */
function Rung({ rung, tabbed, linings }: { rung: LadderRung; tabbed: boolean; linings: LiningIds }) {
  return (
    <g role="radio" aria-checked={rung.chosen} aria-label={rung.label} tabIndex={tabbed ? 0 : -1} data-rung={rung.key}>
      <SheetLayerGroup layer={rung.layer} linings={linings} />
    </g>
  );
}
