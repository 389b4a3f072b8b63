import {
  formatLengthWithUnit,
  parseLength,
  parseLoadN,
  parseTorqueNm,
  readingAt,
  type Expectation,
  type FrozenPlan,
  type MendEntry,
  type RecordedResult,
  type UnitSystem,
} from '@deep-mend/core';
import { useMemo, useState } from 'react';
import type { SentBy } from '../../../../parts/FromInstrument.tsx';
import { isRecordOf, onDevice } from '../../../../base/kept.ts';

/** What was typed, the unit of a bare number in it, which instrument sent it; or why it was not done. */
export interface Typed {
  text: string;
  /** The switch of units does not change what was meant. */
  units: UnitSystem;
  by?: SentBy | undefined;
  /** Said to be not done, with its reason as far as it is typed. */
  notDone?: string | undefined;
}
type Entered = Partial<Record<Expectation['id'], Typed>>;
const isEntered = (value: unknown): value is Entered => isRecordOf('text', 'units')(value);

/** What was read at the bench stands where it is proved. */
function readAtTheBench(plan: FrozenPlan, mend: MendEntry): RecordedResult[] {
  return mend.steps.flatMap(({ stepId, planId, reading }) => {
    const frozen = planId === mend.planId && plan.steps.find(({ id }) => id === stepId);
    const id = frozen ? readingAt(plan, frozen)?.proves : null;
    if (!id || !reading) return [];
    const { mm, instrument, simulated } = reading;
    return [{ id, mm, instrument, simulated }];
  });
}

function textOf({ mm, turns, nm, n, passed }: RecordedResult): string {
  if (mm !== undefined) return formatLengthWithUnit(mm, 'mm');
  if (turns !== undefined) return String(turns);
  if (nm !== undefined) return `${nm} Nm`;
  if (n !== undefined) return `${n / 1000} kN`;
  return passed === undefined ? '' : passed ? 'pass' : 'fail';
}

function startingText(results: RecordedResult[], draftKey: string): Entered {
  const draft = onDevice.value(draftKey, isEntered);
  if (draft) return draft;
  return Object.fromEntries(
    results.map((result) => [
      result.id,
      {
        text: textOf(result),
        units: 'mm',
        ...(result.instrument
          ? { by: { instrument: result.instrument, ...(result.simulated ? { simulated: true } : {}) } }
          : {}),
        ...(result.notDone ? { notDone: result.notDone } : {}),
      },
    ]),
  ) as Entered;
}

/** One expectation of the plan with what was typed for it. */
export interface Measured {
  expectation: Expectation;
  typed: Typed;
  /** What is recorded of it by now; null: nothing. */
  result: RecordedResult | null;
  /** Why what was typed is none; null: it is, or nothing was typed. */
  problem: ReturnType<typeof parseLength> | 'no-number' | null;
}

const NUMBERS = {
  torque: parseTorqueNm,
  load: parseLoadN,
  turns: (text: string) => Number(text.replace(',', '.')),
} as const;
const FIELDS = { torque: 'nm', load: 'n', turns: 'turns' } as const;

/** What was typed, as a result: read by the kind of answer that is expected. */
function readTyped(
  { id, kind }: Expectation,
  { text, units, by, notDone }: Typed,
): Omit<Measured, 'expectation' | 'typed'> {
  const none = { result: null, problem: null };
  if (notDone !== undefined)
    return notDone.trim() === '' ? none : { result: { id, notDone: notDone.trim() }, problem: null };
  if (text.trim() === '') return none;
  if (kind === 'pass-fail') return { result: { id, passed: text === 'pass' }, problem: null };
  if (kind === 'length') {
    const length = parseLength(text, { bareUnit: units, minMm: 0, maxMm: 500 });
    return length.ok
      ? { result: { id, mm: length.length.mm, ...by }, problem: null }
      : { result: null, problem: length };
  }
  const number = NUMBERS[kind](text, units);
  if (number === null || !(number >= 0)) return { result: null, problem: 'no-number' };
  return { result: { id, [FIELDS[kind]]: number, ...by }, problem: null };
}

/** What was measured of the plan, as it is typed: kept on the device until it is recorded. */
export function useResults(plan: FrozenPlan, mend: MendEntry, units: UnitSystem) {
  const draftKey = `result:${mend.id}`;
  const [entered, setEntered] = useState<Entered>(() =>
    startingText(mend.results ?? readAtTheBench(plan, mend), draftKey),
  );
  const keep = (id: Expectation['id'], typed: Typed) => {
    const next = { ...entered, [id]: typed };
    onDevice.keep(draftKey, next);
    setEntered(next);
  };
  const blank = (id: Expectation['id']): Typed => entered[id] ?? { text: '', units };
  const measured = useMemo(
    () =>
      plan.expectations.map((expectation): Measured => {
        const typed = entered[expectation.id] ?? { text: '', units };
        return { expectation, typed, ...readTyped(expectation, typed) };
      }),
    [plan.expectations, entered, units],
  );
  return {
    measured,
    results: measured.flatMap(({ result }) => (result ? [result] : [])),
    // A number typed on keeps its unit; an emptied field begins again in the unit that is shown. Typed, it is the hand's.
    enter: (id: Expectation['id'], text: string, by?: SentBy) => {
      const before = blank(id);
      keep(id, { text, units: before.text.trim() !== '' ? before.units : units, by });
    },
    /** Said to be not done, and why; undefined: it is to be done after all. */
    notDone: (id: Expectation['id'], reason: string | undefined) => keep(id, { ...blank(id), notDone: reason }),
    /** Something typed is no reading, or a reason is missing: nothing is recorded before it is one. */
    bad: measured.some(({ problem }) => problem !== null),
    forget: () => onDevice.forget(draftKey),
  };
}
