import { useEffect, useState, type ReactNode } from 'react';
import { useSWRConfig } from 'swr';
import { askNow, isAway, onConnection } from '../connection.ts';
import { deliver } from './deliver.ts';
import { browserStore, lastingStore } from './itemStore.ts';
import { Outbox, type Surroundings } from './outbox.ts';
import { OutboxContext } from './useOutbox.ts';
import { layIn } from './layIn.ts';

const NAME = 'deep-mend outbox';

/** Browsers lock only where the address is trusted; without it the server's own once-only holds. */
const alone: Surroundings['alone'] = (line, work) =>
  'locks' in navigator ? navigator.locks.request(`${NAME} ${line}`, work) : work();

/** The one outbox of this page: it delivers what waits whenever the server is there. */
export function OutboxProvider({ children }: { children: ReactNode }) {
  const { mutate } = useSWRConfig();
  const [outbox] = useState(
    () =>
      new Outbox({
        store: lastingStore(browserStore(NAME)),
        deliver,
        channel: 'BroadcastChannel' in window ? new BroadcastChannel(NAME) : null,
        alone,
        recorded: ({ line }, body) => layIn(mutate, line, body),
      }),
  );
  useEffect(() => {
    void outbox.start();
    const stop = onConnection(() => {
      if (isAway()) return;
      outbox.deliverAll();
      // What could not be read meanwhile is read again.
      void mutate(() => true);
    });
    const look = () => document.visibilityState === 'visible' && askNow();
    window.addEventListener('online', askNow);
    document.addEventListener('visibilitychange', look);
    return () => {
      stop();
      window.removeEventListener('online', askNow);
      document.removeEventListener('visibilitychange', look);
    };
  }, [outbox, mutate]);
  return <OutboxContext value={outbox}>{children}</OutboxContext>;
}
