import { STATEMENT, type CheckKind, type CheckOf } from '../../../basis/checks/index.ts';
import type { Way } from '../../../facts/ways/index.ts';
import type { HoleCase } from '../../../judge/hole/index.ts';
import type { Check } from './registry.ts';

/** Above this a port is no place for a sleeve that leaks along its outside, bar (our estimate). */
const PORT_OVER_BAR = 10;

export type PortFacts = { bar: number; goesUp: boolean; seals: boolean };

/**
 * A liquid port under pressure: a coil or bush leaks along its outside unless a washer seals outside its cut. The next port
 * size is with care: its fitting and the wall are confirmed first. Spark and glow plugs seal at their seat and are no ports.
 */
export function judgePort(hole: HoleCase, way: Way, checks: readonly Check[]): CheckOf<'port', PortFacts>[] {
  const { pressureBar, screwedIn } = hole.joint;
  if (pressureBar === null || pressureBar <= PORT_OVER_BAR || screwedIn === 'spark-plug') return [];
  if (!way.threadCarries || (!way.leaksAlong && !way.goesUpASize)) return [];
  const seals =
    way.leaksAlong &&
    hole.joint.seat !== null &&
    checks.some(({ id, verdict }) => id === 'seat' && verdict === 'holds');
  const facts = { bar: pressureBar, goesUp: way.goesUpASize, seals };
  const base = { ...STATEMENT, kind: 'port', id: 'port', facts } as const;
  return way.leaksAlong && !seals
    ? [{ ...base, verdict: 'does-not-hold' }]
    : [{ ...base, verdict: 'with-care', remedy: 'pressure-test' }];
}

export const port: CheckKind<PortFacts> = {
  title: () => 'Pressure port',
  words: ({ bar, goesUp, seals }) =>
    goesUp
      ? `${bar} bar: the next port size only with its own fitting, and the wall confirmed`
      : seals
        ? `${bar} bar: the washer seals outside the cut`
        : `${bar} bar: it leaks along the outside of what is put in; restore the seal face, go to the next port size, or replace`,
  working: null,
  step: () => 'A pressure test by a competent person, recorded, before it goes back into use.',
};
