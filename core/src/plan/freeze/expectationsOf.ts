import { LEAST_SET_DOWN_TURNS } from '../../facts/inserts/index.ts';
import { boreLimits, threadToMm, type Route } from '../routes/index.ts';
import type { Expectation } from './FrozenPlan.ts';

/** A coil may sit this much deeper than planned, in turns (insert practice). */
const SET_DOWN_OVER_TURNS = 0.5;

const passFail = (id: Expectation['id'], title: string): Expectation => ({
  id,
  title,
  kind: 'pass-fail',
  lowMm: null,
  highMm: null,
});
const length = (id: Expectation['id'], title: string, lowMm: number, highMm: number | null): Expectation => ({
  id,
  title,
  kind: 'length',
  lowMm,
  highMm,
});

/** What to measure when a route is cut, and what it should be. */
export function expectationsOf(route: Route): Expectation[] {
  const { cut, depths, thread, checks } = route;
  const rows: Expectation[] = [];
  // A bore without a tap is clear: it has no limits of a thread.
  if (cut.drillMm !== null && cut.tapLeads.length > 0) {
    const { lowMm, highMm } = boreLimits(route);
    rows.push(length('bore', 'Bore after drilling', lowMm, highMm));
  }
  if (depths.fullThreadToMm > 0) rows.push(length('full-thread', 'Full thread to', threadToMm(route), null));
  if (depths.insertFromMm !== null)
    rows.push(
      length(
        'set-down',
        'Coil under the face',
        LEAST_SET_DOWN_TURNS * thread.pitchMm,
        depths.insertFromMm + SET_DOWN_OVER_TURNS * thread.pitchMm,
      ),
    );
  rows.push(passFail('gauge', 'Gauge or good screw runs in by hand'), passFail('square', 'Square in two views'));
  // Where someone can be hurt the mend is proved under load, by whoever may.
  if (checks.some(({ kind }) => kind === 'release' || kind === 'port'))
    rows.push(passFail('proof-load', 'Proof load or pressure test, by a competent person'));
  return rows;
}
