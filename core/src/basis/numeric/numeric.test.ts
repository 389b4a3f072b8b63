import fc from 'fast-check';
import {
  canonicalJson,
  clamp,
  InputError,
  digestOf,
  finite,
  positive,
  roundTo,
  seededRandom,
  within,
} from './index.ts';

test.each([
  ['finite', () => finite(NaN, 'x')],
  ['finite', () => finite(Infinity, 'x')],
  ['within', () => within(NaN, 0, 1, 'x')],
  ['within', () => within(1.01, 0, 1, 'x')],
  ['positive', () => positive(NaN, 'x')],
  ['positive', () => positive(0, 'x')],
  ['positive', () => positive(-1, 'x')],
  ['clamp', () => clamp(NaN, 0, 1)],
])('%s lets no nonsense pass', (_, call) => {
  expect(call).toThrow(InputError);
});

test('an error carries what was asked and what was possible', () => {
  const error = new InputError('unknown-thread', 'M9', ['M8x1.25', 'M10x1.5']);
  expect([error.code, error.given, error.possible]).toEqual(['unknown-thread', 'M9', ['M8x1.25', 'M10x1.5']]);
  expect(error.message).toContain('M10x1.5');
});

test.each([
  [0.145, 2, 0.15],
  [-0.145, 2, -0.15],
  [2.5, 0, 3],
  [6.646835, 3, 6.647],
  [0.0004999, 3, 0],
])('%d to %d decimals is %d', (value, decimals, rounded) => {
  expect(roundTo(value, decimals)).toBeCloseTo(rounded, 12);
});

test('the digest does not hang on the order of keys, and changes with any value', () => {
  fc.assert(
    fc.property(fc.dictionary(fc.string(), fc.oneof(fc.integer(), fc.string(), fc.constant(null))), (record) => {
      const turned = Object.fromEntries(Object.entries(record).reverse());
      expect(digestOf(turned)).toBe(digestOf(record));
      expect(digestOf({ ...record, extra: 1 })).not.toBe(digestOf({ ...record, extra: 2 }));
    }),
  );
  expect(canonicalJson({ b: [1, undefined], a: undefined })).toBe('{"b":[1,null]}');
});

test('the seeded generator repeats itself, stays in [0, 1) and is not stuck', () => {
  const [first, second, other] = [seededRandom(7), seededRandom(7), seededRandom(8)];
  const values = Array.from({ length: 1000 }, first);
  expect(Array.from({ length: 1000 }, second)).toEqual(values);
  expect(other()).not.toBe(values[0]);
  expect(Math.min(...values)).toBeGreaterThanOrEqual(0);
  expect(Math.max(...values)).toBeLessThan(1);
  const mean = values.reduce((sum, value) => sum + value, 0) / values.length;
  // Standard error of the mean of 1000 uniform values is 0.0091; four of them.
  expect(Math.abs(mean - 0.5)).toBeLessThan(0.037);
});
