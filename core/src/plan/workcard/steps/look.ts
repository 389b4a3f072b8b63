import type { Tick } from '../../routes/index.ts';
import { tickWords, type Route } from '../../routes/index.ts';
import { presumedServiceC, type HoleCase } from '../../../judge/hole/index.ts';
import type { StepKind, StepOf } from '../WorkStep.ts';
import { noCaution, noNumber } from '../WorkStep.ts';

export type LookFacts = {
  ticks: Tick[];
  /** Presumed of the service temperature; null: it was given. */
  takenC: number | null;
};

/** What nobody looked at yet, and what is taken without being asked: the first step of a card. */
export function lookSteps({ parent, joint }: HoleCase, { ticks }: Route): StepOf<'look', LookFacts>[] {
  const takenC = joint.serviceC === null && joint.nearHeat === null ? presumedServiceC(parent) : null;
  return ticks.length === 0 && takenC === null
    ? []
    : [{ kind: 'look', id: 'look', minutes: 3, facts: { ticks, takenC } }];
}

export const look: StepKind<LookFacts> = {
  title: ({ ticks }) => (ticks.length > 0 ? 'Look first, and tick' : 'Taken as it usually is'),
  what: ({ ticks, takenC }, say) => {
    const seen = ticks.map((tick) => tickWords(tick, say)).join('; ');
    const taken =
      takenC === null
        ? ''
        : `Taken as: service up to ${say.temperature(takenC)}, away from engine, exhaust, brake and heater; the usual class of fit; a sharp tap.`;
    return [seen === '' ? '' : `${seen.charAt(0).toUpperCase()}${seen.slice(1)}.`, taken].filter(Boolean).join(' ');
  },
  number: noNumber,
  caution: noCaution,
};
