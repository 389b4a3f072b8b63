import type { MendEntry } from '@deep-mend/core';
import { useMemo } from 'react';
import { newId } from '../../base/client.ts';
import type { MendClocks } from './ClockContext.ts';
import type { MendView } from './stations/Station.ts';

const MS_PER_MINUTE = 60_000;

/** The waits of a mend, started and ended as events: any device sees them run. */
export function useClocksOf(
  mend: MendEntry | null,
  { access, guarded }: Pick<MendView, 'access' | 'guarded'>,
): MendClocks {
  return useMemo(() => {
    if (!mend) return { running: [], start: null, end: () => undefined };
    return {
      running: mend.clocks.filter(({ endedAt }) => endedAt === null),
      start: (what, minutes, cures) => {
        const dueAt = new Date(Date.now() + minutes * MS_PER_MINUTE).toISOString();
        void guarded(() =>
          access.append('clock-started', {
            mendId: mend.id,
            clockId: newId(),
            what,
            dueAt,
            ...(cures ? { cures } : {}),
          }),
        );
      },
      end: (clockId) => void guarded(() => access.append('clock-ended', { mendId: mend.id, clockId })),
    };
  }, [mend, access, guarded]);
}
