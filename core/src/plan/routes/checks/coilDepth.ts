import { verdictUnderDoubt, type CheckKind, type CheckOf, type Verdict } from '../../../basis/checks/index.ts';
import { shoulderWithinFloorMm } from './floor.ts';
import type { HoleCase } from '../../../judge/hole/index.ts';
import { depthBudget, depthBudgetWorking, type DepthBudget } from '../../cutting/index.ts';

export type CoilDepthFacts = {
  cylinderMm: number;
  pitchMm: number;
  wantedMm: number;
  mostMm: number;
  shortByMm: number;
  /** The last tap that reaches it; null: none does. */
  last: { leadThreads: number; chipRoom: boolean } | null;
  /** It fits as read, not at the pessimistic end of the depth. */
  doubtful: boolean;
};

/** Does a blind hole give a coil its full thread, length + P? Without room for chips it is with care. */
export function judgeCoilDepth(
  hole: HoleCase,
  own: { nominalMm: number; pitchMm: number; drillMm: number },
): { check: CheckOf<'coil-depth', CoilDepthFacts>; last: DepthBudget['last'] } {
  const { depth } = hole;
  const { pitchMm } = own;
  const wantedMm = own.nominalMm + pitchMm;
  const judge = ({ last }: DepthBudget): Verdict =>
    last === null ? 'does-not-hold' : last.chipRoom ? 'holds' : 'with-care';
  const at = (cylinderMm: number) => depthBudget({ cylinderMm, pitchMm, wantedFullThreadMm: wantedMm });
  const budget = at(depth.mm);
  const low = at(depth.mm - depth.halfWidthMm);
  const { verdict, needsReading } = verdictUnderDoubt(judge(budget), judge(low));
  const reach = budget.reaches[budget.reaches.length - 1]!;
  // A shorter lead that keeps the drill off what lies beneath goes before a longer one that does not.
  const inside = at(shoulderWithinFloorMm(hole, own.drillMm)).last;
  const asRead = (verdict === 'does-not-hold' ? null : low.last) ?? budget.last;
  const last = verdict === 'holds' && inside?.chipRoom ? inside : asRead;
  const valueMm = last?.chipRoom ? reach.withChipsMm : reach.withoutChipsMm;
  return {
    last: last ?? low.last ?? budget.last,
    check: {
      kind: 'coil-depth',
      id: 'depth',
      verdict,
      value: valueMm,
      valuePessimistic: valueMm - depth.halfWidthMm,
      limit: wantedMm,
      unit: 'mm',
      facts: {
        cylinderMm: depth.mm,
        pitchMm,
        wantedMm,
        mostMm: reach.withoutChipsMm,
        shortByMm: budget.shortByMm,
        last: budget.last === null ? null : last,
        doubtful: needsReading && verdict === 'does-not-hold',
      },
      ...(needsReading ? { settledBy: 'depth' } : {}),
    },
  };
}

export const coilDepth: CheckKind<CoilDepthFacts> = {
  title: () => 'Depth for the coil',
  words: ({ wantedMm, mostMm, shortByMm, last, doubtful }, _verdict, say) => {
    if (last === null)
      return `full thread to ${say.length(wantedMm)} is wanted, ${say.length(Math.max(0, mostMm))} is the most: ${say.length(shortByMm)} too shallow`;
    if (doubtful) return 'it fits as read, not at the pessimistic end of the depth: measure the depth better';
    const lead = `${last.leadThreads} ${last.leadThreads === 1 ? 'thread' : 'threads'} of lead`;
    return last.chipRoom
      ? `full thread to ${say.length(wantedMm)} with ${lead} and room for chips`
      : `full thread to ${say.length(wantedMm)} only with ${lead} and no room for chips: clear out before the last turns`;
  },
  working: ({ cylinderMm, pitchMm, wantedMm }) =>
    depthBudgetWorking({ cylinderMm, pitchMm, wantedFullThreadMm: wantedMm }),
};
