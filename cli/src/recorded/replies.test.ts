import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { brotliDecompressSync } from 'node:zlib';
import { ENGINE_VERSION } from '@deep-mend/core';
import { recordedReplies } from '../test-support/replies.ts';

// A reply may gain fields, never lose or rename one: every recording holds that, whatever its engine. What this engine said
// once it still says, word for word; a change of method is a new engine, a line in docs/method-changes.md and a new recording.

type Json = null | boolean | number | string | Json[] | { [key: string]: Json };

/** A field of a candidate that only some threads have: the example's list no longer names a taper pipe thread. */
const NAMING_SAID: Readonly<Record<string, string>> = {
  '.topics.identify.candidates[].thread.taper.gaugeLengthMm': 'the example lists cycle threads before taper pipe',
  '.topics.identify.candidates[].thread.taper.usefulLengthMm': 'the example lists cycle threads before taper pipe',
};

/** What 0.7.0 no longer says: freeing and naming said fully. A drive has five states, not two; carbide is for the bench alone. */
const GONE_IN_0_7: Readonly<Record<string, string>> = {
  ...NAMING_SAID,
  '.topics.free.means[].facts.good': 'a drive is good, damaged, proud, relieved or none',
  '.topics.free.means[].facts.rigid': 'carbide cuts on the bench only',
  '.topics.free.means[].facts.bit.bit': 'the example has no drive left: no bit is driven into it',
  '.topics.free.means[].facts.bit.pointsMm': 'the example has no drive left: no bit is driven into it',
  '.topics.free.means[].facts.bit.socketMm': 'the example has no drive left: no bit is driven into it',
};

/** Fields that went with a change of method, by the engine that still had them, and why. */
const REDRILLED: Readonly<Record<string, string>> = Object.fromEntries(
  ['.proposals.*', '.topics.routes'].flatMap((place) =>
    ['drillId', 'depthMm'].map((field) => [`${place}.routes[].own.${field}`, 'a plug is drilled again step by step']),
  ),
);
const GONE: Readonly<Record<string, Readonly<Record<string, string>>>> = {
  '0.7.0': REDRILLED,
  '0.6.0': { ...GONE_IN_0_7, ...REDRILLED },
  '0.4.0': { ...GONE_IN_0_7, ...REDRILLED },
  '0.5.0': {
    ...GONE_IN_0_7,
    ...REDRILLED,
    ...Object.fromEntries(
      ['.proposals.*', '.topics.routes'].flatMap((place) =>
        [
          ['highN', 'the scatter of tightening is in the thread’s margin, not counted twice'],
          ['usedMm', 'a coil prescribes the screw that it wants'],
          ['overC', 'heat is a curve, not a step'],
          ['losesPreload', 'heat is a curve, not a step'],
          ['barred', 'a duty that is refused says why'],
          ['gainMm', 'a longer screw is judged by what it carries'],
          ['cylinderMm', 'a longer screw is judged by what it carries'],
          ['reachKnown', 'a longer screw is judged by what it carries'],
          ['oldBreakN', 'the example is judged as made'],
        ].map(([field, why]) => [`${place}.routes[].checks[].facts.${field!}`, why!]),
      ),
    ),
  },
};

/** Every place where `now` lacks or contradicts what was recorded. */
function losses(was: Json, now: Json | undefined, path: string): string[] {
  if (now === undefined) return [`${path}: gone, was ${JSON.stringify(was).slice(0, 160)}`];
  if (Array.isArray(was)) {
    if (!Array.isArray(now)) return [`${path}: no list any more`];
    if (was.length !== now.length) return [`${path}: ${was.length} entries were recorded, ${now.length} are there`];
    return was.flatMap((entry, index) => losses(entry, now[index], `${path}[${index}]`));
  }
  if (was !== null && typeof was === 'object') {
    if (now === null || typeof now !== 'object' || Array.isArray(now)) return [`${path}: no record any more`];
    return Object.entries(was).flatMap(([key, value]) => losses(value, now[key], `${path}.${key}`));
  }
  return was === now ? [] : [`${path}: was ${JSON.stringify(was)}, is ${JSON.stringify(now)}`];
}

/** Every field that a recording has, with lists, cases and routes made alike. */
function fieldsOf(value: Json, path = '', into = new Set<string>()): Set<string> {
  if (Array.isArray(value)) for (const entry of value) fieldsOf(entry, `${path}[]`, into);
  else if (value !== null && typeof value === 'object') {
    // Under these stand names of cases and of routes, not of fields.
    const named = path === '.proposals' || path === '.free' || path.endsWith('.cards') || path === '';
    for (const [key, entry] of Object.entries(value)) {
      const at = `${path}.${named && path !== '' ? '*' : key}`;
      into.add(at);
      fieldsOf(entry, at, into);
    }
  }
  return into;
}

const fields: Partial<Record<'mm' | 'in', Set<string>>> = {};
const answered: Partial<Record<'mm' | 'in', Record<string, Json>>> = {};
/** What is answered today: some seconds, so once for every recording. */
const today = (units: 'mm' | 'in'): Record<string, Json> =>
  (answered[units] ??= JSON.parse(JSON.stringify(recordedReplies(units))) as Record<string, Json>);

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
  test.each(['mm', 'in'] as const)('in %s', (units) => {
    const now = today(units);
    if (engine === ENGINE_VERSION) {
      expect(losses(recorded[units], now, units).slice(0, 20)).toEqual([]);
      return;
    }
    const said = (fields[units] ??= fieldsOf(now));
    const gone = GONE[engine] ?? {};
    expect([...fieldsOf(recorded[units])].filter((field) => !said.has(field) && !(field in gone))).toEqual([]);
  });
});

test('a lost field, a changed word and a shorter list are each seen', () => {
  expect(losses({ a: 1, b: ['x'] }, { a: 1, b: ['x'], c: 2 }, 'r')).toEqual([]);
  expect(losses({ a: 1 }, {}, 'r')).toHaveLength(1);
  expect(losses(['x', 'y'], ['x'], 'r')).toHaveLength(1);
  expect(losses({ because: '8 mm' }, { because: '8.0 mm' }, 'r')).toHaveLength(1);
  expect([...fieldsOf({ proposals: { one: { routes: [{ id: 1 }] } } })]).toContain('.proposals.*.routes[].id');
});
