import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import {
  quantityRow,
  explainLengthProblem,
  type LengthResult,
  type QuantityId,
  type UnitSystem,
} from '@deep-mend/core';
import { useState } from 'react';
import { optionsOf } from './known/options.ts';
import { instrumentOf, readDraft, type Draft } from './drafts.ts';

/** What was found and is no reading. */
export type FoundChoice = { field: 'parentId'; value: string } | { field: 'stuck'; value: 'tap' | 'extractor' };

/** What can turn out otherwise at the machine: a reading, something that is now stuck in the hole, or the metal itself. */
const TURNS: readonly ({ id: string; name: string } & (
  { quantity: QuantityId } | { choice: 'parentId' } | { choice: 'stuck'; value: 'tap' | 'extractor' }
))[] = [
  { id: 'bore', name: 'The hole came out another size', quantity: 'bore-a' },
  { id: 'walked', name: 'It walked off its axis', quantity: 'offset-along' },
  { id: 'edge', name: 'The wall is another thickness', quantity: 'edge' },
  { id: 'depth', name: 'The depth is another', quantity: 'depth' },
  { id: 'damage', name: 'Sound thread begins elsewhere', quantity: 'damage-to' },
  { id: 'floor', name: 'What lies beyond is nearer', quantity: 'floor' },
  { id: 'metal', name: 'It is another metal', choice: 'parentId' },
  { id: 'tap', name: 'The tap broke in it', choice: 'stuck', value: 'tap' },
  { id: 'extractor', name: 'An extractor broke in it', choice: 'stuck', value: 'extractor' },
];

/** Plan again from what was found: the old plan and its readings stay in the record, the ladder starts from the new state. */
export function ReplanDialog({
  units,
  onReading,
  onChoice,
  onClose,
}: {
  units: UnitSystem;
  onReading: (quantity: QuantityId, draft: Draft) => Promise<void>;
  onChoice: (found: FoundChoice) => Promise<void>;
  onClose: () => void;
}) {
  const [turnId, setTurnId] = useState('bore');
  const [text, setText] = useState('');
  const turn = TURNS.find((row) => row.id === turnId)!;
  const instrument = 'quantity' in turn ? quantityRow(turn.quantity).usual : 'caliper';
  const draft: Draft = { text, instrument, halfWidth: String(instrumentOf(instrument).halfWidthMm), units };
  const read: LengthResult | null = 'quantity' in turn && text.trim() !== '' ? readDraft(turn.quantity, draft) : null;
  const [metal, setMetal] = useState('');
  const found = (): FoundChoice | null => {
    if (!('choice' in turn)) return null;
    if (turn.choice === 'stuck') return { field: 'stuck', value: turn.value };
    return metal === '' ? null : { field: 'parentId', value: metal };
  };
  const choice = found();
  const ready = choice !== null || read?.ok === true;
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="xs">
      <DialogTitle>It came out otherwise</DialogTitle>
      <DialogContent sx={{ display: 'grid', gap: 2 }}>
        <Typography>
          Say what was found. The old plan stays in the record; the ways are weighed again from here.
        </Typography>
        <TextField select label="What happened" value={turnId} onChange={(event) => setTurnId(event.target.value)}>
          {TURNS.map((row) => (
            <MenuItem key={row.id} value={row.id}>
              {row.name}
            </MenuItem>
          ))}
        </TextField>
        {turnId === 'metal' && (
          <TextField select label="Cut in" value={metal} onChange={(event) => setMetal(event.target.value)}>
            {optionsOf('parentId').map(({ value, text: name }) => (
              <MenuItem key={String(value)} value={String(value)}>
                {name}
              </MenuItem>
            ))}
          </TextField>
        )}
        {'quantity' in turn && (
          <TextField
            autoFocus
            label={`${quantityRow(turn.quantity).name}, ${units}`}
            value={text}
            onChange={(event) => setText(event.target.value)}
            error={read !== null && !read.ok}
            helperText={read !== null && !read.ok ? explainLengthProblem(read.problem) : 'as it is measured now'}
            slotProps={{ htmlInput: { autoComplete: 'off' } }}
          />
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Cancel</Button>
        <Button
          variant="contained"
          disabled={!ready}
          onClick={() => {
            if ('quantity' in turn) void onReading(turn.quantity, draft);
            else if (choice) void onChoice(choice);
          }}
        >
          Weigh again
        </Button>
      </DialogActions>
    </Dialog>
  );
}
