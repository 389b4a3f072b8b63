import { choiceRow, mayBeEmptied, type ChoiceId, type HoleChoices } from '@deep-mend/core';
import { memo, useState, type ReactNode } from 'react';
import { optionsOf } from './options.ts';

export type Choose = <K extends keyof HoleChoices>(field: K, value: HoleChoices[K]) => void;

/** Where a choice is answered: a question elsewhere on the page puts the hand there. */
export const choiceFieldId = (field: ChoiceId): string => `choice-${field}`;

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

interface FieldProps {
  field: ChoiceId;
  disabled: boolean;
  choose: Choose;
}

export const Pick = memo(function Pick({ field, value, disabled, choose }: FieldProps & { value: string }) {
  const id = choiceFieldId(field);
  const row = choiceRow(field);
  const none = 'none' in row ? row.none : undefined;
  return (
    <Row label={row.label} labelFor={id}>
      <select
        id={id}
        className="known-select"
        value={value}
        disabled={disabled}
        onChange={(event) => {
          const picked = event.target.value;
          if (picked !== '') choose(field, picked as never);
          else if (mayBeEmptied(row)) choose(field, null as never);
        }}
      >
        {(none !== undefined || value === '') && <option value="">{none ?? '—'}</option>}
        {optionsOf(field).map((option) => (
          <option key={option.value} value={option.value}>
            {option.text}
          </option>
        ))}
      </select>
    </Row>
  );
});

export const NumberField = memo(function NumberField({
  field,
  value,
  disabled,
  choose,
}: FieldProps & { value: number | null }) {
  const id = choiceFieldId(field);
  const [text, setText] = useState<string | null>(null);
  const row = choiceRow(field);
  if (row.kind !== 'number') throw new Error(`${field} is no number`);
  const { label, unit, min, max } = row;
  const number = Number((text ?? '').replace(',', '.'));
  const bad = text !== null && text.trim() !== '' && !(number >= min && number <= max);
  const commit = () => {
    if (text === null || bad) return;
    choose(field, (text.trim() === '' ? null : number) as never);
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
          “{text}” was read; expected a number of {unit} between {min} and {max}, for example{' '}
          {Math.round((min + max) / 10)}.
        </p>
      )}
    </Row>
  );
});

/** Words of one's own, as the name of a code. */
export function WordsField({ field, value, disabled, choose }: FieldProps & { value: string }) {
  const id = choiceFieldId(field);
  const [text, setText] = useState<string | null>(null);
  const row = choiceRow(field);
  if (row.kind !== 'text') throw new Error(`${field} is no text`);
  const commit = () => {
    if (text !== null && text.trim() !== value) choose(field, text.trim() as never);
    setText(null);
  };
  return (
    <Row label={row.label} labelFor={id}>
      <input
        id={id}
        className="known-input"
        disabled={disabled}
        maxLength={row.most}
        autoComplete="off"
        data-draft={text !== null}
        value={text ?? value}
        onChange={(event) => setText(event.target.value)}
        onBlur={commit}
        onKeyDown={(event) => {
          if (event.key === 'Enter') commit();
        }}
      />
    </Row>
  );
}

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

export function Tick({ field, checked, disabled, choose }: FieldProps & { checked: boolean }) {
  // It shows what was ticked at once; the record follows.
  const [ticked, setTicked] = useState<{ over: boolean; to: boolean } | null>(null);
  const shown = ticked && ticked.over === checked ? ticked.to : checked;
  return (
    <label className="known-check">
      <input
        id={choiceFieldId(field)}
        type="checkbox"
        checked={shown}
        disabled={disabled}
        onChange={(event) => {
          setTicked({ over: checked, to: event.target.checked });
          choose(field, event.target.checked as never);
        }}
      />
      {choiceRow(field).label}
    </label>
  );
}
