import { STATEMENT, type CheckKind, type CheckOf } from '../../../basis/checks/index.ts';
import type { Way } from '../../../facts/ways/index.ts';
import type { HoleCase } from '../../../judge/hole/index.ts';
import { SCREW_HOTTEST_C } from '../../../judge/strength/index.ts';

export type ScrewHeatFacts = { serviceC: number | null };

/** Is it too hot for the usual screws, or does nobody know how hot it gets beside something hot? */
export function judgeScrewHeat({ joint }: HoleCase, way: Way): CheckOf<'screw-heat', ScrewHeatFacts>[] {
  if (way.elsewhere) return [];
  const base = { ...STATEMENT, kind: 'screw-heat', id: 'screw-heat', facts: { serviceC: joint.serviceC } } as const;
  if (joint.serviceC === null)
    return joint.nearHeat === 'near' ? [{ ...base, verdict: 'with-care', settledBy: 'serviceC', shut: true }] : [];
  return joint.serviceC > SCREW_HOTTEST_C ? [{ ...base, verdict: 'with-care', remedy: 'heat-screw' }] : [];
}

export const screwHeat: CheckKind<ScrewHeatFacts> = {
  title: () => 'Screw at its temperature',
  words: ({ serviceC }, _verdict, say) =>
    serviceC === null
      ? 'something hot is near, and nobody said how hot it gets in service'
      : `${say.temperature(serviceC)} in service: above ${say.temperature(SCREW_HOTTEST_C)} none of the usual classes is used`,
  working: null,
  step: () => 'Fit a heat-resisting screw, the maker’s, to the maker’s torque.',
};
