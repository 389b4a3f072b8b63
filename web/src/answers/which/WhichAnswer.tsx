import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import {
  againstWords,
  findingNotes,
  formatLengthWithUnit,
  PRECISION,
  headlineWords,
  misfitWords,
  SAY,
  separatorWords,
  usedFor,
  type Evidence,
  type Identification,
  type UnitSystem,
} from '@deep-mend/core';
import { Comb } from './Comb.tsx';

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
  const separator = separatorWords(result, SAY[units]);
  const against = againstWords(result, evidence);
  const likely = result.candidates.filter((candidate) => candidate.probability >= 0.05).slice(0, 3);
  return (
    <>
      <Typography variant="h1" component="h3" sx={{ mb: 1 }}>
        {headlineWords(result)}
      </Typography>
      {against && <p className="not-this">{against}</p>}
      {result.asRead && (
        <p>
          As it was read:{' '}
          <Button onClick={() => onPick(result.asRead!.id)} title={pickWords} sx={{ px: 0.5, minHeight: 32 }}>
            {result.asRead.designation}
          </Button>
        </p>
      )}
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
              <Typography sx={{ fontSize: 14, color: 'text.secondary' }}>
                {usedFor(candidate.thread)}; {misfitWords(candidate, evidence)}
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
          None of these: <b>{Math.round(result.noneProbability * 100)} %</b>. It may be a special thread; it can be
          written as custom 14.2 x 1.3 60.
        </Typography>
      )}
      {findingNotes(result, evidence, SAY[units]).map((words) => (
        <Typography key={words} sx={{ fontSize: 14, borderTop: 1, borderColor: 'divider', py: 1 }}>
          {words}
        </Typography>
      ))}
      {result.lookAlikes.map((row) => (
        <Typography key={row.thread.id} sx={{ fontSize: 14, color: 'text.secondary' }}>
          Beware of {row.thread.designation}: it starts and then binds after about{' '}
          {Math.max(1, Math.round(row.bindsAfterTurns))} {Math.round(row.bindsAfterTurns) > 1 ? 'turns' : 'turn'}; ten
          turns drift {formatLengthWithUnit(row.driftOverTenTurnsMm, units, PRECISION.caliper[units])} apart.
        </Typography>
      ))}
      {result.outcome !== 'none-of-these' && <Comb threads={likely.map((candidate) => candidate.thread)} />}
    </>
  );
}
