import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useSyncExternalStore, type ReactNode } from 'react';
import { ErrorBoundary, type FallbackProps } from 'react-error-boundary';
import { isAway, onConnection } from '../base/connection.ts';

/** What to do when a view broke: nothing recorded is gone, and nothing typed. */
export function Broken({ error, resetErrorBoundary }: FallbackProps) {
  const away = useSyncExternalStore(onConnection, isAway);
  return (
    <Box role="alert" sx={{ p: 4, maxWidth: 600 }}>
      <Typography variant="h2" component="h1" gutterBottom>
        {away ? 'This page cannot be fetched now' : 'This page broke'}
      </Typography>
      <Typography sx={{ mb: 1.5 }}>
        What is recorded stands, and what you typed is kept on this device.{' '}
        {away
          ? 'The server does not answer: a page that was not open yet cannot be fetched. Go back to the one that was.'
          : 'Load it again. If it breaks again, tell whoever looks after Deep Mend here what stands below.'}
      </Typography>
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', mb: 2 }}>
        <Button variant="contained" disabled={away} onClick={() => window.location.reload()}>
          Load it again
        </Button>
        <Button variant="outlined" onClick={() => resetErrorBoundary()}>
          Try without loading
        </Button>
      </Box>
      <Typography component="pre" sx={{ fontSize: 13, whiteSpace: 'pre-wrap', color: 'text.secondary', m: 0 }}>
        {error instanceof Error ? error.message : String(error)}
      </Typography>
    </Box>
  );
}

/** Round each view: one that breaks leaves the others, and the way to them. */
export function ViewBoundary({ of, children }: { of: string; children: ReactNode }) {
  return (
    <ErrorBoundary FallbackComponent={Broken} resetKeys={[of]}>
      {children}
    </ErrorBoundary>
  );
}
