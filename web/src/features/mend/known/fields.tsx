import type { HoleChoices } from '@deep-mend/core';
import { memo, useId, useState, type ReactNode } from 'react';
import type { Option } from './options.ts';

export type Choose = <K extends keyof HoleChoices>(field: K, value: HoleChoices[K]) => void;

export function Row({ label, labelFor, children }: { label: string; labelFor: string; children: ReactNode }) {
  return (
    <div className="known-row">
      <label className="known-label" htmlFor={labelFor}>
        {label}
      </label>
      {children}
    </div>
  );
}

/** Choices that may go back to nothing. */
const CLEARABLE: readonly (keyof HoleChoices)[] = ['fastenerClassId', 'earlierRepair', 'failedMethod', 'drive'];

interface PickProps {
  field: keyof HoleChoices;
  label: string;
  value: string;
  options: Option[];
  disabled: boolean;
  /** Text of the empty option; it chooses null where the field allows it. */
  empty?: string;
  choose: Choose;
}

export const Pick = memo(function Pick({ field, label, value, options, disabled, empty, choose }: PickProps) {
  const id = useId();
  return (
    <Row label={label} labelFor={id}>
      <select
        id={id}
        className="known-select"
        value={value}
        disabled={disabled}
        onChange={(event) => {
          const picked = event.target.value;
          if (picked !== '') choose(field, picked as never);
          else if (CLEARABLE.includes(field)) choose(field, null as never);
        }}
      >
        {empty !== undefined && <option value="">{empty}</option>}
        {options.map((option) => (
          <option key={option.value} value={option.value}>
            {option.text}
          </option>
        ))}
      </select>
    </Row>
  );
});

interface NumberProps {
  field: 'torqueNm' | 'parentTensileMpa' | 'serviceC' | 'nearLimitC';
  label: string;
  unit: string;
  value: number | null;
  low: number;
  high: number;
  disabled: boolean;
  choose: Choose;
}

export const NumberField = memo(function NumberField({
  field,
  label,
  unit,
  value,
  low,
  high,
  disabled,
  choose,
}: NumberProps) {
  const id = useId();
  const [text, setText] = useState<string | null>(null);
  const number = Number((text ?? '').replace(',', '.'));
  const bad = text !== null && text.trim() !== '' && !(number >= low && number <= high);
  const commit = () => {
    if (text === null || bad) return;
    choose(field, text.trim() === '' ? null : number);
    setText(null);
  };
  return (
    <Row label={label} labelFor={id}>
      <div className="known-value">
        <input
          id={id}
          className="known-input"
          disabled={disabled}
          placeholder="—"
          autoComplete="off"
          data-draft={text !== null}
          aria-invalid={bad}
          value={text ?? (value === null ? '' : String(value))}
          onChange={(event) => setText(event.target.value)}
          onBlur={commit}
          onKeyDown={(event) => {
            if (event.key === 'Enter') commit();
          }}
        />
        <span className="known-unit">{unit}</span>
      </div>
      {bad && (
        <p role="alert" className="known-problem">
          “{text}” was read; expected a number of {unit} between {low} and {high}, for example{' '}
          {Math.round((low + high) / 10)}.
        </p>
      )}
    </Row>
  );
});

/** A group that most holes do without: its fields are only made when it is opened, so that typing stays quick. */
export function More({ title, filled, children }: { title: string; filled: boolean; children: () => ReactNode }) {
  const [open, setOpen] = useState(filled);
  return (
    <details className="known-more" open={open} onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary>{title}</summary>
      {open && children()}
    </details>
  );
}

export function Tick({
  label,
  checked,
  disabled,
  onChange,
}: {
  label: string;
  checked: boolean;
  disabled: boolean;
  onChange: (checked: boolean) => void;
}) {
  // It shows what was ticked at once; the record follows.
  const [ticked, setTicked] = useState<{ over: boolean; to: boolean } | null>(null);
  const shown = ticked && ticked.over === checked ? ticked.to : checked;
  return (
    <label className="known-check">
      <input
        type="checkbox"
        checked={shown}
        disabled={disabled}
        onChange={(event) => {
          setTicked({ over: checked, to: event.target.checked });
          onChange(event.target.checked);
        }}
      />
      {label}
    </label>
  );
}
