import Box from '@mui/material/Box';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import Typography from '@mui/material/Typography';
import { askedName, type FrozenPlan, type MendEntry, type TickId, type UnitSystem } from '@deep-mend/core';

/** What a plan waits for before the machine: readings that are still asked for, and what a look settles. */
export function LookFirst({
  plan,
  looked,
  units,
  onLook,
}: {
  plan: FrozenPlan;
  looked: MendEntry['looked'];
  units: UnitSystem;
  /** Null: the mend is closed. */
  onLook: ((tick: TickId) => void) | null;
}) {
  if (plan.ticks.length === 0 && plan.asks.length === 0) return null;
  return (
    <Box
      component="section"
      aria-label="Before the first cut"
      sx={{ bgcolor: (theme) => theme.tokens.note, borderRadius: 1, p: 1.5, mb: 2 }}
    >
      <Typography variant="h3" component="h3" sx={{ color: 'warning.main' }}>
        Before the first cut
      </Typography>
      {plan.asks.length > 0 && (
        <Typography sx={{ my: 0.5 }}>
          Still asked for: {plan.asks.map((id) => askedName(id).toLowerCase()).join(' · ')}. Give it in Measure, then
          weigh again: this plan is not cut without it.
        </Typography>
      )}
      {plan.said[units].ticks.map((words, index) => {
        const tick = plan.ticks[index]!;
        const done = looked.includes(tick);
        return (
          <FormControlLabel
            key={tick}
            sx={{ display: 'flex', minHeight: 48 }}
            control={<Checkbox checked={done} disabled={done || onLook === null} onChange={() => onLook?.(tick)} />}
            label={`${words.charAt(0).toUpperCase()}${words.slice(1)}`}
          />
        );
      })}
    </Box>
  );
}
