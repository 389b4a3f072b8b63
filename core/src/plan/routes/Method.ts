import type { Facts } from '../../basis/checks/index.ts';
import type { Say } from '../../basis/units/index.ts';
import type { WayId } from '../../facts/ways/index.ts';
import type { HoleCase } from '../../judge/hole/index.ts';
import type { Proposed, RouteContext, RouteOf } from './Route.ts';

/** A step at the machine that only this way has, after its thread is cut. */
export interface OwnStep {
  id: string;
  title: string;
  what: string;
  caution: string | null;
  /** Working time, waits left out (our estimate). */
  minutes: number;
  /** What is set here cures afterwards. */
  cures?: true;
}

/**
 * One way of mending, as it is worked out. `Own` are the facts that its notes and steps are written from: a `type` of named
 * fields, so that a route stays data.
 */
export interface Method<Own extends Facts> {
  /** Every variant of itself, also those that its own checks rule out. */
  propose: (context: RouteContext) => Proposed<Own>[];
  /** Why it has nothing at all to offer for a hole. */
  whyNothing: (hole: HoleCase) => string;
  /** What to know about it, as half sentences. */
  notes: (route: RouteOf<WayId, Own>, say: Say) => string[];
  steps: (own: Own, say: Say) => OwnStep[];
}

/** Of a way without steps of its own. */
export const noSteps = (): OwnStep[] => [];

/** Of a way that has something to offer for every hole, if only to be ruled out. */
export const alwaysOffered = (): string => 'it is always offered';
