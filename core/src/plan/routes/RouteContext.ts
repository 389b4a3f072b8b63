import type { Assessment } from '../../judge/damage/index.ts';
import type { HoleCase } from '../../judge/hole/index.ts';
import type { BareRoute } from './Route.ts';

/** What every method of mending reads. */
export interface RouteContext {
  hole: HoleCase;
  assessment: Assessment;
}

/** One method: proposes every variant of itself, also those that its own checks rule out. */
export type RouteMethod = (context: RouteContext) => BareRoute[];
