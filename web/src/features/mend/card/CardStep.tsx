import type { FrozenPlan } from '@deep-mend/core';
import { loadScale } from '@deep-mend/drawing';
import { PLATE } from '../../../base/theme.ts';
import { PaintChart } from '../../../paint/Paint.tsx';
import { ON_PLATE } from '../../../paint/PaintShape.tsx';
import './card.css';

type Step = FrozenPlan['said']['mm']['steps'][number];

const SCALE_LOOK = {
  width: '100%',
  maxWidth: 440,
  background: PLATE.ground,
  borderRadius: 8,
  display: 'block',
} as const;

/** What the tap stands against its cut. */
function Scale({ scale }: { scale: NonNullable<Step['scale']> }) {
  const [planned] = scale;
  return (
    <figure className="card-scale">
      <figcaption>How many times the tap is stronger than its cut (estimate)</figcaption>
      <PaintChart
        sheet={loadScale(scale)}
        label={`Tap against its cut: ${planned!.label}, ${planned!.times} times`}
        colours={ON_PLATE}
        look={SCALE_LOOK}
      />
    </figure>
  );
}

const STATE: Readonly<Record<NonNullable<Step['tools']>[number]['state'], string>> = {
  owned: '',
  missing: ', not in the crib',
  unlisted: '',
};

/** Tools in the order in which they are taken; what is missing says what does in its place. */
function Tools({ tools }: { tools: NonNullable<Step['tools']> }) {
  return (
    <p className="card-tools">
      <span className="card-label">Tools</span>{' '}
      {tools.map(({ name, state, instead }, index) => (
        <span key={name} className={state === 'missing' ? 'card-missing' : undefined}>
          {index > 0 ? ' · ' : ''}
          {name}
          {STATE[state]}
          {state === 'missing' && instead !== null ? ` (instead: ${instead})` : ''}
        </span>
      ))}
    </p>
  );
}

/** Where good mechanics differ at this step: what is taken here, and the other way with its case. */
function Differ({ practice }: { practice: NonNullable<Step['practice']> }) {
  return (
    <details className="card-differ">
      <summary>Where good mechanics differ</summary>
      <ul>
        {practice.map(({ question, taken, right, settled, other, otherRight }) => (
          <li key={question}>
            <b>{question}:</b> {taken}
            {settled ? ', house rule' : `, right for ${right}`}. {other.charAt(0).toUpperCase() + other.slice(1)} where:{' '}
            {otherRight}.
          </li>
        ))}
      </ul>
    </details>
  );
}

/** What a step says beside what to do: numbers that a hand sets, tools, fluid, what to feel, when to stop. */
export function StepMore({ step }: { step: Step }) {
  const { numbers, tools, fluid, feel, stop, caution, practice, scale } = step;
  return (
    <>
      {numbers && (
        <dl className="card-numbers">
          {numbers.map(({ label, value, note }) => (
            <div key={label}>
              <dt>{label}</dt>
              <dd>
                <b>{value}</b>
                {note ? <span>{note}</span> : null}
              </dd>
            </div>
          ))}
        </dl>
      )}
      {scale && scale.length > 0 && <Scale scale={scale} />}
      {fluid && (
        <p>
          <span className="card-label">Fluid</span> {fluid}
        </p>
      )}
      {feel && (
        <p>
          <span className="card-label">Feel</span> {feel}
        </p>
      )}
      {stop && (
        <p className="card-stop">
          <span className="card-label">Stop when</span> {stop}
        </p>
      )}
      {caution && <p className="card-caution">{caution}</p>}
      {tools && tools.length > 0 && <Tools tools={tools} />}
      {practice && practice.length > 0 && <Differ practice={practice} />}
    </>
  );
}

/** One step of a card, whole. */
export function CardStep({ step, index }: { step: Step; index: number }) {
  return (
    <li className="card-step">
      <h4>
        <span className="card-index">{index + 1}</span>
        <span>{step.title}</span>
        {step.noReturn && <span className="card-cut">cuts</span>}
        {step.minutes ? <span className="card-minutes">{step.minutes} min</span> : null}
      </h4>
      <p className="card-what">{step.what}</p>
      <StepMore step={step} />
    </li>
  );
}
