import type { UnitSystem } from '@deep-mend/core';
import { PLATE } from '../../../../base/theme.ts';
import { StuckSection } from '../../../../paint/StuckSection.tsx';
import { stuckLayout } from '@deep-mend/drawing';
import { HarmPlates } from './HarmPlates.tsx';
import type { FreePlan } from './useFreePlan.ts';

/** Height of the section beside a panel, and above it on a narrow page, where the words must stay in sight. */
const SECTION_HEIGHT = { wide: 330, narrow: 240 } as const;

/** What sticks in the hole, drawn where it is; under it the chances of every drill, and where its centre may end up. */
export function FreePlate({
  free,
  holeDepthMm,
  units,
  width,
  charts,
}: {
  free: FreePlan;
  holeDepthMm: number | null;
  units: UnitSystem;
  width: number;
  /** False where the page is narrow: they then stand beside the numbers of the drilling. */
  charts: boolean;
}) {
  const { stuck, window, plan, drilling } = free;
  const layout =
    width > 0
      ? stuckLayout({
          stuck,
          window,
          holeDepthMm,
          plan,
          offsetMm: drilling.measuredOffset?.mm ?? 0,
          units,
          width,
          height: charts ? SECTION_HEIGHT.wide : SECTION_HEIGHT.narrow,
        })
      : null;
  return (
    <>
      <div className="plate" style={{ background: PLATE.ground }}>
        {layout && (
          <StuckSection
            layout={layout}
            units={units}
            description={`Section of the hole with the ${stuck.what} in it`}
          />
        )}
      </div>
      {charts && <HarmPlates free={free} units={units} />}
    </>
  );
}
