import { keep } from '../../basis/keep/index.ts';
import { InputError } from '../../basis/numeric/index.ts';
import type { Drilling } from './expectedBore.ts';
import { inchToMm, LETTER_DRILL_TENTHOUSANDTHS, NUMBER_DRILL_TENTHOUSANDTHS } from '../../basis/units/index.ts';

export type DrillSetId = 'metric-tenths' | 'metric-halves' | 'metric-full' | 'fractional' | 'number' | 'letter';

export interface DrillSize {
  /** Stable key and plain name: `6.8 mm`, `21/64 in`, `#7`, `Q`. */
  id: string;
  system: 'mm' | 'in';
  sets: DrillSetId[];
  diameterMm: number;
}

export const DRILL_SETS: readonly { id: DrillSetId; title: string }[] = [
  { id: 'metric-tenths', title: 'Metric 1 to 13 mm by 0.1' },
  { id: 'metric-halves', title: 'Metric 1 to 25 mm by 0.5' },
  { id: 'metric-full', title: 'Metric 1 to 14 mm by 0.1, to 32 by 0.25, to 50 by 0.5' },
  { id: 'fractional', title: 'Fractional 1/16 to 1 in by 1/64' },
  { id: 'number', title: 'Number #1 to #60' },
  { id: 'letter', title: 'Letter A to Z' },
];

function fractionName(sixtyFourths: number): string {
  let top = sixtyFourths;
  let bottom = 64;
  while (top % 2 === 0 && bottom > 1) {
    top /= 2;
    bottom /= 2;
  }
  return bottom === 1 ? `${top} in` : `${top}/${bottom} in`;
}

function allSizes(): DrillSize[] {
  const sizes = new Map<string, DrillSize>();
  const add = (id: string, system: 'mm' | 'in', set: DrillSetId, diameterMm: number) => {
    const known = sizes.get(id);
    if (known) known.sets.push(set);
    else sizes.set(id, { id, system, sets: [set], diameterMm });
  };
  // Whole multiples, divided once at the end, so that steps of 0.1 do not drift.
  for (let tenths = 10; tenths <= 130; tenths += 1) add(`${tenths / 10} mm`, 'mm', 'metric-tenths', tenths / 10);
  for (let tenths = 10; tenths <= 140; tenths += 1) add(`${tenths / 10} mm`, 'mm', 'metric-full', tenths / 10);
  for (let quarters = 57; quarters <= 128; quarters += 1) add(`${quarters / 4} mm`, 'mm', 'metric-full', quarters / 4);
  for (let halves = 65; halves <= 100; halves += 1) add(`${halves / 2} mm`, 'mm', 'metric-full', halves / 2);
  for (let halves = 2; halves <= 50; halves += 1) add(`${halves / 2} mm`, 'mm', 'metric-halves', halves / 2);
  for (let n = 4; n <= 64; n += 1) add(fractionName(n), 'in', 'fractional', inchToMm(n / 64));
  for (let n = 60; n >= 1; n -= 1) add(`#${n}`, 'in', 'number', inchToMm(NUMBER_DRILL_TENTHOUSANDTHS[n]! / 10_000));
  for (const [letter, size] of Object.entries(LETTER_DRILL_TENTHOUSANDTHS)) {
    add(letter, 'in', 'letter', inchToMm(size / 10_000));
  }
  return [...sizes.values()].sort((a, b) => a.diameterMm - b.diameterMm || (a.id < b.id ? -1 : 1));
}

/** Every drill size held, ascending. */
export const DRILL_SIZES: readonly DrillSize[] = allSizes();

const BY_ID = new Map(DRILL_SIZES.map((size) => [size.id, size]));

/** The drill with this id. Throws `unknown-drill`. @example drillById('Q').diameterMm // 8.4328 */
export function drillById(id: string): DrillSize {
  const drill = BY_ID.get(id);
  if (!drill) throw new InputError('unknown-drill', id, ['8.5 mm', '27/64 in', '#7', 'Q']);
  return drill;
}

/** The drills a shop owns and how it drives them. */
export interface Rack {
  setIds: readonly DrillSetId[];
  /** Sizes of the sets that are missing. */
  missingIds: readonly string[];
  /** Single drills beside the sets. */
  singles?: readonly { id: string; diameterMm: number }[];
  /** Drills that no longer cut their own size: what they were measured to cut. */
  worn?: readonly { id: string; cutsMm: number }[];
  /** Default: a bench drill, with the estimate of its oversize. */
  drilling?: Drilling;
}

/** A drill as it stands in the rack: a worn one has the diameter that it cuts. */
export interface RackDrill extends DrillSize {
  wornFromMm?: number;
}

export const FULL_RACK: Rack = { setIds: DRILL_SETS.map((set) => set.id), missingIds: [] };

/**
 * The drills in a rack, ascending by what they cut: whole sets, less the missing ones, plus single ones.
 * @example rackDrills({ setIds: ['letter'], missingIds: [] }).length // 26
 */
export const rackDrills = keep((rack: Rack): RackDrill[] => {
  const missing = new Set(rack.missingIds);
  const cuts = new Map((rack.worn ?? []).map((row) => [row.id, row.cutsMm]));
  const fromSets = DRILL_SIZES.filter((size) => size.sets.some((set) => rack.setIds.includes(set)));
  const ids = new Set(fromSets.map((size) => size.id));
  const singles = (rack.singles ?? [])
    .filter((single) => !ids.has(single.id))
    .map(({ id, diameterMm }) => ({ id, system: id.endsWith(' mm') ? 'mm' : 'in', sets: [], diameterMm }) as DrillSize);
  return [...fromSets, ...singles]
    .filter((size) => !missing.has(size.id))
    .map((size) => {
      const cutsMm = cuts.get(size.id);
      return cutsMm === undefined ? size : { ...size, diameterMm: cutsMm, wornFromMm: size.diameterMm };
    })
    .sort((a, b) => a.diameterMm - b.diameterMm || (a.id < b.id ? -1 : 1));
});
