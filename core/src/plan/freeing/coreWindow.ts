import { expectedBoreMm, type Drilling } from '../../facts/drills/index.ts';
import { internalLimits, threadGeometry, type Thread } from '../../facts/threads/index.ts';
import type { HoldId } from '../../judge/hole/index.ts';
import { FASTENER_FIRST } from '../../judge/strength/index.ts';

/** The ring between a stuck screw's root and the parent's crest: the only room in which a core drill does no harm. */
export interface CoreWindow {
  /** Root of the screw, d3. */
  rootMm: number;
  /** Crest of the parent's thread: its basic minor, or the widest that its class allows, or as it was bored. */
  crestMm: number;
}

/**
 * The window of a stuck screw. Nominal: root d3 and crest D1; at the class limit the parent was bored to its largest minor.
 * A parent whose bore is known has that.
 * @example coreWindow(threadById('M5x0.8'), 'nominal').crestMm // 4.134
 * @example coreWindow(threadById('M12x1.75'), 'nominal').rootMm // 9.853
 */
export function coreWindow(thread: Thread, limit: 'nominal' | 'class', boredMm: number | null = null): CoreWindow {
  const g = threadGeometry(thread);
  return {
    rootMm: g.rootExternalMm,
    crestMm: boredMm ?? (limit === 'nominal' ? g.minorInternalMm : internalLimits(thread).minorMaxMm),
  };
}

/** Room in radius between the screw's root and the parent's crest. @example roomInRadiusMm({ rootMm: 8.16, crestMm: 8.376 }) // 0.108 */
export const roomInRadiusMm = ({ rootMm, crestMm }: CoreWindow): number => (crestMm - rootMm) / 2;

/** A drill may cut over its mean oversize by this factor (our estimate): a 10 mm drill bores about 10.10 and up to 10.18. */
export const LARGEST_OVERSIZE = 1.8;

/** A shell this thin is loose: the larger of 0.2 mm and 0.03 of the screw; up to 0.1 d it is stiff (our estimate). */
export const looseShellMm = (majorMm: number): number => Math.max(0.2, 0.03 * majorMm);
export const stiffShellMm = (majorMm: number): number => 0.1 * majorMm;

/** What a drill leaves on each side unless somebody keeps more or less; a located mill may go to the bare coil. */
export const keptShellMm = (majorMm: number, hold: HoldId, asked: number | null): number =>
  asked ?? (hold === 'mill' ? 0 : looseShellMm(majorMm));

/** What one drill leaves on either side at a known offset. */
export interface CoreDrill {
  expectedBoreMm: number;
  largestBoreMm: number;
  /** Shell of the screw by the drill's own size, on the thin and on the thick side; below zero it is gone. */
  thinShellMm: number;
  thickShellMm: number;
  /** The thin side at the largest bore that the drill may cut: this is what is kept. */
  leastShellMm: number;
  /** From the hole's edge to the parent's crest on the thin side: by the drill, and by the largest bore. */
  toCrestMm: number;
  toCrestLargestMm: number;
}

/**
 * A core drill of a stuck screw at a measured offset.
 * @example coreDrill(3.2, coreWindow(threadById('M5x0.8'), 'nominal'), 0).thinShellMm // 0.409
 * @example coreDrill(10, coreWindow(threadById('M12x1.75'), 'nominal'), 0).largestBoreMm // 10.181
 */
export function coreDrill(drillMm: number, window: CoreWindow, offsetMm: number, drilling?: Drilling): CoreDrill {
  const expected = expectedBoreMm(drillMm, drilling);
  const largest = drillMm + LARGEST_OVERSIZE * (expected - drillMm);
  const shellMm = (window.rootMm - drillMm) / 2;
  return {
    expectedBoreMm: expected,
    largestBoreMm: largest,
    thinShellMm: shellMm - offsetMm,
    thickShellMm: shellMm + offsetMm,
    leastShellMm: (window.rootMm - largest) / 2 - offsetMm,
    toCrestMm: (window.crestMm - drillMm) / 2 - offsetMm,
    toCrestLargestMm: (window.crestMm - largest) / 2 - offsetMm,
  };
}

/** However much thread there is, the simulation never gives all of it away. */
const MOST_SPARE = 0.9;

/**
 * Share of the parent's thread that the joint can spare: what is engaged beyond 1.25 of the balance with the screw.
 * @example spareShare(20, 8) // 0.5
 */
export function spareShare(engagedMm: number, balanceMm: number): number {
  if (engagedMm <= 0) return 0;
  return Math.min(MOST_SPARE, Math.max(0, 1 - (FASTENER_FIRST.holds * balanceMm) / engagedMm));
}
