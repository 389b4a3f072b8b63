import type { UnitSystem } from '@deep-mend/core';
import { PLATE } from '../../../app/theme.ts';
import { StuckSection } from '../../../drawing/StuckSection.tsx';
import { stuckLayout } from '../../../drawing/stuckLayout.ts';
import { EndView } from './EndView.tsx';
import { HarmChart } from './HarmChart.tsx';
import type { FreePlan } from './useFreePlan.ts';

const SECTION_HEIGHT = 330;

/** What sticks in the hole, drawn where it is; under it the chances of every drill, and where its centre may end up. */
export function FreePlate({
  free,
  holeDepthMm,
  units,
  width,
}: {
  free: FreePlan;
  holeDepthMm: number | null;
  units: UnitSystem;
  width: number;
}) {
  const { stuck, window, plan, drilling, question, harm, best, drilledMm } = free;
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
          height: SECTION_HEIGHT,
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
      {question && harm.drills && (
        <div className="harm-plates">
          <HarmChart
            drills={harm.drills}
            window={window}
            recommendedMm={best?.drillMm ?? null}
            withVoid={question.voidMm !== null}
            units={units}
          />
          <EndView window={window} drillMm={best?.drillMm ?? drilledMm ?? window.rootMm / 2} pointsMm={harm.pointsMm} />
        </div>
      )}
    </>
  );
}
