import {
  DRIVES,
  EARLIER_REPAIRS,
  explainThreadProblem,
  FASTENER_CLASS_NAMES,
  METHOD_IDS,
  METHOD_TRAITS,
  PARENTS,
  parseThread,
  threadById,
  type HoleChoices,
  type HoleFile,
  type QuantityId,
  type UnitSystem,
} from '@deep-mend/core';
import { lazy, memo, Suspense, useId, useState, type ReactNode } from 'react';
import { ReadingField } from './ReadingField.tsx';
import type { Draft, Drafts } from './useDrafts.ts';

// The sheet is only fetched when nobody knows the thread.
const WhichDialog = lazy(() => import('../../kit/which/WhichDialog.tsx').then((m) => ({ default: m.WhichDialog })));

export type Choose = <K extends keyof HoleChoices>(field: K, value: HoleChoices[K]) => void;

interface Props {
  file: HoleFile;
  drafts: Drafts;
  units: UnitSystem;
  readOnly: boolean;
  choose: Choose;
  onDraft: (id: QuantityId, draft: Draft) => void;
  onCommit: (id: QuantityId) => void;
}

function Row({ label, labelFor, children }: { label: string; labelFor: string; children: ReactNode }) {
  return (
    <div className="known-row">
      <label className="known-label" htmlFor={labelFor}>
        {label}
      </label>
      {children}
    </div>
  );
}

interface Option {
  value: string;
  text: string;
}

const same = (values: readonly string[]): Option[] => values.map((value) => ({ value, text: value }));
const MATERIALS: Option[] = PARENTS.map((parent) => ({ value: parent.id, text: parent.name }));
const SCREWS: Option[] = FASTENER_CLASS_NAMES.map((row) => ({ value: row.id, text: row.name }));
const KINDS: Option[] = [
  { value: 'through', text: 'through' },
  { value: 'blind', text: 'blind' },
];
const BEYOND = same(['edge', 'water side', 'oil side', 'next hole', 'crank space', 'wiring']);
const FLOORS = same(['nothing', 'water', 'oil', 'crank space', 'another hole', 'wiring', 'pressure']);
const AXES: Option[] = [
  { value: 'true', text: 'the true axis' },
  { value: 'own', text: 'the bore’s own axis' },
];
const CRACKS: Option[] = [
  { value: 'none', text: 'none seen' },
  { value: 'near', text: 'one is near' },
  { value: 'reaches', text: 'one reaches the hole' },
];
const STUCK: Option[] = [
  { value: 'none', text: 'nothing' },
  ...same(['screw', 'stud', 'plug', 'dowel', 'tap', 'extractor', 'coil']),
];
const EARLIER: Option[] = EARLIER_REPAIRS.map((row) => ({ value: row.id, text: row.name }));
const METHODS: Option[] = METHOD_IDS.map((id) => ({ value: id, text: METHOD_TRAITS[id].name }));
const SEALINGS: Option[] = [{ value: 'none', text: 'nothing' }, ...same(['oil', 'water', 'pressure'])];
const DRIVE_OPTIONS: Option[] = DRIVES.map((row) => ({ value: row.id, text: row.name }));
const UNDONE = same(['rarely', 'often']);
const DEMANDS: Option[] = [
  { value: 'fastener-first', text: 'full strength of the screw' },
  { value: 'preload', text: 'the preload of a torque' },
];
const FRICTIONS: Option[] = [...same(['dry', 'oiled', 'anti-seize']), { value: 'unknown', text: 'not known' }];
const LOADS = same(['static', 'pulsating']);
const DUTIES: Option[] = [
  { value: 'ordinary', text: 'ordinary' },
  { value: 'leak-or-damage', text: 'it leaks or damages' },
  { value: 'can-hurt', text: 'it can hurt someone' },
  { value: 'under-code', text: 'it is under a code' },
];

/** Choices that may go back to nothing. */
const CLEARABLE: readonly (keyof HoleChoices)[] = ['fastenerClassId', 'earlierRepair', 'failedMethod', 'drive'];

interface PickProps {
  field: keyof HoleChoices;
  label: string;
  value: string;
  options: Option[];
  disabled: boolean;
  /** Text of the empty option; it chooses null where the field allows it. */
  empty?: string;
  choose: Choose;
}

const Pick = memo(function Pick({ field, label, value, options, disabled, empty, choose }: PickProps) {
  const id = useId();
  return (
    <Row label={label} labelFor={id}>
      <select
        id={id}
        className="known-select"
        value={value}
        disabled={disabled}
        onChange={(event) => {
          const picked = event.target.value;
          if (picked !== '') choose(field, picked as never);
          else if (CLEARABLE.includes(field)) choose(field, null as never);
        }}
      >
        {empty !== undefined && <option value="">{empty}</option>}
        {options.map((option) => (
          <option key={option.value} value={option.value}>
            {option.text}
          </option>
        ))}
      </select>
    </Row>
  );
});

const ThreadField = memo(function ThreadField({
  value,
  disabled,
  choose,
}: {
  value: string | undefined;
  disabled: boolean;
  choose: Choose;
}) {
  const [text, setText] = useState<string | null>(null);
  const [asking, setAsking] = useState(false);
  const typed = text === null || text.trim() === '' ? null : parseThread(text);
  const problem = typed !== null && !typed.ok ? explainThreadProblem(typed.problem) : null;
  const commit = () => {
    if (!typed?.ok) return;
    if (typed.thread.id !== value) choose('threadId', typed.thread.id);
    setText(null);
  };
  return (
    <Row label="Thread as made" labelFor="thread">
      <div className="known-value">
        <input
          id="thread"
          className="known-input"
          placeholder="M8, 3/8-16 …"
          disabled={disabled}
          autoComplete="off"
          spellCheck={false}
          data-draft={text !== null}
          aria-invalid={problem !== null}
          aria-describedby={problem ? 'thread-problem' : undefined}
          value={text ?? (value ? threadById(value).designation : '')}
          onChange={(event) => setText(event.target.value)}
          onFocus={(event) => event.target.select()}
          onBlur={commit}
          onKeyDown={(event) => {
            if (event.key === 'Enter') commit();
          }}
        />
      </div>
      {problem && (
        <p id="thread-problem" role="alert" className="known-problem">
          {problem}
        </p>
      )}
      {typed?.ok && <span className="known-unit">reads as {typed.thread.designation}</span>}
      {!disabled && (
        <button type="button" id="which-thread" className="plain-button known-doubt" onClick={() => setAsking(true)}>
          which thread is it?
        </button>
      )}
      {asking && (
        <Suspense>
          <WhichDialog
            onClose={() => setAsking(false)}
            onPick={(threadId) => {
              setAsking(false);
              setText(null);
              if (threadId !== value) choose('threadId', threadId);
            }}
          />
        </Suspense>
      )}
    </Row>
  );
});

interface NumberProps {
  field: 'torqueNm' | 'parentTensileMpa' | 'serviceC';
  label: string;
  unit: string;
  value: number | null;
  low: number;
  high: number;
  disabled: boolean;
  choose: Choose;
}

const NumberField = memo(function NumberField({ field, label, unit, value, low, high, disabled, choose }: NumberProps) {
  const id = useId();
  const [text, setText] = useState<string | null>(null);
  const number = Number((text ?? '').replace(',', '.'));
  const bad = text !== null && text.trim() !== '' && !(number >= low && number <= high);
  const commit = () => {
    if (text === null || bad) return;
    choose(field, text.trim() === '' ? null : number);
    setText(null);
  };
  return (
    <Row label={label} labelFor={id}>
      <div className="known-value">
        <input
          id={id}
          className="known-input"
          disabled={disabled}
          placeholder="—"
          autoComplete="off"
          data-draft={text !== null}
          aria-invalid={bad}
          value={text ?? (value === null ? '' : String(value))}
          onChange={(event) => setText(event.target.value)}
          onBlur={commit}
          onKeyDown={(event) => {
            if (event.key === 'Enter') commit();
          }}
        />
        <span className="known-unit">{unit}</span>
      </div>
      {bad && (
        <p role="alert" className="known-problem">
          “{text}” was read; expected a number of {unit} between {low} and {high}, for example{' '}
          {Math.round((low + high) / 10)}.
        </p>
      )}
    </Row>
  );
});

/** A group that most holes do without: its fields are only made when it is opened, so that typing stays quick. */
function More({ title, filled, children }: { title: string; filled: boolean; children: () => ReactNode }) {
  const [open, setOpen] = useState(filled);
  return (
    <details className="known-more" open={open} onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary>{title}</summary>
      {open && children()}
    </details>
  );
}

function Tick({
  label,
  checked,
  disabled,
  onChange,
}: {
  label: string;
  checked: boolean;
  disabled: boolean;
  onChange: (checked: boolean) => void;
}) {
  // It shows what was ticked at once; the record follows.
  const [ticked, setTicked] = useState<{ over: boolean; to: boolean } | null>(null);
  const shown = ticked && ticked.over === checked ? ticked.to : checked;
  return (
    <label className="known-check">
      <input
        type="checkbox"
        checked={shown}
        disabled={disabled}
        onChange={(event) => {
          setTicked({ over: checked, to: event.target.checked });
          onChange(event.target.checked);
        }}
      />
      {label}
    </label>
  );
}

/** What is known: choices and readings, in the order in which a mechanic meets them. Any field may be filled in any order. */
export function KnownColumn({ file, drafts, units, readOnly, choose, onDraft, onCommit }: Props) {
  const { choices, live } = file;
  const reading = (quantity: QuantityId, label?: string) => (
    <ReadingField
      quantity={quantity}
      threadId={choices.threadId}
      {...(label ? { label } : {})}
      entry={live[quantity]}
      draft={drafts[quantity]}
      units={units}
      disabled={readOnly}
      onDraft={onDraft}
      onCommit={onCommit}
    />
  );
  const pick = (field: keyof HoleChoices, label: string, value: string, options: Option[], empty?: string) => (
    <Pick
      field={field}
      label={label}
      value={value}
      options={options}
      disabled={readOnly}
      choose={choose}
      {...(empty === undefined ? {} : { empty })}
    />
  );
  const has = (...quantities: QuantityId[]) =>
    quantities.some((id) => live[id] !== undefined || drafts[id] !== undefined);
  const demand = choices.demandMode ?? 'fastener-first';
  const depthLabel =
    choices.kind === 'through'
      ? 'Thickness'
      : choices.kind === 'blind'
        ? 'Depth to the shoulder'
        : 'Depth or thickness';
  return (
    <section aria-label="What is known">
      <h2 className="panel-title" style={{ paddingBottom: 8 }}>
        What is known
      </h2>
      <ThreadField value={choices.threadId} disabled={readOnly} choose={choose} />
      {pick('parentId', 'Cut in', choices.parentId ?? '', MATERIALS, 'choose the material')}
      {pick('kind', 'The hole is', choices.kind ?? '', KINDS, 'through or blind?')}
      {reading('depth', depthLabel)}
      {choices.strippedThroughout !== true && reading('damage-to')}
      <Tick
        label="stripped throughout"
        checked={choices.strippedThroughout === true}
        disabled={readOnly}
        onChange={(checked) => choose('strippedThroughout', checked)}
      />
      {reading('bore-a')}
      {(live['bore-a'] || drafts['bore-a']) && reading('bore-b')}
      <More
        title="The bore more exactly"
        filled={has('bore-a-deep', 'bore-b-deep', 'offset-along', 'offset-across', 'lean', 'countersink')}
      >
        {() => (
          <>
            {reading('bore-a-deep')}
            {reading('bore-b-deep')}
            {reading('offset-along')}
            {reading('offset-across')}
            {pick('axis', 'Clean up round', choices.axis ?? 'true', AXES)}
            {reading('lean')}
            {reading('countersink')}
          </>
        )}
      </More>
      {reading('edge')}
      {pick('edgeName', 'Beyond that edge', choices.edgeName ?? 'edge', BEYOND)}
      <More
        title="What else is around it"
        filled={
          has('edge-2', 'boss', 'floor') ||
          (choices.crack ?? 'none') !== 'none' ||
          (choices.floorName ?? 'nothing') !== 'nothing'
        }
      >
        {() => (
          <>
            {reading('edge-2')}
            {pick('edge2Name', 'Beyond that', choices.edge2Name ?? 'edge', BEYOND)}
            {reading('boss')}
            {pick('floorName', 'Beyond the bottom', choices.floorName ?? 'nothing', FLOORS)}
            {reading('floor')}
            {pick('crack', 'Cracks', choices.crack ?? 'none', CRACKS)}
          </>
        )}
      </More>
      <More
        title="Repaired or tried before"
        filled={
          has('earlier-cut') ||
          Boolean(choices.earlierRepair) ||
          Boolean(choices.failedMethod) ||
          (choices.stuck ?? 'none') !== 'none'
        }
      >
        {() => (
          <>
            {pick('stuck', 'Stuck in it', choices.stuck ?? 'none', STUCK)}
            {pick('earlierRepair', 'It already holds', choices.earlierRepair ?? '', EARLIER, 'nothing that is known')}
            {reading('earlier-cut')}
            {pick('failedMethod', 'Tried and failed', choices.failedMethod ?? '', METHODS, 'nothing')}
            {choices.failedMethod && (
              <Tick
                label="what made it fail is still there"
                checked={choices.failedCausePresent ?? true}
                disabled={readOnly}
                onChange={(checked) => choose('failedCausePresent', checked)}
              />
            )}
          </>
        )}
      </More>
      {pick('fastenerClassId', 'Screw', choices.fastenerClassId ?? '', SCREWS, 'strength not known')}
      {reading('screw-reach')}
      {reading('mate-hole')}
      <More
        title="More about the joint"
        filled={
          choices.mateMayBeOpened === false ||
          choices.backReached === true ||
          (choices.serviceC ?? null) !== null ||
          (choices.sealing ?? 'none') !== 'none' ||
          choices.undone === 'often' ||
          choices.appearance === true ||
          Boolean(choices.drive) ||
          has('grip', 'end-room')
        }
      >
        {() => (
          <>
            <Tick
              label="the mating part may be opened"
              checked={choices.mateMayBeOpened ?? true}
              disabled={readOnly}
              onChange={(checked) => choose('mateMayBeOpened', checked)}
            />
            <Tick
              label="the back can be reached"
              checked={choices.backReached ?? false}
              disabled={readOnly}
              onChange={(checked) => choose('backReached', checked)}
            />
            {pick('drive', 'Head and drive', choices.drive ?? '', DRIVE_OPTIONS, 'not noted')}
            {reading('grip')}
            {reading('end-room')}
            <Tick
              label="it must not look mended"
              checked={choices.appearance ?? false}
              disabled={readOnly}
              onChange={(checked) => choose('appearance', checked)}
            />
            {pick('sealing', 'Must keep tight against', choices.sealing ?? 'none', SEALINGS)}
            {pick('undone', 'It is undone', choices.undone ?? 'rarely', UNDONE)}
            <NumberField
              field="serviceC"
              label="In service at"
              unit="°C"
              low={-100}
              high={1000}
              value={choices.serviceC ?? null}
              disabled={readOnly}
              choose={choose}
            />
          </>
        )}
      </More>
      {pick('demandMode', 'Must carry', demand, DEMANDS)}
      {demand === 'preload' && (
        <>
          <NumberField
            field="torqueNm"
            label="Torque"
            unit="Nm"
            low={0.1}
            high={5000}
            value={choices.torqueNm ?? null}
            disabled={readOnly}
            choose={choose}
          />
          {pick('friction', 'Thread when tightened', choices.friction ?? 'unknown', FRICTIONS)}
          {pick('load', 'Load', choices.load ?? 'static', LOADS)}
        </>
      )}
      <NumberField
        field="parentTensileMpa"
        label="Tensile strength of the parent, if known"
        unit="MPa"
        low={10}
        high={3000}
        value={choices.parentTensileMpa ?? null}
        disabled={readOnly}
        choose={choose}
      />
      {pick('duty', 'If it fails', choices.duty ?? 'ordinary', DUTIES)}
      {readOnly && <p className="quiet-text">No mend is open on this hole; what is recorded stays as it is.</p>}
    </section>
  );
}
