/** What a question may be about, and the words that say so; the first that fits counts. */
const TOPIC_WORDS = {
  compare: /^(?:vs\.?|versus|against|compare|difference)$/i,
  insert: /^(?:coils?|inserts?|wire coil|thread insert)$/i,
  depth: /^(?:depth|blind)$/i,
  speed: /^(?:speed|rpm|revs?|feeds?)$/i,
  torque: /^(?:torque|preload|tighten(?:ing)?|tight|clamp)$/i,
  centres: /^(?:cent(?:re|er)s?)$/i,
  load: /^(?:load|tapping load|tapping torque)$/i,
  strength: /^(?:strength|strong|strips?|holds?|pulls? out|carry)$/i,
  engagement: /^(?:engagement|enough thread|how deep)$/i,
  flag: /^flag$/i,
  stop: /^(?:stop|depth stop)$/i,
  circle: /^(?:circle|pcd|bolt circle)$/i,
  tilt: /^(?:tilt|leans?)$/i,
  extractor: /^(?:extractor|extract)$/i,
  direction: /^(?:direction|which way|loosen|undo|unscrew)$/i,
  which: /^(?:which thread|what thread|identify|unknown thread)$/i,
  clearance: /^(?:clearance|body|through hole)$/i,
} as const;
export type TopicId = keyof typeof TOPIC_WORDS;
const TOPICS = Object.entries(TOPIC_WORDS) as [TopicId, RegExp][];

/** The topic that begins here: two words before one. */
export function topicAt(words: readonly string[]): { id: TopicId; words: number } | null {
  for (const count of [2, 1]) {
    if (words.length < count) continue;
    const text = words.slice(0, count).join(' ');
    const topic = TOPICS.find(([, form]) => form.test(text));
    if (topic) return { id: topic[0], words: count };
  }
  return null;
}
