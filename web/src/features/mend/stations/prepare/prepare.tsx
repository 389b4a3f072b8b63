import { mayCut, WAYS, wantsTwoSignatures } from '@deep-mend/core';
import { cutWords } from '../cutWords.ts';
import { NotThereYet } from './NotThereYet.tsx';
import type { MendView, Station } from '../Station.ts';
import { LookFirst } from './LookFirst.tsx';
import { Release } from './Release.tsx';
import { PreparePanel } from './PreparePanel.tsx';

function Panel({ view }: { view: MendView }) {
  const { access, file, guarded, plan, stale, units, mend, go, replan } = view;
  if (!plan) return null;
  const waits = wantsTwoSignatures(file) && !WAYS[plan.method].elsewhere;
  return (
    <PreparePanel
      plan={plan}
      before={
        <>
          <NotThereYet holeId={view.detail.id} />
          {mend && waits && (
            <Release
              release={mend.release}
              onRelease={(release) => guarded(() => access.append('released', { mendId: mend.id, ...release }))}
              keepAs={`release:${mend.id}`}
            />
          )}
          <LookFirst
            plan={plan}
            looked={mend?.looked ?? []}
            units={units}
            onLook={
              mend?.planId
                ? (tick) =>
                    void guarded(() =>
                      access.append('looked', { mendId: mend.id, planId: mend.planId!, ticks: [tick] }),
                    )
                : null
            }
          />
        </>
      }
      bar={cutWords(mayCut(file))}
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
  bar: ({ hasPlan }) => (hasPlan ? null : cutWords('no-plan')),
  Panel,
  way: 'planned',
  ladder: false,
  frees: false,
};
