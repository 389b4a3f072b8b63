import { beforeFreeing, beforeWords } from '@deep-mend/core';
import { Pick as PickChoice } from '../../known/fields.tsx';
import type { FreeProps } from './FreePanel.tsx';

/** What comes before anything is turned, heated or drilled; it is answered where it is asked. */
export function BeforeAnything({ free, readOnly, choose }: Pick<FreeProps, 'free' | 'readOnly' | 'choose'>) {
  const ids = beforeFreeing(free.stuck);
  return (
    <>
      {ids.map((id) => (
        <p key={id} className={id === 'release' ? 'not-this' : 'free-before'}>
          {beforeWords(id)}
        </p>
      ))}
      {free.stuck.behindIt !== 'none' && (
        <PickChoice field="stuckBehind" value={free.stuck.behindIt ?? ''} disabled={readOnly} choose={choose} />
      )}
    </>
  );
}
