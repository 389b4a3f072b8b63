import fc from 'fast-check';
import { explainLengthProblem, formatLengthWithUnit, parseLength } from './index.ts';

test.each([
  ['8.5', 8.5, 'mm', true],
  ['8,5 mm', 8.5, 'mm', false],
  ['10.5mm', 10.5, 'mm', false],
  ['.3125"', 7.9375, 'in', false],
  ['0.3125 in', 7.9375, 'in', false],
  ['27/64', 10.715625, 'in', false],
  ['1 1/8', 28.575, 'in', false],
  ['1-1/8 in', 28.575, 'in', false],
  ['386 thou', 9.8044, 'thou', false],
  ['#7', 5.1054, 'number', false],
  ['No. 7', 5.1054, 'number', false],
  ['q', 8.4328, 'letter', false],
])('reads %s', (text, mm, notation, bare) => {
  const result = parseLength(text, { bareUnit: 'mm' });
  expect(result.ok && [result.length.notation, result.length.bare]).toEqual([notation, bare]);
  expect(result.ok && result.length.mm).toBeCloseTo(mm, 6);
});

test.each([
  ['', 'empty'],
  ['-3', 'negative'],
  ['−3 mm', 'negative'],
  ['1/0', 'zero-denominator'],
  ['M8x', 'not-a-length'],
  ['#99', 'unknown-gauge'],
  ['8..5', 'not-a-length'],
  ['NaN', 'not-a-length'],
  ['1e3', 'not-a-length'],
  ['9'.repeat(10_000), 'too-long'],
  ['9999999', 'beyond-field'],
])('refuses %.12s with a kind sentence', (text, code) => {
  const result = parseLength(text, { bareUnit: 'mm' });
  expect(result.ok ? null : result.problem.code).toBe(code);
  if (!result.ok)
    expect(explainLengthProblem(result.problem)).toMatch(
      /for example|For example|run from|did you mean|Did you mean|expects/,
    );
});

test('a bare number without a field unit is refused, never guessed', () => {
  const result = parseLength('8.5', { bareUnit: null });
  expect(result.ok ? null : result.problem).toMatchObject({ code: 'unit-missing', text: '8.5', asMm: 8.5 });
});

test.each(['x', '#7'])('where no drill is meant, “%s” is not taken for one', (text) => {
  const result = parseLength(text, { bareUnit: 'mm', gauges: false });
  expect(result.ok ? null : explainLengthProblem(result.problem)).toMatch(/is the name of a drill.*for example/);
});

test('a turned fraction is caught by the field’s range', () => {
  const result = parseLength('64/27', { bareUnit: 'mm', minMm: 1, maxMm: 30 });
  expect(result.ok ? null : result.problem).toMatchObject({
    code: 'beyond-field',
    perhapsMm: expect.closeTo((27 / 64) * 25.4, 6),
  });
});

test('what is formatted reads back as the same length', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 500_000 }),
      fc.constantFrom('mm', 'in') as fc.Arbitrary<'mm' | 'in'>,
      (thousandths, system) => {
        const mm = system === 'mm' ? thousandths / 100 : (thousandths / 10_000) * 25.4;
        const back = parseLength(formatLengthWithUnit(mm, system), { bareUnit: null });
        expect(back.ok && back.length.mm).toBeCloseTo(mm, 6);
      },
    ),
  );
});

test('no text makes it throw or pass NaN on', () => {
  fc.assert(
    fc.property(fc.string(), (text) => {
      const result = parseLength(text, { bareUnit: 'mm' });
      expect(result.ok ? Number.isFinite(result.length.mm) : result.problem.code !== undefined).toBe(true);
    }),
  );
});
