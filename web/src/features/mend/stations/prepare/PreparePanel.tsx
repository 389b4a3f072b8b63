import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import {
  ENGINE_VERSION,
  formatLength,
  formatLoad,
  minutesOf,
  type FrozenPlan,
  type UnitSystem,
  PRECISION,
} from '@deep-mend/core';
import type { PaperId } from '@deep-mend/drawing';
import type { ReactNode } from 'react';
import { Figure } from '../../../../parts/Figure.tsx';
import { OnPaper } from '../../../../parts/OnPaper.tsx';
import { Verdict } from '../../../../parts/Verdict.tsx';
import { CardStep } from '../../card/CardStep.tsx';
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

type Steps = FrozenPlan['said']['mm']['steps'];

/** What the whole card takes: its time without waits, and every tool that the crib does not have. */
function Takes({ steps }: { steps: Steps }) {
  const minutes = minutesOf(steps);
  const missing = new Map(
    steps
      .flatMap(({ tools = [] }) => tools.filter(({ state }) => state === 'missing'))
      .map((tool) => [tool.name, tool]),
  );
  if (minutes === 0) return null;
  return (
    <Typography sx={{ fontSize: 15, mb: 1 }}>
      About {minutes} min at work, waits left out.{' '}
      {missing.size > 0 && (
        <Box component="span" sx={{ color: 'warning.main' }}>
          Not in the crib:{' '}
          {[...missing.values()]
            .map(({ name, instead }) => (instead === null ? name : `${name} (instead: ${instead})`))
            .join('; ')}
          .
        </Box>
      )}
    </Typography>
  );
}

/** The steps in their order, as they were frozen. */
function WorkCard({ steps }: { steps: Steps }) {
  return (
    <>
      <Typography variant="h3" component="h3">
        Work card
      </Typography>
      <Takes steps={steps} />
      <ol className="card-steps">
        {steps.map((step, index) => (
          <CardStep key={step.id} step={step} index={index} />
        ))}
      </ol>
    </>
  );
}

/** The frozen plan: its numbers and the work card. It does not move until someone plans again. */
export function PreparePanel({
  plan,
  before,
  stale,
  moved,
  units,
  bar,
  onPaper,
  onAgain,
  onOtherwise,
  onCut,
}: {
  plan: FrozenPlan;
  /** What the machine still waits for. */
  before: ReactNode;
  stale: boolean;
  /** The route's numbers stand, but place, machine, tools or rules have changed since the card was written. */
  moved: boolean;
  units: UnitSystem;
  /** Where the card lies as a file; null: the server does not have this plan yet. */
  onPaper: ((paper: PaperId) => string) | null;
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
      {moved && (
        <Alert severity="info" action={<Button onClick={onAgain}>Weigh again</Button>} sx={{ mb: 1.5 }}>
          The numbers stand. What the card says of the work has changed: place, machine, tools or house rules. Freeze it
          again to have the new card.
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
      {onPaper && <OnPaper papers={[{ name: 'The card on paper (PDF)', hrefOf: onPaper }]} />}
      <WorkCard steps={plan.said[units].steps} />
      <Typography sx={{ fontSize: 13.5, color: 'text.secondary', mt: 1 }}>
        Numbers frozen by engine {plan.engineVersion}. The product plans; it does not approve. The maker’s limits and
        local codes go first.
      </Typography>
    </Box>
  );
}
