import Box from '@mui/material/Box';
import MenuItem from '@mui/material/MenuItem';
import Popover from '@mui/material/Popover';
import TextField from '@mui/material/TextField';
import {
  explainLengthProblem,
  INSTRUMENTS,
  questionReading,
  threadById,
  type InstrumentId,
  type QuantityId,
  type ReadingEntry,
  type UnitSystem,
} from '@deep-mend/core';
import { memo, useState } from 'react';
import { instrumentOf, quantityOf, readDraft, readHalfWidth, type Draft } from './drafts.ts';
import { useDraft } from './useDrafts.ts';

interface Props {
  quantity: QuantityId;
  /** The thread, once it is known: a reading that does not go with it is asked about. */
  threadId: string | undefined;
  label?: string;
  entry: ReadingEntry | undefined;
  units: UnitSystem;
  disabled?: boolean;
  /** Called on Enter or when the field is left. */
  onCommit: (quantity: QuantityId) => void;
}

const SHOWN_UNIT = { mm: 'mm', in: 'in', thou: 'thou', number: '', letter: '' } as const;

/** One reading: what was typed, its unit, its instrument and doubt. It is recorded when the field is left. */
export const ReadingField = memo(function ReadingField({
  quantity,
  threadId,
  label,
  entry,
  units,
  disabled = false,
  onCommit,
}: Props) {
  const { name, usual } = quantityOf(quantity);
  const [draft, setDraft] = useDraft(quantity);
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const base: Draft = draft ?? {
    text: entry?.text ?? '',
    instrument: entry?.instrument ?? usual,
    halfWidth: String(entry?.halfWidthMm ?? instrumentOf(usual).halfWidthMm),
  };
  const parsed = draft && draft.text.trim() !== '' ? readDraft(quantity, draft, units) : null;
  const doubt = readHalfWidth(base);
  const problem =
    parsed && !parsed.ok
      ? explainLengthProblem(parsed.problem)
      : !doubt.ok
        ? explainLengthProblem(doubt.problem)
        : null;
  const question = parsed?.ok && threadId ? questionReading(quantity, parsed.length, threadById(threadId)) : null;
  const bare = /^[\d.,\s]+$/.test(base.text);
  const unit = draft ? (bare ? units : '') : entry && bare ? SHOWN_UNIT[entry.notation] : base.text === '' ? units : '';
  const fieldId = `reading-${quantity}`;
  const shown = label ?? name;
  return (
    <div className="known-row">
      <label className="known-label" htmlFor={fieldId}>
        {shown}
      </label>
      <div className="known-value">
        <input
          id={fieldId}
          className="known-input"
          value={base.text}
          disabled={disabled}
          placeholder="—"
          autoComplete="off"
          spellCheck={false}
          data-draft={draft !== undefined}
          aria-invalid={problem !== null}
          aria-describedby={problem ? `${fieldId}-problem` : undefined}
          onChange={(event) => setDraft({ ...base, text: event.target.value })}
          onBlur={() => onCommit(quantity)}
          onKeyDown={(event) => {
            if (event.key === 'Enter') onCommit(quantity);
          }}
        />
        <span className="known-unit">{unit}</span>
        <button
          type="button"
          className="plain-button known-doubt"
          onClick={(event) => setAnchor(event.currentTarget)}
          disabled={disabled}
          aria-label={`Instrument and doubt of ${shown}: ${instrumentOf(base.instrument).name}, ± ${base.halfWidth} mm`}
        >
          ± {base.halfWidth} mm, {instrumentOf(base.instrument).name.split(',')[0]!.toLowerCase()}
        </button>
      </div>
      {problem && (
        <p id={`${fieldId}-problem`} role="alert" className="known-problem">
          {problem}
        </p>
      )}
      {!problem && question && (
        <p role="status" className="known-question">
          {question}
        </p>
      )}
      {anchor && (
        <Popover
          open
          anchorEl={anchor}
          onClose={() => {
            setAnchor(null);
            onCommit(quantity);
          }}
          anchorOrigin={{ vertical: 'bottom', horizontal: 'right' }}
          transformOrigin={{ vertical: 'top', horizontal: 'right' }}
        >
          <Box sx={{ p: 2, width: 280, display: 'grid', gap: 2 }}>
            <TextField
              select
              label="Read with"
              value={base.instrument}
              onChange={(event) => {
                const instrument = event.target.value as InstrumentId;
                setDraft({ ...base, instrument, halfWidth: String(instrumentOf(instrument).halfWidthMm) });
              }}
            >
              {INSTRUMENTS.map((row) => (
                <MenuItem key={row.id} value={row.id}>
                  {row.name}
                </MenuItem>
              ))}
            </TextField>
            <TextField
              label="Doubt, ± mm"
              value={base.halfWidth}
              error={!doubt.ok}
              helperText={
                doubt.ok
                  ? 'You are 95 % sure that the true value lies within this.'
                  : explainLengthProblem(doubt.problem)
              }
              onChange={(event) => setDraft({ ...base, halfWidth: event.target.value })}
            />
          </Box>
        </Popover>
      )}
    </div>
  );
});
