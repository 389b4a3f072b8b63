import { WAYS } from '../../../facts/ways/index.ts';
import { noCaution, type StepKind, type StepOf } from '../WorkStep.ts';
import { curesIn, type Route } from '../../routes/index.ts';
import { COLD_SHOP_C, cureMinutes } from '../cureMinutes.ts';
import { capital } from './words.ts';

export type CureFacts = { part: string; fixedMinutes: number; fullHours: number; coldTimes: number };

/** What bonds, at 20 °C: firm, and of full strength. Its own sheet wins (typical). */
const BOND = { fixedMinutes: 30, fullHours: 24 } as const;

export const cureSteps = (route: Route): StepOf<'cure', CureFacts>[] =>
  curesIn(route)
    ? [
        {
          kind: 'cure',
          id: 'cure',
          minutes: 0,
          facts: { part: WAYS[route.method].hotPart, ...BOND, coldTimes: cureMinutes(1, COLD_SHOP_C) },
        },
      ]
    : [];

export const cure: StepKind<CureFacts> = {
  title: () => 'Let it cure',
  what: ({ part, fixedMinutes, fullHours, coldTimes }) =>
    `${capital(part)}: about ${fixedMinutes} min until it is firm, ${fullHours} h to full strength at 20 °C, about ${coldTimes} times as long at ${COLD_SHOP_C} °C. Its own sheet goes first. Write when it was set.`,
  number: ({ fullHours }) => ({ label: 'hours at 20 °C', text: `${fullHours}` }),
  caution: noCaution,
  more: () => ({ write: ['set at', 'temperature'] }),
};
