import { parseLength, type UnitSystem } from '../../../basis/units/index.ts';
import { FASTENER_CLASS_NAMES, findParent, type ParentMaterial } from '../../../facts/materials/index.ts';
import { parseThread, type Thread } from '../../../facts/threads/index.ts';
import { topicAt, type TopicId } from './topicWords.ts';

/** A length in a question, with the word that says what it is of. */
export interface LengthPart {
  mm: number;
  /** The unit was taken from the shop's setting. */
  bare: boolean;
  text: string;
  mark: Mark | null;
}

/** What a question is made of, in whatever order it was typed. */
export interface Parts {
  topics: TopicId[];
  threads: Thread[];
  lengths: LengthPart[];
  parent: ParentMaterial | null;
  classId: string | null;
  torqueNm: number | null;
  share: number | null;
  perInch: number | null;
  /** Speed of a spindle. */
  rpm: number | null;
  /** Words that mean nothing here. */
  unread: string[];
}

/** Words that say what the length beside them is of. */
const MARKS = {
  deep: /^(deep|depth|long|engaged)$/i,
  wall: /^(wall|thick|through)$/i,
  plate: /^(plate|guide|block|bush)$/i,
  gap: /^(gap|shim)$/i,
  margin: /^margin$/i,
  bore: /^(bore|hole)$/i,
  drill: /^drill$/i,
  pitch: /^pitch$/i,
  outside: /^(over|outside|across)$/i,
  inside: /^(between|inside)$/i,
} as const;
export type Mark = keyof typeof MARKS;
const MARK_IDS = Object.keys(MARKS) as Mark[];

/** Words that carry nothing by themselves: a question is understood with or without them. */
const FILLERS = new Set(
  'a an and any anti-seize are as at be bolts by can close convert dia diameter dry do does for from get give go have helical holes how i in into is it its letter long many me much my need no number of off on one or out please put right same screws show should size take tap tapped tapping tell than that the thread threaded threads to two turns up use using what when where which with you mm screw bolt nut drills drill fit hole bore inch inches max maximum min minimum normal oiled x + = & class'.split(
    ' ',
  ),
);

/** A thread begins like one of these; anything else is not tried as one. */
const THREAD_START =
  /^(?:m|tr|g|r|rp|rc|pg|ba|custom|special|square|acme|npt|bs[wfc]|whit|un[cfe]?|brass|me|cycle|cei|#|no\.?$|\d|\.\d)/i;
const MOST_WORDS = 6;

const NM_PER: readonly (readonly [unit: RegExp, nm: number])[] = [
  [/^(?:nm|n\.?m|n·m|newton)/i, 1],
  [/^(?:lbf?[·. -]?ft|ft[·. -]?lbf?s?)/i, 1.3558179483],
  [/^(?:lbf?[·. -]?in|in[·. -]?lbf?s?)/i, 0.1129848290276],
];
const TORQUE =
  /(\d+(?:[.,]\d+)?)\s*(nm|n·m|n m|newton met(?:re|er)s?|lbf?[·. -]?ft|ft[·. -]?lbf?s?|lbf?[·. -]?in|in[·. -]?lbf?s?)\b/i;

const number = (text: string) => Number(text.replace(',', '.'));

/** The words of a question, its torque taken out first: `Nm` may stand apart from its number. */
function wordsOf(input: string): { words: string[]; torqueNm: number | null } {
  const tidy = input
    .replace(/[×*]/g, 'x')
    .replace(/threads? per inch/gi, 'tpi')
    .replace(/\bnumber (?=\d+\b)/gi, '#')
    .replace(/[?!;]|,(?=\s|$)/g, ' ')
    .trim();
  const torque = TORQUE.exec(tidy);
  const rest = torque ? tidy.replace(torque[0], ' ') : tidy;
  const perUnit = torque ? (NM_PER.find(([unit]) => unit.test(torque[2]!))?.[1] ?? 1) : 1;
  return { words: rest.split(/\s+/).filter(Boolean), torqueNm: torque ? number(torque[1]!) * perUnit : null };
}

const classIdOf = (text: string): string | null =>
  FASTENER_CLASS_NAMES.find(({ id }) => id.toLowerCase() === text.toLowerCase().replace(/^grade /, 'grade-'))?.id ??
  null;

interface Found {
  words: number;
  take: (parts: Parts, mark: Mark | null) => void;
}

/** `3/8 16`: a dash that was left out. */
const dashed = (words: readonly string[]): string =>
  words.length > 1 && /^(?:\d+\/\d+|#\d+)$/.test(words[0]!) && /^\d+$/.test(words[1]!)
    ? [`${words[0]}-${words[1]}`, ...words.slice(2)].join(' ')
    : words.join(' ');

function threadAt(words: readonly string[]): Found | null {
  if (!THREAD_START.test(words[0]!)) return null;
  for (let count = Math.min(MOST_WORDS, words.length); count > 0; count -= 1) {
    const text = dashed(words.slice(0, count));
    // `1/4 in brass` is a drill in a metal; only `1/4-26 brass` is a thread.
    if (/ brass$/i.test(text) && !/\d-\d+ brass$/i.test(text)) continue;
    const read = parseThread(text);
    if (read.ok) return { words: count, take: (parts) => parts.threads.push(read.thread) };
  }
  return null;
}

function parentAt(words: readonly string[]): Found | null {
  for (let count = Math.min(3, words.length); count > 0; count -= 1) {
    const text = words.slice(0, count).join(' ');
    const parent = text.length < 3 ? null : findParent(text);
    if (parent)
      return {
        words: count,
        take: (parts) => {
          parts.parent ??= parent;
        },
      };
  }
  return null;
}

/** Class, share, threads per inch: a number with its own mark. */
function markedAt(words: readonly string[], classes: boolean): Found | null {
  const [first, second = ''] = words as [string, string?];
  const percent =
    /^(\d+(?:[.,]\d+)?)%$/.exec(first) ?? (/^(?:%|percent)$/i.test(second) ? /^(\d+(?:[.,]\d+)?)$/.exec(first) : null);
  if (percent)
    return { words: first.endsWith('%') ? 1 : 2, take: (parts) => void (parts.share = number(percent[1]!) / 100) };
  const perInch =
    /^(\d+(?:[.,]\d+)?)tpi$/i.exec(first) ?? (/^tpi$/i.test(second) ? /^(\d+(?:[.,]\d+)?)$/.exec(first) : null);
  if (perInch)
    return { words: /tpi$/i.test(first) ? 1 : 2, take: (parts) => void (parts.perInch = number(perInch[1]!)) };
  const rpm =
    /^(\d+)(?:rpm|rev\/min)$/i.exec(first) ??
    (/^(?:rpm|rev\/min|r\/min)$/i.test(second) ? /^(\d+)$/.exec(first) : null);
  if (rpm) return { words: /\D$/.test(first) ? 1 : 2, take: (parts) => void (parts.rpm = number(rpm[1]!)) };
  const two = classIdOf(`${first} ${second}`);
  const one = two ?? (/^(?:class|grade)$/i.test(first) ? classIdOf(second) : null);
  if (one) return { words: 2, take: (parts) => void (parts.classId = one) };
  const alone = classIdOf(first);
  return alone && (classes || /^a\d/i.test(first)) ? { words: 1, take: (parts) => void (parts.classId = alone) } : null;
}

function lengthAt(words: readonly string[], units: UnitSystem, before: string | undefined): Found | null {
  const [first] = words as [string];
  const alone = before === undefined && words.length === 1;
  // A small letter is a word, a capital one a drill; I and A are words too, unless they are called a drill.
  if (/^[a-z]$/.test(first) && !alone) return null;
  if (/^[AI]$/.test(first) && !alone && !/^(letter|drill)$/i.test(before ?? '')) return null;
  if (!/[\d#]|^[A-Za-z]$|^no\.?$/i.test(first)) return null;
  for (let count = Math.min(3, words.length); count > 0; count -= 1) {
    const text = words.slice(0, count).join(' ');
    // `8.5 in 316` names a material; `8.5 in` a unit.
    // `tilt 1 in 50` is a ratio.
    const next = words[count];
    if (/ in$/i.test(text) && next !== undefined && (/^[\d.]/.test(next) || parentAt(words.slice(count)))) continue;
    const read = parseLength(text, { bareUnit: units, maxMm: MOST_LENGTH_MM });
    if (read.ok)
      return {
        words: count,
        take: (parts, mark) =>
          parts.lengths.push({ mm: read.length.mm, bare: read.length.bare, text: read.length.text, mark }),
      };
  }
  return null;
}
const MOST_LENGTH_MM = 5000;

/** Topics in which a number like 8.8 is a class. */
const OF_SCREWS: readonly TopicId[] = ['torque', 'strength', 'engagement'];

/**
 * Reads a question word by word, each word by what it can be, longest first: a topic, a thread, a material, a number with its
 * mark, a length. What is none of these and no filler is `unread`.
 * @example readParts('what drill for M10', 'mm').threads[0].id // 'M10x1.5'
 */
export function readParts(input: string, units: UnitSystem): Parts {
  const { words, torqueNm } = wordsOf(input);
  const parts: Parts = {
    topics: [],
    threads: [],
    lengths: [],
    parent: null,
    classId: null,
    torqueNm,
    share: null,
    perInch: null,
    rpm: null,
    unread: [],
  };
  for (let at = 0; at < words.length; at += 1) {
    const topic = topicAt(words.slice(at));
    if (topic) parts.topics.push(topic.id);
  }
  const classes = torqueNm !== null || parts.topics.some((id) => OF_SCREWS.includes(id));
  // `flag 12 plate 19 wall`: a question that ends in such a word names each length after it, else before it.
  const named = (word: string | undefined): Mark | null =>
    word === undefined ? null : (MARK_IDS.find((id) => MARKS[id].test(word)) ?? null);
  const after = named(words.at(-1)) !== null;
  let mark: Mark | null = null;
  for (let at = 0; at < words.length;) {
    const rest = words.slice(at);
    const topic = topicAt(rest);
    const found: Found | null =
      topic === null
        ? (markedAt(rest, classes) ?? threadAt(rest) ?? parentAt(rest) ?? lengthAt(rest, units, words[at - 1]))
        : null;
    if (found) {
      found.take(parts, mark);
      const next = rest[found.words];
      const last = parts.lengths.at(-1);
      // `12 deep` says it after, wherever it stands.
      if (last && last.mark === null && (after || named(next) === 'deep')) last.mark = named(next);
      mark = null;
      at += found.words;
      continue;
    }
    const said = named(rest[0]);
    if (said) mark = after ? null : said;
    else if (topic === null && !FILLERS.has(rest[0]!.toLowerCase())) parts.unread.push(rest[0]!);
    at += topic?.words ?? 1;
  }
  return parts;
}
