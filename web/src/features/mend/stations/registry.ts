import { cut } from './cut/cut.tsx';
import { decide } from './decide/decide.tsx';
import { free } from './free/free.tsx';
import { locate } from './locate/locate.tsx';
import { measure } from './measure/measure.tsx';
import { prepare } from './prepare/prepare.tsx';
import { prove } from './prove/prove.tsx';
import type { MendFacts, Station } from './Station.ts';

/** The stations of a mend, in the order in which the work runs. */
const REGISTRY = {
  locate,
  measure,
  free,
  decide,
  prepare,
  cut,
  prove,
} satisfies Record<string, Station>;

export type StationId = keyof typeof REGISTRY;
export const STATIONS: Readonly<Record<StationId, Station>> = REGISTRY;
export const STATION_IDS = Object.keys(REGISTRY) as StationId[];

export const isStation = (text: string | undefined): text is StationId => text !== undefined && text in REGISTRY;

/** The stations that are shut, each with its reason. */
export const shutStations = (facts: MendFacts): Partial<Record<StationId, string>> =>
  Object.fromEntries(
    STATION_IDS.flatMap((id) => {
      const bar = STATIONS[id].bar(facts);
      return bar === null ? [] : [[id, bar]];
    }),
  );
