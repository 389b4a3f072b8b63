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
import { useTyped, type Read } from '../../../base/useTyped.ts';
import { useChoiceKey } from '../useDrafts.ts';
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

type NumberRow = Extract<ReturnType<typeof choiceRow>, { kind: 'number' }>;

/** Reads a number of a row, or a length in the unit in which it was typed; empty: nothing is said. */
function readNumber({ unit, min, max }: NumberRow, text: string, units: UnitSystem): Read<number | null> {
  if (text.trim() === '') return { value: null };
  const isLength = unit === 'mm';
  const number = isLength ? lengthOf(text, units) : Number(text.replace(',', '.'));
  if (number !== null && number >= min && number <= max) return { value: number };
  const expected = isLength ? 'a length' : `a number${unit === '' ? '' : ` of ${unit}`}`;
  const limit = (value: number) => (isLength ? formatLengthWithUnit(value, units) : `${value}`);
  return {
    problem: `“${text}” was read; expected ${expected} between ${limit(min)} and ${limit(max)}, for example ${limit(Math.round((min + max) / 10))}.`,
  };
}

function lengthOf(text: string, units: UnitSystem): number | null {
  const read = parseLength(text, { bareUnit: units, gauges: false });
  return read.ok ? read.length.mm : null;
}

export const NumberField = memo(function NumberField({
  field,
  value,
  disabled,
  choose,
}: FieldProps & { value: number | null }) {
  const id = choiceFieldId(field);
  const { units } = useShop();
  const row = choiceRow(field);
  if (row.kind !== 'number') throw new Error(`${field} is no number`);
  const isLength = row.unit === 'mm';
  const typed = useTyped({
    shown: value === null ? '' : isLength ? formatLength(value, units) : String(value),
    units,
    parse: (text, inUnits) => readNumber(row, text, inUnits),
    commit: (number) => choose(field, number as never),
    keepAs: useChoiceKey(field),
    shut: disabled,
  });
  return (
    <Row label={row.label} labelFor={id}>
      <div className="known-value">
        <input
          id={id}
          className="known-input"
          disabled={disabled}
          placeholder="—"
          autoComplete="off"
          data-draft={typed.drafted}
          aria-invalid={typed.problem !== null}
          aria-describedby={typed.problem === null ? undefined : `${id}-problem`}
          value={typed.text}
          {...typed.on}
        />
        <span className="known-unit">{isLength ? typed.units : row.unit}</span>
      </div>
      {typed.problem !== null && (
        <p id={`${id}-problem`} role="alert" className="known-problem">
          {typed.problem}
        </p>
      )}
    </Row>
  );
});

/** Words of one's own, as the name of a code. */
export function WordsField({ field, value, disabled, choose }: FieldProps & { value: string }) {
  const id = choiceFieldId(field);
  const { units } = useShop();
  const row = choiceRow(field);
  if (row.kind !== 'text') throw new Error(`${field} is no text`);
  const typed = useTyped({
    shown: value,
    units,
    parse: (text) => ({ value: text.trim() }),
    commit: (words) => {
      if (words !== value) choose(field, words as never);
    },
    keepAs: useChoiceKey(field),
    shut: disabled,
  });
  return (
    <Row label={row.label} labelFor={id}>
      <input
        id={id}
        className="known-input"
        disabled={disabled}
        maxLength={row.most}
        autoComplete="off"
        data-draft={typed.drafted}
        value={typed.text}
        {...typed.on}
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
