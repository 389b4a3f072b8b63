import type { Sensitivity, Weighed } from '@deep-mend/core';
import { useEffect, useRef, useState } from 'react';
import { startSensitivity } from '../../workers/startSensitivity.ts';

/** The hand rests this long before the worker is asked. */
const REST_MS = 250;

/** What each reading could still change, computed in a worker when nobody types; null until it is known. */
export function useSensitivity(built: Weighed): Sensitivity[] | null {
  const worker = useRef<Worker | null>(null);
  const latest = useRef(0);
  const [rows, setRows] = useState<Sensitivity[] | null>(null);
  useEffect(() => {
    worker.current = startSensitivity();
    worker.current.onmessage = ({ data }: MessageEvent<{ ask: number; rows: Sensitivity[] }>) => {
      // An answer to an older question is not shown over a newer one.
      if (data.ask === latest.current) setRows(data.rows);
    };
    return () => worker.current?.terminate();
  }, []);
  useEffect(() => {
    if (!built.ok) return undefined;
    const { hole } = built;
    const timer = setTimeout(() => {
      latest.current += 1;
      worker.current?.postMessage({ ask: latest.current, hole });
    }, REST_MS);
    return () => clearTimeout(timer);
  }, [built]);
  return built.ok ? rows : null;
}
