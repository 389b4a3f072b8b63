import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { onDevice } from '../../../../base/kept.ts';

/** A few words, kept while they are typed, and one or two things that they are for. */
export function WordsDialog({
  title,
  label,
  keepAs,
  actions,
  onClose,
}: {
  title: string;
  label: string;
  keepAs: string;
  actions: readonly { name: string; act: (words: string) => void }[];
  onClose: () => void;
}) {
  const [words, setWords] = useState(() => onDevice.text(keepAs) ?? '');
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="xs">
      <DialogTitle>{title}</DialogTitle>
      <DialogContent>
        <TextField
          autoFocus
          fullWidth
          multiline
          minRows={2}
          label={label}
          value={words}
          onChange={({ target: { value } }) => {
            onDevice.keepText(keepAs, value);
            setWords(value);
          }}
          sx={{ mt: 1 }}
          slotProps={{ htmlInput: { maxLength: 2000 } }}
        />
      </DialogContent>
      <DialogActions sx={{ p: 2, flexWrap: 'wrap' }}>
        <Button onClick={onClose} sx={{ minHeight: 64 }}>
          Not now
        </Button>
        {actions.map(({ name, act }) => (
          <Button
            key={name}
            variant="contained"
            disabled={words.trim() === ''}
            onClick={() => {
              onDevice.forget(keepAs);
              act(words.trim());
            }}
            sx={{ minHeight: 64 }}
          >
            {name}
          </Button>
        ))}
      </DialogActions>
    </Dialog>
  );
}
