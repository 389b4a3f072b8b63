import { useCallback, useState } from 'react';
import { ApiProblem } from '../../base/client.ts';

/** Does what the server may refuse, and keeps the refusal to show it. */
export function useGuard() {
  const [problem, setProblem] = useState<ApiProblem | null>(null);
  const guarded = useCallback(async (work: () => Promise<unknown>): Promise<boolean> => {
    try {
      await work();
      setProblem(null);
      return true;
    } catch (error) {
      if (!(error instanceof ApiProblem)) throw error;
      setProblem(error);
      return false;
    }
  }, []);
  return { problem, setProblem, guarded };
}
