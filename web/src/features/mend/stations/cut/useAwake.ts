import { useEffect, useState } from 'react';

/** Keeps the screen awake while the bench stands open. @returns false where this browser does not */
export function useAwake(): boolean {
  const able = 'wakeLock' in navigator;
  const [held, setHeld] = useState(able);
  useEffect(() => {
    if (!able) return undefined;
    let lock: WakeLockSentinel | null = null;
    let gone = false;
    const ask = async () => {
      try {
        lock = await navigator.wakeLock.request('screen');
        if (gone) await lock.release();
        setHeld(true);
      } catch (error) {
        // Low battery or a hidden page: the browser says no, and the bench says so.
        if (!(error instanceof DOMException)) throw error;
        setHeld(false);
      }
    };
    // It is let go when the page is hidden, and asked for again when it is seen.
    const again = () => document.visibilityState === 'visible' && void ask();
    void ask();
    document.addEventListener('visibilitychange', again);
    return () => {
      gone = true;
      document.removeEventListener('visibilitychange', again);
      void lock?.release();
    };
  }, [able]);
  return held;
}
