import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import type { AssetDetail } from '@deep-mend/contract';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { ApiProblem, newId, useRead } from '../../base/client.ts';
import { useWrite } from '../../base/outbox/useOutbox.ts';
import { useKeptForm } from '../../base/useKeptForm.ts';
import { useShop } from '../../base/ShopContext.tsx';
import { SameName, sameNamed, type Named } from '../../parts/SameName.tsx';
import { StartMend } from '../../parts/StartMend.tsx';
import { Failed, Loading } from '../../parts/states.tsx';
import { Holes } from './Holes.tsx';

/** Adds a face to an asset. */
function useAddFace(assetId: string) {
  const { actor } = useShop();
  const write = useWrite();
  return (name: string) => {
    const id = newId();
    return write({
      line: `/assets/${assetId}`,
      method: 'post',
      address: `/assets/${assetId}/faces`,
      body: { id, name },
      key: id,
      actorId: actor.id,
      seen: null,
      decides: false,
      shows: [],
      title: `New face: ${name}`,
    });
  };
}

type Face = AssetDetail['faces'][number];

/** One face with its first holes, and the way to the rest. */
function FaceHoles({ face, onStart }: { face: Face; onStart: (face: Face) => void }) {
  return (
    <Box id={`face-${face.id}`} component="section" sx={{ mt: 3 }}>
      <Box
        sx={{
          display: 'flex',
          justifyContent: 'space-between',
          alignItems: 'center',
          borderTop: 2,
          borderColor: 'text.primary',
        }}
      >
        <Typography variant="h2">
          {face.name}, {face.count} {face.count === 1 ? 'hole' : 'holes'}
        </Typography>
        <Button onClick={() => onStart(face)}>Another hole here</Button>
      </Box>
      <Holes holes={face.holes} next={face.next} from={`/holes?limit=50&face=${face.id}`} />
    </Box>
  );
}

/** Faces by name from a cursor on, page by page. */
function Faces({
  assetId,
  cursor,
  onStart,
}: {
  assetId: string;
  cursor: string | null;
  onStart: (face: Face) => void;
}) {
  const [open, setOpen] = useState<string | null>(null);
  const { data } = useRead(`/assets/${assetId}${cursor === null ? '' : `?cursor=${cursor}`}`);
  if (!data) return <Loading what="the faces" />;
  return (
    <>
      <Box sx={{ display: 'grid', columnGap: 5, gridTemplateColumns: { lg: 'repeat(2, minmax(0, 1fr))' } }}>
        {data.faces.map((face) => (
          <FaceHoles key={face.id} face={face} onStart={onStart} />
        ))}
      </Box>
      {data.next !== null && open !== data.next && <Button onClick={() => setOpen(data.next)}>More faces</Button>}
      {data.next !== null && open === data.next && <Faces assetId={assetId} cursor={open} onStart={onStart} />}
    </>
  );
}

/** Adds a face; one of the same name on this page is asked about. */
function AddFace({ assetId, faces }: { assetId: string; faces: readonly Face[] }) {
  const writeFace = useAddFace(assetId);
  const { typed, change, clear } = useKeptForm(`face:${assetId}`, { name: '' });
  const faceName = typed.name;
  const [problem, setProblem] = useState('');
  const [asked, setAsked] = useState<Named | null>(null);
  const addFace = async () => {
    try {
      await writeFace(faceName.trim());
      clear();
      setAsked(null);
      setProblem('');
    } catch (failure) {
      if (!(failure instanceof ApiProblem)) throw failure;
      setProblem(failure.message);
    }
  };
  return (
    <>
      <Box
        component="form"
        onSubmit={(event) => {
          event.preventDefault();
          const there = sameNamed(
            faceName,
            faces.map(({ id, name }) => ({ name, to: `#face-${id}` })),
          );
          if (there) setAsked(there);
          else void addFace();
        }}
        sx={{ display: 'flex', gap: 1, mt: 3, maxWidth: 480, alignItems: 'start' }}
      >
        <TextField
          label="Add a face"
          value={faceName}
          onChange={(event) => {
            change({ name: event.target.value });
            setAsked(null);
          }}
          error={problem !== ''}
          helperText={problem}
          slotProps={{ htmlInput: { maxLength: 120 } }}
        />
        <Button type="submit" variant="outlined" disabled={faceName.trim() === ''}>
          Add
        </Button>
      </Box>
      {asked && <SameName there={asked} where="a face of this asset" onAnother={() => void addFace()} />}
    </>
  );
}

/** One asset: its faces, and the holes in each. */
export function AssetPage() {
  const { assetId = '' } = useParams();
  const { data, error, mutate } = useRead(`/assets/${assetId}`);
  const [starting, setStarting] = useState<Face | null>(null);
  if (error && !data) return <Failed error={error} retry={() => void mutate()} />;
  if (!data) return <Loading what="the asset" />;
  return (
    <Box sx={{ pt: 1.5 }}>
      <Typography sx={{ fontSize: 15 }}>
        <Link to="/assets">Assets</Link> /
      </Typography>
      <Typography variant="h1">{data.name}</Typography>
      {data.note !== '' && <Typography sx={{ color: 'text.secondary' }}>{data.note}</Typography>}
      <Faces assetId={assetId} cursor={null} onStart={setStarting} />
      {data.faces.length === 0 && (
        <Typography sx={{ mt: 2 }}>
          A face is a surface with holes in it: the head, the sump flange, the pump cover. Add the first.
        </Typography>
      )}
      <AddFace assetId={assetId} faces={data.faces} />
      {starting && <StartMend face={starting} onClose={() => setStarting(null)} />}
    </Box>
  );
}
