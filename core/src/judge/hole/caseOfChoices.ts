import { choiceOf, type HoleChoices } from './choices.ts';
import type { HoleCase, Joint, LoadDemand } from './HoleCase.ts';

function demandOf(choices: Partial<HoleChoices>): LoadDemand {
  if (choiceOf(choices, 'demandMode') !== 'preload' || !choices.torqueNm) return { mode: 'fastener-first' };
  return {
    mode: 'preload',
    torqueNm: choices.torqueNm,
    friction: choiceOf(choices, 'friction'),
    load: choiceOf(choices, 'load'),
  };
}

/** The part of a case that follows from choices alone; what nobody chose is as the table of choices takes it. */
export type ChosenPart = Pick<
  HoleCase,
  'parentTensileMpa' | 'strippedThroughout' | 'axis' | 'floorName' | 'crack' | 'stuck' | 'failed' | 'duty'
> & {
  joint: Omit<Joint, 'screwReach' | 'mateHole' | 'endRoom' | 'grip'>;
};

/** @example caseOfChoices({}).crack // 'none' */
export function caseOfChoices(choices: Partial<HoleChoices>): ChosenPart {
  const failed = choiceOf(choices, 'failedMethod');
  return {
    parentTensileMpa: choiceOf(choices, 'parentTensileMpa'),
    strippedThroughout: choiceOf(choices, 'strippedThroughout'),
    axis: choiceOf(choices, 'axis'),
    floorName: choiceOf(choices, 'floorName'),
    crack: choiceOf(choices, 'crack'),
    stuck: choiceOf(choices, 'stuck'),
    failed: failed === null ? null : { method: failed, causePresent: choiceOf(choices, 'failedCausePresent') },
    duty: choiceOf(choices, 'duty'),
    joint: {
      fastenerClassId: choiceOf(choices, 'fastenerClassId'),
      mateMayBeOpened: choiceOf(choices, 'mateMayBeOpened'),
      demand: demandOf(choices),
      serviceC: choiceOf(choices, 'serviceC'),
      sealing: choiceOf(choices, 'sealing'),
      undone: choiceOf(choices, 'undone'),
      backReached: choiceOf(choices, 'backReached'),
      appearance: choiceOf(choices, 'appearance'),
    },
  };
}
