import { parentById } from '../materials/index.ts';
import { keepBy } from '../../basis/keep/index.ts';
import { threadById, threadGeometry, threadsOf, type Thread, type ThreadSeries } from '../threads/index.ts';

/** Keyed bushes by their families: thread inside, thread outside. Data the shop edits; the maker's sheet for the kit in hand wins. */
export const KEYED_BUSHES: readonly { insideId: string; outsideId: string; wall: 'thin' | 'heavy' }[] = [
  { insideId: '1/4-20', outsideId: '3/8-16', wall: 'thin' },
  { insideId: '1/4-20', outsideId: '7/16-14', wall: 'heavy' },
  { insideId: '3/8-16', outsideId: '1/2-13', wall: 'thin' },
  { insideId: '3/8-16', outsideId: '9/16-12', wall: 'heavy' },
  { insideId: '1/2-13', outsideId: '5/8-11', wall: 'thin' },
  { insideId: '1/2-13', outsideId: '11/16-11 BSW', wall: 'heavy' },
  { insideId: 'M6x1', outsideId: 'M10x1.25', wall: 'thin' },
  { insideId: 'M6x1', outsideId: 'M12x1.25', wall: 'heavy' },
  { insideId: 'M8x1.25', outsideId: 'M12x1.25', wall: 'thin' },
  { insideId: 'M8x1.25', outsideId: 'M14x1.5', wall: 'heavy' },
  { insideId: 'M10x1.5', outsideId: 'M14x1.5', wall: 'thin' },
  { insideId: 'M10x1.5', outsideId: 'M16x1.5', wall: 'heavy' },
  { insideId: 'M12x1.75', outsideId: 'M16x1.5', wall: 'thin' },
  { insideId: 'M12x1.75', outsideId: 'M18x1.5', wall: 'heavy' },
];

/** The keys are driven down outside the bush's thread: their circle is this much larger than its major (our estimate). */
const KEYS_OVER_MAJOR_SHARE = 0.08;

/** Diameter over the keys of a keyed bush, in mm. @example keysDiameterMm(threadById('M12x1.25')) // 12.96 */
export function keysDiameterMm(outside: Thread): number {
  return outside.majorMm * (1 + KEYS_OVER_MAJOR_SHARE);
}

/** Thread outside keyed bushes for a thread inside, thin first; none are made for most threads. */
export function keyedBushesFor(inside: Thread): { outside: Thread; wall: 'thin' | 'heavy' }[] {
  const id = inside.id.replace(/ LH$/, '');
  return KEYED_BUSHES.filter((row) => row.insideId === id).map((row) => ({
    outside: threadById(row.outsideId),
    wall: row.wall,
  }));
}

/** A bush is turned or bought in steel: mild steel is the least that it is. */
export const bushShearMpa = (): number => {
  const { tensileLowMpa, shearRatio } = parentById('mild-steel');
  return tensileLowMpa * shearRatio;
};

/** Wall that a solid bush keeps: the larger of 0.6 mm and 0.08 of the thread inside (rule of thumb). */
export const leastBushWallMm = (insideMm: number): number => Math.max(0.6, 0.08 * insideMm);

const FINE: Readonly<Partial<Record<Thread['family'], readonly ThreadSeries[]>>> = {
  unified: ['UNF', 'UNEF', 'UN'],
  whitworth: ['BSF'],
};
const METRIC_FINE: readonly ThreadSeries[] = ['fine'];

/** Wall of a bush between the root of its outside and the major of its inside. */
export const bushWallMm = (inside: Thread, outside: Thread): number =>
  (threadGeometry(outside).rootExternalMm - inside.majorMm) / 2;

/**
 * Fine threads that a bush with this wall could have outside, smallest first: of the thread's own system, metric for the rest.
 * @example outsideThreads(threadById('M8x1.25'), leastBushWallMm(8))[0].id // 'M12x1.5'
 */
export const outsideThreads = keepBy(
  (wallMm: number) => wallMm,
  (inside: Thread, wallMm): readonly Thread[] =>
    (FINE[inside.family] ?? METRIC_FINE)
      .flatMap((name) => threadsOf(name).filter((t) => bushWallMm(inside, t) >= wallMm - 1e-9))
      .sort((a, b) => a.majorMm - b.majorMm || b.pitchMm - a.pitchMm),
);
