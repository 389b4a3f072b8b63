import {
  choiceRow,
  formatLength,
  formatLengthWithUnit,
  mayBeEmptied,
  parseLength,
  type ChoiceId,
  type HoleChoices,
  type UnitSystem,
} from '@deep-mend/core';
import { memo, useState, type ReactNode } from 'react';
import { useShop } from '../../../base/ShopContext.tsx';
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

export const Pick = memo(function Pick({
  field,
  value,
  disabled,
  choose,
  only,
}: FieldProps & { value: string; only?: readonly string[] | undefined }) {
  const id = choiceFieldId(field);
  const row = choiceRow(field);
  const none = 'none' in row ? row.none : undefined;
  return (
    <Row label={row.label} labelFor={id}>
      <select
        id={id}
        className="known-select"
        // A long name is cut: its full text is at hand.
        title={optionsOf(field).find((option) => option.value === value)?.text}
        value={value}
        disabled={disabled}
        onChange={(event) => {
          const picked = event.target.value;
          if (picked !== '') choose(field, picked as never);
          else if (mayBeEmptied(row)) choose(field, null as never);
        }}
      >
        {(none !== undefined || value === '') && <option value="">{none ?? '—'}</option>}
        {optionsOf(field)
          .filter((option) => only === undefined || only.includes(option.value))
          .map((option) => (
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
  const { units } = useShop();
  // A length is typed and shown in the reader's unit; it keeps the unit in which it was typed.
  const [typed, setTyped] = useState<{ text: string; units: UnitSystem } | null>(null);
  const row = choiceRow(field);
  if (row.kind !== 'number') throw new Error(`${field} is no number`);
  const { label, unit, min, max } = row;
  const isLength = unit === 'mm';
  const inUnits = typed?.units ?? units;
  const number = typed && numberOf(typed, isLength);
  const empty = typed !== null && typed.text.trim() === '';
  const bad = typed !== null && !empty && !(number !== null && number >= min && number <= max);
  const commit = () => {
    if (typed === null || bad) return;
    choose(field, (empty ? null : number) as never);
    setTyped(null);
  };
  const written = (value: number) => (isLength ? formatLength(value, units) : String(value));
  const limit = (value: number) => (isLength ? formatLengthWithUnit(value, inUnits) : `${value}`);
  return (
    <Row label={label} labelFor={id}>
      <div className="known-value">
        <input
          id={id}
          className="known-input"
          disabled={disabled}
          placeholder="—"
          autoComplete="off"
          data-draft={typed !== null}
          aria-invalid={bad}
          value={typed?.text ?? (value === null ? '' : written(value))}
          onChange={(event) => setTyped({ text: event.target.value, units: inUnits })}
          onBlur={commit}
          onKeyDown={(event) => {
            if (event.key === 'Enter') commit();
          }}
        />
        <span className="known-unit">{isLength ? inUnits : unit}</span>
      </div>
      {bad && (
        <p role="alert" className="known-problem">
          “{typed.text}” was read; expected {isLength ? 'a length' : `a number${unit === '' ? '' : ` of ${unit}`}`}{' '}
          between {limit(min)} and {limit(max)}, for example {limit(Math.round((min + max) / 10))}.
        </p>
      )}
    </Row>
  );
});

/** What was typed in a field of a number; null: it is none. */
function numberOf({ text, units }: { text: string; units: UnitSystem }, isLength: boolean): number | null {
  if (!isLength) return text.trim() === '' ? null : Number(text.replace(',', '.'));
  const read = parseLength(text, { bareUnit: units, gauges: false });
  return read.ok ? read.length.mm : null;
}

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
