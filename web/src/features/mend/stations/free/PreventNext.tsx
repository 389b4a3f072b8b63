import { preventNextTap, preventWords, SAY } from '@deep-mend/core';
import type { FreeProps } from './FreePanel.tsx';

/** What spares the next tap; nothing where no tap broke. */
export function PreventNext({ free, units }: Pick<FreeProps, 'free' | 'units'>) {
  const prevent = preventNextTap(free.stuck);
  if (prevent === null) return null;
  return (
    <section aria-label="So that the next one does not break">
      <h3 className="panel-title free-core">So that the next one does not break</h3>
      {preventWords(prevent, SAY[units]).map((words) => (
        <p key={words}>{words}</p>
      ))}
    </section>
  );
}
