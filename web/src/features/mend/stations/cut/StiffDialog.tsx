import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { stiffCauses, stoppedEarly, turnsWords, type HoleEventBody, type StiffNow } from '@deep-mend/core';
import { useState } from 'react';

export type StiffTold = Pick<HoleEventBody<'went-stiff'>['payload'], 'cause' | 'then'>;

/** Stop, then look: the five causes in the order of what is known now, each with how to tell and what to do. */
export function StiffDialog({
  now,
  onTold,
  onClose,
}: {
  now: StiffNow;
  onTold: (told: StiffTold) => void;
  onClose: () => void;
}) {
  const causes = stiffCauses(now);
  const [open, setOpen] = useState(causes[0]!.id);
  const early = now.blind && now.turns !== null ? stoppedEarly({ total: now.totalTurns }, now.turns) : 0;
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm">
      <DialogTitle>Stop. Do not turn on.</DialogTitle>
      <DialogContent>
        {early > 0 && (
          <p className="stiff-early">
            It stopped early: {turnsWords(early)} turns before the bottom by the count. That is not the bottom.
          </p>
        )}
        <ol className="stiff-causes">
          {causes.map(({ id, name, check, then, because }) => (
            <li key={id}>
              <details open={open === id}>
                <summary
                  onClick={(event) => {
                    event.preventDefault();
                    setOpen(id);
                  }}
                >
                  <b>{name}</b>
                  <span>{because}</span>
                </summary>
                <p>
                  <b>See:</b> {check}
                </p>
                <p>
                  <b>Do:</b> {then}
                </p>
                <div className="stiff-keys">
                  <Button variant="contained" onClick={() => onTold({ cause: id, then: 'goes-on' })}>
                    It was this, go on
                  </Button>
                  <Button variant="outlined" onClick={() => onTold({ cause: id, then: 'plan-again' })}>
                    Plan again
                  </Button>
                </div>
              </details>
            </li>
          ))}
        </ol>
      </DialogContent>
      <DialogActions sx={{ justifyContent: 'space-between', p: 2 }}>
        <Button
          color="error"
          variant="outlined"
          onClick={() => onTold({ cause: 'unknown', then: 'broke' })}
          sx={{ minHeight: 64, color: 'text.primary' }}
        >
          It broke in the hole
        </Button>
        <Button onClick={onClose} sx={{ minHeight: 64 }}>
          Back to the bench
        </Button>
      </DialogActions>
    </Dialog>
  );
}
