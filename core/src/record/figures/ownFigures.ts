import { expectedBoreMm } from '../../facts/drills/index.ts';
import { parentById } from '../../facts/materials/index.ts';
import { WAYS, type WayId } from '../../facts/ways/index.ts';
import { INSTRUMENTS, type InstrumentId } from '../../judge/hole/index.ts';
import { foundMm } from '../results/index.ts';
import { isMended, type HoleFile, type MendEntry } from '../events/index.ts';

/** What a shop's own records say, beside the printed estimate. */
export interface OwnFigure {
  kind: 'oversize' | 'minutes' | 'came-back' | 'doubt';
  /** Set-up, way, way in a metal, or instrument. */
  id: string;
  name: string;
  count: number;
  /** mm, minutes, or a share. */
  mean: number;
  /** Standard deviation of one record; null: of one alone there is none, and a doubt is one itself. */
  spread: number | null;
  /** What is printed and used else; null: nothing is. */
  printed: number | null;
}

/** Fewer records say nothing that a shop should drill by. */
export const ENOUGH_RECORDS = 8;
/** Of a half-width of 95 % and its standard deviation. */
const SIGMAS = 1.96;

interface Sample {
  kind: OwnFigure['kind'];
  id: string;
  name: string;
  value: number;
  printed: number | null;
}

const factsOf = (mend: MendEntry, kind: string): Record<string, unknown> | null =>
  mend.plan?.steps.find((step) => step.kind === kind)?.facts ?? null;

/** By how much a drill cut over its size, where the bore was gauged before anything was tapped. */
function oversizeOf(mend: MendEntry): Sample[] {
  const drill = factsOf(mend, 'drill');
  const bore = foundMm(mend.results, 'bore');
  const drillMm = drill?.diameterMm;
  const opening = drill?.opening as { by?: string } | undefined;
  if (bore === null || typeof drillMm !== 'number' || opening?.by === 'ream') return [];
  const { machine } = (factsOf(mend, 'ready') ?? {}) as { machine?: string };
  const name = machine ?? 'machine not named';
  return [{ kind: 'oversize', id: name, name, value: bore - drillMm, printed: expectedBoreMm(drillMm) - drillMm }];
}

/** Working time of a mend whose every step was told with its time. */
function minutesOf(mend: MendEntry): Sample[] {
  const { plan, planId } = mend;
  if (!plan) return [];
  const wanted = plan.steps.filter(({ afterProof }) => !afterProof);
  const told = wanted.map(({ id }) => mend.steps.find((step) => step.stepId === id && step.planId === planId)?.seconds);
  if (wanted.length === 0 || told.some((seconds) => seconds === undefined)) return [];
  const value = told.reduce<number>((sum, seconds) => sum + seconds!, 0) / 60;
  const way = WAYS[plan.method];
  return [{ kind: 'minutes', id: plan.method, name: way.name, value, printed: way.minutes }];
}

/** Whether a mend held: 1 where the hole came back after it. */
function cameBackOf(file: HoleFile, mend: MendEntry, at: number): Sample[] {
  if (!isMended(mend.outcome) || !mend.plan || !file.choices.parentId) return [];
  const method: WayId = mend.plan.method;
  const { id, name } = parentById(file.choices.parentId);
  const value = file.mends.length > at + 1 ? 1 : 0;
  return [
    {
      kind: 'came-back',
      id: `${method} ${id}`,
      name: `${WAYS[method].name}, ${name.toLowerCase()}`,
      value,
      printed: null,
    },
  ];
}

/** The same thing read with the same instrument by two people, one after the other: what they differ by is its doubt. */
function doubtsOf({ readings }: HoleFile): Sample[] {
  const counted = readings.filter(({ state }) => state !== 'struck' && state !== 'moved');
  return counted.flatMap((entry, index) => {
    const before = counted.slice(0, index).findLast(({ quantity }) => quantity === entry.quantity);
    if (!before || before.actor === entry.actor || before.instrument !== entry.instrument || before.state === 'past')
      return [];
    const id: InstrumentId = entry.instrument;
    const { name, halfWidthMm } = INSTRUMENTS.find((row) => row.id === id)!;
    // Of two alike the difference has √2 times the deviation of one.
    const value = (SIGMAS * Math.abs(entry.mm - before.mm)) / Math.SQRT2;
    return [{ kind: 'doubt' as const, id, name, value, printed: halfWidthMm }];
  });
}

/** Root mean square: deviations from nothing are averaged so. */
const rootMeanSquare = (values: readonly number[]): number =>
  Math.sqrt(values.reduce((sum, value) => sum + value * value, 0) / values.length);

function figureOf(samples: readonly Sample[]): OwnFigure {
  const [{ kind, id, name }] = samples as [Sample, ...Sample[]];
  const values = samples.map(({ value }) => value);
  const count = values.length;
  const mean = kind === 'doubt' ? rootMeanSquare(values) : values.reduce((sum, value) => sum + value, 0) / count;
  const around = values.reduce((sum, value) => sum + (value - mean) ** 2, 0);
  const known = samples.map(({ printed }) => printed).filter((printed) => printed !== null);
  return {
    kind,
    id,
    name,
    count,
    mean,
    spread: count > 1 && kind !== 'doubt' ? Math.sqrt(around / (count - 1)) : null,
    printed: known.length === 0 ? null : known.reduce((sum, printed) => sum + printed, 0) / known.length,
  };
}

/**
 * What a shop's own records say: bores gauged after drilling, steps with their time, mends that came back, readings by two people.
 * A figure stands from its first record on, so that nobody wonders where it went; it is for use from eight on, and after a yes.
 */
export function ownFigures(files: readonly HoleFile[]): OwnFigure[] {
  const samples = files.flatMap((file) => [
    ...file.mends.flatMap((mend, at) => [...oversizeOf(mend), ...minutesOf(mend), ...cameBackOf(file, mend, at)]),
    ...doubtsOf(file),
  ]);
  const groups = new Map<string, Sample[]>();
  for (const sample of samples) {
    const key = `${sample.kind} ${sample.id}`;
    groups.set(key, [...(groups.get(key) ?? []), sample]);
  }
  return [...groups.values()].map(figureOf).sort((a, b) => b.count - a.count || (a.name < b.name ? -1 : 1));
}
