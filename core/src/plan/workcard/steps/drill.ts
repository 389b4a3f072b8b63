import type { HoleCase } from '../../../judge/hole/index.ts';
import { drillSpeed } from '../../cutting/index.ts';
import type { Route } from '../../routes/index.ts';
import type { StepKind, StepOf } from '../WorkStep.ts';
import { metalCaution, type ProtectFacts } from './protect.ts';

export type DrillStepFacts = ProtectFacts & {
  drillId: string | null;
  diameterMm: number;
  blind: boolean;
  shoulderMm: number;
  tipMm: number;
  speedRpm: number;
};

/** Speeds are set to the nearest 10 rev/min. */
const SPEED_STEP_RPM = 10;

export function drillSteps(hole: HoleCase, { cut, depths }: Route): StepOf<'drill', DrillStepFacts>[] {
  if (cut.drillMm === null || cut.tapLeads.length === 0) return [];
  const diameterMm = cut.drillMm;
  return [
    {
      kind: 'drill',
      id: 'drill',
      facts: {
        magnesium: hole.parent.group === 'magnesium',
        // A drill that is not in the rack is got first: it is named by its size.
        drillId: cut.drill?.drill.id ?? null,
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
  title: ({ drillId, diameterMm }, say) => `Drill ${drillId ?? say.length(diameterMm)}`,
  what: ({ blind, shoulderMm, tipMm, speedRpm }, say) => {
    const speed = `About ${Math.round(speedRpm / SPEED_STEP_RPM) * SPEED_STEP_RPM} rev/min.`;
    return blind
      ? `Follow the hole that is there. Stop when the shoulder is at ${say.atMost(shoulderMm)}, the tip at ${say.atMost(tipMm)}. ${speed}`
      : `Follow the hole that is there, right through. ${speed}`;
  },
  number: ({ blind, tipMm, diameterMm }) =>
    blind ? { label: 'stop at the tip', valueMm: tipMm, safe: 'down' } : { label: 'drill', valueMm: diameterMm },
  caution: metalCaution,
};
