import type { BenchInstrument, InstrumentReading } from '@deep-mend/contract';
import { API_PREFIX } from '@deep-mend/contract/prefix';
import { isSteady } from '@deep-mend/core';
import { useEffect, useState } from 'react';

/** Readings that are remembered, to see whether it has come to rest. */
const REMEMBERED = 10;

export interface Shown {
  /** As it shows it, with its unit; null: nothing has come yet. */
  text: string | null;
  steady: boolean;
  /** It sends nothing any more. */
  gone: boolean;
}

const NOTHING: Shown & { last: readonly string[] } = { text: null, steady: false, gone: false, last: [] };

/**
 * What an instrument shows, as long as somebody looks.
 * @param near - what lies under it, about, in its own unit: a stand-in has nothing to measure. Null: not known
 */
export function useInstrument({ id }: BenchInstrument, near: number | null): Shown {
  const [shown, setShown] = useState(NOTHING);
  useEffect(() => {
    const about = near === null ? '' : `&near=${near.toFixed(4)}`;
    const source = new EventSource(`${API_PREFIX}/instruments/stream?instrument=${encodeURIComponent(id)}${about}`);
    source.onmessage = ({ data }: MessageEvent<string>) => {
      const reading = JSON.parse(data) as InstrumentReading;
      setShown(({ last }) => {
        const now = [...last, reading.text].slice(-REMEMBERED);
        return { text: `${reading.text} ${reading.unit}`, steady: isSteady(now), gone: false, last: now };
      });
    };
    source.onerror = () => {
      // A browser would ask again and again: somebody does, who sees why.
      source.close();
      setShown((before) => ({ ...before, steady: false, gone: true }));
    };
    return () => {
      source.close();
      setShown(NOTHING);
    };
  }, [id, near]);
  return shown;
}
