import type { HoleCase } from '../../../judge/hole/index.ts';
import { drillSpeed } from '../../cutting/index.ts';
import type { Route } from '../../routes/index.ts';
import type { StepKind, StepOf } from '../WorkStep.ts';
import { metalCaution, type ProtectFacts } from './protect.ts';

export type DrillStepFacts = ProtectFacts & {
  drillId: string;
  diameterMm: number;
  blind: boolean;
  shoulderMm: number;
  tipMm: number;
  speedRpm: number;
};

/** Speeds are set to the nearest 10 rev/min. */
const SPEED_STEP_RPM = 10;

export function drillSteps(hole: HoleCase, { cut, depths }: Route): StepOf<'drill', DrillStepFacts>[] {
  if (cut.drill === null) return [];
  const { id, diameterMm } = cut.drill.drill;
  return [
    {
      kind: 'drill',
      id: 'drill',
      facts: {
        magnesium: hole.parent.group === 'magnesium',
        drillId: id,
        diameterMm,
        blind: hole.kind === 'blind',
        shoulderMm: depths.drillShoulderMm,
        tipMm: depths.drillTipMm,
        speedRpm: drillSpeed(hole.parent.id, diameterMm).speedRpm,
      },
      noReturn: true,
    },
  ];
}

export const drill: StepKind<DrillStepFacts> = {
  title: ({ drillId }) => `Drill ${drillId}`,
  what: ({ blind, shoulderMm, tipMm, speedRpm }, say) => {
    const speed = `About ${Math.round(speedRpm / SPEED_STEP_RPM) * SPEED_STEP_RPM} rev/min.`;
    return blind
      ? `Follow the hole that is there. Stop when the shoulder is at ${say.length(shoulderMm)}, the tip at ${say.length(tipMm)}. ${speed}`
      : `Follow the hole that is there, right through. ${speed}`;
  },
  number: ({ blind, tipMm, diameterMm }) =>
    blind ? { label: 'stop at the tip', valueMm: tipMm } : { label: 'drill', valueMm: diameterMm },
  caution: metalCaution,
};
