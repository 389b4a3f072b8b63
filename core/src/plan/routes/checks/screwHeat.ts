import { STATEMENT, type CheckKind, type CheckOf } from '../../../basis/checks/index.ts';
import type { Way } from '../../../facts/ways/index.ts';
import type { HoleCase } from '../../../judge/hole/index.ts';
import { screwHottestC } from '../../../judge/strength/index.ts';

export type ScrewHeatFacts = { serviceC: number | null; hottestC: number };

/** Is it too hot for the screw that there is, or does nobody know how hot it gets beside something hot? */
export function judgeScrewHeat({ joint }: HoleCase, way: Way): CheckOf<'screw-heat', ScrewHeatFacts>[] {
  const { serviceC, nearHeat, fastenerClassId } = joint;
  const hottestC = screwHottestC(fastenerClassId);
  const known = serviceC !== null;
  if (way.elsewhere || (known ? serviceC <= hottestC : nearHeat !== 'near')) return [];
  const base = {
    ...STATEMENT,
    kind: 'screw-heat',
    id: 'screw-heat',
    verdict: 'with-care',
    facts: { serviceC, hottestC },
  } as const;
  return [known ? { ...base, remedy: 'heat-screw' } : { ...base, settledBy: 'serviceC', shut: true }];
}

export const screwHeat: CheckKind<ScrewHeatFacts> = {
  title: () => 'Screw at its temperature',
  words: ({ serviceC, hottestC }, _verdict, say) =>
    serviceC === null
      ? 'something hot is near, and nobody said how hot it gets in service'
      : `${say.temperature(serviceC)} in service: above ${say.temperature(hottestC)} such a screw is not used`,
  working: null,
  step: () => 'Fit a heat-resisting screw, the maker’s, to the maker’s torque.',
};
