import { choiceOf, type ChoiceId, type HoleFile, type QuantityId, type UnitSystem } from '@deep-mend/core';
import { memo } from 'react';
import { ChoiceField } from './known/ChoiceField.tsx';
import { More, type Choose } from './known/fields.tsx';
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
  const choice = (id: ChoiceId, follows?: boolean) => (
    <ChoiceField
      id={id}
      choices={choices}
      disabled={readOnly}
      choose={choose}
      {...(follows === undefined ? {} : { follows })}
    />
  );
  /** Whether a choice says something else than what is taken anyway. */
  const chosen = (...ids: ChoiceId[]) => ids.some((id) => choiceOf(choices, id) !== choiceOf({}, id));
  const has = (...quantities: QuantityId[]) => quantities.some((id) => live[id] !== undefined || drafted.has(id));
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
      {choice('parentId')}
      {choice('stuck')}
      {choiceOf(choices, 'stuck') !== 'none' && <KnownStuck choices={choices} choice={choice} reading={reading} />}
      {choice('kind')}
      {reading('depth', depthLabel)}
      {!choiceOf(choices, 'strippedThroughout') && reading('damage-to')}
      {choice('strippedThroughout')}
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
            {choice('axis')}
            {reading('lean')}
            {reading('countersink')}
          </>
        )}
      </More>
      {reading('edge')}
      {choice('edgeName')}
      <More title="What else is around it" filled={has('edge-2', 'boss', 'floor') || chosen('crack', 'floorName')}>
        {() => (
          <>
            {reading('edge-2')}
            {choice('edge2Name')}
            {reading('boss')}
            {choice('floorName')}
            {reading('floor')}
            {choice('crack')}
          </>
        )}
      </More>
      <More title="Repaired or tried before" filled={has('earlier-cut') || chosen('earlierRepair', 'failedMethod')}>
        {() => (
          <>
            {choice('earlierRepair')}
            {reading('earlier-cut')}
            {choice('failedMethod')}
            {choice('failedCausePresent')}
          </>
        )}
      </More>
      {choice('fastenerClassId')}
      {reading('screw-reach')}
      {reading('mate-hole')}
      <More
        title="More about the joint"
        filled={
          chosen('mateMayBeOpened', 'backReached', 'serviceC', 'sealing', 'undone', 'appearance', 'drive') ||
          has('grip', 'end-room')
        }
      >
        {() => (
          <>
            {choice('mateMayBeOpened')}
            {choice('backReached')}
            {choice('drive')}
            {reading('grip')}
            {reading('end-room')}
            {choice('appearance')}
            {choice('sealing')}
            {choice('undone')}
            {choice('serviceC')}
          </>
        )}
      </More>
      {choice('demandMode')}
      {choice('torqueNm')}
      {choice('friction')}
      {choice('load')}
      {choice('parentTensileMpa')}
      {choice('duty')}
      {readOnly && <p className="quiet-text">No mend is open on this hole; what is recorded stays as it is.</p>}
    </section>
  );
});
