import type { Assessment } from '../../judge/damage/index.ts';
import { longReachMm, TIP_PITCHES, type HoleCase, type UnknownEnd } from '../../judge/hole/index.ts';
import { breakLoadN, parentAtTemperature, stripLoad } from '../../judge/strength/index.ts';
import { plausibleFastener } from './fastener.ts';
import { stripInputOf, type ReadingEnd } from './stripInput.ts';

type MadeStrip = Readonly<Record<UnknownEnd, Readonly<Record<ReadingEnd, number | null>>>>;

/** What the same hole carried new: same metal, heat and edge, with the present screw's reach or a long one. */
export interface AsMade {
  engagementMm: number;
  reachMm: number;
  reachKnown: boolean;
  /** Null: even new its wall was outside the strength model. */
  stripN: MadeStrip;
  /** The same cold, where a service temperature takes something of it: a screw is tightened cold. Null: no difference. */
  coldStripN: MadeStrip | null;
  /** The screw would have broken before the new thread stripped, with the margin that this asks. */
  brokeFirst: boolean;
  turns: number;
}

/** From this ratio on a new hole made its screw break first (docs/methods.md, Strength). */
const BREAKS_FIRST_FROM = 1.25;

/**
 * Strip load of the hole as made (docs/methods.md, Strength): the screw's point carries nothing, a long screw is 1.5 D, in light
 * metal 2 D, never beyond the thread.
 * Worked: M8 in 20 mm of cast aluminium, reach unknown: 16 − 1.25 = 14.75 mm engaged.
 */
export function asMadeOf(hole: HoleCase, { threadEnd }: Assessment): AsMade {
  const { thread, joint } = hole;
  const reachMm = joint.screwReach?.mm ?? longReachMm(hole);
  const engagementMm = Math.max(0, Math.min(reachMm - TIP_PITCHES * thread.pitchMm, threadEnd.mm));
  const at = (end: UnknownEnd, reading: ReadingEnd, cold: boolean) =>
    stripLoad(
      stripInputOf(
        hole,
        { thread, cutMm: thread.majorMm, cold },
        { mm: engagementMm, halfWidthMm: 0 },
        plausibleFastener(hole, thread, end, 'thread'),
        end,
        reading,
      ),
    ).stripLoadN;
  const bothAt = (end: UnknownEnd, cold: boolean) => ({
    nominal: at(end, 'nominal', cold),
    pessimistic: at(end, 'pessimistic', cold),
  });
  // Where nothing is unknown the two ends are one.
  const known = hole.edge !== null && joint.fastenerClassId !== null;
  const stripAt = (cold: boolean): MadeStrip => {
    const unfavourable = bothAt('unfavourable', cold);
    return { unfavourable, usual: known ? unfavourable : bothAt('usual', cold) };
  };
  const stripN = stripAt(false);
  const isHot = joint.serviceC !== null && parentAtTemperature(hole.parent, joint.serviceC).factor < 1;
  return {
    engagementMm,
    reachMm,
    reachKnown: joint.screwReach !== null,
    stripN,
    coldStripN: isHot ? stripAt(true) : null,
    brokeFirst:
      (stripN.unfavourable.nominal ?? 0) >=
      BREAKS_FIRST_FROM * breakLoadN(thread, plausibleFastener(hole, thread, 'unfavourable', 'thread')),
    turns: engagementMm / thread.pitchMm,
  };
}
