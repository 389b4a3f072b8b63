import Button from '@mui/material/Button';
import {
  formatLengthWithUnit,
  harmInput,
  HOLDS,
  proposeFreeing,
  rackDrills,
  recommendedDrill,
  speak,
  STARTS,
  TOUCHED_ALLOWED,
  type Attempt,
  type CoreDrilling,
  type HoleFile,
  type Means,
  type StuckCase,
  type UnitSystem,
} from '@deep-mend/core';
import { useState, type ReactNode } from 'react';
import { Figure } from '../../../kit/Figure.tsx';
import { Verdict } from '../../../kit/Verdict.tsx';
import { NumberField, Pick, Tick, type Choose } from '../known/fields.tsx';
import { EndView } from './EndView.tsx';
import { HarmChart } from './HarmChart.tsx';
import { useHarm } from './useHarm.ts';

const DRIVES = [
  { value: 'none', text: 'none left' },
  { value: 'damaged', text: 'damaged' },
  { value: 'good', text: 'good' },
];
const WHY = ['unknown', 'rust', 'galled', 'locker', 'bottomed', 'cross-threaded', 'peened'].map((value) => ({
  value,
  text: value === 'unknown' ? 'not known' : value === 'locker' ? 'thread locker' : value,
}));
const OUTCOMES = [
  { id: 'freed', name: 'It is out' },
  { id: 'moved', name: 'It moved' },
  { id: 'nothing', name: 'Nothing' },
  { id: 'worse', name: 'Worse' },
] as const;

const named = (rows: readonly { id: string; name: string }[]) =>
  rows.map(({ id, name }) => ({ value: id, text: name }));

/** What sticks, what to try first and what not to do, and the chance of harm before the drill starts. */
export function FreePanel({
  stuck,
  file,
  drilling,
  units,
  readOnly,
  choose,
  reading,
  onAttempt,
}: {
  stuck: StuckCase;
  file: HoleFile;
  drilling: CoreDrilling;
  units: UnitSystem;
  readOnly: boolean;
  choose: Choose;
  reading: (quantity: 'proud' | 'sunk' | 'core-offset') => ReactNode;
  onAttempt: (means: Means['id'], outcome: Attempt['outcome']) => void;
}) {
  const [opened, setOpened] = useState<Means['id'] | null>(null);
  const means = proposeFreeing(stuck);
  const standing = means.filter((row) => row.verdict !== 'does-not-hold');
  const out = means.filter((row) => row.verdict === 'does-not-hold');
  const peels = standing.some((row) => row.id === 'core-peel');
  const asked = peels ? harmInput(stuck, drilling) : null;
  const harm = useHarm(asked);
  const { choices } = file;
  const pick = (
    field: 'stuckDrive' | 'stuckWhy' | 'coreStart' | 'coreHold',
    label: string,
    value: string,
    options: { value: string; text: string }[],
  ) => <Pick field={field} label={label} value={value} options={options} disabled={readOnly} choose={choose} />;
  const attempts = file.mends.find((mend) => mend.outcome === 'open')?.attempts ?? [];
  const recommended = harm.drills && asked ? recommendedDrill(harm.drills, asked.window) : null;
  const nameOf = (mm: number) => rackDrills(stuck.rack).find((drill) => drill.diameterMm === mm)!.id;
  return (
    <section aria-label="Free what is stuck">
      <h2 className="panel-title">Free the {stuck.what}</h2>
      <p>
        First: <b>{standing[0]!.title.toLowerCase()}</b>. Not:{' '}
        {out
          .slice(0, 3)
          .map((row) => row.title.toLowerCase())
          .join(', ')}
        .
      </p>
      {reading('proud')}
      {reading('sunk')}
      {pick('stuckDrive', 'Its drive', choices.stuckDrive ?? 'none', DRIVES)}
      {pick('stuckWhy', 'Why it sticks', choices.stuckWhy ?? 'unknown', WHY)}
      <Tick
        label="too hard to drill"
        checked={stuck.hard}
        disabled={readOnly}
        onChange={(to) => choose('stuckHard', to)}
      />
      <Tick
        label="stainless"
        checked={stuck.stainless}
        disabled={readOnly}
        onChange={(to) => choose('stuckStainless', to)}
      />
      <NumberField
        field="nearLimitC"
        label="Seals or the like near it stand"
        unit="°C"
        low={0}
        high={1000}
        value={choices.nearLimitC ?? null}
        disabled={readOnly}
        choose={choose}
      />
      <ol className="checks" aria-label="Means, least harm first">
        {standing.map((row) => (
          <li key={row.id}>
            <button
              type="button"
              className="plain-button check"
              aria-expanded={opened === row.id}
              onClick={() => setOpened(opened === row.id ? null : row.id)}
            >
              <Verdict verdict={row.verdict} word={false} size={16} />
              <b>{row.title}</b>
              <span />
              <span className="check-because">{speak(row.because, units)}</span>
            </button>
            {opened === row.id && (
              <div className="note-box">
                <p>{speak(row.how, units)}</p>
                {row.stop !== '' && (
                  <p>
                    <b>Stop when:</b> {row.stop}
                  </p>
                )}
                {row.spoils !== '' && <p>Afterwards: {row.spoils}.</p>}
                {!readOnly &&
                  OUTCOMES.map((outcome) => (
                    <Button key={outcome.id} size="small" onClick={() => onAttempt(row.id, outcome.id)}>
                      {outcome.name}
                    </Button>
                  ))}
              </div>
            )}
          </li>
        ))}
      </ol>
      {attempts.length > 0 && (
        <p className="quiet-text">
          Tried:{' '}
          {attempts
            .map(
              (attempt) =>
                `${attempt.means.replaceAll('-', ' ')}: ${OUTCOMES.find((o) => o.id === attempt.outcome)!.name.toLowerCase()}`,
            )
            .join('; ')}
          .
        </p>
      )}
      <details className="why-not">
        <summary>Why not ({out.length})</summary>
        {out.map((row) => (
          <p key={row.id}>
            {row.title}: {speak(row.because, units)}
          </p>
        ))}
      </details>
      {asked && (
        <>
          <h3 className="panel-title">Chance of harm, drilling to the core</h3>
          {pick('coreStart', 'The drill starts', drilling.start, named(STARTS))}
          {pick('coreHold', 'It is kept square by', drilling.hold, named(HOLDS))}
          {reading('core-offset')}
          {harm.drills === null ? (
            <p role="status">Simulating: {Math.round(harm.progress * 100)} %</p>
          ) : (
            <>
              <div className="figures">
                <Figure
                  label="Largest safe drill"
                  main={recommended ? nameOf(recommended.drillMm) : 'none'}
                  note={
                    recommended
                      ? `touches the parent in ${(100 * recommended.touched.p).toFixed(1)} ± ${(196 * recommended.touched.standardError).toFixed(1)} % of ${asked.trials.toLocaleString('en-GB')} trials`
                      : 'every drill touches the parent too often: a bush, a bench drill or a mill'
                  }
                />
                <Figure
                  label="Room in radius"
                  main={formatLengthWithUnit((asked.window.crestMm - asked.window.rootMm) / 2, units, 3)}
                  note={`root ${formatLengthWithUnit(asked.window.rootMm, units, 3)}, crest ${formatLengthWithUnit(asked.window.crestMm, units, 3)}`}
                />
              </div>
              <HarmChart
                drills={harm.drills}
                window={asked.window}
                recommendedMm={recommended?.drillMm ?? null}
                units={units}
              />
              {recommended && <EndView window={asked.window} drillMm={recommended.drillMm} pointsMm={harm.pointsMm} />}
              <p className="quiet-text">
                Loose, stiff and touched are estimates; a touch is allowed in {100 * TOUCHED_ALLOWED} % of trials. After
                each step measure the offset and type it above: it takes the place of the guess.
              </p>
            </>
          )}
        </>
      )}
    </section>
  );
}
