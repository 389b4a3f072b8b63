import { stuckIsHard, stuckIsStainless, type ChoiceId, type HoleChoices, type QuantityId } from '@deep-mend/core';
import type { ReactNode } from 'react';
import { More } from './fields.tsx';

/** What is known of the thing that sticks in the hole. */
export function KnownStuck({
  choices,
  choice,
  reading,
}: {
  choices: Partial<HoleChoices>;
  choice: (id: ChoiceId, follows?: boolean) => ReactNode;
  reading: (quantity: QuantityId) => ReactNode;
}) {
  return (
    <More title="What is stuck in it" filled>
      {() => (
        <>
          {reading('proud')}
          {reading('sunk')}
          {reading('stuck-length')}
          {choices.stuck === 'dowel' && reading('core-offset')}
          {choice('stuckFace')}
          {choice('stuckDrive')}
          {choice('stuckWhy')}
          {choice('stuckHard', stuckIsHard(choices))}
          {choice('stuckStainless', stuckIsStainless(choices))}
          {choice('nearLimitC')}
          {choice('access')}
          {reading('headroom')}
          {reading('side-room')}
        </>
      )}
    </More>
  );
}
