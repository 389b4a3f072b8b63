import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { CHIP_LOOKS, readChips, type ChipLook, type ChipReading, type DrillIn } from '@deep-mend/core';
import { useState } from 'react';
import './chips.css';

const VERDICTS: Readonly<Record<ChipReading['verdict'], string>> = {
  right: 'As it should be',
  mind: 'Mind it',
  stop: 'Stop',
};

/** What comes out tells where the drill is: one press on what it looks like. Nothing of it is recorded. */
export function ChipReader({
  drillIn,
  onOtherwise,
  onClose,
}: {
  drillIn: DrillIn;
  /** Plans again from what was found; left out: there is no plan here. */
  onOtherwise?: () => void;
  onClose: () => void;
}) {
  const [look, setLook] = useState<ChipLook | null>(null);
  const read = look && readChips(look, drillIn);
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm">
      <DialogTitle>What do the chips look like?</DialogTitle>
      <DialogContent>
        {read && (
          <div className="chips-read" data-verdict={read.verdict} role="alert">
            <b>{VERDICTS[read.verdict]}</b>
            <p>{read.says}</p>
            <p>{read.then}</p>
          </div>
        )}
        <div className="chips-looks">
          {CHIP_LOOKS.map(({ id, name }) => (
            <Button
              key={id}
              variant={id === look ? 'contained' : 'outlined'}
              aria-pressed={id === look}
              onClick={() => setLook(id)}
              sx={{
                minHeight: 64,
                justifyContent: 'flex-start',
                textAlign: 'left',
                color: id === look ? undefined : 'inherit',
              }}
            >
              {name}
            </Button>
          ))}
        </div>
      </DialogContent>
      <DialogActions>
        {read?.verdict === 'stop' && onOtherwise && (
          <Button variant="outlined" onClick={onOtherwise} sx={{ minHeight: 64 }}>
            It is otherwise: plan again
          </Button>
        )}
        <Button onClick={onClose} sx={{ minHeight: 64, color: 'inherit' }}>
          Close
        </Button>
      </DialogActions>
    </Dialog>
  );
}
