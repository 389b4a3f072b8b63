import Box from '@mui/material/Box';
import MenuItem from '@mui/material/MenuItem';
import Popover from '@mui/material/Popover';
import TextField from '@mui/material/TextField';
import {
  quantityRow,
  INSTRUMENTS,
  ownUsed,
  type InstrumentId,
  type OwnUsed,
  type QuantityId,
  type ReadingEntry,
  type UnitSystem,
} from '@deep-mend/core';
import { memo, useState } from 'react';
import { useShop } from '../../base/ShopContext.tsx';
import { doubtMmOf, halfWidthShown, halfWidthTyped, instrumentOf } from './drafts.ts';
import { useReading } from './useDrafts.ts';

/** What a doubt says, and whose it is. */
const doubtHelp = (own: OwnUsed | null): string =>
  `You are 95 % sure that the true value lies within this.${own ? ` Offered is this shop’s own, from ${own.count} pairs of readings.` : ''}`;

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
  const { name } = quantityRow(quantity);
  const { rules } = useShop().rules;
  const [ref, view, change] = useReading({ quantity, threadId, entry, units, rules });
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const { drafted, unit, instrument, halfWidth, doubt, doubtProblem, problem, question } = view;
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
          ref={ref}
          className="known-input"
          disabled={disabled}
          placeholder="—"
          autoComplete="off"
          spellCheck={false}
          data-draft={drafted}
          aria-invalid={problem !== null}
          aria-describedby={problem ? `${fieldId}-problem` : undefined}
          onChange={(event) => change({ text: event.target.value })}
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
          aria-label={`Instrument and doubt of ${shown}: ${instrumentOf(instrument).name}, ± ${doubt}`}
        >
          ± {doubt}, {instrumentOf(instrument).name.split(',')[0]!.toLowerCase()}
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
              value={instrument}
              onChange={(event) => {
                const instrument = event.target.value as InstrumentId;
                change({ instrument, halfWidth: String(doubtMmOf(instrument, rules)) });
              }}
            >
              {INSTRUMENTS.map((row) => (
                <MenuItem key={row.id} value={row.id}>
                  {row.name}
                </MenuItem>
              ))}
            </TextField>
            <TextField
              label={`Doubt, ± ${units}`}
              value={halfWidthShown(halfWidth, units)}
              error={doubtProblem !== null}
              helperText={doubtProblem ?? doubtHelp(ownUsed(rules, 'doubt', instrument))}
              onChange={(event) => change({ halfWidth: halfWidthTyped(event.target.value, units) })}
            />
          </Box>
        </Popover>
      )}
    </div>
  );
});
