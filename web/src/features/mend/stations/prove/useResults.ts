import {
  formatLength,
  formatLengthWithUnit,
  parseLength,
  readingAt,
  type Expectation,
  type FrozenPlan,
  type MendEntry,
  type RecordedResult,
  type UnitSystem,
  PRECISION,
} from '@deep-mend/core';
import { useMemo, useState } from 'react';
import { isRecordOf, onDevice } from '../../../../base/kept.ts';

/** What was typed, and the unit of a bare number in it: the switch of units does not change what was meant. */
type Entered = Partial<Record<Expectation['id'], { text: string; units: UnitSystem }>>;
const isEntered = (value: unknown): value is Entered => isRecordOf('text', 'units')(value);

/** What the plan expects there. */
export function rangeWords(expectation: Expectation, units: UnitSystem): string {
  const decimals = PRECISION.caliper[units];
  const length = (mm: number) => formatLength(mm, units, decimals);
  if (expectation.lowMm !== null && expectation.highMm !== null)
    return `planned ${length(expectation.lowMm)} to ${length(expectation.highMm)} ${units}`;
  if (expectation.lowMm !== null) return `planned at least ${length(expectation.lowMm)} ${units}`;
  return '';
}

/** What was read at the bench stands where it is proved. */
function readAtTheBench(plan: FrozenPlan, mend: MendEntry): RecordedResult[] {
  return mend.steps.flatMap(({ stepId, planId, reading }) => {
    const frozen = planId === mend.planId && plan.steps.find(({ id }) => id === stepId);
    const id = frozen ? readingAt(plan, frozen)?.proves : null;
    return id && reading ? [{ id, mm: reading.mm }] : [];
  });
}

function startingText(results: RecordedResult[], draftKey: string): Entered {
  const draft = onDevice.value(draftKey, isEntered);
  if (draft) return draft;
  const rows = results.map((result) => [
    result.id,
    {
      text: result.passed === undefined ? formatLengthWithUnit(result.mm ?? 0, 'mm') : result.passed ? 'pass' : 'fail',
      units: 'mm',
    },
  ]);
  return Object.fromEntries(rows) as Entered;
}

/** One expectation of the plan with what was typed for it. */
export interface Measured {
  expectation: Expectation;
  text: string;
  typedIn: UnitSystem;
  /** Null: nothing typed, or nothing to be read as a length. */
  length: ReturnType<typeof parseLength> | null;
}

/** What was measured of the plan, as it is typed: kept on the device until it is recorded. */
export function useResults(plan: FrozenPlan, mend: MendEntry, units: UnitSystem) {
  const draftKey = `result:${mend.id}`;
  const [entered, setEntered] = useState<Entered>(() =>
    startingText(mend.results ?? readAtTheBench(plan, mend), draftKey),
  );
  const enter = (id: Expectation['id'], text: string) => {
    // A number typed on keeps its unit; an emptied field begins again in the unit that is shown.
    const before = entered[id];
    const next = { ...entered, [id]: { text, units: before && before.text.trim() !== '' ? before.units : units } };
    onDevice.keep(draftKey, next);
    setEntered(next);
  };
  const measured = useMemo(
    () =>
      plan.expectations.map((expectation): Measured => {
        const { text, units: typedIn } = entered[expectation.id] ?? { text: '', units };
        const length =
          expectation.kind === 'length' && text.trim() !== ''
            ? parseLength(text, { bareUnit: typedIn, minMm: 0, maxMm: 500 })
            : null;
        return { expectation, text, typedIn, length };
      }),
    [plan.expectations, entered, units],
  );
  const results: RecordedResult[] = measured.flatMap(({ expectation, text, length }): RecordedResult[] => {
    if (length?.ok) return [{ id: expectation.id, mm: length.length.mm }];
    if (expectation.kind === 'pass-fail' && text !== '') return [{ id: expectation.id, passed: text === 'pass' }];
    return [];
  });
  return {
    measured,
    results,
    enter,
    /** Something typed is no length: nothing is recorded before it is one. */
    bad: measured.some(({ length }) => length && !length.ok),
    forget: () => onDevice.forget(draftKey),
  };
}
