import Dialog from '@mui/material/Dialog';
import DialogContent from '@mui/material/DialogContent';
import Button from '@mui/material/Button';
import DialogActions from '@mui/material/DialogActions';
import useMediaQuery from '@mui/material/useMediaQuery';
import { WhichThread } from './WhichThread.tsx';

/** The same sheet beside a hole: a click on a candidate takes it for the hole’s thread. */
export function WhichDialog({ onPick, onClose }: { onPick: (threadId: string) => void; onClose: () => void }) {
  const small = useMediaQuery('(max-width: 700px)');
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="md" fullScreen={small} aria-label="Which thread is this?">
      <DialogContent>
        <WhichThread pickWords="Take it for this hole" onPick={onPick} />
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Close</Button>
      </DialogActions>
    </Dialog>
  );
}
