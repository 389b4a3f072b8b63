import type { StuckThing } from './choices/freeingRows.ts';

/** Words that mechanics use when something stays in the hole. */
const STAYS = /snap|broke|break|shear|seiz|stuck|rusted in|won.?t (come|turn|move)|twisted off|stump|stub/i;
const THINGS: readonly (readonly [RegExp, StuckThing])[] = [
  [/extractor/i, 'extractor'],
  [/\btap\b/i, 'tap'],
  [/dowel|\bpin\b/i, 'dowel'],
  [/\bcoil|insert/i, 'coil'],
  [/stud/i, 'stud'],
  [/plug/i, 'plug'],
  [/bolt|screw/i, 'screw'],
];

/**
 * What the words about a hole say may be stuck in it; null when they say nothing of the kind. A question to ask, never an
 * answer taken.
 * @example soundsStuck('the bolt snapped off in the head') // 'screw'
 */
export function soundsStuck(what: string): StuckThing | null {
  if (!STAYS.test(what)) return null;
  return (THINGS.find(([words]) => words.test(what))?.[1] ?? 'screw') as StuckThing;
}
