import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Paper from '@mui/material/Paper';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { quickAnswer } from '@deep-mend/core';
import { useRef } from 'react';
import { Link } from 'react-router';
import { useAddressText } from '../../base/useAddressText.ts';
import { useShop } from '../../base/ShopContext.tsx';
import { isAnswered } from '../../answers/quick/isAnswered.ts';
import { QuickCard } from '../../answers/quick/QuickCard.tsx';
import { Suggestions } from '../../answers/quick/Suggestions.tsx';
import { WhichThread } from '../../answers/which/WhichThread.tsx';

/** Quick answers with no record: the question is in the address, so it can be kept and sent. */
export function DeskPage() {
  const { units, answering } = useShop();
  const [text, setText] = useAddressText('ask');
  const input = useRef<HTMLInputElement>(null);
  const answer = quickAnswer(text, answering);
  const ask = (question: string) => {
    setText(question);
    input.current?.focus();
    window.scrollTo({ top: 0 });
  };
  return (
    <Box sx={{ pt: 1.5, maxWidth: 1080 }}>
      <Box sx={{ display: 'flex', justifyContent: 'space-between', alignItems: 'center', mb: 1.5 }}>
        <Typography variant="h1">Desk</Typography>
        <Button component={Link} to="/desk/charts">
          The shop’s own charts, to print
        </Button>
      </Box>
      <TextField
        autoFocus
        fullWidth
        inputRef={input}
        label="A thread, a drill or a question"
        placeholder="M8, 3/8-16, 27/64, #7, M6 in 316, coil M8, M8 vs 5/16-18 …"
        value={text}
        onChange={(event) => setText(event.target.value)}
        slotProps={{ htmlInput: { spellCheck: false, autoComplete: 'off' } }}
      />
      {answer.kind !== 'nothing' && (
        <Paper sx={{ p: 2.5, mt: 2 }} elevation={0}>
          <QuickCard answer={answer} units={units} />
        </Paper>
      )}
      <Box sx={{ mt: 1.5, mb: 4 }}>
        {answer.kind === 'nothing' && (
          <Typography sx={{ color: 'text.secondary' }}>
            Nothing is recorded here. Words in any order; it answers for example:
          </Typography>
        )}
        <Suggestions text={text} answered={isAnswered(answer)} onAsk={ask} />
      </Box>
      <WhichThread pickWords="Show its card" onPick={ask} />
    </Box>
  );
}
