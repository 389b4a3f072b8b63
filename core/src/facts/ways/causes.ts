/** Why a thread fails, as a mechanic would say it. Asked once; not known lowers nothing. */
export const CAUSES = [
  { id: 'unknown', name: 'not known' },
  { id: 'overtightened', name: 'overtightened' },
  { id: 'wrong-friction', name: 'a torque meant dry, used oiled, or the like' },
  { id: 'vibration', name: 'vibration' },
  { id: 'corroded', name: 'corrosion, or the pair of metals' },
  { id: 'heat', name: 'heat' },
  { id: 'too-short', name: 'the screw was too short' },
  { id: 'cross-threaded', name: 'cross-threaded' },
  { id: 'worn', name: 'worn by use' },
  { id: 'weak-drive', name: 'its drive was too weak' },
  { id: 'too-weak', name: 'the thread was too weak' },
] as const;
export type Cause = (typeof CAUSES)[number]['id'];
export const causeName = (id: Cause): string => CAUSES.find((row) => row.id === id)!.name;
