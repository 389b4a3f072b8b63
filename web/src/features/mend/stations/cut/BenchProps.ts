import type { Assessment, FrozenPlan, HoleCase, HoleEventBody, MendEntry, Route, UnitSystem } from '@deep-mend/core';
import type { ReactNode } from 'react';
import type { StiffTold } from './StiffDialog.tsx';
import type { BenchStep } from './useBench.ts';

export type StepTold = Omit<HoleEventBody<'step-done'>['payload'], 'mendId' | 'planId'>;

export interface BenchProps {
  plan: FrozenPlan;
  mend: Pick<MendEntry, 'id' | 'planId' | 'steps' | 'stiff' | 'handedOver' | 'results' | 'clocks'>;
  units: UnitSystem;
  /** Which hole it is, where. */
  heading: string;
  /** Who stands here. */
  actor: string;
  /** Null: today's computation no longer gives the plan's numbers, and nothing is drawn. */
  drawn: { hole: HoleCase; assessment: Assessment; route: Route } | null;
  /** Waits that run on this hole, and those that this step may start. */
  clocks: (step: BenchStep) => ReactNode;
  /** A count of another device; null: none. */
  counted: { stepId: string; turns: number; by: string } | null;
  onCopy: (stepId: string, turns: number) => void;
  onStep: (told: StepTold) => Promise<boolean>;
  onStiff: (told: StiffTold & { stepId: string; turns: number | null }) => Promise<boolean>;
  onHandOver: (note: string) => Promise<boolean>;
  /** Something at this step is otherwise than the card says. */
  onOtherwise: (stepId: string) => void;
  /** On scrap: nothing of it is recorded. */
  practice: boolean;
  /** Begins a practice, or ends it. */
  onPractise: () => void;
  onProve: () => void;
  onLeave: () => void;
}
