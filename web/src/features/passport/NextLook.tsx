import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import TextField from '@mui/material/TextField';
import { API_PREFIX } from '@deep-mend/contract/prefix';
import { useState } from 'react';

export interface LookAgain {
  by: string | null;
  afterHours: number | null;
  what: string;
}

/** When a hole is to be looked at again. */
export function NextLook({
  due,
  onSet,
}: {
  due: { when: string; what: string } | null;
  /** Whether it was recorded. */
  onSet: (look: LookAgain) => Promise<boolean>;
}) {
  const [open, setOpen] = useState(false);
  const [by, setBy] = useState('');
  const [hours, setHours] = useState('');
  const [what, setWhat] = useState('');
  const afterHours = hours.trim() === '' ? null : Number(hours);
  const badHours = afterHours !== null && !(Number.isInteger(afterHours) && afterHours >= 1 && afterHours <= 100_000);
  const set = (look: LookAgain) => void onSet(look).then((done) => done && setOpen(false));
  return (
    <section aria-label="Next">
      <h2>Next</h2>
      {due ? (
        <>
          <p className="glance-next">Look again {due.when}</p>
          {due.what !== '' && <p>{due.what}</p>}
        </>
      ) : (
        <p>Nothing is due.</p>
      )}
      <div className="no-print">
        <Button onClick={() => setOpen(true)} sx={{ minHeight: 48 }}>
          {due ? 'Another day' : 'Look again by a day'}
        </Button>
        {due && (
          <Button onClick={() => set({ by: null, afterHours: null, what: '' })} sx={{ minHeight: 48 }}>
            Looked at
          </Button>
        )}
        <a href={`${API_PREFIX}/due.ics`}>All that is due, as a calendar</a>
      </div>
      {open && (
        <Dialog open onClose={() => setOpen(false)} fullWidth maxWidth="xs">
          <DialogTitle>Look at it again</DialogTitle>
          <DialogContent sx={{ display: 'grid', gap: 2, pt: '8px !important' }}>
            <TextField
              type="date"
              label="By"
              value={by}
              onChange={(event) => setBy(event.target.value)}
              slotProps={{ inputLabel: { shrink: true } }}
            />
            <TextField
              label="Or after, running hours"
              value={hours}
              onChange={(event) => setHours(event.target.value)}
              error={badHours}
              helperText={badHours ? 'Type whole hours, 1 to 100 000.' : ''}
              slotProps={{ htmlInput: { inputMode: 'numeric', autoComplete: 'off' } }}
            />
            <TextField label="At what" value={what} onChange={(event) => setWhat(event.target.value)} />
          </DialogContent>
          <DialogActions>
            <Button onClick={() => setOpen(false)}>Cancel</Button>
            <Button
              variant="contained"
              disabled={badHours || (by === '' && afterHours === null)}
              onClick={() => set({ by: by === '' ? null : by, afterHours, what: what.trim() })}
            >
              Set it
            </Button>
          </DialogActions>
        </Dialog>
      )}
    </section>
  );
}
