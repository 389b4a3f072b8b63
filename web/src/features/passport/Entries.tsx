import { eventWords, knowsEvent, readStored } from '@deep-mend/core';
import type { HoleDetail } from '@deep-mend/contract';
import { useState } from 'react';
import { clockTime } from '../../parts/format.ts';

/** All that was recorded of a hole, in its order: what the sections above are made from. Hundreds of lines are made when asked for. */
export function Entries({ events }: { events: HoleDetail['events'] }) {
  const [open, setOpen] = useState(false);
  return (
    <details className="entries" onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary>All that was recorded, in order: {events.length}</summary>
      {open && (
        <ol>
          {events.map((event) => (
            <li key={event.id}>
              <time dateTime={event.happenedAt}>{clockTime(event.happenedAt)}</time>
              <span>{knowsEvent(event.kind) ? eventWords(readStored(event)) : event.kind}</span>
              <span className="entries-by">{event.actor}</span>
            </li>
          ))}
        </ol>
      )}
    </details>
  );
}
