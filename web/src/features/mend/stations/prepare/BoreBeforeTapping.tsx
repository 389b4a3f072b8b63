import Box from '@mui/material/Box';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import {
  becauseOf,
  boreWords,
  checkPlannedBore,
  explainLengthProblem,
  judgeBore,
  parseLength,
  SAY,
  threadById,
  type FrozenPlan,
  type UnitSystem,
  WAYS,
} from '@deep-mend/core';
import { useState } from 'react';
import { Verdict } from '../../../../parts/Verdict.tsx';

/** The bore as it came out, judged again before the tap goes in: nothing is recorded here, Prove does that. */
export function BoreBeforeTapping({ plan, units }: { plan: FrozenPlan; units: UnitSystem }) {
  const [text, setText] = useState('');
  const parsed = text.trim() === '' ? null : parseLength(text, { bareUnit: units, minMm: 0.5, maxMm: 150 });
  const boreMm = parsed?.ok ? parsed.length.mm : null;
  const asThread =
    boreMm !== null && WAYS[plan.method].goesUpASize ? judgeBore(threadById(plan.threadId), boreMm) : null;
  const planned = asThread || boreMm === null ? null : checkPlannedBore(plan, boreMm);
  const result = asThread ?? planned;
  const say = SAY[units];
  const because = asThread ? boreWords(asThread, say) : planned ? becauseOf(planned, say) : '';
  return (
    <Box sx={{ mb: 2 }} className="no-print">
      <TextField
        fullWidth
        label={`Bore measured before tapping, ${units}`}
        value={text}
        onChange={(event) => setText(event.target.value)}
        error={parsed !== null && !parsed.ok}
        helperText={parsed !== null && !parsed.ok ? explainLengthProblem(parsed.problem) : 'a drill cuts over its size'}
        slotProps={{ htmlInput: { autoComplete: 'off', spellCheck: false } }}
      />
      {result && (
        <Box role="status" sx={{ mt: 0.5 }}>
          <Verdict verdict={result.verdict} />
          <Typography>
            {because}.
            {asThread && asThread.suits.length > 0
              ? ` It suits ${asThread.suits.map((thread) => thread.designation).join(' or ')}.`
              : ''}
          </Typography>
        </Box>
      )}
    </Box>
  );
}
