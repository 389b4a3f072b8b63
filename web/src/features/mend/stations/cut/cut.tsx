import { cutWords } from '../cutWords.ts';
import type { MendView, Station } from '../Station.ts';
import { CutPanel } from './CutPanel.tsx';

function Panel({ view: { plan, mend, units, go, replan } }: { view: MendView }) {
  if (!plan || !mend) return null;
  return (
    <CutPanel
      key={plan.digest}
      plan={plan}
      mendId={mend.id}
      units={units}
      onOtherwise={replan}
      onProve={() => go('prove')}
    />
  );
}

export const cut: Station = {
  name: 'Cut',
  bar: (facts) => cutWords(facts.cut),
  Panel,
  way: 'planned',
  ladder: false,
  frees: false,
};
