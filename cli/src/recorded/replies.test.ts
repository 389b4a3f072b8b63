import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { brotliDecompressSync } from 'node:zlib';
import { recordedReplies } from '../test-support/replies.ts';

// What an engine said once it still says, word for word: a reply may gain fields, never lose or rename one. A difference
// that is meant is listed here by its engine and justified in docs/method-changes.md.

type Json = null | boolean | number | string | Json[] | { [key: string]: Json };

/** Places where a later engine says something else on purpose; the recorded text is the key of none: the path is. */
const MEANT: Readonly<Record<string, readonly { path: RegExp; why: string }[]>> = {
  '0.4.0': [],
};

/** Every place where `now` lacks or contradicts what was recorded. */
function losses(was: Json, now: Json | undefined, path: string, meant: (path: string) => boolean): string[] {
  if (meant(path)) return [];
  if (now === undefined) return [`${path}: gone, was ${JSON.stringify(was).slice(0, 160)}`];
  // A check that had nothing to show may have a working now.
  if (was === null && path.endsWith('.working')) return [];
  if (Array.isArray(was)) {
    if (!Array.isArray(now)) return [`${path}: no list any more`];
    if (was.length > now.length || (was.length < now.length && !path.endsWith('.workings')))
      return [`${path}: ${was.length} entries were recorded, ${now.length} are there`];
    return was.flatMap((entry, index) => losses(entry, now[index], `${path}[${index}]`, meant));
  }
  if (was !== null && typeof was === 'object') {
    if (now === null || typeof now !== 'object' || Array.isArray(now)) return [`${path}: no record any more`];
    return Object.entries(was).flatMap(([key, value]) => losses(value, now[key], `${path}.${key}`, meant));
  }
  return was === now ? [] : [`${path}: was ${JSON.stringify(was)}, is ${JSON.stringify(now)}`];
}

const FILES = readdirSync(__dirname).filter((file) => file.endsWith('.json.br'));

test('there is a recording to be held against', () => {
  expect(FILES.length).toBeGreaterThan(0);
});

describe.each(FILES)('%s', (file) => {
  const engine = file.replace('.json.br', '');
  const recorded = JSON.parse(brotliDecompressSync(readFileSync(join(__dirname, file))).toString()) as Record<
    'mm' | 'in',
    Record<string, Json>
  >;
  test.each(['mm', 'in'] as const)('says in %s what it said', (units) => {
    const now = JSON.parse(JSON.stringify(recordedReplies(units))) as Record<string, Json>;
    const rules = MEANT[engine] ?? [];
    const found = losses(recorded[units], now, units, (path) => rules.some((rule) => rule.path.test(path)));
    expect(found.slice(0, 20)).toEqual([]);
  });
});

test('a lost field, a changed word and a shorter list are each seen', () => {
  const none = () => false;
  expect(losses({ a: 1, b: ['x'] }, { a: 1, b: ['x'], c: 2 }, 'r', none)).toEqual([]);
  expect(losses({ a: 1 }, {}, 'r', none)).toHaveLength(1);
  expect(losses(['x', 'y'], ['x'], 'r', none)).toHaveLength(1);
  expect(losses({ because: '8 mm' }, { because: '8.0 mm' }, 'r', none)).toHaveLength(1);
});
