import { parseLength } from '../../basis/units/index.ts';
import { fastenerClass } from '../../facts/materials/index.ts';
import { parseThread } from '../../facts/threads/index.ts';
import type { AnswerShop } from './AnswerShop.ts';
import { compareDrills } from './cards/compare.ts';
import { drillCard } from './cards/drillCard.ts';
import { fitCard, torqueCard } from './cards/plainCards.ts';
import { threadCard } from './cards/threadCard.ts';
import { readParts, type LengthPart, type Parts } from './line/parts.ts';
import { DRILL_RANGE, isDrill, LINE_TOPICS } from './line/topics.ts';
import type { HeardAnswer, QuickAnswer } from './Answer.ts';

/** Longer than any question: a paste that went wrong is only looked at as a thread or a length. */
const QUICK_TEXT_LIMIT = 80;

type Plain = { answer: QuickAnswer; uses: readonly (keyof Parts)[] };

/** A question without a topic: by what it holds. */
function plainAnswer(parts: Parts, shop: AnswerShop): Plain | null {
  const { threads, lengths, parent, classId, torqueNm, share, perInch } = parts;
  const [thread] = threads;
  if (threads.length === 2) return { answer: LINE_TOPICS.compare.answer(parts, shop)!, uses: ['threads'] };
  if (perInch !== null && !thread)
    return { answer: LINE_TOPICS.which.answer(parts, shop)!, uses: LINE_TOPICS.which.uses };
  if (thread) {
    if (torqueNm !== null || classId !== null) {
      const answer = LINE_TOPICS.torque.answer(parts, shop);
      if (answer) return { answer, uses: LINE_TOPICS.torque.uses };
    }
    const deep = lengths.find((row) => isThickness(row, parts)) ?? null;
    const drill = lengths.find((row) => row !== deep) ?? null;
    // `M8 8.8`: as a drill it would be the screw's body; as a class it is the usual bolt.
    const asClass = drill && drill.mm >= thread.majorMm ? classNamed(drill.text) : null;
    if (drill && asClass)
      return {
        answer: torqueCard(thread, fastenerClass(asClass, thread.majorMm), null, shop),
        uses: ['threads', 'lengths'],
      };
    if (drill && !isDrill(drill.mm)) return { answer: NO_DRILL, uses: ['threads', 'lengths'] };
    if (drill) return { answer: fitCard(thread, drill.mm, shop), uses: ['threads', 'lengths'] };
    return {
      answer: threadCard(thread, shop, { parent, depthMm: deep?.mm ?? null, share }),
      uses: ['threads', 'parent', 'lengths', 'share'],
    };
  }
  const drills = lengths.filter(({ mm }) => isDrill(mm));
  if (drills.length !== lengths.length) return null;
  if (drills.length === 2 && parent === null)
    return { answer: compareDrills(drills[0]!.mm, drills[1]!.mm, shop), uses: ['lengths'] };
  if (drills.length === 1)
    return { answer: drillCard(drills[0]!.mm, drills[0]!.bare, shop, parent), uses: ['lengths', 'parent'] };
  return null;
}

/** How deep or thick it is: as it is said, or because no drill of that size goes with the thread in a named metal. */
const isThickness = ({ mark, mm }: LengthPart, { threads: [thread], parent }: Parts): boolean =>
  mark === 'deep' || mark === 'wall' || mark === 'plate' || (mark === null && parent !== null && mm > thread!.majorMm);

const NO_DRILL: QuickAnswer = {
  kind: 'incomplete',
  because: 'Say the thread and the drill, for example 3/8-16 on 11/32.',
};
const CLASSES = ['4.6', '5.8', '8.8', '10.9', '12.9'];
const classNamed = (text: string): string | null => (CLASSES.includes(text) ? text : null);

const NOTHING_LEFT = { unread: [], unused: [] };

/** What was read and made no difference to the answer. */
function unused(parts: Parts, uses: readonly (keyof Parts)[]): string[] {
  const left: [keyof Parts, string | null][] = [
    ['parent', parts.parent && parts.parent.name.toLowerCase()],
    ['classId', parts.classId],
    ['torqueNm', parts.torqueNm === null ? null : `${parts.torqueNm} Nm`],
    ['share', parts.share === null ? null : `${Math.round(100 * parts.share)} %`],
    ['perInch', parts.perInch === null ? null : `${parts.perInch} tpi`],
    ['lengths', parts.lengths.map(({ text }) => text).join(', ') || null],
    ['threads', parts.threads.map(({ designation }) => designation).join(', ') || null],
  ];
  return left.flatMap(([kind, words]) => (words === null || uses.includes(kind) ? [] : [words]));
}

/**
 * The quick line: words in any order, with or without *on, in, drill, tap, for*. A thread, a drill, either in a material, and
 * every topic of `line/topics`. A bare number takes the shop's unit and says so; a word that is not understood is named in
 * `unread`, and what was read and made no difference in `unused`.
 * @example quickAnswer('what drill for M10', { units: 'mm', rack: FULL_RACK, rules: DEFAULT_HOUSE_RULES }).kind // 'thread'
 * @example quickAnswer('centres 58 over 8 and 8', { units: 'mm', rack: FULL_RACK, rules: DEFAULT_HOUSE_RULES }).figures[0].value // 50
 */
export function quickAnswer(input: string, shop: AnswerShop): HeardAnswer {
  const text = input.trim().replace(/\s+/g, ' ');
  if (text === '') return { kind: 'nothing', ...NOTHING_LEFT };
  if (text.length > QUICK_TEXT_LIMIT) return { ...notUnderstood(text, shop), ...NOTHING_LEFT };
  const parts = readParts(text, shop.units);
  // `how deep for M8 blind 17` speaks of two things: the one that can be answered is.
  for (const id of parts.topics) {
    const answer = LINE_TOPICS[id].answer(parts, shop);
    if (answer !== null) return { ...answer, unread: parts.unread, unused: unused(parts, LINE_TOPICS[id].uses) };
  }
  if (parts.topics[0] !== undefined) {
    const { wants, example } = LINE_TOPICS[parts.topics[0]];
    return { kind: 'incomplete', because: `${wants}, for example ${example}.`, unread: parts.unread, unused: [] };
  }
  const plain = plainAnswer(parts, shop);
  if (plain === null) return { ...notUnderstood(text, shop, parts.lengths[0]?.text), unread: parts.unread, unused: [] };
  return { ...plain.answer, unread: parts.unread, unused: unused(parts, plain.uses) };
}

/** Why the text is neither a thread nor a drill: by the length in it, where there is one. */
function notUnderstood(text: string, shop: AnswerShop, length = text): QuickAnswer {
  const asThread = parseThread(text);
  if (asThread.ok) return threadCard(asThread.thread, shop, { parent: null, depthMm: null, share: null });
  const asLength = parseLength(length, { bareUnit: shop.units, ...DRILL_RANGE });
  if (asLength.ok) return drillCard(asLength.length.mm, asLength.length.bare, shop, null);
  return { kind: 'not-understood', threadProblem: asThread.problem, lengthProblem: asLength.problem };
}
