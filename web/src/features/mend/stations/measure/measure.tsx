import { useStable } from '../../../../base/useStable.ts';
import type { MendView, Station } from '../Station.ts';
import { MeasurePanel } from './MeasurePanel.tsx';

function Panel({ view: { live, unsettled, units, go } }: { view: MendView }) {
  const decide = useStable(() => go('decide'));
  return (
    <MeasurePanel built={live.built} unsettled={unsettled} proposal={live.proposal} units={units} onDecide={decide} />
  );
}

export const measure: Station = {
  name: 'Measure',
  bar: () => null,
  Panel,
  way: 'none',
  ladder: false,
  frees: false,
};
