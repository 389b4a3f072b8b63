import Box from '@mui/material/Box';
import InputBase from '@mui/material/InputBase';
import Paper from '@mui/material/Paper';
import Popper from '@mui/material/Popper';
import { quickAnswer } from '@deep-mend/core';
import { useRef, useState } from 'react';
import { QuickCard } from '../parts/quick/QuickCard.tsx';
import { useKeys } from './useKeys.ts';
import { useShop } from './ShopContext.tsx';

/** The quick line: threads and drills answered at once, from anywhere, by `/`. */
export function QuickLine() {
  const { units, answering } = useShop();
  const [text, setText] = useState('');
  const [open, setOpen] = useState(false);
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const input = useRef<HTMLInputElement>(null);
  const answer = quickAnswer(text, answering);
  useKeys({ '/': () => input.current?.focus() });
  return (
    <Box role="search" sx={{ flex: '1 1 160px', maxWidth: 340, minWidth: 120 }} className="no-print">
      <Box
        ref={setAnchor}
        sx={{
          display: 'flex',
          alignItems: 'center',
          bgcolor: 'background.paper',
          border: 1,
          borderColor: 'divider',
          borderRadius: 6,
          px: 2,
          minHeight: 44,
        }}
      >
        <InputBase
          inputRef={input}
          value={text}
          placeholder="M8, 27/64, #7, coil M8, M8 vs 5/16-18"
          onChange={(event) => {
            setText(event.target.value);
            setOpen(true);
          }}
          onFocus={() => setOpen(true)}
          onBlur={() => setOpen(false)}
          onKeyDown={(event) => {
            if (event.key === 'Escape') {
              setText('');
              input.current?.blur();
            }
          }}
          inputProps={{
            'aria-label': 'Quick line: a thread, a drill or a question',
            autoComplete: 'off',
            spellCheck: false,
          }}
          sx={{ flex: 1, fontSize: 16 }}
        />
        <Box
          component="kbd"
          aria-hidden
          sx={{
            border: 1,
            borderColor: 'divider',
            borderRadius: 1,
            px: 0.75,
            fontSize: 13,
            color: 'text.secondary',
            display: { xs: 'none', sm: 'block' },
          }}
        >
          /
        </Box>
      </Box>
      <Popper
        open={open && answer.kind !== 'nothing'}
        anchorEl={anchor}
        placement="bottom-end"
        sx={{ zIndex: 1300, width: 'min(640px, calc(100vw - 16px))' }}
      >
        <Paper elevation={8} sx={{ p: 2, mt: 0.5 }} aria-live="polite">
          <QuickCard answer={answer} units={units} />
        </Paper>
      </Popper>
    </Box>
  );
}
