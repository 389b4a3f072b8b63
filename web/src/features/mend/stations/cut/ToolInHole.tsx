import {
  stageNow,
  type Assessment,
  type FrozenPlan,
  type HoleCase,
  type MendEntry,
  type Route,
  type UnitSystem,
} from '@deep-mend/core';
import { benchSheet, type BenchTool } from '@deep-mend/drawing';
import { useId } from 'react';
import { Linings, PaintSheetLayers } from '../../../../paint/PaintSheet.tsx';
import type { BenchStep } from './useBench.ts';

const WIDTH = 330;
const HEIGHT = 520;

/** Which tool turns at a step, and where it is: a tap where its turns are, a drill where it stops. */
function toolOf(plan: FrozenPlan, { id }: BenchStep, tipMm: number | null): BenchTool | null {
  const frozen = plan.steps.find((step) => step.id === id);
  const { numbers } = plan;
  if (frozen?.kind === 'tap') {
    const { leadMm, leadTurns } = frozen.facts as { leadMm?: number; leadTurns?: number };
    if (leadMm === undefined || leadTurns === undefined) return null;
    return {
      kind: 'tap',
      diameterMm: numbers.cutMajorMm,
      tipMm: tipMm ?? 0,
      leadMm: leadMm * leadTurns,
      toMm: numbers.fullThreadToMm,
    };
  }
  if (frozen?.kind === 'drill') {
    const { diameterMm, blind } = frozen.facts as { diameterMm?: number; blind?: boolean };
    if (diameterMm === undefined) return null;
    return {
      kind: 'drill',
      diameterMm,
      tipMm: tipMm ?? numbers.drillTipMm,
      leadMm: 0,
      toMm: blind ? numbers.drillTipMm : null,
    };
  }
  return null;
}

/** The section with the tool drawn where it is now; nothing where the plan can no longer be drawn. */
export function ToolInHole({
  drawn,
  plan,
  steps,
  step,
  tipMm,
  units,
}: {
  drawn: { hole: HoleCase; assessment: Assessment; route: Route } | null;
  plan: FrozenPlan;
  /** What of this plan is recorded. */
  steps: MendEntry['steps'];
  step: BenchStep;
  tipMm: number | null;
  units: UnitSystem;
}) {
  const lining = useId();
  if (!drawn) return <div className="bench-plate" />;
  const tool = toolOf(plan, step, tipMm);
  const done = new Set(steps.filter(({ end }) => end !== 'not-done').map(({ stepId }) => stepId));
  const sheet = benchSheet({ ...drawn, stage: stageNow(plan, done), tool, units, width: WIDTH, height: HEIGHT });
  const linings = { parent: lining };
  return (
    <div className="bench-plate">
      <svg
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        role="img"
        aria-label={tool ? `The ${tool.kind} in the hole, to scale` : 'The hole in section, to scale'}
      >
        <Linings ids={linings} />
        <PaintSheetLayers layers={sheet.layers} linings={linings} />
      </svg>
    </div>
  );
}
