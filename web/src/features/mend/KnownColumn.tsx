import { memo } from 'react';
import type { HoleChoices, HoleFile, QuantityId, UnitSystem } from '@deep-mend/core';
import { More, NumberField, Pick, Tick, type Choose } from './known/fields.tsx';
import {
  AXES,
  BEYOND,
  CRACKS,
  DEMANDS,
  DRIVE_OPTIONS,
  DUTIES,
  EARLIER,
  FLOORS,
  FRICTIONS,
  KINDS,
  LOADS,
  MATERIALS,
  METHODS,
  SCREWS,
  SEALINGS,
  STUCK,
  UNDONE,
  type Option,
} from './known/options.ts';
import { KnownStuck } from './known/KnownStuck.tsx';
import { StuckQuestion } from './known/StuckQuestion.tsx';
import { ThreadField } from './known/ThreadField.tsx';
import { ReadingField } from './ReadingField.tsx';

interface Props {
  file: HoleFile;
  /** Readings that are typed but not recorded: where there is one, its group is open. */
  drafted: ReadonlySet<QuantityId>;
  units: UnitSystem;
  readOnly: boolean;
  choose: Choose;
  onCommit: (id: QuantityId) => void;
}

/** What is known: choices and readings, in the order in which a mechanic meets them. Any field may be filled in any order. */
export const KnownColumn = memo(function KnownColumn({ file, drafted, units, readOnly, choose, onCommit }: Props) {
  const { choices, live } = file;
  const reading = (quantity: QuantityId, label?: string) => (
    <ReadingField
      quantity={quantity}
      threadId={choices.threadId}
      {...(label ? { label } : {})}
      entry={live[quantity]}
      units={units}
      disabled={readOnly}
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
  const has = (...quantities: QuantityId[]) => quantities.some((id) => live[id] !== undefined || drafted.has(id));
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
      <StuckQuestion file={file} readOnly={readOnly} choose={choose} />
      <ThreadField value={choices.threadId} disabled={readOnly} choose={choose} />
      {pick('parentId', 'Cut in', choices.parentId ?? '', MATERIALS, 'choose the material')}
      {pick('stuck', 'Stuck in it', choices.stuck ?? 'none', STUCK)}
      {(choices.stuck ?? 'none') !== 'none' && (
        <KnownStuck choices={choices} readOnly={readOnly} choose={choose} pick={pick} reading={reading} />
      )}
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
      {(live['bore-a'] || drafted.has('bore-a')) && reading('bore-b')}
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
        filled={has('earlier-cut') || Boolean(choices.earlierRepair) || Boolean(choices.failedMethod)}
      >
        {() => (
          <>
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
});
