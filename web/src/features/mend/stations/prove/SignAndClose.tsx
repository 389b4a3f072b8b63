import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import type { FrozenPlan, MendOutcome, Verdict } from '@deep-mend/core';
import { useState } from 'react';
import { useShop } from '../../../../base/ShopContext.tsx';

type SaidStep = FrozenPlan['said']['mm']['steps'][number];

/** What is still to be done once the work is proved. */
function StepsAfter({ steps }: { steps: readonly SaidStep[] }) {
  return steps.map((step) => (
    <Box key={step.id}>
      <Typography sx={{ fontWeight: 700 }}>{step.title}</Typography>
      <Typography>{step.what}</Typography>
      {step.caution && <Typography sx={{ fontSize: 14, color: 'warning.main' }}>{step.caution}</Typography>}
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

/** How the mend ends: mended and signed, sent out, or given up. */
export function SignAndClose({
  steps,
  verdict,
  gated,
  bar,
  busy,
  onClose,
}: {
  steps: readonly SaidStep[];
  /** Of what was measured against the plan. */
  verdict: Verdict;
  gated: boolean;
  /** Why it may not be signed as mended; null: it may. */
  bar: string | null;
  busy: boolean;
  onClose: (outcome: MendOutcome, secondSignedBy: string | null) => void;
}) {
  const { actor } = useShop();
  const [second, setSecond] = useState('');
  const failed = verdict === 'does-not-hold';
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
      {bar && <Alert severity="warning">{bar}.</Alert>}
      <StepsAfter steps={steps} />
      {gated && <SecondSignature value={second} onChange={setSecond} />}
      <Button
        variant="contained"
        disabled={busy || bar !== null || failed || (gated && second === '')}
        onClick={() => onClose('mended', second === '' ? null : second)}
      >
        Mended, signed by {actor.name}
      </Button>
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
