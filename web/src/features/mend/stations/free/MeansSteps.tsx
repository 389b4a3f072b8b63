import Button from '@mui/material/Button';
import { ATTEMPT_OUTCOMES, type Attempt, type HeatTickId, type SaidMeans } from '@deep-mend/core';
import { useState } from 'react';
import { inTab, isTexts } from '../../../../base/kept.ts';
import { StepTimer } from './StepTimer.tsx';

/** The steps of one means with their clocks, when to stop, what it spoils, and what came of it. */
export function MeansSteps({
  holeId,
  means,
  readOnly,
  onAttempt,
}: {
  holeId: string;
  means: SaidMeans;
  readOnly: boolean;
  onAttempt: (outcome: Attempt['outcome'], ticked: HeatTickId[]) => void;
}) {
  const [ticked, tick] = useTicks(`ticks:${holeId}:${means.id}`);
  const waits = means.ticks.some(({ id }) => !ticked.includes(id));
  return (
    <div className="note-box">
      {means.ticks.length > 0 && (
        <fieldset className="heat-ticks">
          <legend>Before the heat: look, and tick</legend>
          {means.ticks.map(({ id, words }) => (
            <label key={id} className="known-check">
              <input type="checkbox" checked={ticked.includes(id)} disabled={readOnly} onChange={() => tick(id)} />
              {`${words.charAt(0).toUpperCase()}${words.slice(1)}`}
            </label>
          ))}
        </fieldset>
      )}
      <ol className="free-steps">
        {means.steps.map((step, index) => (
          <li key={step.what}>
            {step.what}
            {step.minutes !== null && (
              <StepTimer
                what={`${means.title}, step ${index + 1}`}
                minutes={step.minutes}
                waits={waits && step.hot === true}
              />
            )}
          </li>
        ))}
      </ol>
      {means.stop !== '' && (
        <p>
          <b>Stop when:</b> {means.stop}
        </p>
      )}
      {means.spoils !== '' && <p>Afterwards: {means.spoils}.</p>}
      {!readOnly && (
        <p className="free-outcomes">
          {ATTEMPT_OUTCOMES.map((outcome) => (
            <Button key={outcome.id} size="small" variant="outlined" onClick={() => onAttempt(outcome.id, ticked)}>
              {outcome.name}
            </Button>
          ))}
        </p>
      )}
    </div>
  );
}

const isTicks = (value: unknown): value is HeatTickId[] => isTexts(value);
/** What was ticked, kept on this device until the try is recorded with it. */
function useTicks(key: string): [HeatTickId[], (id: HeatTickId) => void] {
  const [ticked, setTicked] = useState(() => inTab.value(key, isTicks) ?? []);
  const tick = (id: HeatTickId) => {
    const next = ticked.includes(id) ? ticked.filter((other) => other !== id) : [...ticked, id];
    inTab.keep(key, next);
    setTicked(next);
  };
  return [ticked, tick];
}
