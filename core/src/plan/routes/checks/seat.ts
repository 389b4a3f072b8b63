import { verdictOfUnknown, type CheckKind, type CheckOf, type Verdict } from '../../../basis/checks/index.ts';
import type { Way } from '../../../facts/ways/index.ts';
import { sealsOnFace, type HoleCase } from '../../../judge/hole/index.ts';
import type { Proposed } from '../Route.ts';

/** Ring of face that a washer or seat keeps outside the cut, mm: from the first it holds, from the second with care (our estimate). */
const RING_HOLDS_MM = 1.5;
const RING_CARE_MM = 0.8;
/** A washer that nobody measured: so much wider than the thread, and what is usual of the wider ones, mm (our estimate). */
const UNKNOWN_OVER_MM = 4;
const USUAL_OVER_MM = 8;

export type SeatFacts = { seatMm: number; known: boolean; cutMm: number };

/** The washer or seat that presses on the face, as measured or as it is taken; null: nothing seals there. */
export const seatTaken = (hole: HoleCase): { mm: number; known: boolean } | null => {
  if (!sealsOnFace(hole)) return null;
  const { seat } = hole.joint;
  return seat ? { mm: seat.mm, known: true } : { mm: hole.thread.majorMm + UNKNOWN_OVER_MM, known: false };
};

/** Does the washer's ring still find face outside the cut? A next size up brings its own washer. */
export function judgeSeat(hole: HoleCase, way: Way, { cut }: Pick<Proposed, 'cut'>): CheckOf<'seat', SeatFacts>[] {
  if (!sealsOnFace(hole) || !way.drills || !way.atThisHole || way.goesUpASize) return [];
  const { seat } = hole.joint;
  const judge = (seatMm: number): Verdict => {
    const ringMm = (seatMm - cut.outermostMm) / 2 + 1e-9;
    return ringMm >= RING_HOLDS_MM ? 'holds' : ringMm >= RING_CARE_MM ? 'with-care' : 'does-not-hold';
  };
  const leastMm = seat ? seat.mm - seat.halfWidthMm : hole.thread.majorMm + UNKNOWN_OVER_MM;
  const worst = judge(leastMm);
  const open = seat
    ? { verdict: worst, asks: false, shut: false }
    : verdictOfUnknown(worst, judge(hole.thread.majorMm + USUAL_OVER_MM));
  const ringMm = (leastMm - cut.outermostMm) / 2;
  return [
    {
      kind: 'seat',
      id: 'seat',
      verdict: open.verdict,
      value: ringMm,
      valuePessimistic: ringMm,
      limit: RING_HOLDS_MM,
      unit: 'mm',
      facts: { seatMm: leastMm, known: seat !== null, cutMm: cut.outermostMm },
      ...(open.asks ? { settledBy: 'seat' } : {}),
      ...(open.shut ? { shut: true } : {}),
      ...(open.verdict === 'with-care' ? { remedy: 'wider-washer' } : {}),
    },
  ];
}

export const seat: CheckKind<SeatFacts> = {
  title: () => 'Washer’s ring outside the cut',
  words: ({ seatMm, known, cutMm }, verdict, say) => {
    const ring = `${say.length(Math.max(0, (seatMm - cutMm) / 2))} of face under the washer outside the cut`;
    const taken = known ? '' : `, washer not measured, taken as ${say.length(seatMm)}`;
    return `${ring}${taken}${verdict === 'holds' ? '' : `; it wants ${say.length(RING_HOLDS_MM)}`}`;
  },
  working: ({ seatMm, cutMm }) => ({
    title: 'Ring of face left for the washer',
    formula: 'ring = (washer − cut) / 2',
    symbols: [
      { symbol: 'washer', meaning: 'outer diameter of washer or seat', value: seatMm, unit: 'mm' },
      { symbol: 'cut', meaning: 'outermost cut', value: cutMm, unit: 'mm' },
    ],
    result: { symbol: 'ring', value: (seatMm - cutMm) / 2, unit: 'mm' },
    source: 'geometry; 1.5 mm, with care from 0.8, are our estimate',
    estimate: true,
  }),
  step: () => 'Fit the next wider washer, and see that the face under it is whole.',
};
