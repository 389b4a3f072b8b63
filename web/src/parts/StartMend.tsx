import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import type { NewHole } from '@deep-mend/contract';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { useSWRConfig } from 'swr';
import { ApiProblem, newId } from '../base/client.ts';
import type { ShownEvent } from '../base/outbox/Item.ts';
import { useWrite } from '../base/outbox/useOutbox.ts';
import { useKeptForm } from '../base/useKeptForm.ts';
import { useShop } from '../base/ShopContext.tsx';
import { askSameName, SameName, type Named } from './SameName.tsx';

interface Props {
  /** The face that the hole is in, or null for a loose part that is filed later. */
  face: { id: string; name: string } | null;
  onClose: () => void;
}

/** What a new hole begins with, as the server will record it. */
function firstEvents({ id, name, faceId, mend, happenedAt }: NewHole, actor: string): ShownEvent[] {
  const stamp = { payloadVersion: 1, happenedAt, recordedAt: happenedAt, actor };
  return [
    { ...stamp, id, kind: 'located', payload: { name, faceId } },
    ...(mend ? [{ ...stamp, id: mend.id, kind: 'mend-opened', payload: { mendId: mend.id, what: mend.what } }] : []),
  ];
}

/** Makes a hole with its mend, and goes to measure it. */
function useStartHole(id: string) {
  const { actor } = useShop();
  const navigate = useNavigate();
  const write = useWrite();
  const { mutate } = useSWRConfig();
  return async (name: string, faceId: string | null, what: string): Promise<void> => {
    const body: NewHole = { id, name, faceId, mend: { id: newId(), what }, happenedAt: new Date().toISOString() };
    const line = `/holes/${id}`;
    const sent = await write({
      line,
      method: 'post',
      address: '/holes',
      body,
      key: id,
      actorId: actor.id,
      seen: null,
      decides: true,
      shows: firstEvents(body, actor.name).map((event) => ({ holeId: id, event })),
      title: `New hole: ${name}`,
    });
    // Kept on the device, it can be worked on at once: nothing of it is at the server yet.
    if (sent === 'kept')
      await mutate(line, { id, code: '', revision: 0, place: null, events: [] }, { revalidate: false });
    void navigate(`/mend/${id}/measure`);
  };
}

/** Two fields and the mend is open: which hole, what happened. */
export function StartMend({ face, onClose }: Props) {
  const { typed, change, forget } = useKeptForm(`start:${face?.id ?? 'loose'}`, { name: '', what: '' });
  const { name, what } = typed;
  const [problem, setProblem] = useState('');
  const [id] = useState(newId);
  const [asked, setAsked] = useState<Named | null>(null);
  const startHole = useStartHole(id);
  const start = async (another: boolean) => {
    try {
      const where = face ? `face=${face.id}` : 'loose=true';
      const there = another ? null : await askSameName(name, `/holes?limit=50&${where}`, '/holes');
      if (there) {
        setAsked(there);
        return;
      }
      await startHole(name.trim(), face?.id ?? null, what.trim());
      forget();
    } catch (error) {
      if (!(error instanceof ApiProblem)) throw error;
      setProblem(error.message);
    }
  };
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="xs" aria-labelledby="start-title">
      <form
        onSubmit={(event) => {
          event.preventDefault();
          void start(false);
        }}
      >
        <DialogTitle id="start-title">{face ? `A hole in ${face.name}` : 'Start a mend'}</DialogTitle>
        <DialogContent sx={{ display: 'grid', gap: 2, pt: '8px !important' }}>
          <TextField
            autoFocus
            label={face ? 'Which hole' : 'Part and hole'}
            placeholder={face ? 'Hole 4' : 'Pump cover, hole 2'}
            value={name}
            onChange={(event) => {
              change({ name: event.target.value });
              setAsked(null);
            }}
            slotProps={{ htmlInput: { maxLength: 120 } }}
          />
          <TextField
            label="What happened"
            placeholder="pulled out when tightened"
            value={what}
            onChange={(event) => change({ what: event.target.value })}
            slotProps={{ htmlInput: { maxLength: 400 } }}
          />
          {!face && (
            <Typography sx={{ fontSize: 14, color: 'text.secondary' }}>
              It starts on a loose part. You can file it under an asset later; nothing is lost.
            </Typography>
          )}
          {asked && (
            <SameName
              there={asked}
              where={face ? `in ${face.name}` : 'on a loose part'}
              onAnother={() => void start(true)}
            />
          )}
          {problem !== '' && (
            <Typography role="alert" color="error">
              {problem}
            </Typography>
          )}
        </DialogContent>
        <DialogActions>
          <Button onClick={onClose}>Not now</Button>
          <Button type="submit" variant="contained" disabled={name.trim() === ''}>
            Measure it
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  );
}
