import type { BenchKept } from '@deep-mend/contract';
import { placeWords } from '@deep-mend/core';
import { useCallback, useEffect, useState } from 'react';
import { call } from '../../../../base/client.ts';
import { useShop } from '../../../../base/ShopContext.tsx';
import { StepClocks } from './StepClocks.tsx';
import { cutWords } from '../cutWords.ts';
import type { MendView, Station } from '../Station.ts';
import { Bench } from './Bench.tsx';
import { Practice } from './Practice.tsx';
import type { BenchProps } from './BenchProps.ts';

/** A count that another device copied; this one counts on its own until somebody takes it. */
function useCounted(holeId: string, mendId: string): BenchProps['counted'] {
  const [counted, setCounted] = useState<BenchProps['counted']>(null);
  useEffect(() => {
    let gone = false;
    // Its address lies under that of a hole, so the type is said.
    call<BenchKept>('GET', `/holes/${holeId}/bench`).then(
      ({ body: kept }) => !gone && kept?.mendId === mendId && setCounted(kept),
      // Nobody answers: what this device counted is here anyway.
      () => undefined,
    );
    return () => {
      gone = true;
    };
  }, [holeId, mendId]);
  return counted;
}

/** Copies the count now and then. Nothing waits for it, and nothing is lost without it: the step's end is the record. */
const useCopy = (holeId: string, mendId: string, actorId: string) =>
  useCallback(
    (stepId: string, turns: number) => {
      const init = {
        headers: { 'Content-Type': 'application/json', 'X-Actor': actorId },
        body: JSON.stringify({ mendId, stepId, turns }),
      };
      call('PUT', `/holes/${holeId}/bench`, init).catch(() => undefined);
    },
    [holeId, mendId, actorId],
  );

function AtTheBench({
  view,
  plan,
  mend,
}: { view: MendView } & Required<Pick<BenchProps, 'plan'>> & { mend: NonNullable<MendView['mend']> }) {
  const { access, detail, guarded, live, route, units, go, replan, choose } = view;
  const { actor } = useShop();
  const counted = useCounted(detail.id, mend.id);
  const onCopy = useCopy(detail.id, mend.id, actor.id);
  const planId = mend.planId!;
  const [practising, setPractising] = useState(false);
  const drawn =
    live.proposal && route ? { hole: live.proposal.hole, assessment: live.proposal.assessment, route } : null;
  if (practising)
    return <Practice plan={plan} mend={mend} units={units} drawn={drawn} onEnd={() => setPractising(false)} />;
  return (
    <Bench
      plan={plan}
      mend={mend}
      practice={false}
      onPractise={() => setPractising(true)}
      units={units}
      heading={placeWords(detail.place, view.file.name)}
      actor={actor.name}
      drawn={drawn}
      counted={counted}
      clocks={(step) => <StepClocks frozen={plan.steps.find(({ id }) => id === step.id)} title={step.title} />}
      onCopy={onCopy}
      onStep={(told) => guarded(() => access.append('step-done', { mendId: mend.id, planId, ...told }))}
      onStiff={async ({ cause, then, stepId, turns }) => {
        const told = await guarded(() =>
          access.append('went-stiff', { mendId: mend.id, planId, stepId, turns, cause, then, note: '' }),
        );
        if (told && then === 'plan-again') replan(stepId);
        if (told && then === 'broke') {
          // What broke in it is stuck in it: freeing begins with that known.
          choose('stuck', 'tap');
          go('free');
        }
        return told;
      }}
      onHandOver={(note) => guarded(() => access.append('handed-over', { mendId: mend.id, note }))}
      onOtherwise={replan}
      onProve={() => go('prove')}
      onLeave={() => go('prepare')}
    />
  );
}

function Panel({ view }: { view: MendView }) {
  const { plan, mend } = view;
  if (!plan || !mend) return null;
  return <AtTheBench key={plan.digest} view={view} plan={plan} mend={mend} />;
}

export const cut: Station = {
  name: 'Cut',
  bar: (facts) => cutWords(facts.cut),
  Panel,
  way: 'planned',
  ladder: false,
  frees: false,
};
