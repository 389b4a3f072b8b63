import { FULL_RACK } from '../../facts/drills/index.ts';
import { caseFromInputs, DEFAULT_HOUSE_RULES, type CaseInputs, type QuantityId } from './index.ts';

const shop = { rules: DEFAULT_HOUSE_RULES, rack: FULL_RACK };
const built = (
  choices: CaseInputs['choices'],
  readings: Partial<Record<QuantityId, number>>,
  generations: CaseInputs['generations'] = [],
) => {
  const result = caseFromInputs(
    {
      choices: { threadId: 'M10x1.5', parentId: 'grey-iron', kind: 'through', ...choices },
      readings: Object.fromEntries(
        Object.entries({ depth: 20, 'damage-to': 5, ...readings }).map(([id, mm]) => [id, { mm, halfWidthMm: 0.1 }]),
      ),
      generations,
    },
    shop,
  );
  if (!result.ok) throw new Error(result.missing.join());
  return result.hole;
};

test('the tightest of several limits judges, half a boss among them, and all are kept', () => {
  const hole = built({ edgeName: 'water side' }, { edge: 15, 'edge-2': 30, boss: 26 });
  expect([hole.edgeName, hole.edge?.mm]).toEqual(['rim of the boss', 13]);
  expect(hole.limits.map((limit) => limit.mm)).toEqual([13, 15, 30]);
});

test('the bore is the widest that was read each way, and one way alone stands for both', () => {
  expect(built({}, { 'bore-a': 10.1, 'bore-b': 10, 'bore-a-deep': 10.3 }).bore).toMatchObject({ aMm: 10.3, bMm: 10 });
  expect(built({}, { 'bore-b-deep': 9.8 }).bore).toMatchObject({ aMm: 9.8, bMm: 9.8 });
  expect(built({}, { 'offset-across': 0.2 }).boreOffset).toMatchObject({ alongMm: 0, acrossMm: 0.2 });
  expect(built({}, {}).boreOffset).toBeNull();
});

test('a countersink holds no thread', () => {
  expect(built({}, { 'damage-to': 0, countersink: 1.5 }).damageTo.mm).toBe(1.5);
});

test('an earlier repair by hearsay: as measured, or the least that such a repair cuts', () => {
  expect(built({ earlierRepair: 'wire-coil' }, {}).earlierCutMm).toBeCloseTo(11.949, 3);
  expect(built({ earlierRepair: 'solid-bush' }, { 'earlier-cut': 14 })).toMatchObject({
    earlierRepair: 'solid-bush',
    earlierCutMm: 14,
  });
  expect(built({}, {}).earlierRepair).toBeNull();
});

test('a generation of this record wins over hearsay', () => {
  const generation = {
    method: 'solid-bush' as const,
    outermostMm: 14,
  };
  expect(built({ earlierRepair: 'wire-coil' }, {}, [generation])).toMatchObject({
    earlierRepair: 'solid-bush',
    earlierCutMm: 14,
  });
});

test('what was tried is taken as failed for a cause still there until someone says otherwise', () => {
  expect(built({ failedMethod: 'wire-coil' }, {}).failed).toEqual({ method: 'wire-coil', causePresent: true });
  expect(built({ failedMethod: 'wire-coil', failedCausePresent: false }, {}).failed!.causePresent).toBe(false);
});
