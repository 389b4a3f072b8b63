import Box from '@mui/material/Box';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import {
  explainLengthProblem,
  formatLengthWithUnit,
  judgeBore,
  parseLength,
  speak,
  threadById,
  type FrozenPlan,
  type UnitSystem,
} from '@deep-mend/core';
import { useState } from 'react';
import { Verdict } from '../../kit/Verdict.tsx';

/** The bore as it came out, judged again before the tap goes in: nothing is recorded here, Prove does that. */
export function BoreBeforeTapping({ plan, tough, units }: { plan: FrozenPlan; tough: boolean; units: UnitSystem }) {
  const [text, setText] = useState('');
  const parsed = text.trim() === '' ? null : parseLength(text, { bareUnit: units, minMm: 0.5, maxMm: 150 });
  const expected = plan.expectations.find((row) => row.id === 'bore');
  const judged = (mm: number) => {
    if (plan.method === 'oversize') return judgeBore(threadById(plan.threadId), mm, tough);
    const { lowMm, highMm } = expected ?? { lowMm: null, highMm: null };
    const inside = (lowMm === null || mm >= lowMm) && (highMm === null || mm <= highMm);
    const band = `${formatLengthWithUnit(lowMm ?? 0, units)} to ${formatLengthWithUnit(highMm ?? 0, units)}`;
    return {
      verdict: inside ? ('holds' as const) : ('does-not-hold' as const),
      because: inside ? `within ${band}: tap it` : `outside ${band}: do not tap it for this insert; weigh again`,
      suits: [],
    };
  };
  const result = parsed?.ok ? judged(parsed.length.mm) : null;
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
            {speak(result.because, units)}.
            {result.suits.length > 0
              ? ` It suits ${result.suits.map((thread) => thread.designation).join(' or ')}.`
              : ''}
          </Typography>
        </Box>
      )}
    </Box>
  );
}
