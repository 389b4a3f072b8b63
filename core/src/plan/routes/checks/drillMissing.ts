import type { CheckKind, CheckOf } from '../../../basis/checks/index.ts';

export type DrillMissingFacts = { wantedMm: number };

export const judgeDrillMissing = (wantedMm: number): CheckOf<'drill-missing', DrillMissingFacts> => ({
  kind: 'drill-missing',
  id: 'drill',
  verdict: 'holds',
  value: null,
  valuePessimistic: null,
  limit: wantedMm,
  unit: 'mm',
  facts: { wantedMm },
  remedy: 'buy-drill',
});

export const drillMissing: CheckKind<DrillMissingFacts> = {
  title: () => 'Drill in the rack',
  words: ({ wantedMm }, _verdict, say) => `no drill in the rack is fit; buy or borrow one of ${say.length(wantedMm)}`,
  working: ({ wantedMm }) => ({
    title: 'Drill wanted',
    formula: 'the drill that leaves the share of thread aimed at',
    symbols: [],
    result: { symbol: 'drill', value: wantedMm, unit: 'mm' },
    source: 'house rule for the share of thread; for a coil its least minor',
  }),
  step: ({ wantedMm }, say) => `Get a drill of ${say.length(wantedMm)}.`,
};
