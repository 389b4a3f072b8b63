import {
  coreWindow,
  formatLength,
  holeAfterCore,
  type Attempt,
  type HeatTickId,
  type MeansId,
  PRECISION,
} from '@deep-mend/core';
import type { Draft } from '../../drafts.ts';
import { ReadingField } from '../../ReadingField.tsx';
import type { MendView, Station } from '../Station.ts';
import { FreePanel } from './FreePanel.tsx';
import './free.css';

/** What the drill should have left, where it went past the crests: to be typed in and measured. Null: nothing is known of it. */
function leftBehind({ live: { stuck, drilling, drilledMm }, rules }: MendView) {
  const offset = drilling.measuredOffset;
  if (!stuck || !offset || drilledMm === null) return null;
  const left = holeAfterCore({
    window: coreWindow(stuck.thread, drilling.limit ?? 'nominal', drilling.boredMm ?? null),
    majorMm: stuck.thread.majorMm,
    drillMm: drilledMm,
    offsetMm: offset.mm,
    ...(rules.rack.drilling ? { drilling: rules.rack.drilling } : {}),
  });
  return left.parentCut ? { ...left, halfWidthMm: offset.halfWidthMm } : null;
}

/** What was tried and what came of it. Once it is out, what the drill should have left is typed in, to be measured. */
async function tryMeans(
  view: MendView,
  means: MeansId,
  outcome: Attempt['outcome'],
  ticked: HeatTickId[],
): Promise<void> {
  const { mend, guarded, access, store, units, freed, go } = view;
  if (!mend) return;
  const left = outcome === 'freed' ? leftBehind(view) : null;
  if (
    !(await guarded(() =>
      access.append('attempt', { mendId: mend.id, means, outcome, note: '', ...(ticked.length > 0 ? { ticked } : {}) }),
    ))
  )
    return;
  if (outcome !== 'freed') return;
  if (left) {
    const expected = (mm: number): Draft => ({
      text: formatLength(mm, units, PRECISION.bore[units]),
      instrument: 'caliper',
      halfWidth: String(left.halfWidthMm),
      units,
    });
    store.set('bore-a', expected(left.boreAMm));
    store.set('bore-b', expected(left.boreBMm));
    store.set('offset-along', expected(left.offsetMm));
  }
  freed(left ? 'cut' : 'whole');
  go('measure');
}

function Panel({ view }: { view: MendView }) {
  const { detail, file, free, mend, units, phone, choose, commit } = view;
  if (!free) return null;
  return (
    <FreePanel
      holeId={detail.id}
      free={free}
      file={file}
      units={units}
      readOnly={!mend}
      choose={choose}
      reading={(quantity) => (
        <ReadingField
          quantity={quantity}
          threadId={file.choices.threadId}
          entry={file.live[quantity]}
          units={units}
          disabled={!mend}
          onCommit={commit}
        />
      )}
      onAttempt={(means, outcome, ticked) => void tryMeans(view, means, outcome, ticked)}
      charts={phone}
    />
  );
}

export const free: Station = {
  name: 'Free',
  bar: ({ isStuck, saysStuck }) => {
    if (isStuck) return null;
    return saysStuck
      ? 'Say which thread it is and what it is cut in first'
      : 'Nothing is recorded as stuck in this hole';
  },
  Panel,
  way: 'planned',
  ladder: false,
  frees: true,
};
