import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { ENGINE_VERSION, formatLength, formatLoad, type FrozenPlan, type UnitSystem, PRECISION } from '@deep-mend/core';
import type { ReactNode } from 'react';
import { Figure } from '../../../../parts/Figure.tsx';
import { Verdict } from '../../../../parts/Verdict.tsx';
import { BoreBeforeTapping } from './BoreBeforeTapping.tsx';

/** The numbers of the plan that are asked for most. */
function PlanFigures({ plan, units, drills }: { plan: FrozenPlan; units: UnitSystem; drills: boolean }) {
  const { numbers } = plan;
  const length = (mm: number) => formatLength(mm, units, PRECISION.depth[units]);
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1.5, mb: 2 }}>
      <Figure
        label="Drill"
        main={numbers.drillId ?? (drills ? 'to be got' : 'none')}
        note={drills ? `bores about ${length(numbers.boreMm)}` : 'nothing is cut away'}
      />
      <Figure
        label="Screw goes back"
        main={plan.threadId}
        note={`${plan.fastenerName}, reaching ${length(numbers.screwReachMm)}`}
      />
      <Figure
        label="Full thread to"
        main={length(numbers.fullThreadToMm)}
        unit={units}
        note={numbers.drillTipMm > numbers.fullThreadToMm ? `drill tip at ${length(numbers.drillTipMm)}` : undefined}
      />
      <Figure
        label="Strips at"
        main={numbers.stripLoadN === null ? 'unknown' : formatLoad(numbers.stripLoadN, units)}
        note={`screw breaks at ${formatLoad(numbers.breakLoadN, units)}`}
      />
    </Box>
  );
}

/** The steps in their order, as they were frozen. */
function WorkCard({ steps }: { steps: FrozenPlan['said']['mm']['steps'] }) {
  return (
    <>
      <Typography variant="h3" component="h3">
        Work card
      </Typography>
      <Box component="ol" sx={{ pl: 3, m: 0 }}>
        {steps.map((step) => (
          <Box component="li" key={step.id} sx={{ py: 0.75, borderTop: 1, borderColor: 'divider' }}>
            <Typography sx={{ fontWeight: 700 }}>{step.title}</Typography>
            <Typography sx={{ fontSize: 15 }}>{step.what}</Typography>
            {step.caution && <Typography sx={{ fontSize: 14, color: 'warning.main' }}>{step.caution}</Typography>}
          </Box>
        ))}
      </Box>
    </>
  );
}

/** The frozen plan: its numbers and the work card. It does not move until someone plans again. */
export function PreparePanel({
  plan,
  before,
  stale,
  units,
  bar,
  onAgain,
  onOtherwise,
  onCut,
}: {
  plan: FrozenPlan;
  /** What the machine still waits for. */
  before: ReactNode;
  stale: boolean;
  units: UnitSystem;
  onAgain: () => void;
  onOtherwise: (() => void) | null;
  /** Why the machine is shut; null: it is open. */
  bar: string | null;
  onCut: () => void;
}) {
  const drills = plan.numbers.drillId !== null || plan.steps.some(({ kind }) => kind === 'drill');
  return (
    <Box component="section" aria-label="The plan">
      <Box sx={{ display: 'flex', justifyContent: 'space-between', alignItems: 'baseline', pb: 1 }}>
        <Typography variant="h3" component="h2">
          Planned: {plan.title}
        </Typography>
        <Verdict verdict={plan.verdict} />
      </Box>
      {stale && (
        <Alert severity="warning" action={<Button onClick={onAgain}>Weigh again</Button>} sx={{ mb: 1.5 }}>
          {plan.engineVersion === ENGINE_VERSION
            ? 'The readings or house rules changed since this plan was frozen.'
            : 'The computation was improved since this plan was frozen.'}{' '}
          Its numbers are the old ones.
        </Alert>
      )}
      <PlanFigures plan={plan} units={units} drills={drills} />
      {before}
      {drills && <BoreBeforeTapping plan={plan} units={units} />}
      <Button
        variant="contained"
        fullWidth
        disabled={bar !== null}
        onClick={onCut}
        sx={{ mb: bar ? 0.5 : 2 }}
        className="no-print"
      >
        Go to the machine
      </Button>
      {bar && <Typography sx={{ mb: 2, color: 'warning.main' }}>{bar}.</Typography>}
      {onOtherwise && (
        <Button fullWidth onClick={onOtherwise} sx={{ mb: 2 }} className="no-print">
          It came out otherwise
        </Button>
      )}
      <WorkCard steps={plan.said[units].steps} />
      <Typography sx={{ fontSize: 13.5, color: 'text.secondary', mt: 1 }}>
        Numbers frozen by engine {plan.engineVersion}. The product plans; it does not approve. The maker’s limits and
        local codes go first.
      </Typography>
      <Button onClick={() => window.print()} className="no-print">
        Print the card
      </Button>
    </Box>
  );
}
