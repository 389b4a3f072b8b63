import { formatLength, settableMm, type Say, PRECISION } from '../../basis/units/index.ts';
import { STEP_KINDS, type StepKindId, type WorkStep } from './steps/registry.ts';
import type { SaidStep, StepNumber } from './WorkStep.ts';

/** A step's number as it is shown: a length to what a hand can set, a count as it is. */
export function sayNumber(number: StepNumber | null, say: Say): SaidStep['number'] {
  if (number === null) return null;
  if ('text' in number) return { ...number, main: number.text, unit: '' };
  const { safe, valueMm } = number;
  if (safe === 'limit')
    return { ...number, main: formatLength(valueMm, say.units, PRECISION.limit[say.units]), unit: say.units };
  const shownMm =
    safe === undefined ? valueMm : settableMm(valueMm, say.units, safe === 'down' ? Math.floor : Math.ceil);
  return { ...number, main: formatLength(shownMm, say.units, PRECISION.depth[say.units]), unit: say.units };
}

/** A step in the reader's units. */
export function sayStep<K extends StepKindId>(step: WorkStep<K>, say: Say): SaidStep {
  const { id, facts, noReturn, afterProof, minutes } = step;
  const kind = STEP_KINDS[step.kind];
  return {
    id,
    title: kind.title(facts, say),
    what: kind.what(facts, say),
    number: sayNumber(kind.number(facts), say),
    caution: kind.caution(facts, say),
    ...kind.more?.(facts, say),
    ...(noReturn ? { noReturn } : {}),
    ...(afterProof ? { afterProof } : {}),
    ...(minutes === undefined ? {} : { minutes }),
  };
}
