import type { Check } from '../../../basis/checks/index.ts';
import { spokenLength } from '../../../basis/units/index.ts';
import type { TapDrill } from '../../../facts/drills/index.ts';

/** Is a fit drill in the rack? Missing is with care: buying or borrowing it is a step of the plan. */
export function drillCheck(drill: TapDrill | null, wantedMm: number): Check {
  if (drill) {
    return {
      id: 'drill',
      title: 'Drill in the rack',
      verdict: 'holds',
      value: drill.drill.diameterMm,
      valuePessimistic: drill.drill.diameterMm,
      limit: null,
      // The drill's name says it better than a length would: 21/64 is not "8.3 mm".
      unit: 'none',
      because: () => `${drill.drill.id}: ${drill.cost}`,
      working: null,
    };
  }
  return {
    id: 'drill',
    title: 'Drill in the rack',
    verdict: 'with-care',
    value: null,
    valuePessimistic: null,
    limit: wantedMm,
    unit: 'mm',
    because: () => `no drill in the rack is fit; buy or borrow one of ${spokenLength(wantedMm)}`,
    working: null,
    remedy: { id: 'buy-drill', step: `Get a drill of ${spokenLength(wantedMm)}.` },
  };
}
