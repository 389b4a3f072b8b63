import type { ParentMaterial } from '../../facts/materials/index.ts';

/** A bore this much longer one way than the other leads a drill aside: it is no hole to follow (our estimate). */
const OVAL_MM = 0.3;
/** A ring thinner than this, each side, is reamed: a drill's corners chatter in it (our estimate). */
const REAM_UP_TO_MM = 0.15;
/** A drill with more than this share of its radius in an old hole is no longer led by its point (rule of thumb). */
const LED_BY_POINT_SHARE = 0.5;

/** Metals that draw a drill in when it opens an old hole: its lips are dubbed flat first. */
const GRABS: readonly ParentMaterial['group'][] = ['copper', 'aluminium', 'zinc', 'magnesium', 'plastic'];

/** The hole that is there. */
export type Found = { boreMm: number; acrossMm: number } | { leastMm: number; mostMm: number };

/** How an old hole is opened. */
export type Opening = {
  /** `full`: there is full metal, no hole to follow. */
  by: 'full' | 'drill' | 'ream' | 'bush';
  /** What is taken off, each side: the least and the most that it may be; null in full metal. */
  ringMm: { least: number; most: number } | null;
  grabs: boolean;
  /** Where it breaks through on the far side it grabs hardest. */
  breaksThrough: boolean;
};

/**
 * How an old hole is opened to a drill: reamed where hardly anything is left, bored or drilled in a bush where it is oval or
 * ragged, else drilled, with dubbed lips where the metal grabs.
 * @param found - the bore two ways as it was read, or between which two sizes it lies where nobody did; null: full metal
 * @example openingOf({ group: 'copper', found: { boreMm: 13.1, acrossMm: 12.4 }, drillMm: 13.5, through: true }).by // 'bush'
 * @example openingOf({ group: 'steel', found: { leastMm: 6.6, mostMm: 8 }, drillMm: 8.3, through: true }).by // 'drill'
 */
export function openingOf(job: {
  group: ParentMaterial['group'];
  found: Found | null;
  drillMm: number;
  through: boolean;
}): Opening {
  const { group, found, drillMm, through } = job;
  if (found === null) return { by: 'full', ringMm: null, grabs: false, breaksThrough: through };
  const [leastMm, mostMm] =
    'boreMm' in found
      ? [Math.min(found.boreMm, found.acrossMm), Math.max(found.boreMm, found.acrossMm)]
      : [found.leastMm, found.mostMm];
  const ring = (mm: number) => Math.max(0, (drillMm - mm) / 2);
  const ringMm = { least: ring(mostMm), most: ring(leastMm) };
  const oval = 'boreMm' in found && mostMm - leastMm > OVAL_MM;
  return {
    by: oval ? 'bush' : ringMm.most <= REAM_UP_TO_MM ? 'ream' : 'drill',
    ringMm,
    grabs: mostMm / drillMm > LED_BY_POINT_SHARE && GRABS.includes(group),
    breaksThrough: through,
  };
}
