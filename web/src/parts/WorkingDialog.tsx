import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import Typography from '@mui/material/Typography';
import type { Working } from '@deep-mend/core';
import { workingValue } from './format.ts';

/** One number opened: formula, values put in, result, source, and how far the readings move it. */
export function WorkingSheet({ working }: { working: Working }) {
  const { result, range } = working;
  return (
    <Box component="section" sx={{ mb: 3, '&:last-child': { mb: 0 } }}>
      <Typography variant="h3" component="h3">
        {working.title}
      </Typography>
      <Box
        sx={{
          fontFamily: 'monospace',
          fontSize: 16,
          my: 1,
          p: 1.5,
          bgcolor: 'background.default',
          borderRadius: 1,
          overflowX: 'auto',
        }}
      >
        {working.formula}
      </Box>
      <Box
        component="dl"
        sx={{ display: 'grid', gridTemplateColumns: 'auto 1fr auto', columnGap: 2, rowGap: 0.5, m: 0 }}
      >
        {working.symbols.map((symbol) => (
          <Box key={symbol.symbol} sx={{ display: 'contents' }}>
            <Box component="dt" sx={{ fontFamily: 'monospace' }}>
              {symbol.symbol}
            </Box>
            <Box component="dd" sx={{ m: 0, color: 'text.secondary' }}>
              {symbol.meaning}
            </Box>
            <Box component="dd" sx={{ m: 0, textAlign: 'right' }}>
              {workingValue(symbol.value, symbol.unit)}
            </Box>
          </Box>
        ))}
      </Box>
      <Typography sx={{ fontWeight: 700, mt: 1 }}>
        {result.symbol} = {workingValue(result.value, result.unit)}
      </Typography>
      {range && (
        <Typography variant="body2">
          The readings’ doubt moves it from {workingValue(range.low, '')} to {workingValue(range.high, result.unit)}.
        </Typography>
      )}
      {(working.notes ?? []).map((note) => (
        <Typography key={note} variant="body2">
          {note}
        </Typography>
      ))}
      <Typography variant="body2" sx={{ color: 'text.secondary' }}>
        Source: {working.source}
        {working.estimate ? ' · our estimate or a rule of thumb, not a standard' : ''}
      </Typography>
    </Box>
  );
}

export function WorkingDialog({
  title,
  workings,
  onClose,
}: {
  title: string;
  workings: Working[];
  onClose: () => void;
}) {
  return (
    <Dialog open onClose={onClose} maxWidth="sm" fullWidth aria-labelledby="working-title">
      <DialogTitle id="working-title">{title}</DialogTitle>
      <DialogContent dividers>
        {workings.map((working) => (
          <WorkingSheet key={working.title} working={working} />
        ))}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose} autoFocus>
          Close
        </Button>
      </DialogActions>
    </Dialog>
  );
}
