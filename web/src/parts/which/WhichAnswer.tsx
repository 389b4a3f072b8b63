import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import {
  formatLength,
  mmToInch,
  type Candidate,
  type Evidence,
  type Identification,
  type UnitSystem,
} from '@deep-mend/core';
import { Comb } from './Comb.tsx';

const EVIDENCE_WORDS: Record<Evidence['kind'], string> = {
  'male-major': 'diameter',
  pitch: 'pitch',
  'threads-per-inch': 'pitch',
  bore: 'bore',
  plug: 'bore',
  'test-screw': 'test screw',
  'form-angle': 'angle',
  taper: 'taper',
  hand: 'hand',
  made: 'age and place',
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
  const [one, two] = candidates;
  if (!separator || !one || !two) return null;
  const [a, b] = [one.thread.designation, two.thread.designation];
  const { first, second } = separator;
  const length = (mm: number) => `${formatLength(mm, units, units === 'mm' ? 2 : 3)} ${units}`;
  switch (separator.reading) {
    case 'pitch':
      return `Measure ten pitches: ${length(10 * first)} means ${a}, ${length(10 * second)} means ${b}.`;
    case 'male-major':
      return `Measure across the crests of the screw: about ${length(first)} means ${a}, ${length(second)} means ${b}.`;
    case 'bore':
      return `Measure the bore: about ${length(first)} means ${a}, ${length(second)} means ${b}.`;
    case 'test-screw':
      return `Run a good ${a} screw in by hand: it goes all the way in ${a} and binds within ${length(second)} in ${b}.`;
    case 'form-angle':
      return `Look at the angle between the flanks with a form gauge: ${first}° means ${a}, ${second}° means ${b}.`;
    case 'taper':
      return `Measure the diameter at both ends, 10 mm apart: 0.6 mm more means ${first === 1 ? a : b}, the same means ${first === 1 ? b : a}.`;
  }
}

/** The candidates by likelihood, what would settle it, the look-alikes and the combs. */
export function WhichAnswer({
  result,
  evidence,
  units,
  pickWords,
  onPick,
}: {
  result: Identification;
  evidence: readonly Evidence[];
  units: UnitSystem;
  /** What a click on a candidate does. */
  pickWords: string;
  onPick: (threadId: string) => void;
}) {
  const separator = separatorWords(result, units);
  const likely = result.candidates.filter((candidate) => candidate.probability >= 0.05).slice(0, 3);
  return (
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
              <Button
                onClick={() => onPick(candidate.thread.id)}
                title={pickWords}
                sx={{ px: 0, minWidth: 0, minHeight: 32 }}
              >
                {candidate.thread.designation}
              </Button>
              <Typography sx={{ fontSize: 14, color: 'text.secondary' }}>{misfitWords(candidate, evidence)}</Typography>
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
          None of these: <b>{Math.round(result.noneProbability * 100)} %</b>. It may be a special thread; it can be
          written as custom 14.2 x 1.3 60.
        </Typography>
      )}
      {result.lookAlikes.map((row) => (
        <Typography key={row.thread.id} sx={{ fontSize: 14, color: 'text.secondary' }}>
          Beware of {row.thread.designation}: it starts and then binds after about{' '}
          {Math.max(1, Math.round(row.bindsAfterTurns))} {Math.round(row.bindsAfterTurns) > 1 ? 'turns' : 'turn'}; ten
          turns drift {row.driftOverTenTurnsMm.toFixed(2)} mm apart.
        </Typography>
      ))}
      {result.outcome !== 'none-of-these' && <Comb threads={likely.map((candidate) => candidate.thread)} />}
    </>
  );
}
