import { foldHole, readStored, type FrozenPlan, type StoredEvent, type UnitSystem } from '@deep-mend/core';

interface Rows {
  settings: object;
  events: (StoredEvent & { holeId: string })[];
  plans: object[];
}

/** A frozen plan's card as it is printed. */
const printedCard = ({ title, verdict, said }: FrozenPlan, units: UnitSystem) => ({
  title,
  verdict,
  steps: said[units].steps.map(({ title: head, what, number, caution }) => ({
    title: head,
    what,
    number: number && `${number.label}: ${number.main} ${number.unit}`.trim(),
    caution,
  })),
});

/** What a later fold must give of one hole. */
function folded(events: StoredEvent[]) {
  const { revision, name, choices, live, readings, generations, mends } = foldHole(events);
  return {
    revision,
    name,
    choices,
    live: Object.fromEntries(Object.values(live).map((entry) => [entry.quantity, entry.mm])),
    states: readings.map((entry) => entry.state),
    generations,
    mends: mends.map(({ id, outcome, planId, plan, attempts, results, signedBy, secondSignedBy }) => ({
      id,
      outcome,
      planId,
      attempts: attempts.length,
      results,
      signedBy,
      secondSignedBy,
      numbers: plan?.numbers ?? null,
      expectations: plan?.expectations ?? null,
    })),
  };
}

/** A whole demo shop as this engine recorded it, with what it folds to and the cards that it prints. */
export function recordedShop({ settings, events, plans }: Rows): object {
  const holes = new Map<string, StoredEvent[]>();
  for (const { holeId, ...event } of JSON.parse(JSON.stringify(events)) as Rows['events']) {
    holes.set(holeId, [...(holes.get(holeId) ?? []), event]);
  }
  return {
    settings,
    plans,
    holes: [...holes].map(([id, own]) => ({
      id,
      events: own,
      folded: folded(own),
      cards: own.flatMap((stored) => {
        const event = readStored(stored);
        if (event.kind !== 'plan-frozen') return [];
        const { planId, plan } = event.payload;
        return [{ planId, mm: printedCard(plan, 'mm'), in: printedCard(plan, 'in') }];
      }),
    })),
  };
}
