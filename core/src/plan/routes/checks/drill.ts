import { STATEMENT, type CheckKind, type CheckOf } from '../../../basis/checks/index.ts';
import { drillCostWords, type DrillCost, type TapDrill } from '../../../facts/drills/index.ts';
import { judgeDrillMissing, type DrillMissingFacts } from './drillMissing.ts';

export type DrillFacts = { drillId: string; cost: DrillCost; wornCutsMm: number | null };

/** Is a fit drill in the rack? Getting one is an ordinary step: the way stays and is judged with the drill it needs. */
export function judgeDrill(
  drill: TapDrill | null,
  wantedMm: number,
): CheckOf<'drill', DrillFacts> | CheckOf<'drill-missing', DrillMissingFacts> {
  if (!drill) return judgeDrillMissing(wantedMm);
  const { id, diameterMm, wornFromMm } = drill.drill;
  return {
    ...STATEMENT,
    kind: 'drill',
    id: 'drill',
    // Over its class the strength decides, and a light thread is with care.
    verdict: drill.judgement === 'light-duty' && !drill.cost.startsWith('coil-') ? 'with-care' : 'holds',
    // Shown without a unit: the drill's name says it better than a length would, 21/64 is not "8.3 mm".
    value: diameterMm,
    valuePessimistic: diameterMm,
    facts: { drillId: id, cost: drill.cost, wornCutsMm: wornFromMm === undefined ? null : diameterMm },
  };
}

export const drill: CheckKind<DrillFacts> = {
  title: () => 'Drill in the rack',
  words: ({ drillId, cost, wornCutsMm }, _verdict, say) => `${drillId}: ${drillCostWords(cost, wornCutsMm, say)}`,
  working: null,
};
