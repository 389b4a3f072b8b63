import { useEffect, useMemo, useState } from 'react';
import { Bench } from './Bench.tsx';
import { forgetDraft } from './benchDraft.ts';
import type { BenchProps } from './BenchProps.ts';

const nothing = (): void => undefined;
const heard = async (): Promise<boolean> => true;

/** The whole card at the bench, on a piece of scrap: steps, turns and what goes stiff, and nothing of it is recorded anywhere. */
export function Practice({
  plan,
  mend,
  units,
  drawn,
  onEnd,
}: Pick<BenchProps, 'plan' | 'mend' | 'units' | 'drawn'> & { onEnd: () => void }) {
  const { planId } = mend;
  // A draft of its own: a count on scrap is no count of the hole.
  const id = `practice:${mend.id}`;
  const [steps, setSteps] = useState<BenchProps['mend']['steps']>([]);
  const practised = useMemo(
    () => ({ id, planId, steps, stiff: [], handedOver: null, results: null, clocks: [] }),
    [id, planId, steps],
  );
  useEffect(() => () => forgetDraft(id, planId ?? ''), [id, planId]);
  return (
    <Bench
      plan={plan}
      mend={practised}
      units={units}
      heading=""
      actor=""
      drawn={drawn}
      clocks={() => null}
      counted={null}
      practice
      onPractise={onEnd}
      onCopy={nothing}
      onStep={async (told) => {
        setSteps((before) => [...before, { ...told, mendId: id, planId: planId ?? '', at: '', actor: '' }]);
        return true;
      }}
      onStiff={heard}
      onHandOver={heard}
      onOtherwise={nothing}
      onProve={onEnd}
      onLeave={onEnd}
    />
  );
}
