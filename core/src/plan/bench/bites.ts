import { drillPointMm, type Pecks } from '../cutting/index.ts';

/** What a drill step counts by: its bites, each to a depth of the tip below the face, mm. */
export interface BitePlan {
  count: number;
  firstMm: number;
  stepMm: number;
  endMm: number;
}

/** The bites of a drill step, from what was frozen; null: it is none, or it goes in one. */
export function bitePlanOf(step: { kind: string; facts: unknown }): BitePlan | null {
  if (step.kind !== 'drill') return null;
  const { pecks, blind, tipMm, shoulderMm, diameterMm } = step.facts as {
    pecks?: Pecks;
    blind: boolean;
    tipMm: number;
    shoulderMm: number;
    diameterMm: number;
  };
  if (!pecks || pecks.count < 2) return null;
  const { count, firstMm, stepMm } = pecks;
  return { count, firstMm, stepMm, endMm: blind ? tipMm : shoulderMm + drillPointMm(diameterMm) };
}

/**
 * Where the tip stands after so many bites, mm below the face: never beyond the end.
 * @example biteDepthMm({ count: 4, firstMm: 12, stepMm: 4, endMm: 21 }, 2) // 16
 */
export const biteDepthMm = ({ firstMm, stepMm, endMm }: BitePlan, bites: number): number =>
  bites < 1 ? 0 : Math.min(endMm, firstMm + (bites - 1) * stepMm);
