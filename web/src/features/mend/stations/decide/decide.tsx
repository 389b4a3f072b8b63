import { freezePlan, routeDigest, type QuantityId } from '@deep-mend/core';
import { newId } from '../../../../base/client.ts';
import { useStable } from '../../../../base/useStable.ts';
import type { Draft } from '../../drafts.ts';
import type { MendView, Station } from '../Station.ts';
import { CutSinceNotice } from '../../MendNotices.tsx';
import { DecidePanel } from './DecidePanel.tsx';
import './decide.css';

/** Records what is typed and freezes the way that the panel names. */
async function planNow({ access, caseOf, go, guarded, mend, record, route, store }: MendView): Promise<void> {
  const typed = store.get();
  // The panel may be one key behind what was typed. What is planned is the way that it names, by the newest readings; if
  // these rule it out, nothing is planned, and the panel says so as soon as it has caught up.
  const { proposal } = caseOf(typed);
  const latest = proposal?.routes.find((candidate) => candidate.id === route?.id);
  if (!proposal || !latest || latest.verdict === 'does-not-hold' || !mend) return;
  const done = await guarded(async () => {
    for (const [quantity, draft] of Object.entries(typed) as [QuantityId, Draft][]) await record(quantity, draft);
    const body = {
      id: newId(),
      mendId: mend.id,
      routeId: latest.id,
      digest: routeDigest(latest),
      happenedAt: new Date().toISOString(),
    };
    // The server reckons it again and refuses another's numbers; until then these stand on the page.
    const payload = {
      mendId: mend.id,
      planId: body.id,
      plan: freezePlan(proposal, latest.id),
      supersedes: mend.planId,
      inputs: null,
    };
    await access.post('plans', body, [{ id: body.id, kind: 'plan-frozen', payload }]);
  });
  if (done) go('prepare');
}

function Panel({ view }: { view: MendView }) {
  const { built, proposal } = view.live;
  const plan = useStable(() => planNow(view));
  if (!built.ok || !proposal || !view.route) return null;
  return (
    <>
      {view.mend && <CutSinceNotice mend={view.mend} file={view.file} />}
      <DecidePanel
        hole={built.hole}
        unsettled={view.unsettled}
        proposal={proposal}
        route={view.route}
        units={view.units}
        showWorking={view.showWorking}
        onShowWorking={view.setShowWorking}
        onSelect={view.select}
        onPlan={view.mend ? plan : null}
      />
    </>
  );
}

export const decide: Station = {
  name: 'Decide',
  bar: ({ ready }) => (ready ? null : 'Some readings are still missing'),
  Panel,
  way: 'pointed-at',
  ladder: true,
  frees: false,
};
