import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { HoleDetail } from '@deep-mend/contract';
import type { HoleFile, MendEntry } from '@deep-mend/core';
import { memo } from 'react';
import { Link } from 'react-router';
import type { ApiProblem } from '../../base/client.ts';

/** What was stuck is out: what that means for the readings. */
export function FreedNotice({ freed, onClose }: { freed: 'cut' | 'whole' | null; onClose: () => void }) {
  if (!freed) return null;
  return (
    <Alert severity="info" onClose={onClose} sx={{ mb: 2 }}>
      It is out. Measure the hole again: what its thread lost is damage now.
      {freed === 'cut' &&
        ' The drill went past the crests; the bore it should have left is typed in, and counts once you have checked it.'}
    </Alert>
  );
}

/** Metal went by the plan that is being left: the ladder stands on the readings, and the bore may be another by now. */
export function CutSinceNotice({ mend, file }: { mend: MendEntry; file: HoleFile }) {
  const cutting = mend.plan?.said.mm.steps.filter(({ noReturn }) => noReturn) ?? [];
  const cut = mend.steps.flatMap(({ planId, stepId, end, at }) => {
    const step = planId === mend.planId && end !== 'not-done' && cutting.find(({ id }) => id === stepId);
    return step ? [{ title: step.title, at }] : [];
  });
  const last = cut.at(-1);
  const read = file.live['bore-a'];
  if (!last || (read && Date.parse(read.happenedAt) >= Date.parse(last.at))) return null;
  return (
    <Alert severity="warning" sx={{ mb: 2 }}>
      Cut at the bench already: {cut.map(({ title }) => title).join('; ')}. Measure the bore again before anything is
      planned: the ways are weighed from what was read before.
    </Alert>
  );
}

/** Nothing can be recorded on a hole without a mend. */
export function NoMendNotice({ holeId, onStart }: { holeId: string; onStart: () => void }) {
  return (
    <Alert severity="info" sx={{ mb: 2 }} action={<Button onClick={onStart}>Start a mend</Button>}>
      No mend is open on this hole. <Link to={`/holes/${holeId}`}>See its passport</Link>
    </Alert>
  );
}

/** What the server would not record, and why. */
export function Refusal({ problem, onClose }: { problem: ApiProblem | null; onClose: () => void }) {
  if (!problem) return null;
  return (
    <Alert severity="error" onClose={onClose} sx={{ mb: 2 }}>
      {problem.problem.detail}
    </Alert>
  );
}

/** Where the hole is, as a way back to its asset and its passport. */
export const MendTitle = memo(function MendTitle({ detail, name }: { detail: HoleDetail; name: string }) {
  const { place } = detail;
  return (
    <Typography variant="h1" sx={{ fontSize: 16, fontWeight: 400, mb: 0.5, '& a': { color: 'text.secondary' } }}>
      {place ? (
        <>
          <Link to={`/assets/${place.assetId}`}>{place.assetName}</Link> / {place.faceName} /{' '}
        </>
      ) : (
        'Loose part / '
      )}
      <b>{name}</b>
    </Typography>
  );
});
