import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { QUICK_EXAMPLES, suggestQuestions } from '@deep-mend/core';

/** Questions that go on from what is typed; where nothing answers yet, one of every kind. */
export function Suggestions({
  text,
  answered,
  onAsk,
}: {
  text: string;
  /** Whether what is typed has its answer already. */
  answered: boolean;
  onAsk: (question: string) => void;
}) {
  const suggested = suggestQuestions(text);
  const shown = suggested.length > 0 ? suggested : answered ? [] : QUICK_EXAMPLES;
  if (shown.length === 0) return null;
  return (
    <Box aria-label="Questions to ask" role="group" sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 2 }}>
      {shown.map((question) => (
        <Button
          key={question}
          size="small"
          // The field keeps the focus: pressing a question types it.
          onMouseDown={(event) => event.preventDefault()}
          onClick={() => onAsk(question)}
          sx={{ px: 0, minWidth: 0 }}
        >
          {question}
        </Button>
      ))}
    </Box>
  );
}
