import {
  asksScrewedIn,
  asksSeat,
  choiceOf,
  type ChoiceId,
  type HoleFile,
  type QuantityId,
  type UnitSystem,
} from '@deep-mend/core';
import { memo, useState, type ReactNode } from 'react';
import { ChoiceField } from './known/ChoiceField.tsx';
import { More, type Choose } from './known/fields.tsx';
import { KnownStuck } from './known/KnownStuck.tsx';
import { OrdinaryLine } from './known/OrdinaryLine.tsx';
import { StuckQuestion } from './known/StuckQuestion.tsx';
import { ThreadField } from './known/ThreadField.tsx';
import { ReadingField } from './ReadingField.tsx';
import './known/known.css';

interface Props {
  file: HoleFile;
  /** Readings that are typed but not recorded: where there is one, its group is open. */
  drafted: ReadonlySet<QuantityId>;
  units: UnitSystem;
  readOnly: boolean;
  /** A face called after a sump or a head holds plugs as often as screws. */
  faceName: string;
  /** What its sisters can tell. */
  sisters: ReactNode;
  choose: Choose;
  onCommit: (id: QuantityId) => void;
}

/** What is known: choices and readings, in the order in which a mechanic meets them. Any field may be filled in any order. */
export const KnownColumn = memo(function KnownColumn({
  file,
  drafted,
  units,
  readOnly,
  faceName,
  sisters,
  choose,
  onCommit,
}: Props) {
  // Not all true: the groups in which each part is answered by itself lie open.
  const [looking, setLooking] = useState(false);
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
  const behind = choiceOf(choices, 'behind');
  const holdsCoil = choices.earlierRepair === 'wire-coil' || file.generations.at(-1)?.method === 'wire-coil';
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
      {choices.kind === 'blind' && choice('depthBy')}
      {!choiceOf(choices, 'strippedThroughout') && reading('damage-to')}
      {choice('strippedThroughout')}
      {choice('cause')}
      <OrdinaryLine choices={choices} readOnly={readOnly} choose={choose} onNotAll={() => setLooking(true)} />
      {sisters}
      {reading('bore-a')}
      {(live['bore-a'] || drafted.has('bore-a')) && reading('bore-b')}
      <More
        title="The bore more exactly"
        filled={
          chosen('fitClass') ||
          has('bore-a-deep', 'bore-b-deep', 'offset-along', 'offset-across', 'slot-end', 'lean', 'countersink')
        }
      >
        {() => (
          <>
            {reading('bore-a-deep')}
            {reading('bore-b-deep')}
            {reading('offset-along')}
            {reading('offset-across')}
            {reading('slot-end')}
            {choice('axis')}
            {reading('lean')}
            {reading('countersink')}
            {choice('fitClass')}
          </>
        )}
      </More>
      {reading('edge')}
      {live.edge || drafted.has('edge') ? choice('edgeName') : choice('metalBeside')}
      {asksScrewedIn(choices, faceName) && choice('screwedIn')}
      <More
        key={`around ${looking}`}
        title="What else is around it"
        filled={looking || has('edge-2', 'boss', 'floor', 'next-hole') || chosen('crack', 'behind', 'nearHeat')}
      >
        {() => (
          <>
            {choice('behind')}
            {behind !== null && behind !== 'nothing' && choice('floorName')}
            {choices.kind === 'blind' && reading('floor')}
            {choice('crack')}
            {choice('nearHeat')}
            {reading('edge-2')}
            {choice('edge2Name')}
            {reading('boss')}
            {reading('next-hole')}
            {reading('next-hole-cut')}
          </>
        )}
      </More>
      <More
        key={`before ${looking}`}
        title="Repaired or tried before"
        filled={looking || has('earlier-cut') || chosen('earlierRepair', 'failedMethod')}
      >
        {() => (
          <>
            {choice('earlierRepair')}
            {holdsCoil && choice('coilState')}
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
          looking ||
          chosen(
            'mateMayBeOpened',
            'backReached',
            'serviceC',
            'sealing',
            'undone',
            'appearance',
            'drive',
            'screwedIn',
          ) ||
          has('grip', 'end-room', 'seat')
        }
      >
        {() => (
          <>
            {!asksScrewedIn(choices, faceName) && choice('screwedIn')}
            {asksSeat(choices) && reading('seat')}
            {choice('mateMayBeOpened')}
            {choice('backReached')}
            {choice('drive')}
            {reading('grip')}
            {reading('end-room')}
            {choice('appearance')}
            {choice('sealing')}
            {choice('undone')}
            {choice('serviceC')}
            {choice('pressureBar')}
            {choice('partCost')}
          </>
        )}
      </More>
      {choice('demandMode')}
      {choice('torqueNm')}
      {choice('friction')}
      {choice('load')}
      {choice('runningTorqueNm')}
      {choice('parentTensileMpa')}
      {choice('duty')}
      {choice('hurtKind')}
      {choice('codeName')}
      {choice('doNotUse')}
      {readOnly && <p className="quiet-text">No mend is open on this hole; what is recorded stays as it is.</p>}
    </section>
  );
});
