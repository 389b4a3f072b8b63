import type { HarmOfDrill } from '@deep-mend/core';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { HarmAnswer, HarmQuestion } from '../../../../workers/harmMessages.ts';
import { startHarm } from '../../../../workers/startHarm.ts';

export interface HarmState {
  drills: HarmOfDrill[] | null;
  /** Where the drill's axis ended up in some of the trials: for the end view. */
  pointsMm: [x: number, y: number][];
  /** Share done, 0..1. */
  progress: number;
  stopped: boolean;
  /** The largest safe drill of each other set-up, as they come. */
  levers: Record<string, number | null>;
}

const NOTHING: HarmState = { drills: null, pointsMm: [], progress: 0, stopped: false, levers: {} };

function take(before: HarmState, told: HarmAnswer): HarmState {
  if (told.kind === 'cloud') return { ...before, pointsMm: told.pointsMm, progress: 0, stopped: false };
  if (told.kind === 'progress') return { ...before, progress: told.share };
  if (told.kind === 'done') return { ...before, drills: told.drills, progress: 1, levers: {} };
  return { ...before, levers: { ...before.levers, [told.id]: told.recommendedMm } };
}

/** The chances of every drill, simulated in a worker; a new question ends the old one, and so does `stop`. */
export function useHarm(question: HarmQuestion | null): HarmState & { stop: () => void; again: () => void } {
  const [state, setState] = useState<HarmState>(NOTHING);
  const [turn, setTurn] = useState(0);
  const running = useRef<Worker | null>(null);
  const key = question === null ? null : JSON.stringify(question);
  useEffect(() => {
    if (key === null) return undefined;
    const worker = startHarm();
    running.current = worker;
    worker.onmessage = ({ data }: MessageEvent<HarmAnswer>) => setState((before) => take(before, data));
    worker.postMessage(JSON.parse(key));
    return () => worker.terminate();
  }, [key, turn]);
  const stop = useCallback(() => {
    running.current?.terminate();
    setState((before) => ({ ...before, stopped: true }));
  }, []);
  const again = useCallback(() => setTurn((before) => before + 1), []);
  return { ...(question === null ? NOTHING : state), stop, again };
}
