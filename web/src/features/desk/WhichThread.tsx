import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import {
  formatLength,
  identify,
  mmToInch,
  type Candidate,
  type Evidence,
  type Identification,
  type UnitSystem,
} from '@deep-mend/core';
import { useState } from 'react';
import { useShop } from '../../app/ShopContext.tsx';
import { evidenceOf, NO_INPUTS, type WhichInputs } from './whichEvidence.ts';

const STORED = 'which-thread';
const EVIDENCE_WORDS: Record<Evidence['kind'], string> = {
  'male-major': 'diameter',
  pitch: 'pitch',
  'threads-per-inch': 'pitch',
  bore: 'bore',
  plug: 'bore',
  'test-screw': 'test screw',
  region: 'region',
};

function misfitWords(candidate: Candidate, evidence: readonly Evidence[]): string {
  const off = candidate.misfitsMm
    .map((mm, index) => ({ mm, kind: evidence[index]!.kind }))
    .filter((row): row is { mm: number; kind: Evidence['kind'] } => row.mm !== null && Math.abs(row.mm) >= 0.005);
  if (off.length === 0) return 'fits every reading';
  return off
    .map(
      ({ mm, kind }) =>
        `${EVIDENCE_WORDS[kind]} off by ${mm > 0 ? '+' : '−'}${Math.abs(mm).toFixed(2)} mm (${Math.abs(Math.round(mmToInch(mm) * 1000))} thou)`,
    )
    .join(', ');
}

function headline(result: Identification): string {
  const first = result.candidates[0]?.thread.designation ?? '';
  switch (result.outcome) {
    case 'clear':
      return `It is ${first}`;
    case 'likely':
      return `Most likely ${first}`;
    case 'not-enough':
      return 'Not enough evidence yet';
    case 'none-of-these':
      return 'None of the threads held fits';
  }
}

function separatorWords(result: Identification, units: UnitSystem): string | null {
  const { separator, candidates } = result;
  const [first, second] = candidates;
  if (!separator || !first || !second) return null;
  const [a, b] = [first.thread.designation, second.thread.designation];
  const decimals = units === 'mm' ? 2 : 3;
  const length = (mm: number) => `${formatLength(mm, units, decimals)} ${units}`;
  switch (separator.reading) {
    case 'pitch':
      return `Measure ten pitches: ${length(10 * separator.firstMm)} means ${a}, ${length(10 * separator.secondMm)} means ${b}.`;
    case 'male-major':
      return `Measure across the crests of the screw: about ${length(separator.firstMm)} means ${a}, ${length(separator.secondMm)} means ${b}.`;
    case 'bore':
      return `Measure the bore: about ${length(separator.firstMm)} means ${a}, ${length(separator.secondMm)} means ${b}.`;
    case 'test-screw':
      return `Run a good ${a} screw in by hand: it goes all the way in ${a} and binds within ${length(separator.secondMm)} in ${b}.`;
  }
}

/** Which thread is this? Any reading in any order; the list moves with every keystroke. */
export function WhichThread({ onAsk }: { onAsk: (threadId: string) => void }) {
  const { units } = useShop();
  const [inputs, setInputs] = useState<WhichInputs>(() => ({
    ...NO_INPUTS,
    ...(JSON.parse(localStorage.getItem(STORED) ?? '{}') as Partial<WhichInputs>),
  }));
  const { evidence, problems } = evidenceOf(inputs, units);
  const result = evidence.length > 0 ? identify(evidence) : null;
  const change = (part: Partial<WhichInputs>) => {
    const next = { ...inputs, ...part };
    localStorage.setItem(STORED, JSON.stringify(next));
    setInputs(next);
  };
  const field = (name: Exclude<keyof WhichInputs, 'worn'>, label: string, hint: string) => (
    <TextField
      label={label}
      value={inputs[name]}
      onChange={(event) => change({ [name]: event.target.value })}
      error={problems[name] !== undefined}
      helperText={problems[name] ?? hint}
      slotProps={{ htmlInput: { autoComplete: 'off', spellCheck: false } }}
    />
  );
  const separator = result ? separatorWords(result, units) : null;
  return (
    <Box component="section" sx={{ mt: 4 }}>
      <Box
        sx={{
          display: 'flex',
          justifyContent: 'space-between',
          alignItems: 'center',
          borderTop: 2,
          borderColor: 'text.primary',
          mb: 1.5,
        }}
      >
        <Typography variant="h2">Which thread is this?</Typography>
        <Button onClick={() => change(NO_INPUTS)}>Clear</Button>
      </Box>
      <Box
        sx={{ display: 'grid', gap: { xs: 2, md: 4 }, gridTemplateColumns: { md: 'minmax(0, 2fr) minmax(0, 3fr)' } }}
      >
        <Box sx={{ display: 'grid', gap: 1.5, alignContent: 'start' }}>
          {field('major', `Across the screw’s crests, ${units}`, 'a good screw measures a little under its name')}
          <FormControlLabel
            control={<Checkbox checked={inputs.worn} onChange={(event) => change({ worn: event.target.checked })} />}
            label="its crests are worn"
          />
          <Box sx={{ display: 'grid', gridTemplateColumns: '2fr 1fr', gap: 1 }}>
            {field('over', `Length over pitches, ${units}`, 'crest to crest')}
            {field('pitches', 'how many', '')}
          </Box>
          {field('perInch', 'or threads per inch', 'by the gauge that sits without light')}
          {field('bore', `Bore of the hole, ${units}`, 'inside, over the crests')}
          <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1 }}>
            {field('screw', 'A known screw', 'for example M8')}
            {field('binds', 'binds after, turns', 'empty: runs in freely')}
          </Box>
        </Box>
        <Box aria-live="polite">
          {result === null ? (
            <Typography sx={{ color: 'text.secondary' }}>
              Type one reading. Each further one narrows the list.
            </Typography>
          ) : (
            <>
              <Typography variant="h1" component="h3" sx={{ mb: 1 }}>
                {headline(result)}
              </Typography>
              {separator && result.outcome !== 'none-of-these' && (
                <div className="note-box">
                  <p className="note-title">Would settle it</p>
                  <p>{separator}</p>
                </div>
              )}
              {result.candidates
                .filter((candidate) => candidate.probability >= 0.005)
                .map((candidate) => (
                  <Box
                    key={candidate.thread.id}
                    sx={{
                      borderTop: 1,
                      borderColor: 'divider',
                      py: 1,
                      display: 'grid',
                      gridTemplateColumns: 'minmax(0, 1fr) auto',
                      gap: 1,
                    }}
                  >
                    <Box>
                      <Button onClick={() => onAsk(candidate.thread.id)} sx={{ px: 0, minWidth: 0, minHeight: 32 }}>
                        {candidate.thread.designation}
                      </Button>
                      <Typography sx={{ fontSize: 14, color: 'text.secondary' }}>
                        {misfitWords(candidate, evidence)}
                      </Typography>
                    </Box>
                    <Box sx={{ width: 140 }}>
                      <Typography sx={{ textAlign: 'right', fontWeight: 700 }}>
                        {Math.round(candidate.probability * 100)} %
                      </Typography>
                      <Box sx={{ height: 6, bgcolor: 'divider' }}>
                        <Box sx={{ height: 6, width: `${candidate.probability * 100}%`, bgcolor: 'primary.main' }} />
                      </Box>
                    </Box>
                  </Box>
                ))}
              {result.noneProbability >= 0.01 && (
                <Typography sx={{ borderTop: 1, borderColor: 'divider', py: 1 }}>
                  None of these: <b>{Math.round(result.noneProbability * 100)} %</b>. It may be a pipe, Whitworth or
                  special thread, which are not held yet.
                </Typography>
              )}
              {result.lookAlikes.map((row) => (
                <Typography key={row.thread.id} sx={{ fontSize: 14, color: 'text.secondary' }}>
                  Beware of {row.thread.designation}: it starts and then binds after about{' '}
                  {Math.max(1, Math.round(row.bindsAfterTurns))}{' '}
                  {Math.round(row.bindsAfterTurns) > 1 ? 'turns' : 'turn'}; ten turns drift{' '}
                  {row.driftOverTenTurnsMm.toFixed(2)} mm apart.
                </Typography>
              ))}
            </>
          )}
        </Box>
      </Box>
    </Box>
  );
}
