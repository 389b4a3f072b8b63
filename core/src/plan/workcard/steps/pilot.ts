import { pilotDrills } from '../../../facts/drills/index.ts';
import type { HoleCase } from '../../../judge/hole/index.ts';
import { drillSpeed, isHeatShy, speedOnMachine } from '../../cutting/index.ts';
import type { CutJob } from '../jobs.ts';
import { sayPractice, settledOr, tookPractice, type TakenPractice } from '../practice.ts';
import type { Setting } from '../setting.ts';
import { noNumber, type StepKind, type StepOf } from '../WorkStep.ts';

export type PilotFacts = {
  steps: { id: string; mm: number; speedRpm: number }[];
  tough: boolean;
  blind: boolean;
  tipMm: number;
  practice: TakenPractice[];
};

/** What a pilot would be here, and whether one is drilled: only in full metal, an old hole is its own pilot. */
export function pilotOf(
  hole: HoleCase,
  { found, drillMm }: CutJob,
): { drills: ReturnType<typeof pilotDrills>; byCase: 'pilot' | 'none'; taken: boolean } {
  const drills = pilotDrills(drillMm ?? 1, { cutting: hole.parent.cutting, rack: hole.rack });
  const byCase = drills.steps.length > 0 ? 'pilot' : 'none';
  const wanted = settledOr(hole.rules, 'pilot', byCase);
  return { drills, byCase, taken: found === null && drillMm !== null && wanted === 'pilot' && drills.steps.length > 0 };
}

export function pilotSteps(hole: HoleCase, { machine }: Setting, job: CutJob): StepOf<'pilot', PilotFacts>[] {
  const { drills, taken } = pilotOf(hole, job);
  if (!taken) return [];
  return [
    {
      kind: 'pilot',
      id: `${job.prefix}pilot`,
      noReturn: true,
      minutes: 3 * drills.steps.length,
      facts: {
        steps: drills.steps.map(({ id, diameterMm }) => ({
          id,
          mm: diameterMm,
          speedRpm: speedOnMachine(
            drillSpeed(hole.parent.id, diameterMm).speedRpm,
            machine.speeds,
            isHeatShy(hole.parent),
          ).speedRpm,
        })),
        tough: hole.parent.cutting === 'tough',
        blind: !job.through,
        tipMm: job.tipMm,
        practice: [tookPractice(hole.rules, 'pilot', { taken: 'pilot', byCase: 'pilot', other: 'none' })],
      },
    },
  ];
}

export const pilot: StepKind<PilotFacts> = {
  title: ({ steps }) => `Pilot ${steps.map(({ id }) => id).join(', then ')}`,
  what: ({ steps, tough, blind, tipMm }, say) =>
    `${steps.map(({ id, speedRpm }) => `${id} at ${speedRpm} rev/min`).join(', then ')}${
      blind ? `, no deeper than the tip at ${say.atMost(tipMm)}` : ', right through'
    }. About the web of the next drill, so that its point is not pushed aside.${
      tough ? ' Keep it cutting: a pilot that rubs hardens the hole.' : ''
    }`,
  number: noNumber,
  caution: () => 'Small drills snap as they break through: lighten, and straight.',
  more: ({ practice }) => ({ practice: sayPractice(practice) }),
};
