import { choiceOf, choiceRow, type ChoiceId, type HoleChoices } from './choices.ts';
import { screwedInTaken } from './screwedIn.ts';

/** Whether a choice is asked for, by what is chosen so far. @example isAsked('torqueNm', {}) // false */
export function isAsked(id: ChoiceId, choices: Partial<HoleChoices>): boolean {
  switch (choiceRow(id).asked) {
    case 'stuck':
      return choiceOf(choices, 'stuck') !== 'none';
    case 'preload':
      return choiceOf(choices, 'demandMode') === 'preload';
    case 'failed':
      return choiceOf(choices, 'failedMethod') !== null;
    case 'can-hurt':
      return choiceOf(choices, 'duty') === 'can-hurt';
    case 'under-code':
      return choiceOf(choices, 'duty') === 'under-code';
    case 'seals':
      return (
        choiceOf(choices, 'sealing') !== 'none' ||
        choiceOf(choices, 'behind') === 'pressure' ||
        choiceOf(choices, 'hurtKind') === 'pressure' ||
        screwedInTaken(choices) === 'fitting'
      );
    default:
      return true;
  }
}
