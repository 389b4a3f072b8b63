import { cardStands, mayCut, WAYS, wantsTwoSignatures } from '@deep-mend/core';
import { API_PREFIX } from '@deep-mend/contract/prefix';
import { useLine } from '../../../../base/outbox/useOutbox.ts';
import { cutWords } from '../cutWords.ts';
import { NotThereYet } from './NotThereYet.tsx';
import type { MendView, Station } from '../Station.ts';
import { LookFirst } from './LookFirst.tsx';
import { Release } from './Release.tsx';
import { PreparePanel } from './PreparePanel.tsx';

/** Where the card of a plan lies as a PDF. A plan that only this device has is on no server's paper. */
function usePaper({ detail, plan, units, mend }: MendView) {
  const { waiting } = useLine(`/holes/${detail.id}`);
  if (!plan || !mend || waiting.some(({ address }) => address.endsWith('/plans'))) return null;
  return (paper: string) => `${API_PREFIX}/holes/${detail.id}/card.pdf?mend=${mend.id}&paper=${paper}&units=${units}`;
}

function Panel({ view }: { view: MendView }) {
  const onPaper = usePaper(view);
  const { access, file, guarded, plan, stale, units, mend, go, replan, live } = view;
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
      moved={!stale && live.proposal !== null && !cardStands(live.proposal, plan)}
      units={units}
      onPaper={onPaper}
      onAgain={() => go('decide')}
      onOtherwise={mend ? () => replan() : null}
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
