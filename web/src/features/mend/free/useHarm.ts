import type { HarmInput, HarmOfDrill } from '@deep-mend/core';
import { useEffect, useState } from 'react';
import { startHarm } from '../../../workers/startHarm.ts';

export interface HarmState {
  drills: HarmOfDrill[] | null;
  /** Where the drill's axis ended up in some of the trials: for the end view. */
  pointsMm: [x: number, y: number][];
  /** Share done, 0..1. */
  progress: number;
}

type Told =
  | { kind: 'cloud'; pointsMm: [x: number, y: number][] }
  | { kind: 'progress'; share: number }
  | { kind: 'done'; drills: HarmOfDrill[] };

const NOTHING: HarmState = { drills: null, pointsMm: [], progress: 0 };

/** The chances of every drill, simulated in a worker; a new question ends the old one. */
export function useHarm(input: Omit<HarmInput, 'random'> | null): HarmState {
  const [state, setState] = useState<HarmState>(NOTHING);
  const key = input === null ? null : JSON.stringify(input);
  useEffect(() => {
    if (key === null) return undefined;
    const worker = startHarm();
    worker.onmessage = ({ data }: MessageEvent<Told>) =>
      setState((before) =>
        data.kind === 'cloud'
          ? { ...before, pointsMm: data.pointsMm, progress: 0 }
          : data.kind === 'progress'
            ? { ...before, progress: data.share }
            : { ...before, drills: data.drills, progress: 1 },
      );
    worker.postMessage(JSON.parse(key));
    return () => worker.terminate();
  }, [key]);
  return input === null ? NOTHING : state;
}
