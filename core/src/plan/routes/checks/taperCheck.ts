import type { Check } from '../../../basis/checks/index.ts';
import { spokenLength } from '../../../basis/units/index.ts';
import type { Thread } from '../../../facts/threads/index.ts';

/** A taper pipe thread seals on its flanks all the way in: nothing that mends a parallel thread may be done to it. */
export function taperCheck(thread: Thread): Check {
  const { gaugeLengthMm } = thread.taper!;
  return {
    id: 'taper',
    title: 'Parallel thread',
    verdict: 'does-not-hold',
    value: null,
    valuePessimistic: null,
    limit: null,
    unit: 'none',
    because: () =>
      `${thread.designation} is a taper pipe thread, 1 in 16: it seals on its flanks, hand-tight at ${spokenLength(gaugeLengthMm)}. Recut it with its own taper tap and gauge, or have a fitter sleeve it`,
    working: null,
  };
}
