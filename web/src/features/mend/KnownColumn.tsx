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

/** What the groups are made of: a field for a choice or a reading, and whether one says anything yet. */
interface Fields {
  file: HoleFile;
  choice: (id: ChoiceId, follows?: boolean) => ReactNode;
  reading: (quantity: QuantityId, label?: string) => ReactNode;
  /** Whether a choice says something else than what is taken anyway. */
  chosen: (...ids: ChoiceId[]) => boolean;
  /** Whether a reading is recorded or typed. */
  has: (...quantities: QuantityId[]) => boolean;
  /** Not all true: the groups in which each part is answered by itself lie open. */
  looking: boolean;
  /** Whether the column asks what is screwed in where everybody sees it. */
  asksScrewed: boolean;
}

function fieldsOf({ file, drafted, units, readOnly, faceName, choose, onCommit }: Props, looking: boolean): Fields {
  const { choices, live } = file;
  return {
    file,
    looking,
    reading: (quantity, label) => (
      <ReadingField
        quantity={quantity}
        threadId={choices.threadId}
        {...(label ? { label } : {})}
        entry={live[quantity]}
        units={units}
        disabled={readOnly}
        onCommit={onCommit}
      />
    ),
    choice: (id, follows) => (
      <ChoiceField
        id={id}
        choices={choices}
        disabled={readOnly}
        choose={choose}
        {...(follows === undefined ? {} : { follows })}
      />
    ),
    chosen: (...ids) => ids.some((id) => choiceOf(choices, id) !== choiceOf({}, id)),
    has: (...quantities) => quantities.some((id) => live[id] !== undefined || drafted.has(id)),
    asksScrewed: asksScrewedIn(choices, faceName),
  };
}

/** The bore more exactly than across its mouth: deeper, off its place, leaning. */
const BoreGroup = ({ choice, reading, chosen, has }: Fields) => (
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
);

/** What a cut or a chip may meet. */
function AroundGroup({ file: { choices }, choice, reading, chosen, has, looking }: Fields) {
  const behind = choiceOf(choices, 'behind');
  return (
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
  );
}

/** What somebody did to it before. */
function BeforeGroup({ file, choice, reading, chosen, has, looking }: Fields) {
  const holdsCoil = file.choices.earlierRepair === 'wire-coil' || file.generations.at(-1)?.method === 'wire-coil';
  return (
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
  );
}

const JOINT_CHOICES = [
  'mateMayBeOpened',
  'backReached',
  'serviceC',
  'sealing',
  'undone',
  'appearance',
  'drive',
  'screwedIn',
] as const;

/** What the screw holds, where and how. */
const JointGroup = ({ file: { choices }, choice, reading, chosen, has, looking, asksScrewed }: Fields) => (
  <More
    key={`joint ${looking}`}
    title="More about the joint"
    filled={looking || chosen(...JOINT_CHOICES) || has('grip', 'end-room', 'seat')}
  >
    {() => (
      <>
        {!asksScrewed && choice('screwedIn')}
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
);

const depthLabel = (kind: HoleFile['choices']['kind']): string =>
  kind === 'through' ? 'Thickness' : kind === 'blind' ? 'Depth to the shoulder' : 'Depth or thickness';

/** The thread, what is stuck in it, how deep it goes, and why it failed. */
function HoleItself({ fields, props }: { fields: Fields; props: Props }) {
  const { file, readOnly, choose } = props;
  const { choices } = file;
  const { choice, reading } = fields;
  return (
    <>
      <StuckQuestion file={file} readOnly={readOnly} choose={choose} />
      <ThreadField value={choices.threadId} disabled={readOnly} choose={choose} />
      {choice('parentId')}
      {choice('stuck')}
      {choiceOf(choices, 'stuck') !== 'none' && <KnownStuck choices={choices} choice={choice} reading={reading} />}
      {choice('kind')}
      {reading('depth', depthLabel(choices.kind))}
      {choices.kind === 'blind' && choice('depthBy')}
      {!choiceOf(choices, 'strippedThroughout') && reading('damage-to')}
      {choice('strippedThroughout')}
      {choice('cause')}
    </>
  );
}

/** What is known: choices and readings, in the order in which a mechanic meets them. Any field may be filled in any order. */
export const KnownColumn = memo(function KnownColumn(props: Props) {
  const { file, readOnly, sisters, choose } = props;
  const [looking, setLooking] = useState(false);
  const fields = fieldsOf(props, looking);
  const { choice, reading, has } = fields;
  return (
    <section aria-label="What is known">
      <h2 className="panel-title" style={{ paddingBottom: 8 }}>
        What is known
      </h2>
      <HoleItself fields={fields} props={props} />
      <OrdinaryLine choices={file.choices} readOnly={readOnly} choose={choose} onNotAll={() => setLooking(true)} />
      {sisters}
      {reading('bore-a')}
      {has('bore-a') && reading('bore-b')}
      <BoreGroup {...fields} />
      {reading('edge')}
      {has('edge') ? choice('edgeName') : choice('metalBeside')}
      {fields.asksScrewed && choice('screwedIn')}
      <AroundGroup {...fields} />
      <BeforeGroup {...fields} />
      {choice('fastenerClassId')}
      {reading('screw-reach')}
      {reading('mate-hole')}
      <JointGroup {...fields} />
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
