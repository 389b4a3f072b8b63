import Button from '@mui/material/Button';
import {
  afterStepWords,
  formatLengthWithUnit,
  halfWidthOf,
  leversOf,
  looseShellMm,
  rackDrills,
  roomInRadiusMm,
  SAY,
  shellLeftWords,
  stiffShellMm,
  TOUCHED_ALLOWED,
  type HarmInput,
} from '@deep-mend/core';
import { Figure } from '../../../../parts/Figure.tsx';
import { More, NumberField, Pick } from '../../known/fields.tsx';
import type { FreeProps } from './FreePanel.tsx';
import { HarmPlates } from './HarmPlates.tsx';

const ADVICE = {
  'carry-on': 'Carry on',
  correct: 'Correct it first',
  'change-means': 'Change the means',
  stop: 'Stop',
} as const;

type Props = Pick<FreeProps, 'free' | 'units' | 'readOnly' | 'choose' | 'reading' | 'charts'> & {
  question: Omit<HarmInput, 'random'>;
};

/** Drilling to the core: the chance of harm with this set-up, what another would buy, and the numbers at the machine. */
export function CorePanel({ free, units, readOnly, choose, reading, charts, question }: Props) {
  const { stuck, drilling, harm, best, plan, step } = free;
  const length = (mm: number, decimals?: number) => formatLengthWithUnit(mm, units, decimals);
  const nameOf = (mm: number) => rackDrills(stuck.rack).find((drill) => drill.diameterMm === mm)?.id ?? length(mm);
  const pick = (field: 'coreStart' | 'coreHold' | 'coreLimit', value: string) => (
    <Pick field={field} value={value} disabled={readOnly} choose={choose} />
  );
  const { window } = question;
  return (
    <>
      <h3 className="panel-title free-core">Drilling to the core</h3>
      {step && (
        <div className="note-box" role="status">
          <p className="note-title">{ADVICE[step.advice]}</p>
          <p>{afterStepWords(step, SAY[units])}</p>
        </div>
      )}
      {harm.stopped ? (
        <p role="status">
          Stopped at {Math.round(harm.progress * 100)} %. <Button onClick={harm.again}>Simulate again</Button>
        </p>
      ) : harm.drills === null ? (
        <p role="status">
          Simulating: {Math.round(harm.progress * 100)} % <Button onClick={harm.stop}>Stop</Button>
        </p>
      ) : (
        <div className="figures">
          <Figure
            label="Largest safe drill"
            main={best ? nameOf(best.drillMm) : 'none'}
            note={
              best
                ? `touches the parent in ${(100 * best.touched.p).toFixed(1)} ± ${(100 * halfWidthOf(best.touched)).toFixed(1)} % of ${question.trials.toLocaleString('en-GB')} trials`
                : 'every drill touches the parent too often: a bush, a bench drill or a mill'
            }
          />
          <Figure
            label="Room in radius"
            main={length(roomInRadiusMm(window), 3)}
            note={`root ${length(window.rootMm, 3)}, crest ${length(window.crestMm, 3)}`}
          />
        </div>
      )}
      {charts && <HarmPlates free={free} units={units} />}
      {plan && (
        <table className="free-table">
          <thead>
            <tr>
              <th>Drill</th>
              <th>rev/min</th>
              <th>Shell, thin / thick</th>
              <th>To the crest, least</th>
            </tr>
          </thead>
          <tbody>
            {plan.steps.map((row) => (
              <tr key={row.drill.id}>
                <td>{row.drill.id}</td>
                <td>{row.speedRpm}</td>
                <td>
                  {length(row.thinShellMm, 2)} / {length(row.thickShellMm, 2)}
                </td>
                <td>{length(row.toCrestLargestMm, 2)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {plan && <p className={plan.leaves === 'thick' ? 'known-question' : ''}>{shellLeftWords(plan.leaves)}</p>}
      {plan?.depth && (
        <p>
          Stop the drill <b>{length(plan.depth.fromBreakMm)}</b> below the break
          {(stuck.proudMm ?? 0) < 0 ? `, ${length(plan.depth.fromFaceMm)} below the face` : ''}: reading at touch plus{' '}
          {length(plan.depth.addToTouchMm)}. Flag <b>{length(plan.depth.flagMm)}</b> from the tip with a guide{' '}
          {length(plan.depth.guideMm)} thick.
        </p>
      )}
      {plan?.depth && !plan.depth.lengthKnown && (
        <p className="known-question">
          Its length is not known: first look for the other piece, or measure a sister. Without them: from that stop a
          millimetre or two at a time, while the chips are still its own, and never past the hole’s depth less a pitch.
        </p>
      )}
      {plan && !plan.depth && <p className="known-question">It is too short for a stop: turn it out or mill it.</p>}
      {plan && (
        <p>
          Chips: {plan.chips.sound} while it is in the fastener; {plan.chips.parent}: stop.
        </p>
      )}
      {Object.keys(harm.levers).length > 0 && (
        <table className="free-table" aria-label="What would help">
          <thead>
            <tr>
              <th>What it would buy</th>
              <th>largest safe drill</th>
            </tr>
          </thead>
          <tbody>
            {leversOf(drilling, stuck.access).map((lever) => (
              <tr key={lever.id}>
                <td>{lever.name}</td>
                <td>
                  {harm.levers[lever.id] === undefined
                    ? '…'
                    : harm.levers[lever.id] === null
                      ? 'none'
                      : nameOf(harm.levers[lever.id]!)}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {pick('coreStart', drilling.start)}
      {pick('coreHold', drilling.hold)}
      {reading('core-bore')}
      {reading('core-offset')}
      <More
        title="More about the drilling"
        filled={
          drilling.limit === 'class' || drilling.boredMm !== null || Object.values(stuck.keep).some((mm) => mm !== null)
        }
      >
        {() => (
          <>
            {reading('core-projection')}
            {pick('coreLimit', drilling.limit ?? 'nominal')}
            {reading('core-bored')}
            <NumberField field="keepShellMm" value={stuck.keep.shellMm} disabled={readOnly} choose={choose} />
            <NumberField field="keepFloorMm" value={stuck.keep.floorMm} disabled={readOnly} choose={choose} />
            <NumberField field="keepWallMm" value={stuck.keep.wallMm} disabled={readOnly} choose={choose} />
          </>
        )}
      </More>
      <p className="quiet-text">
        Every drill leaves {length(question.keepShellMm, 2)} of shell on its thin side at the largest bore it may cut.
        Loose up to {length(looseShellMm(stuck.thread.majorMm), 2)} of shell, stiff up to{' '}
        {length(stiffShellMm(stuck.thread.majorMm), 2)}, a touch allowed in {100 * TOUCHED_ALLOWED} % of trials:
        estimates. The joint can spare {Math.round(100 * question.spareShare)} % of the thread. After each step measure
        the hole and its offset and type them above: they take the place of the guess.
      </p>
    </>
  );
}
