import Box from '@mui/material/Box';
import InputBase from '@mui/material/InputBase';
import Paper from '@mui/material/Paper';
import Popper from '@mui/material/Popper';
import { lazy, Suspense, useRef, useState } from 'react';
import { useKeys } from '../base/useKeys.ts';
import { useShop } from '../base/ShopContext.tsx';

const LineAnswer = lazy(() => import('../answers/quick/LineAnswer.tsx').then((m) => ({ default: m.LineAnswer })));

/** The quick line: threads and drills answered at once, from anywhere, by `/`. */
export function QuickLine() {
  const { answering } = useShop();
  const [text, setText] = useState('');
  const [open, setOpen] = useState(false);
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const input = useRef<HTMLInputElement>(null);
  const card = useRef<HTMLDivElement>(null);
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
          placeholder="Ask: drill for M8 …"
          onChange={(event) => {
            setText(event.target.value);
            setOpen(true);
          }}
          onFocus={() => setOpen(true)}
          onBlur={(event) => {
            // Into its own answer is not away from it.
            if (!card.current?.contains(event.relatedTarget)) setOpen(false);
          }}
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
      {open && (
        <Popper
          open
          anchorEl={anchor}
          placement="bottom-end"
          sx={{ zIndex: 1300, width: 'min(640px, calc(100vw - 16px))' }}
        >
          <Paper
            ref={card}
            elevation={8}
            sx={{ p: 2, mt: 0.5, maxHeight: 'calc(100vh - 90px)', overflow: 'auto' }}
            aria-live="polite"
            onBlur={(event) => {
              const to = event.relatedTarget;
              if (to !== input.current && !card.current?.contains(to)) setOpen(false);
            }}
            onKeyDown={(event) => {
              if (event.key === 'Escape') input.current?.focus();
            }}
          >
            <Suspense>
              <LineAnswer text={text} shop={answering} onAsk={setText} />
            </Suspense>
          </Paper>
        </Popper>
      )}
    </Box>
  );
}
