import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import {
  compareResult,
  explainLengthProblem,
  formatLength,
  formatLengthWithUnit,
  parseLength,
  type Expectation,
  type FrozenPlan,
  type MendEntry,
  type MendOutcome,
  type RecordedResult,
  type UnitSystem,
} from '@deep-mend/core';
import { useMemo, useState } from 'react';
import { isRecordOf, onDevice } from '../../../../base/kept.ts';
import { useShop } from '../../../../base/ShopContext.tsx';
import { ChecksList } from '../../ChecksList.tsx';

interface Props {
  plan: FrozenPlan;
  mend: MendEntry;
  units: UnitSystem;
  gated: boolean;
  /** Why it may not be signed as mended; null: it may. */
  bar: string | null;
  onRecord: (results: RecordedResult[], note: string) => Promise<void>;
  onClose: (outcome: MendOutcome, secondSignedBy: string | null) => Promise<void>;
}

/** What was typed, and the unit of a bare number in it: the switch of units does not change what was meant. */
type Entered = Partial<Record<Expectation['id'], { text: string; units: UnitSystem }>>;
const isEntered = (value: unknown): value is Entered => isRecordOf('text', 'units')(value);

function rangeWords(expectation: Expectation, units: UnitSystem): string {
  const decimals = units === 'mm' ? 2 : 3;
  const length = (mm: number) => formatLength(mm, units, decimals);
  if (expectation.lowMm !== null && expectation.highMm !== null)
    return `planned ${length(expectation.lowMm)} to ${length(expectation.highMm)} ${units}`;
  if (expectation.lowMm !== null) return `planned at least ${length(expectation.lowMm)} ${units}`;
  return '';
}

function startingText(results: RecordedResult[] | null, draftKey: string): Entered {
  const draft = onDevice.value(draftKey, isEntered);
  if (draft) return draft;
  const rows = (results ?? []).map((result) => [
    result.id,
    {
      text: result.passed === undefined ? formatLengthWithUnit(result.mm ?? 0, 'mm') : result.passed ? 'pass' : 'fail',
      units: 'mm',
    },
  ]);
  return Object.fromEntries(rows) as Entered;
}

/** What was measured when the work was done, held against the plan; then the signature that closes the mend. */
export function ProvePanel({ plan, mend, units, gated, bar, onRecord, onClose }: Props) {
  const { actor, actors } = useShop();
  const draftKey = `result:${mend.id}`;
  const [entered, setEntered] = useState<Entered>(() => startingText(mend.results, draftKey));
  const [note, setNote] = useState(mend.resultNote);
  const [second, setSecond] = useState('');
  const [busy, setBusy] = useState(false);
  const enter = (id: Expectation['id'], text: string) => {
    // A number typed on keeps its unit; an emptied field begins again in the unit that is shown.
    const before = entered[id];
    const next = { ...entered, [id]: { text, units: before && before.text.trim() !== '' ? before.units : units } };
    onDevice.keep(draftKey, next);
    setEntered(next);
  };
  const parsed = useMemo(
    () =>
      plan.expectations.map((expectation) => {
        const { text, units: typedIn } = entered[expectation.id] ?? { text: '', units };
        const length =
          expectation.kind === 'length' && text.trim() !== ''
            ? parseLength(text, { bareUnit: typedIn, minMm: 0, maxMm: 500 })
            : null;
        return { expectation, text, typedIn, length };
      }),
    [plan.expectations, entered, units],
  );
  const bad = parsed.some((row) => row.length && !row.length.ok);
  const results: RecordedResult[] = parsed.flatMap(({ expectation, text, length }): RecordedResult[] => {
    if (length?.ok) return [{ id: expectation.id, mm: length.length.mm }];
    if (expectation.kind === 'pass-fail' && text !== '') return [{ id: expectation.id, passed: text === 'pass' }];
    return [];
  });
  const comparison = compareResult(plan, results);
  const run = (work: () => Promise<void>) => {
    setBusy(true);
    void work().finally(() => setBusy(false));
  };
  return (
    <Box component="section" aria-label="Prove and record" sx={{ display: 'grid', gap: 2 }}>
      <Typography variant="h3" component="h2">
        What was cut, measured
      </Typography>
      {parsed.map(({ expectation, text, typedIn, length }) =>
        expectation.kind === 'length' ? (
          <TextField
            key={expectation.id}
            label={`${expectation.title}, ${typedIn}`}
            value={text}
            onChange={(event) => enter(expectation.id, event.target.value)}
            error={length !== null && !length.ok}
            helperText={length && !length.ok ? explainLengthProblem(length.problem) : rangeWords(expectation, units)}
          />
        ) : (
          <Box key={expectation.id}>
            <Typography sx={{ mb: 0.5 }}>{expectation.title}</Typography>
            <ToggleButtonGroup
              exclusive
              value={text === '' ? null : text}
              onChange={(_, value: string | null) => enter(expectation.id, value ?? '')}
              aria-label={expectation.title}
              fullWidth
            >
              <ToggleButton value="pass">yes</ToggleButton>
              <ToggleButton value="fail">no</ToggleButton>
            </ToggleButtonGroup>
          </Box>
        ),
      )}
      <TextField label="Note" value={note} onChange={(event) => setNote(event.target.value)} multiline minRows={2} />
      <Button
        variant={mend.results ? 'outlined' : 'contained'}
        disabled={busy || bad || results.length === 0}
        onClick={() =>
          run(async () => {
            await onRecord(results, note);
            onDevice.forget(draftKey);
          })
        }
      >
        {mend.results ? 'Record again' : 'Record what was measured'}
      </Button>
      {results.length > 0 && <ChecksList checks={comparison.checks} units={units} />}
      {comparison.unmeasured.length > 0 && results.length > 0 && (
        <Typography sx={{ color: 'text.secondary' }}>
          Not measured:{' '}
          {plan.expectations
            .filter((e) => comparison.unmeasured.includes(e.id))
            .map((e) => e.title.toLowerCase())
            .join(', ')}
          .
        </Typography>
      )}
      {mend.results && (
        <Box sx={{ borderTop: 2, borderColor: 'text.primary', pt: 2, display: 'grid', gap: 1.5 }}>
          <Typography variant="h3" component="h3">
            Sign and close
          </Typography>
          {comparison.verdict === 'does-not-hold' && (
            <Alert severity="error">
              Something came out other than planned. Plan again from what is there now, or close it as given up or sent
              out.
            </Alert>
          )}
          {bar && <Alert severity="warning">{bar}.</Alert>}
          {plan.said[units].steps
            .filter((step) => step.afterProof)
            .map((step) => (
              <Box key={step.id}>
                <Typography sx={{ fontWeight: 700 }}>{step.title}</Typography>
                <Typography>{step.what}</Typography>
                {step.caution && <Typography sx={{ fontSize: 14, color: 'warning.main' }}>{step.caution}</Typography>}
              </Box>
            ))}
          {gated && (
            <>
              <Alert severity="warning">
                This hole can hurt someone or is under a code: two people sign, one of them a lead hand. Follow the
                maker’s limits and your local code.
              </Alert>
              <TextField
                select
                label="Second signature"
                value={second}
                onChange={(event) => setSecond(event.target.value)}
              >
                {actors
                  .filter((person) => person.id !== actor.id)
                  .map((person) => (
                    <MenuItem key={person.id} value={person.id}>
                      {person.name}
                    </MenuItem>
                  ))}
              </TextField>
            </>
          )}
          <Button
            variant="contained"
            disabled={busy || bar !== null || comparison.verdict === 'does-not-hold' || (gated && second === '')}
            onClick={() => run(() => onClose('mended', second === '' ? null : second))}
          >
            Mended, signed by {actor.name}
          </Button>
          <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1 }}>
            <Button variant="outlined" disabled={busy} onClick={() => run(() => onClose('sent-out', null))}>
              Sent out
            </Button>
            <Button variant="outlined" disabled={busy} onClick={() => run(() => onClose('given-up', null))}>
              Given up
            </Button>
          </Box>
        </Box>
      )}
    </Box>
  );
}
