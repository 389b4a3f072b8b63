import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { brotliDecompressSync } from 'node:zlib';
import { recordedReplies } from '../test-support/replies.ts';

// What an engine said once it still says, word for word: a reply may gain fields, never lose or rename one. A difference
// that is meant is listed here by its engine and justified in docs/method-changes.md.

type Json = null | boolean | number | string | Json[] | { [key: string]: Json };

/** A difference that is meant: what is made of a recorded sentence before it is held against today's. */
interface Meant {
  units: 'mm' | 'in';
  retell: (sentence: string) => string;
  why: string;
}
const fahrenheit = (_: string, celsius: string) => `${Math.round(Number(celsius) * 1.8 + 32)} °F`;
const NM_PER_LBF_FT = 1.3558179483;

const MEANT: Readonly<Record<string, readonly Meant[]>> = {
  '0.4.0': [
    {
      units: 'in',
      retell: (sentence) => sentence.replace(/(-?\d+) °C/g, fahrenheit),
      why: 'temperatures follow the reader’s units',
    },
    {
      units: 'in',
      retell: (sentence) =>
        // A torque was printed to a tenth of a newton metre; from that its second figure in lbf·ft is known to one.
        sentence.replace(
          /no more than ([\d.]+) Nm/,
          (_, nm: string) => `no more than about ${(Number(nm) / NM_PER_LBF_FT).toFixed(0)}`,
        ),
      why: 'the torque of an extractor follows them too',
    },
  ],
};
/** The same of today's sentence, where a recorded one was only known roughly. */
const roughly = (sentence: string) =>
  sentence.replace(/no more than ([\d.]+) lbf·ft/, (_, lbf: string) => `no more than about ${Number(lbf).toFixed(0)}`);

/** Every place where `now` lacks or contradicts what was recorded. */
function losses(was: Json, now: Json | undefined, path: string, retell: (sentence: string) => string): string[] {
  if (now === undefined) return [`${path}: gone, was ${JSON.stringify(was).slice(0, 160)}`];
  // A check that had nothing to show may have a working now.
  if (was === null && path.endsWith('.working')) return [];
  if (Array.isArray(was)) {
    if (!Array.isArray(now)) return [`${path}: no list any more`];
    if (was.length > now.length || (was.length < now.length && !path.endsWith('.workings')))
      return [`${path}: ${was.length} entries were recorded, ${now.length} are there`];
    return was.flatMap((entry, index) => losses(entry, now[index], `${path}[${index}]`, retell));
  }
  if (was !== null && typeof was === 'object') {
    if (now === null || typeof now !== 'object' || Array.isArray(now)) return [`${path}: no record any more`];
    return Object.entries(was).flatMap(([key, value]) => losses(value, now[key], `${path}.${key}`, retell));
  }
  if (typeof was === 'string' && typeof now === 'string' && retell(was) === roughly(now)) return [];
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
    const rules = (MEANT[engine] ?? []).filter((rule) => rule.units === units);
    const retell = (sentence: string) => rules.reduce((text, rule) => rule.retell(text), sentence);
    const found = losses(recorded[units], now, units, retell);
    expect(found.slice(0, 20)).toEqual([]);
  });
});

test('a lost field, a changed word and a shorter list are each seen', () => {
  const none = (sentence: string) => sentence;
  expect(losses({ a: 1, b: ['x'] }, { a: 1, b: ['x'], c: 2 }, 'r', none)).toEqual([]);
  expect(losses({ a: 1 }, {}, 'r', none)).toHaveLength(1);
  expect(losses(['x', 'y'], ['x'], 'r', none)).toHaveLength(1);
  expect(losses({ because: '8 mm' }, { because: '8.0 mm' }, 'r', none)).toHaveLength(1);
});
