import { parseThread } from '../../../facts/threads/index.ts';
import { LINE_TOPICS } from './topics.ts';

/** Questions of every kind, as they are shown where nothing is typed yet: each is answered. */
export const QUICK_EXAMPLES: readonly string[] = [
  'M8',
  '3/8-16',
  '27/64',
  '#7',
  'M6 in 316',
  'tap drill 9/16-12 75%',
  ...Object.values(LINE_TOPICS).map(({ example }) => example.split(', or ')[0]!),
];

const MOST = 5;

/** Questions that go on from a thread. */
const AFTER_THREAD = [
  'in 316',
  'coil',
  'torque 8.8',
  'load steel',
  'strength 12 in aluminium',
  'blind 20',
  'direction',
];

/**
 * Questions that begin as somebody types, or go on from a thread that is complete; at most five.
 * @example suggestQuestions('co')[0] // 'coil M8'
 */
export function suggestQuestions(typed: string): string[] {
  const text = typed.trim().toLowerCase();
  if (text === '') return [];
  const begin = QUICK_EXAMPLES.filter((row) => row.toLowerCase().startsWith(text) && row.toLowerCase() !== text);
  const thread = parseThread(typed);
  const goOn = thread.ok ? AFTER_THREAD.map((words) => `${typed.trim()} ${words}`) : [];
  const near = !thread.ok && thread.problem.code === 'not-held' ? thread.problem.nearest : [];
  return [...new Set([...begin, ...near, ...goOn])].slice(0, MOST);
}
