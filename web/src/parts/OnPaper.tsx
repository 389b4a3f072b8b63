import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import type { PaperId } from '@deep-mend/drawing';
import { useState } from 'react';
import { onDevice } from '../base/kept.ts';
import { isPaper, PAPERS } from './papers.ts';

/** Papers of their own, made by the server as PDF, on the paper that this device prints on. */
export function OnPaper({ papers }: { papers: readonly { name: string; hrefOf: (paper: PaperId) => string }[] }) {
  const [paper, setPaper] = useState<PaperId>(() => onDevice.value('paper', isPaper) ?? 'a4');
  return (
    <Box sx={{ display: 'flex', gap: 1, alignItems: 'center', mt: 1.5, flexWrap: 'wrap' }} className="no-print">
      {papers.map(({ name, hrefOf }) => (
        <Button
          key={name}
          variant="outlined"
          component="a"
          href={hrefOf(paper)}
          target="_blank"
          rel="noopener"
          sx={{ flex: '1 1 auto', minHeight: 48, whiteSpace: 'nowrap' }}
        >
          {name}
        </Button>
      ))}
      <TextField
        select
        size="small"
        label="Paper"
        value={paper}
        onChange={({ target: { value } }) => {
          if (!isPaper(value)) return;
          onDevice.keep('paper', value);
          setPaper(value);
        }}
        sx={{ width: 110 }}
      >
        {PAPERS.map(({ id, name }) => (
          <MenuItem key={id} value={id}>
            {name}
          </MenuItem>
        ))}
      </TextField>
    </Box>
  );
}
