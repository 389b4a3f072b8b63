import { explainLengthProblem, formatLength, PRECISION, type UnitSystem } from '@deep-mend/core';
import { useEffect, useRef } from 'react';
import { FromInstrument } from '../../../../parts/FromInstrument.tsx';
import type { BenchView } from './useBench.ts';

const PLACES = { inside: 'Inside its limits.', under: 'Under its limits.', over: 'Over its limits.' } as const;

/** What is read at a step: typed, or from an instrument that types like a keyboard. Nothing needs to be typed to go on. */
export function ReadingField({
  view: { asked, reading, draft, read, step },
  units,
  wanted,
  onSeen,
}: {
  view: BenchView;
  units: UnitSystem;
  /** The field is to have the keys. */
  wanted: boolean;
  onSeen: () => void;
}) {
  const field = useRef<HTMLInputElement>(null);
  useEffect(() => {
    if (!wanted) return;
    field.current?.focus();
    onSeen();
  }, [wanted, onSeen]);
  if (!asked) return null;
  const length = (mm: number) => formatLength(mm, units, PRECISION.caliper[units]);
  const limits =
    asked.lowMm !== null && asked.highMm !== null
      ? `${length(asked.lowMm)} to ${length(asked.highMm)} ${units}`
      : asked.lowMm !== null
        ? `at least ${length(asked.lowMm)} ${units}`
        : '';
  const judged = reading?.judged;
  const bad = reading && !reading.length.ok;
  return (
    <div className="bench-reading" data-place={bad ? 'bad' : judged?.place}>
      <label>
        {asked.title}, {draft.reading && draft.reading.text.trim() !== '' ? draft.reading.units : units}
        <input
          ref={field}
          inputMode="decimal"
          autoComplete="off"
          value={draft.reading?.text ?? ''}
          aria-invalid={bad || undefined}
          aria-describedby={`reading-${step.id}`}
          onChange={(event) => read(event.target.value)}
          // An instrument ends what it types with Enter: the keys are the bench's again.
          onKeyDown={(event) => event.key === 'Enter' && event.currentTarget.blur()}
        />
      </label>
      <FromInstrument kinds={asked.by} wanted={{ low: asked.lowMm, high: asked.highMm }} onTake={read} />
      <p id={`reading-${step.id}`} role="status">
        {reading && !reading.length.ok && explainLengthProblem(reading.length.problem)}
        {judged && `${PLACES[judged.place]} ${judged.question ?? ''}`}
        {!reading && limits}
      </p>
    </div>
  );
}
