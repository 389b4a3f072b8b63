import { choiceOf, mayCut, openMendOf, type HoleFile } from '@deep-mend/core';
import { useMemo } from 'react';
import { shutStations, type StationId } from './stations/registry.ts';
import type { LiveCase } from './useLiveCase.ts';

/** Which stations are shut, and the one to show: what was wanted, else the nearest before it that is open. */
export function useStation(file: HoleFile, wanted: StationId, { proposal, stuck }: LiveCase) {
  const facts = {
    ready: proposal !== null,
    hasPlan: (openMendOf(file)?.plan ?? null) !== null,
    isStuck: stuck !== null,
    saysStuck: choiceOf(file.choices, 'stuck') !== 'none',
    cut: mayCut(file),
  };
  const { ready, hasPlan, isStuck, saysStuck, cut } = facts;
  const shut = useMemo(
    () => shutStations({ ready, hasPlan, isStuck, saysStuck, cut }),
    [ready, hasPlan, isStuck, saysStuck, cut],
  );
  const id: StationId = shut[wanted] ? (shut.decide ? 'measure' : 'decide') : wanted;
  return { shut, id };
}
