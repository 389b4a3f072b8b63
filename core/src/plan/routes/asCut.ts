import type { Say } from '../../basis/units/index.ts';
import { coilHole } from '../../facts/inserts/index.ts';
import { WAYS } from '../../facts/ways/index.ts';
import type { HoleCase } from '../../judge/hole/index.ts';
import { stripLoad } from '../../judge/strength/index.ts';
import { plausibleFastener } from './fastener.ts';
import { metalLeft, metalLeftWords } from './metalLeft.ts';
import type { Route } from './methods/registry.ts';
import { stripInputOf, wornBoreOf } from './stripInput.ts';

/** What was measured of a cut; null: it was not. */
interface Measured {
  boreMm: number | null;
  fullThreadMm: number | null;
}

/** What a thread carries as it was really cut, beside what it was to carry. mm; N; null: outside the strength model. */
export interface AsCut {
  /** What nobody measured: it is reckoned as planned, and said so. */
  taken: readonly ('bore' | 'depth')[];
  stripLoadN: number | null;
  plannedN: number | null;
}

/**
 * The strip load from what was measured of the cut: thread that was found shorter than planned carries less, a bore over its class
 * too. What was not measured is as planned; null where nothing was, or where it does not hang on it.
 */
export function asCut(hole: HoleCase, route: Route, { boreMm, fullThreadMm }: Measured): AsCut | null {
  if ((boreMm === null && fullThreadMm === null) || !WAYS[route.method].carriesByCut) return null;
  const { cut, depths, thread, engagementMm: plannedMm, insideShearMpa } = route;
  const fromMm = depths.insertFromMm ?? depths.countersinkMm;
  // A bush or plug ends with its outer thread, and carries on a pitch less than its length.
  const sleeved = insideShearMpa !== null && cut.thread !== null;
  const foundMm = (fullThreadMm ?? Infinity) - (sleeved ? thread.pitchMm : 0);
  const engagementMm = Math.max(0, Math.min(fromMm + plannedMm, foundMm) - fromMm);
  const { stripLoadN } = stripLoad(
    stripInputOf(
      hole,
      {
        thread,
        ...(route.insertLengthD === null ? {} : { coil: coilHole(thread) }),
        ...(sleeved ? { outer: cut.thread!, insideShearMpa } : {}),
        boreMm: boreMm ?? cut.boreMm,
        oval: wornBoreOf(hole),
        cutMm: cut.majorMm,
      },
      { mm: engagementMm, halfWidthMm: 0 },
      plausibleFastener(hole, thread, 'usual', 'thread'),
      'usual',
      'nominal',
    ),
  );
  const taken = [...(boreMm === null ? ['bore' as const] : []), ...(fullThreadMm === null ? ['depth' as const] : [])];
  return { taken, stripLoadN, plannedN: route.stripLoadN };
}

/** The same in words: beside what was planned where it is another load, with what was taken as planned; empty: outside the model. */
function carriesWords(cut: AsCut | null, say: Say): string {
  if (cut === null || cut.stripLoadN === null || cut.plannedN === null) return '';
  const [now, planned] = [say.load(cut.stripLoadN), say.load(cut.plannedN)];
  const taken = cut.taken.length === 0 ? '' : `, its ${cut.taken.join(' and ')} taken as planned`;
  return `As it was cut${taken}, its thread carries ${now}${now === planned ? ', as planned.' : `; planned was ${planned}.`}`;
}

/** What follows from a cut as it was measured, in sentences: what its thread carries, and the metal left for the next mend. */
export function afterCutWords(hole: HoleCase, route: Route, measured: Measured, say: Say): string[] {
  return [
    carriesWords(asCut(hole, route, measured), say),
    metalLeftWords(metalLeft(hole, route, measured.boreMm), say),
  ].filter((words) => words !== '');
}
