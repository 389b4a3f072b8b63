import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { Suspense, useState, useSyncExternalStore } from 'react';
import { Outlet, useLocation } from 'react-router';
import { Loading } from '../parts/states.tsx';
import { isShut, onShut } from '../base/kept.ts';
import { useShop } from '../base/ShopContext.tsx';
import { useKeys } from '../base/useKeys.ts';
import { Connection } from './Connection.tsx';
import { Header, type SchemeSwitch } from './Header.tsx';
import { ViewBoundary } from './ViewBoundary.tsx';

const KEYS = [
  ['/', 'quick line'],
  ['1, 2 …', 'stations of a mend'],
  ['u', 'millimetres or inches'],
  ['w', 'show working, at Decide'],
  ['arrows', 'up and down the metal ladder'],
  ['?', 'these keys'],
] as const;

function KeysDialog({ open, onClose }: { open: boolean; onClose: () => void }) {
  return (
    <Dialog open={open} onClose={onClose} aria-labelledby="keys-title">
      <DialogTitle id="keys-title">Keys</DialogTitle>
      <DialogContent>
        {KEYS.map(([key, what]) => (
          <Box key={key} sx={{ display: 'flex', gap: 2, py: 0.5 }}>
            <Box component="kbd" sx={{ minWidth: 72, fontWeight: 700 }}>
              {key}
            </Box>
            {what}
          </Box>
        ))}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Close</Button>
      </DialogActions>
    </Dialog>
  );
}

/** The frame round every view. */
export function Shell(switched: SchemeSwitch) {
  const { toggleUnits } = useShop();
  const { pathname } = useLocation();
  const [keysOpen, setKeysOpen] = useState(false);
  const keepsNothing = useSyncExternalStore(onShut, isShut);
  useKeys({ u: toggleUnits, '?': () => setKeysOpen(true) });
  return (
    <Box sx={{ minHeight: '100vh', bgcolor: 'background.default', color: 'text.primary' }}>
      <Header {...switched} onKeys={() => setKeysOpen(true)} />
      <Box component="main" sx={{ px: { xs: 1.5, md: 2.5 }, pb: 4, maxWidth: 1500, mx: 'auto' }}>
        <Connection />
        {keepsNothing && (
          <Alert severity="warning" className="no-print" sx={{ mb: 1 }}>
            This browser keeps nothing on the device. Record before you close the page: what is only typed is gone then.
          </Alert>
        )}
        <ViewBoundary of={pathname}>
          <Suspense fallback={<Loading what="the page" />}>
            <Outlet />
          </Suspense>
        </ViewBoundary>
      </Box>
      <KeysDialog open={keysOpen} onClose={() => setKeysOpen(false)} />
    </Box>
  );
}
