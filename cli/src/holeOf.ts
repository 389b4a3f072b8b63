import type { PlannerInput } from '@deep-mend/contract/planner';
import { requestedAt, requestedChoices } from '@deep-mend/contract/request';
import {
  caseFromInputs,
  InputError,
  DEFAULT_HOUSE_RULES,
  QUANTITIES,
  RANKING_WEIGHTS,
  type CaseInputs,
  type HoleCase,
  type Measured,
  type QuantityRow,
  type Rack,
  type Thread,
} from '@deep-mend/core';

type HoleInput = PlannerInput<'assess'>;

const measured = (length: HoleInput['depth']): Measured =>
  typeof length === 'number' ? { mm: length, halfWidthMm: 0 } : length;

/** The readings that a request gives: each where its row names it, and those that belong together. */
function readingsOf(input: HoleInput): CaseInputs['readings'] {
  const readings: Partial<Record<string, Measured>> = {};
  for (const { id, inHole } of QUANTITIES as readonly QuantityRow[]) {
    const length = inHole === undefined ? undefined : requestedAt(input, inHole);
    if (length !== undefined) readings[id] = measured(length as HoleInput['depth']);
  }
  const { bore, boreOffset, earlierCutMm } = input;
  if (bore) {
    readings['bore-a'] = { mm: bore.aMm, halfWidthMm: bore.halfWidthMm };
    readings['bore-b'] = { mm: bore.bMm, halfWidthMm: bore.halfWidthMm };
  }
  if (boreOffset) {
    readings['offset-along'] = { mm: boreOffset.alongMm, halfWidthMm: boreOffset.halfWidthMm };
    readings['offset-across'] = { mm: boreOffset.acrossMm, halfWidthMm: boreOffset.halfWidthMm };
  }
  if (earlierCutMm !== undefined) readings['earlier-cut'] = { mm: earlierCutMm, halfWidthMm: 0 };
  return readings;
}

/** The case that one line of JSON describes. A hole without its damage is taken as stripped throughout. */
export function holeOf(input: HoleInput, thread: Thread, rack: Rack): HoleCase {
  const rule = input.ranking ?? 'least-metal';
  const built = caseFromInputs(
    {
      choices: {
        ...requestedChoices(input, 'inHole'),
        threadId: thread.id,
        parentId: input.parent,
        kind: input.kind,
        strippedThroughout: input.strippedThroughout ?? input.damageTo === undefined,
        demandMode: input.joint?.mustCarry ?? (input.joint?.torqueNm === undefined ? 'as-made' : 'preload'),
        ...(input.failed ? { failedMethod: input.failed.method, failedCausePresent: input.failed.causePresent } : {}),
      },
      readings: readingsOf(input),
      generations: [],
    },
    { rules: { ...DEFAULT_HOUSE_RULES, ranking: { rule, weights: RANKING_WEIGHTS[rule] } }, rack },
  );
  if (!built.ok) throw new InputError('case-incomplete', 'request', built.missing);
  return built.hole;
}
