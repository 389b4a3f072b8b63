import { verdictUnderDoubt, type Check, type Verdict } from '../../../basis/checks/index.ts';
import { spokenLength } from '../../../basis/units/index.ts';
import { clearanceHoles } from '../../../facts/drills/index.ts';
import type { HoleCase } from '../../../judge/hole/index.ts';
import type { Thread } from '../../../facts/threads/index.ts';

/** Does the new screw pass through the mating part? Too small is with care, because opening it is a step of the plan. */
export function mateCheck(hole: HoleCase, thread: Thread): Check {
  const { closeMm, normalMm, source } = clearanceHoles(thread);
  const step = `Open the mating part’s hole to ${spokenLength(normalMm)}.`;
  if (!hole.joint.mateMayBeOpened && (hole.joint.mateHole === null || hole.joint.mateHole.mm < closeMm)) {
    return {
      id: 'mate',
      title: 'Hole in the mating part',
      verdict: 'does-not-hold',
      value: hole.joint.mateHole?.mm ?? null,
      valuePessimistic: null,
      limit: closeMm,
      unit: 'mm',
      because: () => `the screw needs ${spokenLength(closeMm)} and the mating part may not be opened`,
      working: null,
      ...(hole.joint.mateHole === null ? { settledBy: 'mate-hole' } : {}),
    };
  }
  if (hole.joint.mateHole === null) {
    return {
      id: 'mate',
      title: 'Hole in the mating part',
      verdict: 'with-care',
      value: null,
      valuePessimistic: null,
      limit: closeMm,
      unit: 'mm',
      because: () => `not measured; the screw needs ${spokenLength(closeMm)} at least`,
      working: null,
      settledBy: 'mate-hole',
      remedy: { id: 'open-mate', step },
    };
  }
  const { mm, halfWidthMm } = hole.joint.mateHole;
  const judge = (holeMm: number): Verdict => (holeMm >= closeMm ? 'holds' : 'with-care');
  const { verdict } = verdictUnderDoubt(judge(mm), judge(mm - halfWidthMm));
  return {
    id: 'mate',
    title: 'Hole in the mating part',
    verdict,
    value: mm,
    valuePessimistic: mm - halfWidthMm,
    limit: closeMm,
    unit: 'mm',
    because: () =>
      verdict === 'holds'
        ? `${spokenLength(mm)} clears the screw`
        : `${spokenLength(mm)} is too small: open the mate to ${spokenLength(normalMm)}`,
    working: () => ({
      title: 'Clearance hole',
      formula: 'hole ≥ close clearance',
      symbols: [{ symbol: 'hole', meaning: 'hole in the mating part', value: mm, unit: 'mm' }],
      result: { symbol: 'close clearance', value: closeMm, unit: 'mm' },
      source,
    }),
    ...(verdict === 'holds' ? {} : { remedy: { id: 'open-mate' as const, step } }),
  };
}
