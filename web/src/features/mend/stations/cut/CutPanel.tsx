import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import Typography from '@mui/material/Typography';
import { formatLength, type FrozenPlan, type UnitSystem, PRECISION } from '@deep-mend/core';
import { useMemo, useState } from 'react';
import { isNumber, onDevice } from '../../../../base/kept.ts';
import { StepMore } from '../../card/CardStep.tsx';
import { FONT } from '../../../../base/theme.ts';

/** One step at a time, the number that matters in huge type. */
export function CutPanel({
  plan,
  mendId,
  units,
  onOtherwise,
  onProve,
}: {
  plan: FrozenPlan;
  mendId: string;
  units: UnitSystem;
  onOtherwise: () => void;
  onProve: () => void;
}) {
  const key = `step:${mendId}:${plan.digest}`;
  const steps = useMemo(() => plan.said[units].steps.filter((each) => !each.afterProof), [plan, units]);
  const [index, setIndex] = useState(() => Math.min(onDevice.value(key, isNumber) ?? 0, steps.length - 1));
  const go = (to: number) => {
    onDevice.keep(key, to);
    setIndex(to);
  };
  const [asking, setAsking] = useState(false);
  const step = steps[index]!;
  const coming = steps[index + 1];
  const { number } = step;
  const last = index === steps.length - 1;
  return (
    <Box component="section" aria-label="At the machine">
      <Typography sx={{ fontFamily: FONT.label, color: 'text.secondary' }}>
        Step {index + 1} of {steps.length}
      </Typography>
      <Typography variant="h2" component="h2" sx={{ mb: 1 }}>
        {step.title}
      </Typography>
      {number && (
        <Box sx={{ borderTop: 2, borderColor: 'text.primary' }}>
          <Typography sx={{ fontSize: { xs: 72, md: 84 }, fontWeight: 700, lineHeight: 1.05 }}>
            {number.main}
            <Box component="span" sx={{ fontSize: 26, fontWeight: 400, ml: 1 }}>
              {number.unit}
            </Box>
          </Typography>
          <Typography sx={{ fontFamily: FONT.label, color: 'text.secondary' }}>{number.label}</Typography>
        </Box>
      )}
      <Typography sx={{ fontSize: 19, my: 2 }}>{step.what}</Typography>
      <Box className="card-step" sx={{ mb: 2 }}>
        <StepMore step={step} />
      </Box>
      <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 2fr', gap: 1 }}>
        <Button variant="outlined" disabled={index === 0} onClick={() => go(index - 1)} sx={{ minHeight: 64 }}>
          Back
        </Button>
        <Button
          variant="contained"
          onClick={() => (last ? onProve() : steps[index + 1]!.noReturn ? setAsking(true) : go(index + 1))}
          sx={{ minHeight: 64, fontSize: 18 }}
        >
          {last ? 'Measure what was cut' : 'Done, next'}
        </Button>
      </Box>
      {coming && <Typography sx={{ mt: 2, color: 'text.secondary' }}>Next: {coming.title}</Typography>}
      <Button onClick={onOtherwise} sx={{ mt: 1, px: 0 }}>
        It came out otherwise
      </Button>
      {asking && coming && (
        <Dialog open onClose={() => setAsking(false)}>
          <DialogTitle>From here metal is gone for good</DialogTitle>
          <DialogContent>
            <Typography>
              {coming.title}: {coming.what}
            </Typography>
            <Typography sx={{ mt: 1 }}>
              It takes the hole to {formatLength(plan.numbers.outermostMm, units, PRECISION.depth[units])} {units} over
              all. Look once more that it is the right hole.
            </Typography>
          </DialogContent>
          <DialogActions>
            <Button onClick={() => setAsking(false)}>Not yet</Button>
            <Button
              variant="contained"
              onClick={() => {
                setAsking(false);
                go(index + 1);
              }}
            >
              Cut it
            </Button>
          </DialogActions>
        </Dialog>
      )}
    </Box>
  );
}
