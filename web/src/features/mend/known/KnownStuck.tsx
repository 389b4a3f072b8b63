import { ACCESSES, BREAK_FACES, type HoleChoices, type QuantityId } from '@deep-mend/core';
import type { ReactNode } from 'react';
import { More, NumberField, Pick, Tick, type Choose } from './fields.tsx';

const rows = (list: readonly { id: string; name: string }[]) => list.map(({ id, name }) => ({ value: id, text: name }));
// Made once: a memoised field sleeps only while its options stay the same object.
const FACES = rows(BREAK_FACES);
const PLACES = rows(ACCESSES);
const DRIVES = [
  { value: 'none', text: 'none left' },
  { value: 'damaged', text: 'damaged' },
  { value: 'good', text: 'good' },
];
const WHY = ['unknown', 'rust', 'galled', 'locker', 'bottomed', 'cross-threaded', 'peened'].map((value) => ({
  value,
  text: value === 'unknown' ? 'not known' : value === 'locker' ? 'thread locker' : value,
}));

/** What is known of the thing that sticks in the hole. */
export function KnownStuck({
  choices,
  readOnly,
  choose,
  reading,
}: {
  choices: Partial<HoleChoices>;
  readOnly: boolean;
  choose: Choose;
  reading: (quantity: QuantityId) => ReactNode;
}) {
  const hard =
    choices.stuckHard ??
    (choices.stuck === 'tap' || choices.stuck === 'extractor' || choices.fastenerClassId === '12.9');
  return (
    <More title="What is stuck in it" filled>
      {() => (
        <>
          {reading('proud')}
          {reading('sunk')}
          {reading('stuck-length')}
          {choices.stuck === 'dowel' && reading('core-offset')}
          <Pick
            field="stuckFace"
            label="Its face is"
            value={choices.stuckFace ?? 'flat'}
            options={FACES}
            disabled={readOnly}
            choose={choose}
          />
          <Pick
            field="stuckDrive"
            label="Its drive"
            value={choices.stuckDrive ?? 'none'}
            options={DRIVES}
            disabled={readOnly}
            choose={choose}
          />
          <Pick
            field="stuckWhy"
            label="Why it sticks"
            value={choices.stuckWhy ?? 'unknown'}
            options={WHY}
            disabled={readOnly}
            choose={choose}
          />
          <Tick
            label="too hard to drill"
            checked={hard}
            disabled={readOnly}
            onChange={(to) => choose('stuckHard', to)}
          />
          <Tick
            label="stainless"
            checked={choices.stuckStainless ?? choices.fastenerClassId?.startsWith('A') ?? false}
            disabled={readOnly}
            onChange={(to) => choose('stuckStainless', to)}
          />
          <NumberField
            field="nearLimitC"
            label="Seals or the like near it stand (rubber about 100)"
            unit="°C"
            low={0}
            high={1000}
            value={choices.nearLimitC ?? null}
            disabled={readOnly}
            choose={choose}
          />
          <Pick
            field="access"
            label="The part is"
            value={choices.access ?? 'bench'}
            options={PLACES}
            disabled={readOnly}
            choose={choose}
          />
          {reading('headroom')}
          {reading('side-room')}
        </>
      )}
    </More>
  );
}
