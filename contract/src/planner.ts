import type { z } from 'zod';
import { ask } from './planner/ask.ts';
import { assess } from './planner/assess.ts';
import { depth } from './planner/depth.ts';
import { drill } from './planner/drill.ts';
import { free } from './planner/free.ts';
import { identify } from './planner/identify.ts';
import { insert } from './planner/insert.ts';
import { limits } from './planner/limits.ts';
import { positions } from './planner/positions.ts';
import { prove } from './planner/prove.ts';
import { routes } from './planner/routes.ts';
import { speed } from './planner/speed.ts';
import { strength } from './planner/strength.ts';
import { thread } from './planner/thread.ts';
import { workcard } from './planner/workcard.ts';

/** What the headless planner answers: one strict shape a topic, with an example that a test runs. */
export const PLANNER_TOPICS = {
  thread,
  limits,
  drill,
  identify,
  insert,
  strength,
  depth,
  speed,
  assess,
  routes,
  workcard,
  prove,
  ask,
  free,
  positions,
} as const;

export type PlannerTopic = keyof typeof PLANNER_TOPICS;
export type PlannerInput<T extends PlannerTopic> = z.output<(typeof PLANNER_TOPICS)[T]['input']>;
