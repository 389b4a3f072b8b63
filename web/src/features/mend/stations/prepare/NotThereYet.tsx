import Alert from '@mui/material/Alert';
import { useLine } from '../../../../base/outbox/useOutbox.ts';

/** A plan that only this device has: its numbers are reckoned here alone, from what this device knows of the hole. */
export function NotThereYet({ holeId }: { holeId: string }) {
  const { waiting } = useLine(`/holes/${holeId}`);
  if (!waiting.some(({ address }) => address.endsWith('/plans'))) return null;
  return (
    <Alert severity="warning" sx={{ mb: 2 }}>
      This plan is not at the server yet. It stands on what this device knows: if somebody added a reading elsewhere,
      you are asked to look again when the server is back.
    </Alert>
  );
}
