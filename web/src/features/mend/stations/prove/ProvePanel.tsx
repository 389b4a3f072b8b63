import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import {
  afterCutWords,
  afterMend,
  deviationsOf,
  foundMm,
  proofStanding,
  SAY,
  stampCured,
  type Expectation,
  type FrozenPlan,
  type HoleCase,
  type MendEntry,
  type MendOutcome,
  type ProofStanding,
  type RecordedResult,
  type Route,
  type UnitSystem,
} from '@deep-mend/core';
import { useState } from 'react';
import { useKeptForm } from '../../../../base/useKeptForm.ts';
import { ProofField } from './ProofField.tsx';
import { SignAndClose } from './SignAndClose.tsx';
import { useResults } from './useResults.ts';
import './prove.css';

interface Props {
  plan: FrozenPlan;
  mend: MendEntry;
  /** Of the hole as it is before it is signed. */
  threadId: string | null;
  units: UnitSystem;
  /** The case and the way of the plan; null: today's computation no longer gives its numbers. */
  drawn: { hole: HoleCase; route: Route } | null;
  gated: boolean;
  /** Why it may not be signed as mended, and as mended but not proved; null: it may. */
  bars: Record<'mended' | 'unproved', string | null>;
  /** Whether it was recorded. */
  onRecord: (results: RecordedResult[], note: string) => Promise<boolean>;
  onClose: (outcome: MendOutcome, secondSignedBy: string | null) => Promise<void>;
}

const STANDING_WORDS: Readonly<Record<ProofStanding['standing'], string>> = {
  proved: 'Proved by what was found',
  'not-proved': 'Not proved: not done was',
  failed: 'It did not pass',
  open: 'Still to be shown',
};

/** How it stands by now, and what is in the way. */
function Standing({ standing: { standing, wants } }: { standing: ProofStanding }) {
  const titles = wants.map(({ title }) => title.toLowerCase()).join('; ');
  return (
    <p className="proof-standing" data-standing={standing} aria-live="polite">
      <b>{STANDING_WORDS[standing]}</b>
      {titles !== '' && `: ${titles}`}.
    </p>
  );
}

/** What was done otherwise than the plan says: it goes into the passport as it is. */
function Otherwise({ deviations }: { deviations: readonly string[] }) {
  if (deviations.length === 0) return null;
  return (
    <section aria-label="Otherwise than planned">
      <Typography sx={{ fontWeight: 700 }}>Otherwise than planned</Typography>
      <ul className="proof-otherwise">
        {deviations.map((words) => (
          <li key={words}>{words}.</li>
        ))}
      </ul>
    </section>
  );
}

/** What is said over rows of one need: where several ways show the same, one of them is enough. */
const GROUPS: Readonly<Record<NonNullable<Expectation['need']>, string>> = {
  must: '',
  'if-can': 'If it can be tried',
  thread: 'The thread: go and no-go, or a good screw',
  square: 'Square: by eye, by a pin, or by the gap under a head',
};

/** What was found when the work was done, each with what it cannot show; then the signature that closes the mend. */
export function ProvePanel({ plan, mend, threadId, units, drawn, gated, bars, onRecord, onClose }: Props) {
  const { measured: rows, results: typed, enter, notDone, bad, forget } = useResults(plan, mend, units);
  const note = useKeptForm(`result-note:${mend.id}`, { note: mend.resultNote });
  const [busy, setBusy] = useState(false);
  // As it will be recorded: the clock says whether what cures had its time, not the answer.
  const results = stampCured(typed, mend.clocks, new Date().toISOString());
  const standing = proofStanding(plan, results);
  const measured = { boreMm: foundMm(results, 'bore'), fullThreadMm: foundMm(results, 'full-thread') };
  const run = (work: () => Promise<void>) => {
    setBusy(true);
    void work().finally(() => setBusy(false));
  };
  const record = () =>
    run(async () => {
      // Refused, it stays as it was typed.
      if (!(await onRecord(typed, note.typed.note))) return;
      forget();
      note.forget();
    });
  return (
    <Box component="section" aria-label="Prove and record" sx={{ display: 'grid', gap: 2 }}>
      <Typography variant="h3" component="h2">
        What was cut, proved
      </Typography>
      {rows.map((row, index) => {
        const { need = 'must' } = row.expectation;
        const begins = rows[index - 1]?.expectation.need !== need && GROUPS[need] !== '';
        return (
          <Box key={row.expectation.id}>
            {begins && <Typography className="proof-group">{GROUPS[need]}</Typography>}
            <ProofField row={standing.rows[index]!} measured={row} units={units} onEnter={enter} onNotDone={notDone} />
          </Box>
        );
      })}
      <TextField
        label="Note"
        value={note.typed.note}
        onChange={(event) => note.change({ note: event.target.value })}
        multiline
        minRows={2}
      />
      <Standing standing={standing} />
      {drawn &&
        afterCutWords(drawn.hole, drawn.route, measured, SAY[units]).map((words) => (
          <Typography key={words}>{words}</Typography>
        ))}
      <Otherwise deviations={deviationsOf(mend, units)} />
      <Button
        variant={mend.results ? 'outlined' : 'contained'}
        disabled={busy || bad || results.length === 0}
        onClick={record}
      >
        {mend.results ? 'Record again' : 'Record what was measured'}
      </Button>
      {mend.results && (
        <SignAndClose
          steps={plan.said[units].steps.filter((step) => step.afterProof)}
          after={afterMend(plan, threadId, SAY[units])}
          // What is signed is what is recorded, not what is typed since.
          standing={proofStanding(plan, mend.results).standing}
          gated={gated}
          bars={bars}
          busy={busy}
          onClose={(outcome, second) => run(() => onClose(outcome, second))}
        />
      )}
    </Box>
  );
}
