import {
  STATEMENT,
  verdictOfUnknown,
  type CheckKind,
  type CheckOf,
  type Verdict,
} from '../../../basis/checks/index.ts';
import type { Way } from '../../../facts/ways/index.ts';
import { isBolted, keepsPressure, type HoleCase } from '../../../judge/hole/index.ts';
import type { Check } from './registry.ts';

/** Above this a port is no place for a sleeve that leaks along its outside, bar (our estimate). */
export const PORT_OVER_BAR = 10;

export type PortFacts = {
  /** Null: nobody said. */
  bar: number | null;
  goesUp: boolean;
  seals: boolean;
};

/**
 * A liquid port under pressure: a coil or bush leaks along its outside unless a washer seals outside its cut. The next port
 * size is with care: its fitting and the wall are confirmed first. Where pressure is said and how much is not, it is asked.
 * Spark and glow plugs seal at their seat and are no ports; no more is a screw in a blind hole, whose thread meets no liquid.
 */
export function judgePort(hole: HoleCase, way: Way, checks: readonly Check[]): CheckOf<'port', PortFacts>[] {
  const { pressureBar, screwedIn } = hole.joint;
  if (screwedIn === 'spark-plug' || (isBolted(hole) && hole.kind === 'blind')) return [];
  if (!way.threadCarries || (!way.leaksAlong && !way.goesUpASize)) return [];
  if (pressureBar === null ? !keepsPressure(hole) : pressureBar <= PORT_OVER_BAR) return [];
  const seals =
    way.leaksAlong &&
    hole.joint.seat !== null &&
    checks.some(({ id, verdict }) => id === 'seat' && verdict === 'holds');
  const facts = { bar: pressureBar, goesUp: way.goesUpASize, seals };
  const base = { ...STATEMENT, kind: 'port', id: 'port', facts } as const;
  const asPort: Verdict = way.leaksAlong && !seals ? 'does-not-hold' : 'with-care';
  if (pressureBar !== null)
    return [{ ...base, verdict: asPort, ...(asPort === 'with-care' ? { remedy: 'pressure-test' } : {}) }];
  const open = verdictOfUnknown(asPort, 'holds');
  return [{ ...base, verdict: open.verdict, settledBy: 'pressureBar', ...(open.shut ? { shut: true as const } : {}) }];
}

export const port: CheckKind<PortFacts> = {
  title: () => 'Pressure port',
  words: ({ bar, goesUp, seals }) => {
    const over = bar === null ? `above ${PORT_OVER_BAR} bar, and how much it is is not said` : `${bar} bar`;
    if (goesUp) return `${over}: the next port size only with its own fitting, and the wall confirmed`;
    return seals
      ? `${over}: the washer seals outside the cut`
      : `${over}: it leaks along the outside of what is put in; restore the seal face, go to the next port size, or replace`;
  },
  working: null,
  step: () => 'A pressure test by a competent person, recorded, before it goes back into use.',
};
