import { parseLength, type LengthProblem } from '../../basis/units/index.ts';
import { InputError } from '../../basis/numeric/index.ts';
import { coilIsMadeFor } from '../../facts/inserts/index.ts';
import { FASTENER_CLASS_NAMES, fastenerClass, findParent, type ParentMaterial } from '../../facts/materials/index.ts';
import { parseThread, type Thread, type ThreadProblem } from '../../facts/threads/index.ts';
import { compareDrills, compareThreads, type DrillComparison, type ThreadComparison } from './compare.ts';
import { drillCard, type DrillCard } from './drillCard.ts';
import { centresCard, depthCard, fitCard, insertCard, speedCard, torqueCard } from './figureCards.ts';
import type { FiguresCard } from './FiguresCard.ts';
import { answerLengthMm, type AnswerShop } from './AnswerShop.ts';
import { threadCard, type ThreadCard } from './threadCard.ts';

/** Questions that begin with one of the line's own words, and an example of each for the message. */
export const QUICK_EXAMPLES = [
  'M8',
  '3/8-16',
  'M12x1.5 LH',
  '1/4 BSW',
  '27/64',
  '#7',
  'Q',
  'M6 in 316',
  '8.5 in stainless',
  'coil M8',
  'M8 vs 5/16-18',
  '3/8-16 on 11/32',
  'depth 17 M8',
  'torque M8 8.8',
  'centres 58 over 8 and 8',
] as const;

export type QuickAnswer =
  | ThreadCard
  | DrillCard
  | FiguresCard
  | ThreadComparison
  | DrillComparison
  | { kind: 'nothing' }
  | { kind: 'incomplete'; because: string }
  | { kind: 'not-understood'; threadProblem: ThreadProblem; lengthProblem: LengthProblem };

const threadOf = (text: string): Thread | null => {
  const parsed = parseThread(text);
  return parsed.ok ? parsed.thread : null;
};

const incomplete = (because: string): QuickAnswer => ({ kind: 'incomplete', because });

/** `M8 vs 5/16-18`, `21/64 or 8.3 mm`. */
function asComparison(text: string, shop: AnswerShop): QuickAnswer | null {
  const parts = text.split(/\s+(?:vs\.?|or|against)\s+/i);
  if (parts.length !== 2) return null;
  const threads = parts.map(threadOf);
  if (threads[0] && threads[1]) return compareThreads(threads[0], threads[1], shop);
  const drills = parts.map((part) => answerLengthMm(part, shop, 60));
  if (drills[0] && drills[1]) return compareDrills(drills[0], drills[1], shop);
  return incomplete('Two threads or two drills can be compared, for example M8 vs 5/16-18, or 21/64 vs 8.3 mm.');
}

/** `3/8-16 on 11/32`, `M6 with #8`: a drill held against a thread. */
function asFit(text: string, shop: AnswerShop): QuickAnswer | null {
  const match = /^(.+?)\s+(?:on|with)\s+(.+)$/i.exec(text);
  const thread = match && threadOf(match[1]!);
  if (!match || !thread) return null;
  const mm = answerLengthMm(match[2]!, shop, 100);
  return mm === null
    ? incomplete('Say the thread and the drill, for example 3/8-16 on 11/32.')
    : fitCard(thread, mm, shop);
}

/** `coil M8`, `M8 insert`. */
function asInsert(text: string, shop: AnswerShop): QuickAnswer | null {
  const match = /^(?:coil|insert|wire coil)\s*(.*)$/i.exec(text) ?? /^(.*?)\s+(?:coil|insert)$/i.exec(text);
  if (!match) return null;
  const thread = threadOf(match[1]!);
  if (!thread) return incomplete('Say which thread the coil is for, for example coil M8.');
  if (!coilIsMadeFor(thread))
    return incomplete(`Coils are wound for metric and unified threads; for ${thread.designation} ask the maker.`);
  return insertCard(thread, shop);
}

/** `depth 17 M8`, `M8 blind 17`: the depth to the shoulder and the thread, either way round. */
function asDepth(text: string, shop: AnswerShop): QuickAnswer | null {
  if (!/\b(?:depth|blind)\b/i.test(text)) return null;
  const words = text
    .replace(/\b(?:depth|blind|for|in|of)\b/gi, ' ')
    .trim()
    .split(/\s+/);
  for (let at = 1; at < words.length; at += 1) {
    const sides = [words.slice(0, at).join(' '), words.slice(at).join(' ')] as const;
    for (const [one, other] of [sides, [sides[1], sides[0]] as const]) {
      const thread = threadOf(one);
      const mm = answerLengthMm(other, shop, 500);
      if (thread && mm !== null) return depthCard(thread, mm, shop);
    }
  }
  return incomplete('Say the thread and the depth to the shoulder, for example depth 17 M8.');
}

/** `speed 8.5 in 316`, `rpm 1/2 brass`. */
function asSpeed(text: string, shop: AnswerShop): QuickAnswer | null {
  const match = /^(?:speed|rpm|feeds?)\b\s*(.*)$/i.exec(text);
  if (!match) return null;
  // `8 in grey iron` names a material; `.5 in brass` a unit: the split that finds a material wins.
  const splits = [/^(.+?)\s+in\s+(.+)$/i, /^(\S+(?: (?:mm|in|thou))?)\s+(.+)$/i].map((form) => form.exec(match[1]!));
  const [, drill, material] = splits.find((split) => split && findParent(split[2]!)) ?? [];
  const mm = drill === undefined ? null : answerLengthMm(drill, shop, 100);
  const parent = findParent(material ?? '');
  if (mm === null || !parent) return incomplete('Say the drill and the material, for example speed 8.5 in 316.');
  return speedCard(mm, parent, shop);
}

/** `torque M8 8.8`, `preload 5/16-18 25 Nm`, `torque M8 10.9 30 Nm`. */
function asTorque(text: string): QuickAnswer | null {
  const match = /^(?:torque|preload)\b\s*(.*)$/i.exec(text);
  if (!match) return null;
  const torque = /(\d+(?:[.,]\d+)?)\s*nm\b/i.exec(match[1]!);
  const rest = match[1]!.replace(torque?.[0] ?? '', '').trim();
  const known = FASTENER_CLASS_NAMES.find((row) =>
    rest.toLowerCase().endsWith(` ${row.id.replace('grade-', 'grade ')}`.toLowerCase()),
  );
  const threadText = known ? rest.slice(0, -(known.id.length + 1)) : rest;
  const thread = threadOf(threadText);
  if (!thread || (!known && !torque))
    return incomplete('Say the thread and the class or the torque, for example torque M8 8.8, or torque M8 25 Nm.');
  const torqueNm = torque ? Number(torque[1]!.replace(',', '.')) : null;
  if (torqueNm === 0) return incomplete('A torque of nothing pulls nothing. For example torque M8 25 Nm.');
  return torqueCard(thread, known ? fastenerClass(known.id, thread.majorMm) : null, torqueNm);
}

/** `centres 58 over 8 and 8`, `centres 42 between 8 8`; one diameter serves for both. */
function asCentres(text: string, shop: AnswerShop): QuickAnswer | null {
  const match = /^(?:centres?|centers?)\b\s*(.*)$/i.exec(text);
  if (!match) return null;
  const example =
    'Say the reading and the two diameters, for example centres 58 over 8 and 8, or centres 42 between 8 and 8.';
  const [, read, side, diameters] = /^(.+?)\s+(over|outside|between|inside)\s+(.+)$/i.exec(match[1]!) ?? [];
  if (read === undefined) return incomplete(example);
  const parts = diameters!.split(/\s+(?:and\s+)?(?=\S)/).filter((part) => part !== 'two');
  const readMm = answerLengthMm(read, shop);
  const d1Mm = answerLengthMm(parts[0] ?? '', shop);
  const d2Mm = answerLengthMm(parts[1] ?? parts[0] ?? '', shop);
  if (readMm === null || d1Mm === null || d2Mm === null) return incomplete(example);
  try {
    const over = /over|outside/i.test(side!) ? 'outside' : 'inside';
    return centresCard({ over, readMm, d1Mm, d2Mm }, shop);
  } catch (error) {
    if (!(error instanceof InputError)) throw error;
    return incomplete('The reading over both is smaller than the two diameters: read it again.');
  }
}

/** `M6 in 316`, `8.5 in stainless`, `M6 in 316 12 deep`. The material only counts where it is one: `.25 in` is inches. */
function withMaterial(text: string): { body: string; parent: ParentMaterial | null; depth: string | null } {
  const deep = /^(.*?),?\s+(\S+(?: mm| in)?)\s+deep$/i.exec(text);
  const rest = deep ? deep[1]! : text;
  const split = /^(.+?)\s+in\s+(.+)$/i.exec(rest);
  const parent = split ? findParent(split[2]!) : null;
  return { body: parent ? split![1]! : rest, parent, depth: deep ? deep[2]! : null };
}

/**
 * The quick line: a thread (`M8`, `3/8-16`, `M12x1.5 LH`, `1/4 BSW`), a drill (`27/64`, `#7`, `Q`, `8.5`), either in a
 * material, a coil, two of a kind compared, a blind depth, a speed, a torque, a centre distance. A bare number takes the
 * shop's unit and says so.
 * @example quickAnswer('M8', { units: 'mm', rack: FULL_RACK, rules: DEFAULT_HOUSE_RULES }).kind // 'thread'
 * @example quickAnswer('centres 58 over 8 and 8', { units: 'mm', rack: FULL_RACK, rules: DEFAULT_HOUSE_RULES }).figures[0].value // 50
 */
export function quickAnswer(input: string, shop: AnswerShop): QuickAnswer {
  const text = input.trim().replace(/\s+/g, ' ');
  if (text === '') return { kind: 'nothing' };
  if (text.length > QUICK_TEXT_LIMIT) return asThreadOrDrill(text, shop);
  const answer =
    asComparison(text, shop) ??
    asInsert(text, shop) ??
    asFit(text, shop) ??
    asDepth(text, shop) ??
    asSpeed(text, shop) ??
    asTorque(text) ??
    asCentres(text, shop);
  return answer ?? asThreadOrDrill(text, shop);
}

function asThreadOrDrill(text: string, shop: AnswerShop): QuickAnswer {
  const { body, parent, depth } = withMaterial(text);
  const asThread = parseThread(body);
  const depthMm = depth === null ? null : answerLengthMm(depth, shop, 500);
  if (asThread.ok) return threadCard(asThread.thread, shop, { parent, depthMm });
  const asLength = parseLength(body, { bareUnit: shop.units, minMm: 0.3, maxMm: 60 });
  if (asLength.ok) return drillCard(asLength.length.mm, asLength.length.bare, shop, parent);
  return { kind: 'not-understood', threadProblem: asThread.problem, lengthProblem: asLength.problem };
}

/** Longer than any question: a paste that went wrong is only looked at as a thread or a length. */
const QUICK_TEXT_LIMIT = 80;
