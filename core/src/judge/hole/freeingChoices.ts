/** How the drill is started, and how far off centre that leaves it: one standard deviation an axis, mm (our estimate). */
export const STARTS = [
  { id: 'punched', name: 'punched by eye', sigmaMm: 0.3 },
  { id: 'block', name: 'block located from neighbours', sigmaMm: 0.15 },
  { id: 'true-centre', name: 'centre drill in a true centre', sigmaMm: 0.08 },
  { id: 'bush', name: 'bush over the hole', sigmaMm: 0.075 },
] as const;
export type StartId = (typeof STARTS)[number]['id'];

/** What keeps the drill square: tilt, one standard deviation an axis, degrees (our estimate). */
export const HOLDS = [
  { id: 'freehand', name: 'freehand by eye', sigmaDeg: 1.5 },
  { id: 'square', name: 'freehand, square beside it', sigmaDeg: 0.8 },
  { id: 'guide', name: 'guide block', sigmaDeg: 0.25 },
  { id: 'bench-drill', name: 'bench drill', sigmaDeg: 0.15 },
  { id: 'mill', name: 'located mill', sigmaDeg: 0.05 },
] as const;
export type HoldId = (typeof HOLDS)[number]['id'];

/** What may be stuck in a hole. */
export const STUCK_THINGS = [
  { id: 'screw', name: 'screw' },
  { id: 'stud', name: 'stud' },
  { id: 'plug', name: 'plug' },
  { id: 'dowel', name: 'dowel' },
  { id: 'tap', name: 'tap' },
  { id: 'extractor', name: 'extractor' },
  { id: 'coil', name: 'coil' },
] as const;
export type StuckThing = (typeof STUCK_THINGS)[number]['id'];

/** The face of the break: it decides where a drill starts. */
export const BREAK_FACES = [
  { id: 'flat', name: 'flat' },
  { id: 'sloped', name: 'sloped or ragged' },
  { id: 'dimple', name: 'a true old centre in it' },
  { id: 'off-centre', name: 'an old hole off its centre' },
] as const;

/** Where the part is while it is worked on. */
export const ACCESSES = [
  { id: 'bench', name: 'on the bench' },
  { id: 'in-place', name: 'in place' },
] as const;
