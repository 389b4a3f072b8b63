import type { UnitSystem } from '@deep-mend/core';
import { EndView } from './EndView.tsx';
import { HarmChart } from './HarmChart.tsx';
import type { FreePlan } from './useFreePlan.ts';

/** The chances of every drill, and where its centre may end up; nothing until they are simulated. */
export function HarmPlates({ free, units }: { free: FreePlan; units: UnitSystem }) {
  const { window, question, harm, best, drilledMm } = free;
  if (!question || !harm.drills) return null;
  return (
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
  );
}
