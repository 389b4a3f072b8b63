import { verdictUnderDoubt, type CheckKind, type CheckOf, type Verdict } from '../../../basis/checks/index.ts';
import { clearanceHoles } from '../../../facts/drills/index.ts';
import type { Thread } from '../../../facts/threads/index.ts';
import type { HoleCase } from '../../../judge/hole/index.ts';
import { judgeMateFixed, type MateFixedFacts } from './mateFixed.ts';
import { judgeMateUnknown, openMateStep, type MateUnknownFacts } from './mateUnknown.ts';

export type MateFacts = { holeMm: number; closeMm: number; normalMm: number; source: string };

/** Does the new screw pass through the mating part? Too small is with care, because opening it is a step of the plan. */
export function judgeMate(
  hole: HoleCase,
  thread: Thread,
): CheckOf<'mate', MateFacts> | CheckOf<'mate-fixed', MateFixedFacts> | CheckOf<'mate-unknown', MateUnknownFacts> {
  const { closeMm, normalMm, source } = clearanceHoles(thread);
  const { mateHole, mateMayBeOpened } = hole.joint;
  if (!mateMayBeOpened && (mateHole === null || mateHole.mm < closeMm))
    return judgeMateFixed({ holeMm: mateHole?.mm ?? null, closeMm, source });
  if (mateHole === null) return judgeMateUnknown({ closeMm, normalMm, source });
  const { mm, halfWidthMm } = mateHole;
  const judge = (holeMm: number): Verdict => (holeMm >= closeMm ? 'holds' : 'with-care');
  const { verdict } = verdictUnderDoubt(judge(mm), judge(mm - halfWidthMm));
  return {
    kind: 'mate',
    id: 'mate',
    verdict,
    value: mm,
    valuePessimistic: mm - halfWidthMm,
    limit: closeMm,
    unit: 'mm',
    facts: { holeMm: mm, closeMm, normalMm, source },
    ...(verdict === 'holds' ? {} : { remedy: 'open-mate' }),
  };
}

export const mate: CheckKind<MateFacts> = {
  title: () => 'Hole in the mating part',
  words: ({ holeMm, normalMm }, verdict, say) =>
    verdict === 'holds'
      ? `${say.length(holeMm)} clears the screw`
      : `${say.length(holeMm)} is too small: open the mate to ${say.length(normalMm)}`,
  working: ({ holeMm, closeMm, source }) => ({
    title: 'Clearance hole',
    formula: 'hole ≥ close clearance',
    symbols: [{ symbol: 'hole', meaning: 'hole in the mating part', value: holeMm, unit: 'mm' }],
    result: { symbol: 'close clearance', value: closeMm, unit: 'mm' },
    source,
  }),
  step: openMateStep,
};
