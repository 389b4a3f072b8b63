import { evidenceOf, NO_INPUTS } from './whichEvidence.ts';

test('an empty sheet is no evidence and no complaint', () => {
  expect(evidenceOf(NO_INPUTS, 'mm')).toEqual({ evidence: [], problems: {} });
});

test('each field becomes its evidence, in the units of the sheet', () => {
  const { evidence, problems } = evidenceOf(
    {
      ...NO_INPUTS,
      major: '.31',
      worn: true,
      over: '0.555',
      pitches: '10',
      perInch: '18',
      bore: '6.6 mm',
      screw: 'M8',
      binds: '1,5',
      plug: '6.5 mm',
      plugNext: '6.6 mm',
      angle: '60',
      taper: 'no',
      leftHand: true,
      region: 'britain',
      year: '1952',
    },
    'in',
  );
  expect(problems).toEqual({});
  expect(evidence).toEqual([
    { kind: 'male-major', mm: expect.closeTo(7.874, 3), halfWidthMm: 0.05, worn: true },
    { kind: 'pitch', overMm: expect.closeTo(14.097, 3), pitches: 10, halfWidthMm: 0.3 },
    { kind: 'threads-per-inch', count: 18 },
    { kind: 'bore', mm: 6.6, halfWidthMm: 0.05 },
    { kind: 'plug', mm: 6.5, stepMm: expect.closeTo(0.1, 6) },
    { kind: 'form-angle', deg: 60, by: 'blade' },
    { kind: 'taper', seen: false },
    { kind: 'made', region: 'britain', year: 1952 },
    { kind: 'test-screw', threadId: 'M8x1.25', bindsAfterTurns: 1.5 },
    { kind: 'hand', hand: 'left' },
  ]);
});

test('a country alone is no evidence; a plug larger than its neighbour is questioned', () => {
  expect(evidenceOf({ ...NO_INPUTS, region: 'metric' }, 'mm').evidence).toEqual([]);
  expect(evidenceOf({ ...NO_INPUTS, plug: '7', plugNext: '6.9' }, 'mm').problems.plugNext).toMatch(/must be larger/);
});

test.each([
  ['major', '-3', /below zero/],
  ['bore', '1/0', /divides by zero/],
  ['over', '9'.repeat(10_000), /at most 40/],
  ['screw', 'M8x', /lacks its pitch/],
  ['binds', 'many', /expected a number/],
  ['pitches', '0', /between 1 and 100/],
  ['year', '38', /between 1850 and 2100/],
  ['plug', 'a lot', /does not read as a length/],
] as const)('%s = %.6s is explained at its field and the rest still counts', (field, text, message) => {
  const { evidence, problems } = evidenceOf(
    { ...NO_INPUTS, perInch: '18', [field]: text, ...(field === 'binds' ? { screw: 'M8' } : {}) },
    'mm',
  );
  expect(problems[field]).toMatch(message);
  expect(evidence).toEqual([{ kind: 'threads-per-inch', count: 18 }]);
});
