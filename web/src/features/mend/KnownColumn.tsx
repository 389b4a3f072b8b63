import {
  asksScrewedIn,
  asksSeat,
  choiceOf,
  type ChoiceId,
  type HoleFile,
  type QuantityId,
  type UnitSystem,
} from '@deep-mend/core';
import { Fragment, memo, useState, type ReactNode } from 'react';
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
  choice: (id: ChoiceId, follows?: boolean) => ReactNode;
  reading: (quantity: QuantityId, label?: string) => ReactNode;
  /** Whether a choice says something else than what is taken anyway. */
  chosen: (...ids: ChoiceId[]) => boolean;
  /** Whether a reading is recorded or typed. */
  has: (...quantities: QuantityId[]) => boolean;
}

function fieldsOf({ file, drafted, units, readOnly, choose, onCommit }: Props): Fields {
  const { choices, live } = file;
  return {
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
  };
}

/** One field of a group, or none where the hole has no use for it. */
type Row = { reading: QuantityId } | { choice: ChoiceId } | false;
const readings = (...ids: QuantityId[]): Row[] => ids.map((reading) => ({ reading }));
const choices = (...ids: ChoiceId[]): Row[] => ids.map((choice) => ({ choice }));

/** A group of fields: it lies open where one of them says something, and where each part is answered by itself. */
function Group({
  title,
  rows,
  fields,
  looking = false,
}: {
  title: string;
  rows: Row[];
  fields: Fields;
  looking?: boolean;
}) {
  const { reading, choice, has, chosen } = fields;
  const asked = rows.filter((row) => row !== false);
  const says = asked.some((row) => ('reading' in row ? has(row.reading) : chosen(row.choice)));
  return (
    <More key={`${title} ${looking}`} title={title} filled={looking || says}>
      {() =>
        asked.map((row) =>
          'reading' in row ? (
            <Fragment key={row.reading}>{reading(row.reading)}</Fragment>
          ) : (
            <Fragment key={row.choice}>{choice(row.choice)}</Fragment>
          ),
        )
      }
    </More>
  );
}

/** The bore more exactly than across its mouth: deeper, off its place, leaning. */
const boreRows = (): Row[] => [
  ...readings('bore-a-deep', 'bore-b-deep', 'offset-along', 'offset-across', 'slot-end'),
  { choice: 'axis' },
  ...readings('lean', 'countersink'),
  { choice: 'fitClass' },
];

/** What a cut or a chip may meet. */
function aroundRows({ choices: told }: HoleFile): Row[] {
  const behind = choiceOf(told, 'behind');
  return [
    { choice: 'behind' },
    behind !== null && behind !== 'nothing' && { choice: 'floorName' },
    told.kind === 'blind' && { reading: 'floor' },
    ...choices('crack', 'nearHeat'),
    { reading: 'edge-2' },
    { choice: 'edge2Name' },
    ...readings('boss', 'next-hole', 'next-hole-cut'),
  ];
}

/** What somebody did to it before. */
function beforeRows({ choices: told, generations }: HoleFile): Row[] {
  const holdsCoil = told.earlierRepair === 'wire-coil' || generations.at(-1)?.method === 'wire-coil';
  return [
    { choice: 'earlierRepair' },
    holdsCoil && { choice: 'coilState' },
    { reading: 'earlier-cut' },
    ...choices('failedMethod', 'failedCausePresent'),
  ];
}

/** What the screw holds, where and how. */
const jointRows = ({ choices: told }: HoleFile, asksScrewed: boolean): Row[] => [
  !asksScrewed && { choice: 'screwedIn' },
  asksSeat(told) && { reading: 'seat' },
  ...choices('mateMayBeOpened', 'backReached', 'drive'),
  ...readings('grip', 'end-room'),
  ...choices('appearance', 'sealing', 'undone', 'serviceC', 'pressureBar', 'partCost'),
];

/** The part under the machine: it decides how it is held and reached, not whether a way holds. */
const workRows = (): Row[] => [
  ...choices('access', 'workShape', 'workMassKg', 'workNear'),
  ...readings('work-height', 'headroom', 'side-room'),
];

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
  const { file, readOnly, faceName, sisters, choose } = props;
  // Not all true: the groups in which each part is answered by itself lie open.
  const [looking, setLooking] = useState(false);
  const fields = fieldsOf(props);
  const { choice, reading, has } = fields;
  // Asked where everybody sees it, or among the joint's.
  const asksScrewed = asksScrewedIn(file.choices, faceName);
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
      <Group title="The bore more exactly" rows={boreRows()} fields={fields} />
      {reading('edge')}
      {has('edge') ? choice('edgeName') : choice('metalBeside')}
      {asksScrewed && choice('screwedIn')}
      <Group title="What else is around it" rows={aroundRows(file)} fields={fields} looking={looking} />
      <Group title="Repaired or tried before" rows={beforeRows(file)} fields={fields} looking={looking} />
      {choice('fastenerClassId')}
      {reading('screw-reach')}
      {reading('mate-hole')}
      <Group title="More about the joint" rows={jointRows(file, asksScrewed)} fields={fields} looking={looking} />
      <Group title="The part at the machine" rows={workRows()} fields={fields} />
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
