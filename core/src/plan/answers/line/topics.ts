import { USUAL_READING_HALF_WIDTH_MM, type Evidence } from '../../../judge/identify/index.ts';
import { InputError } from '../../../basis/numeric/index.ts';
import { inchToMm } from '../../../basis/units/index.ts';
import { coilIsMadeFor } from '../../../facts/inserts/index.ts';
import { fastenerClass } from '../../../facts/materials/index.ts';
import type { AnswerShop } from '../AnswerShop.ts';
import { compareDrills, compareThreads } from '../cards/compare.ts';
import { drillCard } from '../cards/drillCard.ts';
import { centresCard, depthCard, edgeSpeedCard, insertCard, speedCard, torqueCard } from '../cards/plainCards.ts';
import { circleCard, directionCard, extractorCard, flagCard, stopCard, tiltCard } from '../cards/setUpCards.ts';
import { engagementCard, loadCard, strengthCard } from '../cards/strengthCards.ts';
import { threadCard } from '../cards/threadCard.ts';
import { whichCard } from '../cards/whichCard.ts';
import type { QuickAnswer } from '../Answer.ts';
import type { LengthPart, Mark, Parts } from './parts.ts';
import type { TopicId } from './topicWords.ts';

/** One thing that the line answers: how it asks for what is missing, an example, which parts it uses, and its answer. */
export interface Topic {
  /** Said where something is missing, with the example after it. */
  wants: string;
  example: string;
  uses: readonly (keyof Parts)[];
  /** Null: something is missing. */
  answer: (parts: Parts, shop: AnswerShop) => QuickAnswer | null;
}

const withMark = (parts: Parts, ...marks: Mark[]): LengthPart | null =>
  parts.lengths.find(({ mark }) => mark !== null && marks.includes(mark)) ?? null;
const withoutMark = (parts: Parts): LengthPart[] => parts.lengths.filter(({ mark }) => mark === null);
const first = (parts: Parts) => parts.lengths[0]?.mm ?? null;

/** What the line takes for a drill, mm: beyond it another unit was meant. */
export const DRILL_RANGE = { minMm: 0.3, maxMm: 60 } as const;
export const isDrill = (mm: number): boolean => mm >= DRILL_RANGE.minMm && mm <= DRILL_RANGE.maxMm;
/** Pitches of a thread lie below this; a length above it beside a diameter is no pitch. */
const MOST_PITCH_MM = 7;

function centresOf(parts: Parts, shop: AnswerShop): QuickAnswer | null {
  const inside = parts.lengths.some(({ mark }) => mark === 'inside');
  const outside = parts.lengths.some(({ mark }) => mark === 'outside');
  const [read, one, two] = parts.lengths;
  if (!read || !one || inside === outside) return null;
  try {
    return centresCard(
      { over: outside ? 'outside' : 'inside', readMm: read.mm, d1Mm: one.mm, d2Mm: (two ?? one).mm },
      shop,
    );
  } catch (error) {
    if (!(error instanceof InputError)) throw error;
    return { kind: 'incomplete', because: 'The reading over both is smaller than the two diameters: read it again.' };
  }
}

/** Evidence of a line: a diameter or a bore, and a pitch in mm or threads per inch. */
function evidenceOf(parts: Parts): Evidence[] {
  const bore = withMark(parts, 'bore');
  const [diameter, ...rest] = bore ? [bore] : [...withoutMark(parts)].sort((a, b) => b.mm - a.mm);
  const pitch = withMark(parts, 'pitch') ?? (bore ? undefined : rest.find(({ mm }) => mm < MOST_PITCH_MM));
  const evidence: Evidence[] = [];
  const halfWidthMm = USUAL_READING_HALF_WIDTH_MM.caliper;
  if (bore) evidence.push({ kind: 'bore', mm: bore.mm, halfWidthMm });
  else if (diameter) evidence.push({ kind: 'male-major', mm: diameter.mm, halfWidthMm, worn: false });
  if (parts.perInch !== null) evidence.push({ kind: 'threads-per-inch', count: parts.perInch });
  else if (pitch) evidence.push({ kind: 'threads-per-inch', count: inchToMm(1) / pitch.mm });
  return evidence;
}

/** What the line answers, by topic. A new topic is a row here, its words in `topicWords`, and its card. */
export const LINE_TOPICS: { readonly [Id in TopicId]: Topic } = {
  compare: {
    wants: 'Two threads or two drills can be compared',
    example: 'M8 vs 5/16-18',
    uses: ['threads', 'lengths'],
    answer: ({ threads, lengths }, shop) => {
      if (threads[0] && threads[1]) return compareThreads(threads[0], threads[1], shop);
      if (threads.length > 0 || lengths.length !== 2 || lengths.some(({ mm }) => !isDrill(mm))) return null;
      return compareDrills(lengths[0]!.mm, lengths[1]!.mm, shop);
    },
  },
  insert: {
    wants: 'Say which thread the coil is for',
    example: 'coil M8',
    uses: ['threads'],
    answer: ({ threads: [thread] }, shop) => {
      if (!thread) return null;
      return coilIsMadeFor(thread)
        ? insertCard(thread, shop)
        : {
            kind: 'incomplete',
            because: `Coils are wound for metric and unified threads; for ${thread.designation} ask the maker.`,
          };
    },
  },
  depth: {
    wants: 'Say the thread and the depth to the shoulder',
    example: 'depth 17 M8',
    uses: ['threads', 'lengths', 'parent', 'classId'],
    answer: (parts, shop) => {
      const mm = first(parts);
      const { threads, parent, classId } = parts;
      if (!threads[0]) return null;
      if (mm !== null && mm > 0) return depthCard(threads[0], mm, shop);
      // `thread depth M8 in aluminium`: how much thread it wants.
      return parent ? engagementCard(threads[0], parent, classId) : null;
    },
  },
  speed: {
    wants: 'Say the drill and the material, or the drill and the speed',
    example: 'speed 8.5 in 316, or 1/2 in at 500 rpm',
    uses: ['lengths', 'parent', 'threads', 'rpm'],
    answer: (parts, shop) => {
      const { threads, parent, rpm } = parts;
      const tool = first(parts);
      if (rpm !== null && rpm > 0) return tool !== null && tool > 0 ? edgeSpeedCard(tool, rpm, shop) : null;
      if (!parent) return null;
      // Of a thread: its tap drill's.
      const mm =
        first(parts) ??
        (threads[0]
          ? (threadCard(threads[0], shop, { parent, depthMm: null, share: null }).tapDrill.best?.drill.diameterMm ??
            null)
          : null);
      return mm !== null && isDrill(mm) ? speedCard(mm, parent, shop) : null;
    },
  },
  torque: {
    wants: 'Say the thread and the class or the torque',
    example: 'torque M8 8.8, or torque M8 25 Nm',
    uses: ['threads', 'classId', 'torqueNm'],
    answer: ({ threads: [thread], classId, torqueNm }, shop) => {
      if (!thread || (classId === null && torqueNm === null)) return null;
      if (torqueNm === 0)
        return { kind: 'incomplete', because: 'A torque of nothing pulls nothing. For example torque M8 25 Nm.' };
      return torqueCard(thread, classId === null ? null : fastenerClass(classId, thread.majorMm), torqueNm, shop);
    },
  },
  centres: {
    wants: 'Say the reading and the two diameters',
    example: 'centres 58 over 8 and 8, or centres 42 between 8 and 8',
    uses: ['lengths'],
    answer: centresOf,
  },
  load: {
    wants: 'Say the thread and the material, and the drill if it is another',
    example: 'load M8 6.8 steel',
    uses: ['threads', 'parent', 'lengths'],
    answer: (parts, shop) =>
      parts.threads[0] && parts.parent ? loadCard(parts.threads[0], parts.parent, first(parts), shop) : null,
  },
  strength: {
    wants: 'Say the thread, how much of it is engaged, and the material',
    example: 'strength M8 12 in aluminium',
    uses: ['threads', 'parent', 'lengths', 'classId'],
    answer: (parts, shop) => {
      const mm = first(parts);
      const { threads, parent, classId } = parts;
      return threads[0] && parent && mm !== null && mm > 0 ? strengthCard(threads[0], parent, mm, classId, shop) : null;
    },
  },
  engagement: {
    wants: 'Say the thread and the material, and the screw’s class if it is another',
    example: 'engagement M8 8.8 aluminium',
    uses: ['threads', 'parent', 'classId'],
    answer: ({ threads, parent, classId }) =>
      threads[0] && parent ? engagementCard(threads[0], parent, classId) : null,
  },
  flag: {
    wants: 'Say the guide and the wall or the depth',
    example: 'flag wall 19 plate 12, or flag plate 12 gap 1 deep 15',
    uses: ['lengths'],
    answer: (parts, shop) => {
      const of = (...marks: Mark[]) => withMark(parts, ...marks)?.mm ?? null;
      const plateMm = of('plate');
      return plateMm === null
        ? null
        : flagCard(
            {
              wallMm: of('wall'),
              plateMm,
              gapMm: of('gap') ?? 0,
              depthMm: of('deep'),
              marginMm: of('margin'),
              drillMm: of('drill'),
            },
            shop,
          );
    },
  },
  stop: {
    wants: 'Say the reading at touch and the depth',
    example: 'stop 7 + 23, or stop 7 + 23 drill 8',
    uses: ['lengths'],
    answer: (parts, shop) => {
      const drill = withMark(parts, 'drill');
      const [touch, depth] = parts.lengths.filter((row) => row !== drill);
      return touch && depth ? stopCard(touch.mm, depth.mm, drill?.mm ?? null, shop) : null;
    },
  },
  circle: {
    wants: 'Say how many holes and the circle’s diameter',
    example: 'circle 6 on 120',
    uses: ['lengths'],
    answer: ({ lengths }, shop) => {
      // A plain whole number counts the holes, of two the smaller, whichever comes first.
      const counts = lengths.filter(({ text }) => /^\d+$/.test(text)).sort((a, b) => a.mm - b.mm);
      const holes = counts[0];
      const circle = lengths.find((row) => row !== holes);
      const count = Number(holes?.text);
      return circle && circle.mm > 0 && Number.isInteger(count) && count >= 2 && count <= 400
        ? circleCard(count, circle.mm, shop)
        : null;
    },
  },
  tilt: {
    wants: 'Say the gap and over which length it was seen',
    example: 'tilt 0.5 over 50',
    uses: ['lengths'],
    answer: ({ lengths: [gap, over] }, shop) => (gap && over && over.mm > 0 ? tiltCard(gap.mm, over.mm, shop) : null),
  },
  extractor: {
    wants: 'Say which screw is stuck',
    example: 'extractor M8',
    uses: ['threads'],
    answer: ({ threads: [thread] }, shop) => (thread ? extractorCard(thread, shop) : null),
  },
  direction: {
    wants: 'Say which thread',
    example: 'direction M12x1.5 LH',
    uses: ['threads'],
    answer: ({ threads: [thread] }) => (thread ? directionCard(thread) : null),
  },
  which: {
    wants: 'Say what was measured: a diameter or a bore, and the pitch or the threads per inch',
    example: 'which thread 9.5 20 tpi',
    uses: ['lengths', 'perInch', 'threads'],
    answer: (parts, shop) => {
      const { threads, lengths, perInch, parent } = parts;
      // `what thread is M8` asks for its card, `which thread for a 6.8 drill` for the drill's.
      if (threads[0] && lengths.length === 0 && perInch === null)
        return threadCard(threads[0], shop, { parent, depthMm: null, share: null });
      const drill = withMark(parts, 'drill');
      if (drill && isDrill(drill.mm)) return drillCard(drill.mm, drill.bare, shop, parent);
      const evidence = evidenceOf(parts);
      return evidence.length > 0 ? whichCard(evidence, shop) : null;
    },
  },
  clearance: {
    wants: 'Say which screw goes through',
    example: 'clearance M8',
    uses: ['threads'],
    answer: ({ threads: [thread] }, shop) =>
      thread ? threadCard(thread, shop, { parent: null, depthMm: null, share: null }) : null,
  },
};
