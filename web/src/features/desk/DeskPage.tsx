import Box from '@mui/material/Box';
import Paper from '@mui/material/Paper';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { quickAnswer } from '@deep-mend/core';
import { useAddressText } from '../../app/useAddressText.ts';
import { useShop } from '../../app/ShopContext.tsx';
import { QuickCard } from '../../kit/QuickCards.tsx';
import { WhichThread } from './WhichThread.tsx';

/** Quick answers with no record: the question is in the address, so it can be kept and sent. */
export function DeskPage() {
  const { units, rules } = useShop();
  const [text, setText] = useAddressText('ask');
  const answer = quickAnswer(text, { bareUnit: units, rack: rules.rack });
  return (
    <Box sx={{ pt: 1.5, maxWidth: 1080 }}>
      <Typography variant="h1" sx={{ mb: 1.5 }}>
        Desk
      </Typography>
      <TextField
        autoFocus
        label="A thread or a drill"
        placeholder="M8, 3/8-16, M10x1 LH, 27/64, #7, Q, 8.5 mm"
        value={text}
        onChange={(event) => setText(event.target.value)}
        slotProps={{ htmlInput: { spellCheck: false, autoComplete: 'off' } }}
      />
      {answer.kind === 'nothing' ? (
        <Typography sx={{ mt: 2, color: 'text.secondary' }}>
          Nothing is recorded here. Drills come from the sets that the shop owns; change them in the Crib.
        </Typography>
      ) : (
        <Paper sx={{ p: 2.5, mt: 2 }} elevation={0}>
          <QuickCard answer={answer} units={units} />
        </Paper>
      )}
      <WhichThread
        onAsk={(id) => {
          setText(id);
          window.scrollTo({ top: 0 });
        }}
      />
    </Box>
  );
}
