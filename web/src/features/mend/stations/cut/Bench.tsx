import Button from '@mui/material/Button';
import { drillInAt, formatLength, PRECISION, turnsWords, type UnitSystem } from '@deep-mend/core';
import { useCallback, useEffect, useLayoutEffect, useRef, useState, type MouseEvent } from 'react';
import { useKeys } from '../../../../base/useKeys.ts';
import { StepMore } from '../../card/CardStep.tsx';
import { BenchDialogs } from './BenchDialogs.tsx';
import type { BenchProps } from './BenchProps.ts';
import { commandsOf, MARK_KEYS, type Asking, type BenchCommand } from './commands.ts';
import { ReadingField } from './ReadingField.tsx';
import { ToolInHole } from './ToolInHole.tsx';
import { TurnBar } from './TurnBar.tsx';
import { useAwake } from './useAwake.ts';
import { useBench, type BenchView } from './useBench.ts';
import './bench.css';

interface Whole {
  bench: BenchProps;
  view: BenchView;
}

/** The number that matters: turns or depth so far, or what the step has in large type. */
function Big({ view, units }: { view: BenchView; units: UnitSystem }) {
  const { state, turnPlan, bites, step } = view;
  if (state && turnPlan)
    return (
      <p className="bench-big">
        <b>{turnsWords(state.turns)}</b>
        <span>of {turnsWords(turnPlan.total)} turns in</span>
      </p>
    );
  if (bites && bites.done > 0)
    return (
      <p className="bench-big">
        <b>{formatLength(bites.tipMm, units, PRECISION.depth[units])}</b>
        <span>
          {units} deep, bite {bites.done} of {bites.count}
        </span>
      </p>
    );
  const { number } = step;
  if (!number) return null;
  const length = 'valueMm' in number ? units : '';
  return (
    <p className="bench-big">
      <b>{number.main}</b>
      <span>
        {number.unit || length} {number.label}
      </span>
    </p>
  );
}

/** Where the tap is now, and how far its thread has to go. */
function Depths({ view, units }: { view: BenchView; units: UnitSystem }) {
  const { state, turnPlan } = view;
  if (!state || !turnPlan) return null;
  const length = (mm: number) => `${formatLength(mm, units, PRECISION.depth[units])} ${units}`;
  return (
    <dl className="bench-depths">
      <div>
        <dt>Tip is at</dt>
        <dd>{length(state.tipMm)}</dd>
      </div>
      <div>
        <dt>Full thread to</dt>
        <dd>{length(state.fullMm)}</dd>
      </div>
      <div>
        <dt>Turns left</dt>
        <dd>{turnsWords(state.left)}</dd>
      </div>
    </dl>
  );
}

/** Which hole, which step of how many, and the way out. */
function Head({ bench: { heading, practice, onLeave, onPractise }, view: { index, steps, told } }: Whole) {
  return (
    <header className="bench-head" data-practice={practice}>
      <p>
        <b>{practice ? 'Practice on scrap: nothing is recorded' : heading}</b>
        <span>
          Step {index + 1} of {steps.length}
        </span>
      </p>
      <ol className="bench-steps" aria-label="Steps">
        {steps.map(({ id }, at) => (
          <li key={id} data-state={at === index ? 'now' : told.has(id) ? 'done' : 'to-come'} />
        ))}
      </ol>
      <Button onClick={practice ? onPractise : onLeave} sx={{ minHeight: 64, color: 'inherit' }}>
        {practice ? 'End the practice' : 'Leave the bench'}
      </Button>
    </header>
  );
}

/** Who was here before, and what another device has counted. */
function Notices({ bench: { mend, actor, counted }, view }: Whole) {
  const { step, draft } = view;
  const last = mend.steps.at(-1);
  const holder = last && last.actor !== actor ? last : null;
  return (
    <>
      {(holder || mend.handedOver) && (
        <p className="bench-notice" role="status">
          {mend.handedOver
            ? `Handed over by ${mend.handedOver.by}: ${mend.handedOver.note}`
            : `${holder!.actor} did the step before. Both may work; what each does is told.`}
        </p>
      )}
      {counted && counted.stepId === step.id && draft.presses.length === 0 && (
        <p className="bench-notice">
          {counted.by} counted {turnsWords(counted.turns)} turns here.{' '}
          <Button variant="outlined" onClick={() => view.take(counted)} sx={{ minHeight: 64, color: 'inherit' }}>
            Go on from there
          </Button>
        </p>
      )}
    </>
  );
}

/** One that is shut stays readable: beside the others it says that there is nothing before. */
const ASIDE = { minHeight: 64, color: 'inherit', '&.Mui-disabled': { color: 'inherit', opacity: 0.5 } };

/** What is rarely wanted: small, and away from the four keys. */
function Aside({ bench, view, ask, chips }: Whole & { ask: (what: Asking) => void; chips: boolean }) {
  const { practice, onOtherwise, onPractise } = bench;
  const { index, look, step } = view;
  const asides: [name: string, act: () => void][] = [
    ...(chips ? [['Read the chips (c)', () => ask('chips')] as [string, () => void]] : []),
    ...(practice
      ? []
      : ([
          ['Done otherwise, or not done', () => ask('otherwise')],
          ['Hand over', () => ask('hand-over')],
          ['It came out otherwise', () => onOtherwise(step.id)],
          ['Practise on scrap', onPractise],
        ] as [string, () => void][])),
  ];
  return (
    <p className="bench-aside">
      <Button onClick={() => look(index - 1)} disabled={index === 0} sx={ASIDE}>
        Look back
      </Button>
      {asides.map(([name, act]) => (
        <Button key={name} onClick={act} sx={ASIDE}>
          {name}
        </Button>
      ))}
    </p>
  );
}

/** A press by hand takes no focus: the next one of the foot switch is the step’s again, not the same key’s. */
const keepKeys = (event: MouseEvent) => event.preventDefault();

/** The four keys at the bottom. */
function Keys({ view, command, ask }: { view: BenchView; command: BenchCommand; ask: (what: Asking) => void }) {
  const { turnPlan, bites, draft } = view;
  return (
    <footer className="bench-keys" data-turning={command.turning} onMouseDown={keepKeys}>
      <button type="button" className="bench-key" disabled={draft.presses.length === 0} onClick={view.undo}>
        − back <small>minus</small>
      </button>
      <button
        type="button"
        className="bench-key bench-on"
        disabled={command.turnOn === null}
        onClick={() => command.turnOn?.()}
      >
        {turnPlan
          ? `+ ${turnsWords(view.advance)} on`
          : bites
            ? `+ bite ${Math.min(bites.done + 1, bites.count)}`
            : '+ on'}{' '}
        <small>plus</small>
      </button>
      <button type="button" className="bench-key bench-primary" onClick={command.act}>
        {command.words} <small>space</small>
      </button>
      <button type="button" className="bench-key bench-stiff" onClick={() => ask('stiff')}>
        It went stiff <small>s</small>
      </button>
    </footer>
  );
}

/** Browsers keep a page for opening without the server only where its address is safe (https, or this very machine). */
const reopens = (): boolean => 'serviceWorker' in navigator;
/** Keys that begin a reading. */
const READ_KEYS = [...'0123456789.,'];

/** So long after a step came, a press still belongs to the one before: a glove taps twice, a foot switch bounces. */
export const BOUNCE_MS = 250;
/** Acts once somebody can have seen the step that it acts on. The first step that is shown waits for nobody. */
function useSettled(stepId: string): (act: () => void) => void {
  const came = useRef({ stepId, at: -Infinity });
  useLayoutEffect(() => {
    if (came.current.stepId !== stepId) came.current = { stepId, at: performance.now() };
  }, [stepId]);
  return useCallback((act) => {
    if (performance.now() - came.current.at >= BOUNCE_MS) act();
  }, []);
}

/** A step begins at its top, whatever of the one before was looked at: its number is what matters. */
function useFromTheTop(stepId: string) {
  const body = useRef<HTMLDivElement>(null);
  const what = useRef<HTMLDivElement>(null);
  useLayoutEffect(() => {
    // Which of the two scrolls is the style’s, by the width of the page.
    for (const { current } of [body, what]) if (current) current.scrollTop = 0;
  }, [stepId]);
  return [body, what] as const;
}

/** One record after the other: a second press while the first is being written is not a second step. */
function useOneAtATime(onStep: BenchProps['onStep']): BenchProps['onStep'] {
  const writing = useRef(false);
  return useCallback(
    async (step) => {
      if (writing.current) return false;
      writing.current = true;
      try {
        return await onStep(step);
      } finally {
        writing.current = false;
      }
    },
    [onStep],
  );
}

/** The bench: one step, the number that matters, what to feel for, four keys. It stands on the card and on the outbox. */
export function Bench(props: BenchProps) {
  const { plan, mend, units, drawn, clocks, onCopy, onProve } = props;
  const onStep = useOneAtATime(props.onStep);
  const view = useBench({ plan, mend, units, onCopy });
  const { step, index, told, turnPlan, state, pending, draft } = view;
  const [asking, setAsking] = useState<Asking>(null);
  const awake = useAwake();
  const settled = useSettled(step.id);
  const [body, what] = useFromTheTop(step.id);
  const command = commandsOf({ onStep, onProve }, view, setAsking, settled);
  const frozen = plan.steps.find(({ id }) => id === step.id);
  const drillIn = drawn && frozen ? drillInAt(frozen, drawn.hole.parent) : null;
  const close = useCallback(() => setAsking(null), []);

  // An instrument types wherever the keys are: what it types is the reading.
  const typeOn = (key: string) => {
    view.read((draft.reading?.text ?? '') + key);
    setAsking('reading');
  };

  // Nothing of the page round it is seen or reached while the bench stands.
  useEffect(() => {
    document.body.classList.add('at-bench');
    return () => document.body.classList.remove('at-bench');
  }, []);
  useKeys(
    {
      ' ': () => command.act(),
      Enter: () => command.act(),
      '+': () => command.turnOn?.(),
      '-': () => view.undo(),
      s: () => setAsking('stiff'),
      c: () => drillIn && setAsking('chips'),
      // Never the page’s own: a figure from an instrument must not lead elsewhere.
      ...Object.fromEntries(READ_KEYS.map((key) => [key, () => view.asked && typeOn(key)])),
      ArrowLeft: () => view.look(index - 1),
      ArrowRight: () => told.has(step.id) && view.look(index + 1),
    },
    true,
  );

  return (
    <section className="bench" aria-label="At the machine">
      <Head bench={props} view={view} />
      <Notices bench={props} view={view} />
      <div className="bench-body" ref={body}>
        <ToolInHole
          drawn={drawn}
          plan={plan}
          steps={mend.steps.filter(({ planId }) => planId === mend.planId)}
          step={step}
          tipMm={state?.tipMm ?? (view.bites?.done ? view.bites.tipMm : null)}
          units={units}
        />
        <div className="bench-what" ref={what}>
          <h2>{step.title}</h2>
          <Big view={view} units={units} />
          {turnPlan && <TurnBar plan={turnPlan} turns={draft.turns} />}
          {pending.length > 0 && (
            <p className="bench-now" role="status">
              {pending.map((kind) => MARK_KEYS[kind].what).join(' ')}
            </p>
          )}
          <p className="bench-do">{step.what}</p>
          <Depths view={view} units={units} />
          <ReadingField view={view} units={units} wanted={asking === 'reading'} onSeen={close} />
          {clocks(step)}
          <div className="bench-more card-step">
            <StepMore step={step} />
          </div>
          <Aside bench={props} view={view} ask={setAsking} chips={drillIn !== null} />
          {!awake && <p className="bench-quiet">This browser lets the screen sleep: touch it now and then.</p>}
          {!reopens() && (
            <p className="bench-quiet">Without the server this page stays, but does not open again: leave it open.</p>
          )}
        </div>
      </div>
      <Keys view={view} command={command} ask={setAsking} />
      <BenchDialogs bench={props} view={view} command={command} drillIn={drillIn} asking={asking} onClose={close} />
    </section>
  );
}
