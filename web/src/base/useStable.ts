import { useCallback, useLayoutEffect, useRef } from 'react';

/**
 * A callback that keeps its identity and always runs the latest code: lets memoised fields sleep through a keystroke in
 * their neighbour. For event handlers only, never during rendering.
 */
export function useStable<A extends unknown[], R>(callback: (...args: A) => R): (...args: A) => R {
  const latest = useRef(callback);
  useLayoutEffect(() => {
    latest.current = callback;
  });
  return useCallback((...args: A) => latest.current(...args), []);
}
