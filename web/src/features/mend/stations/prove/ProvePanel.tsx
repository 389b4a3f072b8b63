import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import {
  compareResult,
  explainLengthProblem,
  type Expectation,
  type FrozenPlan,
  type MendEntry,
  type MendOutcome,
  type RecordedResult,
  type UnitSystem,
} from '@deep-mend/core';
import { useState } from 'react';
import { useKeptForm } from '../../../../base/useKeptForm.ts';
import { ChecksList } from '../../ChecksList.tsx';
import { SignAndClose } from './SignAndClose.tsx';
import { rangeWords, useResults, type Measured } from './useResults.ts';

interface Props {
  plan: FrozenPlan;
  mend: MendEntry;
  units: UnitSystem;
  gated: boolean;
  /** Why it may not be signed as mended; null: it may. */
  bar: string | null;
  /** Whether it was recorded. */
  onRecord: (results: RecordedResult[], note: string) => Promise<boolean>;
  onClose: (outcome: MendOutcome, secondSignedBy: string | null) => Promise<void>;
}

/** The field of one expectation: a length, or whether it came out. */
function MeasuredField({
  measured: { expectation, text, typedIn, length },
  units,
  onEnter,
}: {
  measured: Measured;
  units: UnitSystem;
  onEnter: (id: Expectation['id'], text: string) => void;
}) {
  const { id, title } = expectation;
  if (expectation.kind === 'length')
    return (
      <TextField
        label={`${title}, ${typedIn}`}
        value={text}
        onChange={(event) => onEnter(id, event.target.value)}
        error={length !== null && !length.ok}
        helperText={length && !length.ok ? explainLengthProblem(length.problem) : rangeWords(expectation, units)}
      />
    );
  return (
    <Box>
      <Typography sx={{ mb: 0.5 }}>{title}</Typography>
      <ToggleButtonGroup
        exclusive
        value={text === '' ? null : text}
        onChange={(_, value: string | null) => onEnter(id, value ?? '')}
        aria-label={title}
        fullWidth
      >
        <ToggleButton value="pass">yes</ToggleButton>
        <ToggleButton value="fail">no</ToggleButton>
      </ToggleButtonGroup>
    </Box>
  );
}

/** What the plan expects and nobody measured. */
function Unmeasured({ expectations, ids }: { expectations: FrozenPlan['expectations']; ids: readonly string[] }) {
  if (ids.length === 0) return null;
  const titles = expectations.filter(({ id }) => ids.includes(id)).map(({ title }) => title.toLowerCase());
  return <Typography sx={{ color: 'text.secondary' }}>Not measured: {titles.join(', ')}.</Typography>;
}

/** What was measured when the work was done, held against the plan; then the signature that closes the mend. */
export function ProvePanel({ plan, mend, units, gated, bar, onRecord, onClose }: Props) {
  const { measured, results, enter, bad, forget } = useResults(plan, mend, units);
  const note = useKeptForm(`result-note:${mend.id}`, { note: mend.resultNote });
  const [busy, setBusy] = useState(false);
  const comparison = compareResult(plan, results);
  const run = (work: () => Promise<void>) => {
    setBusy(true);
    void work().finally(() => setBusy(false));
  };
  const record = () =>
    run(async () => {
      // Refused, it stays as it was typed.
      if (!(await onRecord(results, note.typed.note))) return;
      forget();
      note.forget();
    });
  return (
    <Box component="section" aria-label="Prove and record" sx={{ display: 'grid', gap: 2 }}>
      <Typography variant="h3" component="h2">
        What was cut, measured
      </Typography>
      {measured.map((row) => (
        <MeasuredField key={row.expectation.id} measured={row} units={units} onEnter={enter} />
      ))}
      <TextField
        label="Note"
        value={note.typed.note}
        onChange={(event) => note.change({ note: event.target.value })}
        multiline
        minRows={2}
      />
      <Button
        variant={mend.results ? 'outlined' : 'contained'}
        disabled={busy || bad || results.length === 0}
        onClick={record}
      >
        {mend.results ? 'Record again' : 'Record what was measured'}
      </Button>
      {results.length > 0 && (
        <>
          <ChecksList checks={comparison.checks} units={units} />
          <Unmeasured expectations={plan.expectations} ids={comparison.unmeasured} />
        </>
      )}
      {mend.results && (
        <SignAndClose
          steps={plan.said[units].steps.filter((step) => step.afterProof)}
          verdict={comparison.verdict}
          gated={gated}
          bar={bar}
          busy={busy}
          onClose={(outcome, second) => run(() => onClose(outcome, second))}
        />
      )}
    </Box>
  );
}
