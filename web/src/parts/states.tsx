import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import CircularProgress from '@mui/material/CircularProgress';
import Typography from '@mui/material/Typography';
import type { ReactNode } from 'react';

export function Loading({ what }: { what: string }) {
  return (
    <Box role="status" sx={{ display: 'flex', alignItems: 'center', gap: 2, p: 4 }}>
      <CircularProgress size={24} />
      <Typography>Fetching {what} …</Typography>
    </Box>
  );
}

export function Failed({ error, retry }: { error: Error; retry?: () => void }) {
  return (
    <Box role="alert" sx={{ p: 4, maxWidth: 560 }}>
      <Typography variant="h2" component="h1" gutterBottom>
        That did not work
      </Typography>
      <Typography sx={{ mb: 2 }}>{error.message}</Typography>
      {retry && (
        <Button variant="outlined" onClick={retry}>
          Try again
        </Button>
      )}
    </Box>
  );
}

export function Empty({ title, children }: { title: string; children: ReactNode }) {
  return (
    <Box sx={{ py: 5, maxWidth: 560 }}>
      <Typography variant="h2" component="p" gutterBottom>
        {title}
      </Typography>
      {children}
    </Box>
  );
}
