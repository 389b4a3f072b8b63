import Button from '@mui/material/Button';
import {
  afterStepWords,
  coreFluidWords,
  drillInStuck,
  formatLengthWithUnit,
  halfWidthOf,
  leversOf,
  looseShellMm,
  PRECISION,
  rackDrills,
  roomInRadiusMm,
  SAY,
  shellLeftWords,
  stiffShellMm,
  TOUCHED_ALLOWED,
  type DrillIn,
  type HarmInput,
  type UnitSystem,
} from '@deep-mend/core';
import { useState } from 'react';
import { Figure } from '../../../../parts/Figure.tsx';
import { ChipReader } from '../../ChipReader.tsx';
import { More, NumberField, Pick as PickField } from '../../known/fields.tsx';
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

/** What every part of the panel shows its figures with. */
interface Shown {
  free: FreeProps['free'];
  length: (mm: number, fineness?: keyof typeof PRECISION) => string;
  /** A size as the rack calls it. */
  nameOf: (mm: number) => string;
}

/** What to do after the step that was measured. */
function AfterStep({ free: { step }, units }: { free: FreeProps['free']; units: UnitSystem }) {
  if (!step) return null;
  return (
    <div className="note-box" role="status">
      <p className="note-title">{ADVICE[step.advice]}</p>
      <p>{afterStepWords(step, SAY[units])}</p>
    </div>
  );
}

/** The largest safe drill, or how far the simulation is. */
function Harm({ free: { harm, best }, length, nameOf, question }: Shown & { question: Props['question'] }) {
  if (harm.stopped)
    return (
      <p role="status">
        Stopped at {Math.round(harm.progress * 100)} %. <Button onClick={harm.again}>Simulate again</Button>
      </p>
    );
  if (harm.drills === null)
    return (
      <p role="status">
        Simulating: {Math.round(harm.progress * 100)} % <Button onClick={harm.stop}>Stop</Button>
      </p>
    );
  const { window } = question;
  const percent = (share: number) => (100 * share).toFixed(1);
  return (
    <div className="figures">
      <Figure
        label="Largest safe drill"
        main={best ? nameOf(best.drillMm) : 'none'}
        note={
          best
            ? `touches the parent in ${percent(best.touched.p)} ± ${percent(halfWidthOf(best.touched))} % of ${question.trials.toLocaleString('en-GB')} trials`
            : 'every drill touches the parent too often: a bush, a bench drill or a mill'
        }
      />
      <Figure
        label="Room in radius"
        main={length(roomInRadiusMm(window), 'limit')}
        note={`root ${length(window.rootMm, 'limit')}, crest ${length(window.crestMm, 'limit')}`}
      />
    </div>
  );
}

/** The drills one after the other, what each leaves, and where the last one stops. */
function DrillPlan({ free: { plan, stuck }, length }: Shown) {
  if (!plan) return null;
  const { depth } = plan;
  return (
    <>
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
                {length(row.thinShellMm, 'bore')} / {length(row.thickShellMm, 'bore')}
              </td>
              <td>{length(row.toCrestLargestMm, 'bore')}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className={plan.leaves === 'thick' ? 'known-question' : ''}>{shellLeftWords(plan.leaves)}</p>
      <p>{coreFluidWords(stuck)}</p>
      {depth && (
        <p>
          Stop the drill <b>{length(depth.fromBreakMm)}</b> below the break
          {(stuck.proudMm ?? 0) < 0 ? `, ${length(depth.fromFaceMm)} below the face` : ''}: reading at touch plus{' '}
          {length(depth.addToTouchMm)}. Flag <b>{length(depth.flagMm)}</b> from the tip with a guide{' '}
          {length(depth.guideMm)} thick.
        </p>
      )}
      {depth && !depth.lengthKnown && (
        <p className="known-question">
          Its length is not known: first look for the other piece, or measure a sister. Without them: from that stop a
          millimetre or two at a time, while the chips are still its own, and never past the hole’s depth less a pitch.
        </p>
      )}
      {!depth && <p className="known-question">It is too short for a stop: turn it out or mill it.</p>}
      <p>
        Chips: {plan.chips.sound} while it is in the fastener; {plan.chips.parent}: stop.
      </p>
      <Chips drillIn={drillInStuck(stuck.what, stuck.parent)} />
    </>
  );
}

/** What comes out, read at the machine. */
function Chips({ drillIn }: { drillIn: DrillIn }) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <Button variant="outlined" onClick={() => setOpen(true)} sx={{ minHeight: 48 }}>
        What do the chips look like?
      </Button>
      {open && <ChipReader drillIn={drillIn} onClose={() => setOpen(false)} />}
    </>
  );
}

/** What another set-up would buy. */
function Levers({ free: { harm, drilling, stuck }, nameOf }: Shown) {
  if (Object.keys(harm.levers).length === 0) return null;
  const bought = (mm: number | null | undefined) => (mm === undefined ? '…' : mm === null ? 'none' : nameOf(mm));
  return (
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
            <td>{bought(harm.levers[lever.id])}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** How it is drilled, and what was measured of it. */
function SetUp({ free: { stuck, drilling }, readOnly, choose, reading }: Props) {
  const pick = (field: 'coreStart' | 'coreHold' | 'coreLimit', value: string) => (
    <PickField field={field} value={value} disabled={readOnly} choose={choose} />
  );
  const keeps = Object.values(stuck.keep).some((mm) => mm !== null);
  return (
    <>
      {pick('coreStart', drilling.start)}
      {pick('coreHold', drilling.hold)}
      {reading('core-bore')}
      {reading('core-offset')}
      <More title="More about the drilling" filled={drilling.limit === 'class' || drilling.boredMm !== null || keeps}>
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
    </>
  );
}

/** Drilling to the core: the chance of harm with this set-up, what another would buy, and the numbers at the machine. */
export function CorePanel(props: Props) {
  const { free, units, charts, question } = props;
  const { stuck } = free;
  const length: Shown['length'] = (mm, fineness = 'bore') =>
    formatLengthWithUnit(mm, units, PRECISION[fineness][units]);
  const nameOf = (mm: number) => rackDrills(stuck.rack).find((drill) => drill.diameterMm === mm)?.id ?? length(mm);
  const shown: Shown = { free, length, nameOf };
  return (
    <>
      <h3 className="panel-title free-core">Drilling to the core</h3>
      <AfterStep free={free} units={units} />
      <Harm {...shown} question={question} />
      {charts && <HarmPlates free={free} units={units} />}
      <DrillPlan {...shown} />
      <Levers {...shown} />
      <SetUp {...props} />
      <p className="quiet-text">
        Every drill leaves {length(question.keepShellMm, 'bore')} of shell on its thin side at the largest bore it may
        cut. Loose up to {length(looseShellMm(stuck.thread.majorMm), 'bore')} of shell, stiff up to{' '}
        {length(stiffShellMm(stuck.thread.majorMm), 'bore')}, a touch allowed in {100 * TOUCHED_ALLOWED} % of trials:
        estimates. The joint can spare {Math.round(100 * question.spareShare)} % of the thread. After each step measure
        the hole and its offset and type them above: they take the place of the guess.
      </p>
    </>
  );
}
