import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useKeptForm } from '../../base/useKeptForm.ts';

const MOST = 400;

/** Something to be put right about a mend that is signed: what, and why. What was signed stays as it was. */
export function AmendMend({
  keepAs,
  onAmend,
  onClose,
}: {
  keepAs: string;
  /** Whether it was recorded. */
  onAmend: (what: string, reason: string) => Promise<boolean>;
  onClose: () => void;
}) {
  const { typed, change, forget } = useKeptForm(keepAs, { what: '', reason: '' });
  const [what, reason] = [typed.what.trim(), typed.reason.trim()];
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="xs">
      <DialogTitle>Amend a signed mend</DialogTitle>
      <DialogContent sx={{ display: 'grid', gap: 2 }}>
        <Typography>What was signed stays as it is. This stands beside it, with your name and today’s date.</Typography>
        <TextField
          autoFocus
          multiline
          minRows={2}
          label="What is right"
          value={typed.what}
          onChange={(event) => change({ what: event.target.value })}
          slotProps={{ htmlInput: { maxLength: MOST } }}
        />
        <TextField
          label="Why it was wrong"
          value={typed.reason}
          onChange={(event) => change({ reason: event.target.value })}
          slotProps={{ htmlInput: { maxLength: MOST } }}
        />
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Cancel</Button>
        <Button
          variant="contained"
          disabled={what === '' || reason === ''}
          onClick={() => void onAmend(what, reason).then((done) => done && forget())}
        >
          Put it beside
        </Button>
      </DialogActions>
    </Dialog>
  );
}
