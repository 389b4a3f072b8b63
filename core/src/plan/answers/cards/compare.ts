import { shareOfThread } from '../../../facts/drills/index.ts';
import { THREAD_FORMS, THREADS, type Thread } from '../../../facts/threads/index.ts';
import { turnsToBind } from '../../../judge/identify/index.ts';
import { USUAL_SHARE } from '../../cutting/index.ts';
import { drillCard, type DrillCard } from './drillCard.ts';
import type { AnswerShop } from '../AnswerShop.ts';
import { threadCard, type ThreadCard } from './threadCard.ts';

/** Two threads side by side, and what happens when the screw of one goes into the hole of the other. */
export interface ThreadComparison {
  kind: 'compare-threads';
  pair: [ThreadCard, ThreadCard];
  majorDifferenceMm: number;
  pitchDifferenceMm: number;
  driftOverTenTurnsMm: number;
  /** Screw of the first in a hole of the second, and the other way: null where it does not start. */
  bindsAfterTurns: [number | null, number | null];
  verdict: string;
}

/** Two drills side by side, by the share that each leaves in the threads that either suits. */
export interface DrillComparison {
  kind: 'compare-drills';
  pair: [DrillCard, DrillCard];
  differenceMm: number;
  rows: { thread: Thread; shares: [number, number] }[];
}

/** Beyond this a hand feels the difference before the first turn is done (our estimate). */
const FELT_TURNS = 40;

function starts(screw: Thread, hole: Thread): number | null {
  if (screw.hand !== hole.hand || Math.abs(screw.majorMm - hole.majorMm) > 0.12 * hole.majorMm) return null;
  const turns = turnsToBind(screw, hole);
  return turns > FELT_TURNS ? Infinity : turns;
}

function verdictOf(first: Thread, second: Thread, binds: [number | null, number | null]): string {
  if (first.hand !== second.hand) return 'One winds left, the other right: neither screw starts in the other hole.';
  if (binds[0] === null && binds[1] === null) return 'Too far apart in diameter to be taken for each other.';
  const angles = [first, second].map((thread) => THREAD_FORMS[thread.form].angleDeg);
  if (binds.every((turns) => turns === Infinity || turns === null)) {
    return angles[0] === angles[1]
      ? 'The same pitch: each runs into the other, and the diameters decide what holds.'
      : `The same pitch but ${angles[0]}° against ${angles[1]}°: it runs in, bears on a line of each flank only, and wears.`;
  }
  return 'Look-alikes: the screw starts by hand and then binds. Forced, it cuts the thread away.';
}

/** Puts two threads side by side. */
export function compareThreads(a: Thread, b: Thread, shop: AnswerShop): ThreadComparison {
  const ask = { parent: null, depthMm: null, share: null };
  const bindsAfterTurns: [number | null, number | null] = [starts(a, b), starts(b, a)];
  return {
    kind: 'compare-threads',
    pair: [threadCard(a, shop, ask), threadCard(b, shop, ask)],
    majorDifferenceMm: b.majorMm - a.majorMm,
    pitchDifferenceMm: b.pitchMm - a.pitchMm,
    driftOverTenTurnsMm: 10 * Math.abs(b.pitchMm - a.pitchMm),
    bindsAfterTurns,
    verdict: verdictOf(a, b, bindsAfterTurns),
  };
}

const LISTED = 6;

/** Puts two drills side by side. */
export function compareDrills(aMm: number, bMm: number, shop: AnswerShop): DrillComparison {
  const pair: [DrillCard, DrillCard] = [drillCard(aMm, false, shop, null), drillCard(bMm, false, shop, null)];
  const ids = new Set(pair.flatMap((card) => card.taps.map((row) => row.thread.id)));
  return {
    kind: 'compare-drills',
    pair,
    differenceMm: bMm - aMm,
    rows: THREADS.filter((thread) => ids.has(thread.id))
      .map((thread) => ({
        thread,
        shares: [shareOfThread(thread, aMm), shareOfThread(thread, bMm)] as [number, number],
      }))
      .sort((x, y) => Math.abs(x.shares[0] - USUAL_SHARE) - Math.abs(y.shares[0] - USUAL_SHARE))
      .slice(0, LISTED),
  };
}
