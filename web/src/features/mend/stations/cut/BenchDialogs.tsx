import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import {
  cureWaitAt,
  formatLength,
  judgeReading,
  nearLimits,
  PRECISION,
  readingAt,
  type DrillIn,
  type StiffNow,
} from '@deep-mend/core';
import { ChipReader } from '../../ChipReader.tsx';
import type { BenchProps } from './BenchProps.ts';
import { StiffDialog } from './StiffDialog.tsx';
import type { Asking, BenchCommand } from './commands.ts';
import type { BenchStep, BenchView } from './useBench.ts';
import { WordsDialog } from './WordsDialog.tsx';

/** Before metal goes for good: once more, is it the right hole? */
function BeforeTheCut({
  plan,
  mend,
  step,
  units,
  onCut,
  onClose,
}: Pick<BenchProps, 'plan' | 'mend' | 'units'> & { step: BenchStep; onCut: () => void; onClose: () => void }) {
  const pace = nearLimits(plan, units);
  return (
    <Dialog open onClose={onClose}>
      <DialogTitle>From here metal is gone for good</DialogTitle>
      <DialogContent>
        <p>
          {step.title}: {step.what}
        </p>
        <p>
          It takes the hole to {formatLength(plan.numbers.outermostMm, units, PRECISION.depth[units])} {units} over all.
          Look once more that it is the right hole.
        </p>
        {cureWaitAt(mend.clocks, new Date().toISOString()) === 'running' && (
          <p className="bench-pace">
            What was set still cures: its clock to full strength runs. Cut into it only where its sheet allows that.
          </p>
        )}
        {pace.map((words) => (
          <p key={words} className="bench-pace">
            Near its limit: {words}. Slowly, and stop early rather than late.
          </p>
        ))}
      </DialogContent>
      <DialogActions sx={{ p: 2 }}>
        <Button onClick={onClose} sx={{ minHeight: 64 }}>
          Not yet
        </Button>
        <Button autoFocus variant="contained" onClick={onCut} sx={{ minHeight: 64, minWidth: 140 }}>
          Cut it
        </Button>
      </DialogActions>
    </Dialog>
  );
}

/** Whether the bore was gauged at the bench, and lay inside its limits; null: nobody gauged it. */
function boreInside({ plan, mend }: BenchProps): boolean | null {
  for (const { stepId, reading } of [...mend.steps].reverse()) {
    const frozen = plan.steps.find(({ id, kind }) => id === stepId && kind === 'gauge-bore');
    const asked = frozen && readingAt(plan, frozen);
    if (asked && reading && !reading.simulated)
      return judgeReading(asked, { ...reading, notation: 'mm', bare: false }).place === 'inside';
  }
  return null;
}

/** What is known when it goes stiff. */
function stiffNow(bench: BenchProps, { step, turnPlan, draft }: BenchView): StiffNow {
  const { plan, drawn } = bench;
  return {
    turns: turnPlan ? draft.turns : null,
    totalTurns: turnPlan?.total ?? 0,
    blind: turnPlan?.blind ?? plan.numbers.drillTipMm > plan.numbers.fullThreadToMm,
    clearEvery: turnPlan?.clearEvery ?? null,
    sinceClear: turnPlan ? draft.turns - draft.clearedAt : null,
    ratio: step.scale?.[0]?.times ?? Infinity,
    boreInside: boreInside(bench),
    cutting: drawn?.hole.parent.cutting ?? 'medium',
  };
}

/** Whatever is asked about now. */
export function BenchDialogs({
  bench,
  view,
  command,
  drillIn,
  asking,
  onClose,
}: {
  bench: BenchProps;
  view: BenchView;
  command: BenchCommand;
  /** What the tool should be in; null: it makes no chips here. */
  drillIn: DrillIn | null;
  asking: Asking;
  onClose: () => void;
}) {
  const { plan, mend, units, onStiff, onHandOver } = bench;
  const { step, turnPlan, draft } = view;
  return (
    <>
      {asking !== null && typeof asking === 'object' && (
        <BeforeTheCut
          plan={plan}
          mend={mend}
          step={step}
          units={units}
          onClose={onClose}
          onCut={() => {
            onClose();
            asking.cut();
          }}
        />
      )}
      {asking === 'stiff' && (
        <StiffDialog
          now={stiffNow(bench, view)}
          onClose={onClose}
          onTold={(told) => {
            void onStiff({ ...told, stepId: step.id, turns: turnPlan ? draft.turns : null }).then(
              (done) => done && onClose(),
            );
          }}
        />
      )}
      {asking === 'chips' && drillIn && (
        <ChipReader
          drillIn={drillIn}
          {...(bench.practice
            ? {}
            : {
                onOtherwise: () => {
                  onClose();
                  bench.onOtherwise(step.id);
                },
              })}
          onClose={onClose}
        />
      )}
      {asking === 'otherwise' && (
        <WordsDialog
          title={step.title}
          label="What was done, and why"
          keepAs={`otherwise:${mend.id}:${step.id}`}
          actions={[
            { name: 'Not done', act: (words) => void command.record('not-done', words).then(onClose) },
            { name: 'Done otherwise', act: (words) => void command.record('otherwise', words).then(onClose) },
          ]}
          onClose={onClose}
        />
      )}
      {asking === 'hand-over' && (
        <WordsDialog
          title="Hand over"
          label="What whoever goes on must know"
          keepAs={`hand-over:${mend.id}`}
          actions={[{ name: 'Hand over', act: (words) => void onHandOver(words).then((done) => done && onClose()) }]}
          onClose={onClose}
        />
      )}
    </>
  );
}
