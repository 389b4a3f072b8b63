import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import Typography from '@mui/material/Typography';
import { useState, useSyncExternalStore } from 'react';
import { Link, useLocation } from 'react-router';
import { isAway, onConnection } from '../base/connection.ts';
import type { Item } from '../base/outbox/Item.ts';
import { useItems, useOutbox } from '../base/outbox/useOutbox.ts';
import { oldestKept, onShownKept } from '../base/replies/shownKept.ts';
import { SHOP } from '../base/ShopContext.tsx';
import { clockTime } from '../parts/format.ts';

/** Where what was not taken is decided: beside what it is about. Null: nowhere but here. */
function placeOf({ line }: Item): string | null {
  if (line === SHOP) return '/crib';
  return line.startsWith('/holes/') ? line.replace('/holes/', '/mend/') : null;
}

const entries = (count: number) => (count === 1 ? '1 entry' : `${count} entries`);

/** One entry that the server does not have: what it is, and what became of it. */
function Entry({ item, onGo }: { item: Item; onGo: () => void }) {
  const outbox = useOutbox();
  const place = placeOf(item);
  return (
    <Box component="li" sx={{ py: 1, borderBottom: 1, borderColor: 'divider' }}>
      <Typography>
        {item.title}
        <Box component="span" sx={{ color: 'text.secondary' }}>
          {item.problem ? `: ${item.problem.detail}` : ', waits to be sent'}
        </Box>
      </Typography>
      {place && (
        <Link to={place} onClick={onGo}>
          {item.problem ? 'Decide there' : 'Go there'}
        </Link>
      )}
      {!place && item.problem && (
        <Button size="small" onClick={() => void outbox.drop(item)}>
          Throw it away
        </Button>
      )}
    </Box>
  );
}

function Waiting({ items, onClose }: { items: readonly Item[]; onClose: () => void }) {
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="waiting-title">
      <DialogTitle id="waiting-title">Kept on this device</DialogTitle>
      <DialogContent>
        <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
          {items.map((item) => (
            <Entry key={item.order} item={item} onGo={onClose} />
          ))}
        </Box>
        {items.length === 0 && <Typography>Everything is recorded.</Typography>}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Close</Button>
      </DialogActions>
    </Dialog>
  );
}

/** Whether the server is there, and what it does not have yet. Nothing is said while all is recorded. */
export function Connection() {
  const away = useSyncExternalStore(onConnection, isAway);
  const readAt = useSyncExternalStore(onShownKept, oldestKept);
  const items = useItems();
  const { pathname } = useLocation();
  const [open, setOpen] = useState(false);
  // What is decided on this page stands there already.
  const undecided = items.filter((item) => item.problem && !(placeOf(item) && pathname.startsWith(placeOf(item)!)));
  const waiting = items.filter(({ problem }) => problem === null);
  const button = (
    <Button color="inherit" onClick={() => setOpen(true)}>
      See {items.length === 1 ? 'it' : 'them'}
    </Button>
  );
  return (
    <Box className="no-print" sx={{ position: 'sticky', top: 0, zIndex: 'appBar' }}>
      {away && (
        <Alert
          severity="warning"
          sx={{ mb: 1, alignItems: 'center', '& .MuiAlert-action': { pt: 0, whiteSpace: 'nowrap' } }}
          action={items.length > 0 ? button : undefined}
        >
          The server does not answer. {/* At the machine, on a phone, the number that matters has the room. */}
          <Box component="span" sx={{ display: { xs: 'none', md: 'inline' } }}>
            Go on: what you record is kept on this device and sent when it is back.{' '}
          </Box>
          {readAt !== null && `Shown as it was read here at ${clockTime(new Date(readAt).toISOString())}. `}
          {waiting.length > 0 && `${entries(waiting.length)} not sent yet.`}
        </Alert>
      )}
      {undecided.length > 0 && (
        <Alert severity="error" sx={{ mb: 1 }} action={button}>
          {entries(undecided.length)} {undecided.length === 1 ? 'was' : 'were'} not taken. Look, then decide.
        </Alert>
      )}
      {open && <Waiting items={items} onClose={() => setOpen(false)} />}
    </Box>
  );
}
