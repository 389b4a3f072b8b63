import { CLOSE_BARS, mayClose, wantsTwoSignatures, type MendOutcome, type RecordedResult } from '@deep-mend/core';
import { useNavigate } from 'react-router';
import { cutWords } from '../cutWords.ts';
import type { MendView, Station } from '../Station.ts';
import { ProvePanel } from './ProvePanel.tsx';

function Panel({ view: { access, detail, file, guarded, live, mend, plan, route, units } }: { view: MendView }) {
  const navigate = useNavigate();
  const { proposal } = live;
  if (!plan || !mend) return null;
  const recordResults = async (results: RecordedResult[], note: string) => {
    if (!mend.planId) return false;
    return guarded(() => access.append('result', { mendId: mend.id, planId: mend.planId!, results, note }));
  };
  const close = async (outcome: MendOutcome, secondSignedBy: string | null) => {
    const done = await guarded(() =>
      access.append('mend-closed', { mendId: mend.id, outcome, note: '', secondSignedBy }),
    );
    if (done) void navigate(`/holes/${detail.id}`);
  };
  const barOf = (outcome: 'mended' | 'unproved'): string | null => {
    const bar = mayClose(file, outcome);
    return bar === 'yes' ? null : CLOSE_BARS[bar];
  };
  return (
    <ProvePanel
      key={mend.planId}
      plan={plan}
      mend={mend}
      threadId={file.choices.threadId ?? null}
      units={units}
      drawn={proposal && route ? { hole: proposal.hole, route } : null}
      gated={wantsTwoSignatures(file)}
      bars={{ mended: barOf('mended'), unproved: barOf('unproved') }}
      onRecord={recordResults}
      onClose={close}
    />
  );
}

export const prove: Station = {
  name: 'Prove',
  bar: (facts) => cutWords(facts.cut),
  Panel,
  way: 'planned',
  ladder: false,
  proves: true,
  frees: false,
};
