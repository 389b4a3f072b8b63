import { inchToMm } from '../../basis/units/index.ts';
import { THREAD_FORMS, type Thread, type ThreadSeries } from '../../facts/threads/index.ts';
import { GAUGE_PITCH_HALF_WIDTH, type Evidence } from './evidence.ts';

/** Where a series is met: it helps to know what one is likely to hold in the hand. */
const USES: Readonly<Record<ThreadSeries, string>> = {
  coarse: 'ordinary screws and nuts, everywhere metric',
  fine: 'wheels, plugs, sensors, adjusters',
  fittings: 'sensors, glands, plugs and conduit',
  UNC: 'ordinary screws in inch machines',
  UNF: 'inch engines, vehicles and aircraft; hydraulic ports',
  UNEF: 'thin nuts, instruments, connectors',
  UN: 'large sizes, hydraulic ports and collars',
  BSW: 'old British machines, and cameras',
  BSF: 'old British vehicles and machine tools',
  BA: 'British instruments, switches and small gear',
  brass: 'brass tube and lamps',
  ME: 'model steam engines and their fittings',
  cycle: 'British bicycles and motorcycles',
  Pg: 'older cable glands and steel conduit',
  G: 'fittings, gauges and plugs that seal on a washer',
  R: 'pipes and fittings that seal on the thread',
  NPT: 'American pipes and fittings that seal on the thread',
  Acme: 'American lead screws, vices and valves',
  Tr: 'metric lead screws, jacks and valves',
  custom: 'as written',
};

/** @example usedFor(threadById('2 BA')) // 'British instruments, switches and small gear' */
export const usedFor = ({ series }: Thread): string => USES[series];

type PipeKind = 'parallel' | 'taper-55' | 'taper-60';
const pipeKind = ({ family, form }: Thread): PipeKind | null =>
  family === 'pipe-parallel'
    ? 'parallel'
    : family !== 'pipe-taper'
      ? null
      : form === 'taper-60'
        ? 'taper-60'
        : 'taper-55';

/**
 * Why two pipe threads that look alike are not interchangeable, and how each seals; null where the two are no such pair.
 * @example pipePairWords(threadById('G1/2'), threadById('M8x1.25')) // null
 */
export function pipePairWords(first: Thread, second: Thread): string | null {
  const kinds = [pipeKind(first), pipeKind(second)] as const;
  if (kinds[0] === null || kinds[1] === null || kinds[0] === kinds[1]) return null;
  const [a, b] = [first.designation, second.designation];
  const seals = (kind: PipeKind | null) =>
    kind === 'parallel' ? 'seals on a washer or a face' : 'seals on the thread, with tape or compound';
  const why = kinds.includes('parallel')
    ? 'a taper wedges in a parallel hole after a few turns and splits it, and leaks'
    : `${THREAD_FORMS[first.form].angleDeg}° against ${THREAD_FORMS[second.form].angleDeg}°, and in most sizes another pitch: it starts, binds and leaks`;
  return `${a} and ${b} are not interchangeable: ${why}. ${a} ${seals(kinds[0])}; ${b} ${seals(kinds[1])}.`;
}

/** The pitch as it was read, with its doubt; null where none was. */
export function pitchRead(
  evidence: readonly Evidence[],
): { mm: number; halfWidthMm: number; perInch: number; perInchHalfWidth: number } | null {
  const read = evidence.find((piece) => piece.kind === 'pitch' || piece.kind === 'threads-per-inch');
  if (read === undefined) return null;
  const [mm, halfWidthMm] =
    read.kind === 'pitch'
      ? [read.overMm / read.pitches, read.halfWidthMm / read.pitches]
      : [inchToMm(1) / (read as { count: number }).count, GAUGE_PITCH_HALF_WIDTH];
  const perInch = inchToMm(1) / mm;
  return { mm, halfWidthMm, perInch, perInchHalfWidth: (perInch * halfWidthMm) / mm };
}
