import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import InputAdornment from '@mui/material/InputAdornment';
import TextField from '@mui/material/TextField';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import {
  becauseOf,
  explainLengthProblem,
  formatLength,
  formatLoad,
  formatTorque,
  PRECISION,
  PROOF_KINDS,
  SAY,
  type Expectation,
  type ProofRow,
  type UnitSystem,
} from '@deep-mend/core';
import { FromInstrument, type SentBy } from '../../../../parts/FromInstrument.tsx';
import type { Measured } from './useResults.ts';

/** What is expected there, as it is read. */
export function rangeWords(expectation: Expectation, units: UnitSystem): string {
  const { lowMm, highMm, plannedMm, mostTurns, leastNm, leastN, steps = [] } = expectation;
  const length = (mm: number) => formatLength(mm, units, PRECISION.caliper[units]);
  if (mostTurns !== undefined) return `at most ${mostTurns} turns`;
  // A plan before steps were named says only how far.
  const inSteps = (say: (value: number, units: UnitSystem) => string, all: number) =>
    (steps.length > 0 ? steps : [all]).map((value) => say(value, units)).join(', then ');
  if (leastNm !== undefined) return inSteps(formatTorque, leastNm);
  if (leastN !== undefined) return inSteps(formatLoad, leastN);
  const planned = plannedMm
    ? `; planned ${length(plannedMm.lowMm)} to ${length(plannedMm.highMm)}, on its strength`
    : '';
  if (lowMm !== null && highMm !== null) return `${length(lowMm)} to ${length(highMm)} ${units}${planned}`;
  return lowMm !== null ? `at least ${length(lowMm)} ${units}` : '';
}

const STATE_WORDS: Readonly<Record<ProofRow['state'], string>> = {
  passed: 'passed',
  'with-care': 'holds, with care',
  failed: 'did not pass',
  'not-done': 'not done',
  open: '',
};

const HAS_UNIT = /[a-z°”"″]/i;
const UNITS: Readonly<Record<Expectation['kind'], (units: UnitSystem) => string>> = {
  length: (units) => units,
  turns: () => 'turns',
  torque: (units) => (units === 'mm' ? 'Nm' : 'lbf·ft'),
  load: (units) => (units === 'mm' ? 'kN' : 'lbf'),
  'pass-fail': () => '',
};

/** The answer to one proof: a figure, or yes or no. */
function Answer({
  measured: { expectation, typed, problem },
  units,
  onEnter,
}: {
  measured: Measured;
  units: UnitSystem;
  onEnter: (id: Expectation['id'], text: string, by?: SentBy) => void;
}) {
  const { id, title, kind, lowMm, highMm } = expectation;
  if (kind === 'pass-fail')
    return (
      <ToggleButtonGroup
        exclusive
        value={typed.text === '' ? null : typed.text}
        onChange={(_, value: string | null) => onEnter(id, value ?? '')}
        aria-label={title}
      >
        <ToggleButton value="pass" sx={{ minWidth: 72 }}>
          yes
        </ToggleButton>
        <ToggleButton value="fail" sx={{ minWidth: 72 }}>
          no
        </ToggleButton>
      </ToggleButtonGroup>
    );
  const unit = UNITS[kind](typed.text.trim() === '' ? units : typed.units);
  const said =
    problem === 'no-number' ? 'Type a number.' : problem && !problem.ok ? explainLengthProblem(problem.problem) : null;
  return (
    <Box sx={{ display: 'grid', gap: 1 }}>
      <TextField
        hiddenLabel
        value={typed.text}
        onChange={(event) => onEnter(id, event.target.value)}
        error={said !== null}
        helperText={said ?? [rangeWords(expectation, units), typed.by?.instrument].filter(Boolean).join('; ')}
        slotProps={{
          htmlInput: { autoComplete: 'off', inputMode: 'decimal', 'aria-label': `${title}, ${unit}` },
          // What was typed with its unit bears it already.
          input: HAS_UNIT.test(typed.text)
            ? {}
            : { endAdornment: <InputAdornment position="end">{unit}</InputAdornment> },
        }}
      />
      <FromInstrument
        kinds={PROOF_KINDS[id].by}
        wanted={kind === 'torque' ? { low: expectation.leastNm ?? null, high: null } : { low: lowMm, high: highMm }}
        onTake={(text, by) => onEnter(id, text, by)}
      />
    </Box>
  );
}

/** One way of proving: its answer, what it cannot show; or why it was not done, which is no pass. */
export function ProofField({
  row: { state, reason, check },
  measured,
  units,
  onEnter,
  onNotDone,
}: {
  row: ProofRow;
  measured: Measured;
  units: UnitSystem;
  onEnter: (id: Expectation['id'], text: string, by?: SentBy) => void;
  onNotDone: (id: Expectation['id'], reason: string | undefined) => void;
}) {
  const { id, title, kind, cannotShow } = measured.expectation;
  const { notDone } = measured.typed;
  return (
    <Box className="proof" data-state={state} role="group" aria-label={title}>
      <Box sx={{ display: 'flex', justifyContent: 'space-between', gap: 1, alignItems: 'baseline' }}>
        <Typography sx={{ fontWeight: 700 }}>{title}</Typography>
        <span className="proof-state">{STATE_WORDS[state]}</span>
      </Box>
      {notDone === undefined ? (
        <Box
          sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'flex-start', justifyContent: 'space-between' }}
        >
          <Box sx={{ flex: kind === 'pass-fail' ? 'none' : '1 1 200px' }}>
            <Answer measured={measured} units={units} onEnter={onEnter} />
          </Box>
          <Button
            size="small"
            onClick={() => onNotDone(id, '')}
            sx={{ minHeight: 48 }}
            aria-label={`${title}: not done`}
          >
            Not done
          </Button>
        </Box>
      ) : (
        <Box sx={{ display: 'flex', gap: 1 }}>
          <TextField
            fullWidth
            label="Why it was not done"
            value={notDone}
            onChange={(event) => onNotDone(id, event.target.value)}
            helperText="A reason is never a pass"
          />
          <Button size="small" onClick={() => onNotDone(id, undefined)}>
            Done after all
          </Button>
        </Box>
      )}
      {/* A length is said again in the unit that is read now, whatever it was typed in. */}
      {check && (kind === 'length' || state !== 'passed') && (
        <Typography className="proof-because">{becauseOf(check, SAY[units])}.</Typography>
      )}
      {reason !== null && notDone === undefined && (
        <Typography className="proof-limits">
          {state === 'not-done' ? 'Not done' : 'Not yet'}: {reason}.
        </Typography>
      )}
      {cannotShow && <Typography className="proof-limits">Its limit: {cannotShow}</Typography>}
    </Box>
  );
}
