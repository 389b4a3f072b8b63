import {
  ACCESSES,
  BREAK_FACES,
  stuckIsHard,
  stuckIsStainless,
  type HoleChoices,
  type QuantityId,
} from '@deep-mend/core';
import type { ReactNode } from 'react';
import { More, NumberField, Tick, type Choose } from './fields.tsx';
import type { Option } from './options.ts';

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
  pick,
  reading,
}: {
  choices: Partial<HoleChoices>;
  readOnly: boolean;
  choose: Choose;
  pick: (field: keyof HoleChoices, label: string, value: string, options: Option[]) => ReactNode;
  reading: (quantity: QuantityId) => ReactNode;
}) {
  return (
    <More title="What is stuck in it" filled>
      {() => (
        <>
          {reading('proud')}
          {reading('sunk')}
          {reading('stuck-length')}
          {choices.stuck === 'dowel' && reading('core-offset')}
          {pick('stuckFace', 'Its face is', choices.stuckFace ?? 'flat', FACES)}
          {pick('stuckDrive', 'Its drive', choices.stuckDrive ?? 'none', DRIVES)}
          {pick('stuckWhy', 'Why it sticks', choices.stuckWhy ?? 'unknown', WHY)}
          <Tick
            label="too hard to drill"
            checked={stuckIsHard(choices)}
            disabled={readOnly}
            onChange={(to) => choose('stuckHard', to)}
          />
          <Tick
            label="stainless"
            checked={stuckIsStainless(choices)}
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
          {pick('access', 'The part is', choices.access ?? 'bench', PLACES)}
          {reading('headroom')}
          {reading('side-room')}
        </>
      )}
    </More>
  );
}
