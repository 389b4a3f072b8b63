import { z } from 'zod';
import { Id, Moment } from '../basics.ts';
import { ListQuery } from './lists.ts';

export const NewPlan = z
  .strictObject({ id: Id, mendId: Id, routeId: z.string().max(80), digest: z.string().length(64), happenedAt: Moment })
  .meta({ id: 'NewPlan', description: 'digest: SHA-256 of the numbers that the person saw' });
export type NewPlan = z.infer<typeof NewPlan>;

export const MendQuery = ListQuery.extend({ state: z.enum(['open', 'closed']).default('open') });
