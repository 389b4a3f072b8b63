import { foldHole, formatLength, speak, type FrozenPlan, type HoleEvent, type UnitSystem } from '@deep-mend/core';

interface Rows {
  settings: object;
  events: (HoleEvent & { holeId: string })[];
  plans: object[];
}

/** A frozen plan's card as it is printed. */
function printedCard({ title, verdict, steps }: FrozenPlan, units: UnitSystem) {
  return {
    title,
    verdict,
    steps: steps.map(({ title: head, what, number, caution }) => ({
      title: head,
      what: speak(what, units),
      number:
        number === null
          ? null
          : 'text' in number
            ? `${number.label}: ${number.text}`
            : `${number.label}: ${formatLength(number.valueMm, units, units === 'mm' ? 1 : 3)} ${units}`,
      caution,
    })),
  };
}

/** What a later fold must give of one hole. */
function folded(events: HoleEvent[]) {
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
  const holes = new Map<string, HoleEvent[]>();
  for (const { holeId, ...event } of JSON.parse(JSON.stringify(events)) as Rows['events']) {
    holes.set(holeId, [...(holes.get(holeId) ?? []), event as HoleEvent]);
  }
  return {
    settings,
    plans,
    holes: [...holes].map(([id, own]) => ({
      id,
      events: own,
      folded: folded(own),
      cards: own.flatMap((event) =>
        event.kind === 'plan-frozen'
          ? [
              {
                planId: event.payload.planId,
                mm: printedCard(event.payload.plan, 'mm'),
                in: printedCard(event.payload.plan, 'in'),
              },
            ]
          : [],
      ),
    })),
  };
}
