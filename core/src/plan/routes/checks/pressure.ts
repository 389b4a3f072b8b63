import { STATEMENT, type CheckKind, type CheckOf } from '../../../basis/checks/index.ts';
import type { Way } from '../../../facts/ways/index.ts';
import { hurts, type HoleCase } from '../../../judge/hole/index.ts';
import { PORT_OVER_BAR } from './port.ts';

/** Above this what a thread lets go of can hurt someone, bar (our estimate; a coolant pump stays below it). */
const HURTS_OVER_BAR = 2;

export type PressureFacts = { bar: number };

/** Pressure that can hurt someone, while the hole counts as one that cannot: the duty is asked for before a port is cut. */
export function judgePressure(hole: HoleCase, way: Way): CheckOf<'pressure', PressureFacts>[] {
  const bar = hole.joint.pressureBar;
  if (bar === null || bar <= HURTS_OVER_BAR || hurts(hole) || way.elsewhere) return [];
  // What a cylinder presses on is the plug, which the head holds.
  if (hole.joint.screwedIn === 'spark-plug') return [];
  return [
    {
      ...STATEMENT,
      kind: 'pressure',
      id: 'pressure',
      verdict: 'with-care',
      facts: { bar },
      settledBy: 'duty',
      ...(bar > PORT_OVER_BAR ? { shut: true as const } : {}),
    },
  ];
}

export const pressure: CheckKind<PressureFacts> = {
  title: () => 'Pressure behind it',
  words: ({ bar }) => `${bar} bar can hurt someone when the thread lets go: say so, and have it released`,
  working: null,
};
