import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import type { afterMend, FrozenPlan, MendOutcome, ProofStanding } from '@deep-mend/core';
import { useState } from 'react';
import { StepMore } from '../../card/CardStep.tsx';
import { useShop } from '../../../../base/ShopContext.tsx';

type SaidStep = FrozenPlan['said']['mm']['steps'][number];

/** What is still to be done once the work is proved. */
function StepsAfter({ steps }: { steps: readonly SaidStep[] }) {
  return steps.map((step) => (
    <Box key={step.id} className="card-step">
      <Typography sx={{ fontWeight: 700 }}>{step.title}</Typography>
      <Typography>{step.what}</Typography>
      <StepMore step={step} />
    </Box>
  ));
}

/** Where a failure can hurt someone, two people sign. */
function SecondSignature({ value, onChange }: { value: string; onChange: (id: string) => void }) {
  const { actor, actors } = useShop();
  return (
    <>
      <Alert severity="warning">
        This hole can hurt someone or is under a code: two people sign, one of them a lead hand. Follow the maker’s
        limits and your local code.
      </Alert>
      <TextField select label="Second signature" value={value} onChange={(event) => onChange(event.target.value)}>
        {actors
          .filter((person) => person.id !== actor.id)
          .map((person) => (
            <MenuItem key={person.id} value={person.id}>
              {person.name}
            </MenuItem>
          ))}
      </TextField>
    </>
  );
}

/** How the mend ends: mended and signed, proved or not, sent out, or given up. */
export function SignAndClose({
  steps,
  after,
  standing,
  gated,
  bars,
  busy,
  onClose,
}: {
  steps: readonly SaidStep[];
  /** What the hole is then. */
  after: ReturnType<typeof afterMend>;
  /** Of what is recorded. */
  standing: ProofStanding['standing'];
  gated: boolean;
  /** Why it may not be signed so; null: it may. */
  bars: Record<'mended' | 'unproved', string | null>;
  busy: boolean;
  onClose: (outcome: MendOutcome, secondSignedBy: string | null) => void;
}) {
  const { actor } = useShop();
  const [second, setSecond] = useState('');
  const failed = standing === 'failed';
  const unsigned = gated && second === '';
  const signed = (outcome: MendOutcome) => onClose(outcome, second === '' ? null : second);
  return (
    <Box sx={{ borderTop: 2, borderColor: 'text.primary', pt: 2, display: 'grid', gap: 1.5 }}>
      <Typography variant="h3" component="h3">
        Sign and close
      </Typography>
      {failed && (
        <Alert severity="error">
          Something came out other than planned. Plan again from what is there now, or close it as given up or sent out.
        </Alert>
      )}
      {!failed && bars.mended && <Alert severity="warning">{bars.mended}.</Alert>}
      <StepsAfter steps={steps} />
      <section aria-label="What the hole is then">
        <Typography sx={{ fontWeight: 700 }}>The hole is then: {after.title}</Typography>
        {after.keepOff.map((words) => (
          <Typography key={words}>{words}</Typography>
        ))}
      </section>
      {gated && <SecondSignature value={second} onChange={setSecond} />}
      <Button
        variant="contained"
        disabled={busy || bars.mended !== null || failed || unsigned}
        onClick={() => signed('mended')}
      >
        Mended and proved, signed by {actor.name}
      </Button>
      {standing === 'not-proved' && !gated && (
        <Button variant="outlined" disabled={busy || bars.unproved !== null} onClick={() => signed('unproved')}>
          Mended, not proved: signed so by {actor.name}
        </Button>
      )}
      <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1 }}>
        <Button variant="outlined" disabled={busy} onClick={() => onClose('sent-out', null)}>
          Sent out
        </Button>
        <Button variant="outlined" disabled={busy} onClick={() => onClose('given-up', null)}>
          Given up
        </Button>
      </Box>
    </Box>
  );
}
