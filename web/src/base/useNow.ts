import { useEffect, useState } from 'react';

/** The time, told again every so often while somebody needs it: after sleep it is right at once. @param everyMs - null: not at all */
export function useNow(everyMs: number | null): number {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    if (everyMs === null) return undefined;
    const tell = () => setNow(Date.now());
    tell();
    const ticking = setInterval(tell, everyMs);
    document.addEventListener('visibilitychange', tell);
    return () => {
      clearInterval(ticking);
      document.removeEventListener('visibilitychange', tell);
    };
  }, [everyMs]);
  return now;
}
