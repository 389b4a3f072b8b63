import { LAST_TURNS, SQUARE_AT_TURNS } from '../cutting/index.ts';

/** What a tap step counts by: from its frozen facts. Turns; millimetres. */
export interface TurnPlan {
  total: number;
  /** Turns in the work; what comes after runs the lead out. */
  inWork: number;
  /** A turn moves it by so much. */
  leadMm: number;
  /** Threads of its lead, over the starts: so many turns behind the tip the thread is full. */
  leadTurns: number;
  on: number;
  back: number;
  clearEvery: number | null;
  blind: boolean;
  /** From the machine to the wrench; null: it is not started in one. */
  inMachine: number | null;
}

/** Both quarters of a press are exact: turns are counted in quarters. */
const QUARTER = 0.25;
const quarters = (turns: number): number => Math.round(turns / QUARTER) * QUARTER;

const PARTS: Readonly<Record<number, string>> = { 0: '', 0.25: '¼', 0.5: '½', 0.75: '¾' };

/** Turns in the way a hand says them: halves and quarters. @example turnsWords(8.5) // '8½' */
export function turnsWords(turns: number): string {
  const whole = Math.floor(turns + 1e-9);
  const part = PARTS[quarters(turns - whole)] ?? '';
  return whole === 0 && part !== '' ? part : `${whole}${part}`;
}

/** A press is one cycle of the rhythm: on and back, so that it moves on by the difference; never back: by the whole. */
export const advanceOf = ({ on, back }: Pick<TurnPlan, 'on' | 'back'>): number =>
  Math.max(QUARTER, quarters(on - back));

/** What is asked for next. */
export type NextMark = { kind: 'square' | 'machine' | 'clear' | 'last' | 'end'; at: number };

/** Where the tap is, and what comes. */
export interface TurnState {
  turns: number;
  left: number;
  /** Its tip below where it bit; and how far the thread is full. */
  tipMm: number;
  fullMm: number;
  /** Now, in their order: to be done before the next press; several may fall on one turn. */
  now: NextMark['kind'][];
  next: NextMark | null;
  inLast: boolean;
}

/** Everything that is asked for on the way, in order. */
export function marksOf({ total, blind, clearEvery, inMachine }: TurnPlan): NextMark[] {
  const marks: NextMark[] = [];
  if (total > SQUARE_AT_TURNS) marks.push({ kind: 'square', at: SQUARE_AT_TURNS });
  if (inMachine !== null && inMachine < total) marks.push({ kind: 'machine', at: inMachine });
  if (clearEvery !== null) for (let at = clearEvery; at < total; at += clearEvery) marks.push({ kind: 'clear', at });
  if (blind && total > LAST_TURNS)
    marks.push({ kind: 'last', at: Math.floor((total - LAST_TURNS) / QUARTER) * QUARTER });
  marks.push({ kind: 'end', at: total });
  return marks.sort((a, b) => a.at - b.at);
}

/**
 * Where a tap is after so many turns. A mark that was just reached or passed by the last press stands as *now*, until the next press.
 * @param before - turns before the last press
 */
export function turnsAt(plan: TurnPlan, turns: number, before: number): TurnState {
  const at = quarters(turns);
  const marks = marksOf(plan);
  const reached = marks.filter((mark) => mark.at <= at + 1e-9 && mark.at > before + 1e-9);
  return {
    turns: at,
    left: Math.max(0, plan.total - at),
    tipMm: at * plan.leadMm,
    fullMm: Math.max(0, at - plan.leadTurns) * plan.leadMm,
    now: reached.map(({ kind }) => kind),
    next: marks.find((mark) => mark.at > at + 1e-9) ?? null,
    inLast: plan.blind && at >= plan.total - LAST_TURNS - 1e-9,
  };
}

/**
 * Whether a tap that will not go on is at the bottom, or stopped early: by how many turns.
 * @example stoppedEarly({ total: 14 }, 11) // 3
 */
export const stoppedEarly = ({ total }: Pick<TurnPlan, 'total'>, turns: number): number =>
  Math.max(0, quarters(total - turns) <= 1 ? 0 : quarters(total - turns));

/** The plan of a tap step, from what was frozen; null: it is none, or of an engine that froze no turns. */
export function turnPlanOf(step: { kind: string; facts: unknown }): TurnPlan | null {
  if (step.kind !== 'tap') return null;
  const { turns, rhythm, blind, inMachine, leadMm, leadTurns } = step.facts as {
    turns?: unknown;
    rhythm?: { on?: unknown; back?: unknown; clearEvery?: unknown };
    blind?: unknown;
    inMachine?: unknown;
    leadMm?: unknown;
    leadTurns?: unknown;
  };
  if (typeof turns !== 'object' || turns === null || typeof leadMm !== 'number' || typeof leadTurns !== 'number')
    return null;
  const { total, inWork } = turns as { total: number; inWork: number };
  const { on, back, clearEvery } = rhythm as { on: number; back: number; clearEvery: number | null };
  return {
    total: Math.floor(total / QUARTER + 1e-6) * QUARTER,
    inWork,
    leadMm,
    leadTurns,
    on,
    back,
    clearEvery,
    blind: blind === true,
    inMachine: typeof inMachine === 'number' ? inMachine : null,
  };
}
