/** What is screwed into the hole: bolt loads and torques belong to the first two only. */
export const SCREWED_IN = [
  { id: 'screw', name: 'screw' },
  { id: 'stud', name: 'stud' },
  { id: 'plug', name: 'drain, fill or level plug' },
  { id: 'fitting', name: 'fitting, union or sensor' },
  { id: 'spark-plug', name: 'spark or glow plug' },
  { id: 'grease-nipple', name: 'grease nipple' },
  { id: 'power', name: 'adjusting or power screw' },
  { id: 'nothing', name: 'nothing: a locating or jacking hole' },
] as const;
export type ScrewedIn = (typeof SCREWED_IN)[number]['id'];

/** What stands where a drill, a chip or a screw's end comes out, or would. */
export const BEHINDS = [
  { id: 'nothing', name: 'nothing but metal or free air' },
  { id: 'closed', name: 'a closed space: engine, gearbox, cylinder, tank' },
  { id: 'liquid', name: 'a liquid' },
  { id: 'pressure', name: 'pressure' },
] as const;
export type Behind = (typeof BEHINDS)[number]['id'];

/** What became of a wire coil that was put in once. */
export const COIL_STATES = [
  { id: 'in', name: 'still in' },
  { id: 'out-sound', name: 'out; the insert tap runs through by hand without cutting' },
  { id: 'out-metal', name: 'spun or pulled out with metal' },
] as const;

/** What can hurt someone if this one thread lets go. */
export const HURT_KINDS = [
  { id: 'lifts', name: 'lifts or holds people or loads' },
  { id: 'steers', name: 'steering, brakes, suspension' },
  { id: 'pressure', name: 'pressure or hot fluid: fuel, steam, hydraulics, above 2 bar (not a coolant pump or cover)' },
  { id: 'rotates', name: 'rotating guard or coupling' },
  { id: 'flies', name: 'flies or runs on rails' },
  {
    id: 'structure',
    name: 'structure: holds people, hangs over them, roll-over frame (not a bench, bracket or cover)',
  },
] as const;
