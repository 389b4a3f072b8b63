/** The seven stations, in the order in which the work runs. */
export const STATIONS = [
  { id: 'locate', name: 'Locate' },
  { id: 'measure', name: 'Measure' },
  { id: 'free', name: 'Free' },
  { id: 'decide', name: 'Decide' },
  { id: 'prepare', name: 'Prepare' },
  { id: 'cut', name: 'Cut' },
  { id: 'prove', name: 'Prove' },
] as const;

export type StationId = (typeof STATIONS)[number]['id'];

export const isStation = (text: string | undefined): text is StationId =>
  STATIONS.some((station) => station.id === text);
