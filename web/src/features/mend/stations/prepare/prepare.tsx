import { CUT_BARS } from '../cutBars.ts';
import type { MendView, Station } from '../Station.ts';
import { PreparePanel } from './PreparePanel.tsx';

function Panel({ view: { plan, live, stale, units, mend, go, replan } }: { view: MendView }) {
  if (!plan) return null;
  return (
    <PreparePanel
      plan={plan}
      tough={live.built.ok && live.built.hole.parent.cutting === 'tough'}
      stale={stale}
      units={units}
      onAgain={() => go('decide')}
      onOtherwise={mend ? replan : null}
      onCut={() => go('cut')}
    />
  );
}

export const prepare: Station = {
  name: 'Prepare',
  bar: ({ hasPlan }) => (hasPlan ? null : CUT_BARS['no-plan']),
  Panel,
  way: 'planned',
  ladder: false,
  frees: false,
};
