import { useCallback, useState } from 'react';
import { ApiProblem } from '../../base/client.ts';
import { isConflict } from '../../base/outbox/useOutbox.ts';

/** Does what the server may refuse, and keeps the refusal to show it. What met another's decision stays in the outbox. */
export function useGuard() {
  const [problem, setProblem] = useState<ApiProblem | null>(null);
  const guarded = useCallback(async (work: () => Promise<unknown>): Promise<boolean> => {
    try {
      await work();
      setProblem(null);
      return true;
    } catch (error) {
      if (!(error instanceof ApiProblem)) throw error;
      setProblem(isConflict(error.problem) ? null : error);
      return false;
    }
  }, []);
  return { problem, setProblem, guarded };
}
