import { WAYS } from '../../../facts/ways/index.ts';
import { noCaution, type StepKind, type StepOf } from '../WorkStep.ts';
import type { Route } from '../../routes/index.ts';

export type CureFacts = { part: string; fixedMinutes: number; fullHours: number; coldTimes: number };

/** Retaining compound at 20 °C: firm, and of full strength; in a shop at 5 °C about three times as long. Its sheet wins (typical). */
const COMPOUND = { fixedMinutes: 30, fullHours: 24, coldTimes: 3 } as const;

export const cureSteps = ({ method }: Route): StepOf<'cure', CureFacts>[] => {
  const { hotPart } = WAYS[method];
  return /compound|adhesive/.test(hotPart)
    ? [{ kind: 'cure', id: 'cure', minutes: 0, facts: { part: hotPart, ...COMPOUND } }]
    : [];
};

export const cure: StepKind<CureFacts> = {
  title: () => 'Let it cure',
  what: ({ part, fixedMinutes, fullHours, coldTimes }) =>
    `${part.charAt(0).toUpperCase()}${part.slice(1)}: about ${fixedMinutes} min until it is firm, ${fullHours} h to full strength at 20 °C, about ${coldTimes} times as long at 5 °C. Its own sheet goes first. Write when it was set.`,
  number: ({ fullHours }) => ({ label: 'hours at 20 °C', text: `${fullHours}` }),
  caution: noCaution,
  more: () => ({ write: ['set at', 'temperature'] }),
};
