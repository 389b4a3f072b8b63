import Autocomplete from '@mui/material/Autocomplete';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import type { HoleSummary, MoveReading } from '@deep-mend/contract';
import type { ReadingEntry } from '@deep-mend/core';
import { useState } from 'react';
import { newId, useRead } from '../../base/client.ts';

interface Props {
  entry: ReadingEntry;
  holeId: string;
  words: string;
  onClose: () => void;
  onStrike: (reason: string) => Promise<void>;
  onMove: (body: MoveReading) => Promise<void>;
}

/** Strikes a reading out, or moves it to the hole it belongs to. Both stay visible, with the reason. */
export function CorrectReading({ entry, holeId, words, onClose, onStrike, onMove }: Props) {
  const [reason, setReason] = useState('');
  const [search, setSearch] = useState('');
  const [target, setTarget] = useState<HoleSummary | null>(null);
  const { data } = useRead(`/holes?limit=20&search=${encodeURIComponent(search)}`, {
    keepPreviousData: true,
  });
  const label = (hole: HoleSummary) =>
    `${hole.name}${hole.assetName ? `, ${hole.assetName}, ${hole.faceName}` : ', loose part'}`;
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="xs" aria-labelledby="correct-title">
      <DialogTitle id="correct-title">Correct: {words}</DialogTitle>
      <DialogContent sx={{ display: 'grid', gap: 2, pt: '8px !important' }}>
        <TextField
          autoFocus
          label="Why"
          placeholder="caliper not zeroed"
          value={reason}
          onChange={(event) => setReason(event.target.value)}
          slotProps={{ htmlInput: { maxLength: 400 } }}
        />
        <Autocomplete
          options={(data?.items ?? []).filter((hole) => hole.id !== holeId)}
          value={target}
          getOptionLabel={label}
          getOptionKey={(hole) => hole.id}
          isOptionEqualToValue={(a, b) => a.id === b.id}
          filterOptions={(options) => options}
          onInputChange={(_, text, why) => why === 'input' && setSearch(text)}
          onChange={(_, hole) => setTarget(hole)}
          renderInput={(params) => (
            <TextField {...params} label="It belongs to this hole (leave empty to strike it out)" />
          )}
        />
        <Typography sx={{ fontSize: 14, color: 'text.secondary' }}>
          Nothing is deleted: the reading stays in the passport with this reason.
        </Typography>
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Leave it</Button>
        <Button
          variant="contained"
          disabled={reason.trim() === ''}
          onClick={() =>
            void (target
              ? onMove({
                  id: newId(),
                  newReadingId: newId(),
                  readingId: entry.id,
                  toHoleId: target.id,
                  reason: reason.trim(),
                  happenedAt: new Date().toISOString(),
                })
              : onStrike(reason.trim()))
          }
        >
          {target ? 'Move it there' : 'Strike it out'}
        </Button>
      </DialogActions>
    </Dialog>
  );
}
