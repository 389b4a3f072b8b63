import { SAY } from '../../../basis/units/index.ts';
import {
  boreForShare,
  chooseTapDrill,
  clearanceDrills,
  leanWords,
  pilotDrills,
  rackDrills,
  shareOfBasicHeight,
  shareOfThread,
  shareWorking,
  type ClearanceDrill,
  type RackDrill,
  type TapDrillChoice,
} from '../../../facts/drills/index.ts';
import { coilHole, coilIsMadeFor, type CoilHole } from '../../../facts/inserts/index.ts';
import type { ParentMaterial } from '../../../facts/materials/index.ts';
import {
  externalLimits,
  internalLimits,
  tensileAreaWorking,
  THREAD_FORMS,
  threadGeometry,
  THREADS,
  type ExternalLimits,
  type InternalLimits,
  type Thread,
  type ThreadGeometry,
} from '../../../facts/threads/index.ts';
import type { Working } from '../../../basis/checks/index.ts';
import { isPowerThread, shareWords, tapName, targetShare } from '../../cutting/index.ts';
import type { AnswerShop } from '../AnswerShop.ts';

export interface ThreadCard {
  kind: 'thread';
  thread: Thread;
  /** The material asked about, if any. */
  parent: ParentMaterial | null;
  geometry: ThreadGeometry;
  internal: InternalLimits;
  external: ExternalLimits;
  tapDrill: TapDrillChoice;
  /** Why this share is aimed at. */
  targetBecause: string;
  /** Share by the other convention, of the basic internal height; null without a drill. */
  basicHeightShare: number | null;
  pilots: { steps: RackDrill[]; because: string };
  /** Null for forms that no coil is wound for. */
  coil: CoilHole | null;
  /** Empty for power threads. */
  clearance: ClearanceDrill[];
  /** The taps to run in a new blind hole, by the shop's names. */
  taps: string[];
  notes: string[];
  workings: Working[];
}

/** A power thread is drilled this much under its bore and bored to size, so that the hole is round and true (rule of thumb). */
const BORING_ALLOWANCE_MM = 0.6;
/** A drill of the rack this near under it serves (our estimate). */
const NEAR_PILOT_MM = 1;
/** Depth taken for a quick answer, in diameters: a thread as deep as its screw is thick. */
const USUAL_DEPTH_D = 1;

function powerNotes(thread: Thread, shop: AnswerShop): string[] {
  const say = SAY[shop.units];
  const { minorMinMm, minorMaxMm } = internalLimits(thread);
  const pilotMm = minorMinMm - BORING_ALLOWANCE_MM;
  const pilot = rackDrills(shop.rack)
    .filter((drill) => drill.diameterMm <= pilotMm)
    .at(-1);
  const notes = [
    `Bore ${say.length(minorMinMm)} to ${say.length(minorMaxMm)}: that is the full flank, 100 % by this form’s convention.`,
    pilot && pilotMm - pilot.diameterMm < NEAR_PILOT_MM
      ? `Drill ${pilot.id} first and bore the last ${say.length(minorMinMm - pilot.diameterMm)}, so that the hole is round and true.`
      : `Drill up to ${say.length(pilotMm)} and bore the last ${say.length(BORING_ALLOWANCE_MM)}, so that the hole is round and true.`,
    'Tap right through, or cut it with a single point. A tandem tap goes through and is never reversed.',
  ];
  if (thread.form === 'square') {
    const held = THREADS.find(
      (t) => t.form === 'trapezoidal-30' && t.majorMm === thread.majorMm && Math.abs(t.pitchMm - thread.pitchMm) < 1e-6,
    );
    notes.push(
      `Square has no standard taps. Converted to ${held ? held.designation : `a trapezoidal thread of ${say.length(thread.majorMm)} and the same pitch`}, everything that mates changes too: the screw, its nut or half-nuts, and any second or anti-backlash nut on the same screw.`,
    );
  }
  return notes;
}

function notesOf(thread: Thread, parent: ParentMaterial | null, choice: TapDrillChoice, shop: AnswerShop): string[] {
  const say = SAY[shop.units];
  const notes: string[] = [];
  if (thread.hand === 'left') notes.push('Left hand: it tightens anticlockwise. Mark it; use a left-hand tap.');
  if (thread.starts > 1) {
    const { leadMm } = threadGeometry(thread);
    notes.push(`${thread.starts} starts: one turn advances ${say.length(leadMm)}. Needs a tap made for it.`);
  }
  if (thread.taper) {
    notes.push(
      `Taper pipe thread, 1 in 16: it seals on its flanks. Drill and ream it taper by its own gauge, which stops hand-tight ${say.length(thread.taper.gaugeLengthMm)} in. It is never mended as if it were parallel.`,
    );
  }
  if (thread.family === 'pipe-parallel') {
    notes.push(
      'Parallel pipe thread: it holds but does not seal on its flanks. It seals on a washer or ring at the face.',
    );
  }
  if (isPowerThread(thread)) notes.push(...powerNotes(thread, shop));
  if (thread.form === 'iso-60' && parent?.cutting === 'tough') {
    const chartMm = thread.majorMm - thread.pitchMm;
    const habit = shareOfThread(thread, chartMm + HABIT_OVER_MM);
    if (Math.abs(habit - choice.targetShare) > HABIT_OFF_SHARE) {
      notes.push(
        `The habit of adding ${say.length(HABIT_OVER_MM)} to the chart’s ${say.length(chartMm)} would leave ${Math.round(100 * habit)} % here: work by share instead.`,
      );
    }
  }
  const nearest = nearestByNumber(choice);
  if (nearest) notes.push(nearest);
  return notes;
}

/** A habit in tough metal: the chart's drill and 0.2 mm more, whatever the size. */
const HABIT_OVER_MM = 0.2;
/** It is only worth a word where it misses the share aimed at by more than this (our estimate). */
const HABIT_OFF_SHARE = 0.05;

/** Says so when the drill nearest to the ideal is not the one to take. */
function nearestByNumber({ best, smaller, larger, idealMm, direction }: TapDrillChoice): string | null {
  if (!best || !direction || direction.side === 'exact') return null;
  const off = (mm: number) => Math.abs(mm - idealMm);
  const nearer = [...smaller, ...larger].find(
    (d) => off(d.drill.diameterMm) < off(best.drill.diameterMm) - 0.01 && d.drill.system === best.drill.system,
  );
  return nearer
    ? `${nearer.drill.id} is nearer by number, but the ${direction.side} side is right here: ${leanWords(direction.because)}.`
    : null;
}

/** The card of a thread: its numbers, its tap drill by the shop's rule, and what to know before cutting it. */
export function threadCard(
  thread: Thread,
  shop: AnswerShop,
  ask: { parent: ParentMaterial | null; depthMm: number | null; share: number | null },
): ThreadCard {
  const depthMm = ask.depthMm ?? USUAL_DEPTH_D * thread.majorMm;
  const target = ask.parent
    ? targetShare(thread, ask.parent, depthMm, shop.rules.tapDrill)
    : targetShare(thread, GENERAL_METAL, depthMm, shop.rules.tapDrill);
  const tapDrill = chooseTapDrill(thread, {
    targetShare: ask.share ?? target.share,
    tough: ask.parent?.cutting === 'tough',
    rack: shop.rack,
    lean: target.lean,
  });
  const bestMm = tapDrill.best?.drill.diameterMm ?? null;
  const workedMm = bestMm ?? boreForShare(thread, ask.share ?? target.share);
  return {
    kind: 'thread',
    thread,
    parent: ask.parent,
    geometry: threadGeometry(thread),
    internal: internalLimits(thread),
    external: externalLimits(thread),
    tapDrill,
    targetBecause:
      thread.form === 'iso-60'
        ? ask.share === null
          ? shareWords(target.because)
          : 'as asked'
        : `${THREAD_FORMS[thread.form].title}: within the class’s minor limits`,
    basicHeightShare: bestMm === null ? null : shareOfBasicHeight(thread, bestMm),
    pilots:
      bestMm === null
        ? { steps: [], because: '' }
        : pilotDrills(bestMm, {
            cutting: ask.parent?.cutting ?? 'medium',
            rack: shop.rack,
            system: tapDrill.best!.drill.system,
          }),
    coil: coilIsMadeFor(thread) ? coilHole(thread) : null,
    clearance: isPowerThread(thread) ? [] : clearanceDrills(thread, shop.rack),
    taps:
      isPowerThread(thread) || thread.taper
        ? []
        : [8, 4, 2].map((lead) => tapName(lead as 8 | 4 | 2, shop.rules.tapNames)),
    notes: notesOf(thread, ask.parent, tapDrill, shop),
    workings: [shareWorking(thread, workedMm), tensileAreaWorking(thread)],
  };
}

/** Stands in where no material is named: cuts like ordinary metal. */
const GENERAL_METAL = { cutting: 'medium' } as const;
