import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import type { AssetDetail } from '@deep-mend/contract';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { ApiProblem, newId, useRead } from '../../base/client.ts';
import { useWrite } from '../../base/outbox/useOutbox.ts';
import { useShop } from '../../base/ShopContext.tsx';
import { SameName, sameNamed, type Named } from '../../parts/SameName.tsx';
import { HoleRow } from '../../paint/HoleRow.tsx';
import { StartMend } from '../../parts/StartMend.tsx';
import { Failed, Loading } from '../../parts/states.tsx';

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

/** One asset: its faces, and the holes in each. */
export function AssetPage() {
  const { assetId = '' } = useParams();
  const writeFace = useAddFace(assetId);
  const { data, error, mutate } = useRead(`/assets/${assetId}`);
  const [faceName, setFaceName] = useState('');
  const [problem, setProblem] = useState('');
  const [starting, setStarting] = useState<AssetDetail['faces'][number] | null>(null);
  const [asked, setAsked] = useState<Named | null>(null);
  if (error && !data) return <Failed error={error} retry={() => void mutate()} />;
  if (!data) return <Loading what="the asset" />;
  const addFace = async () => {
    try {
      await writeFace(faceName.trim());
      setFaceName('');
      setAsked(null);
      setProblem('');
    } catch (failure) {
      if (!(failure instanceof ApiProblem)) throw failure;
      setProblem(failure.message);
    }
  };
  return (
    <Box sx={{ pt: 1.5 }}>
      <Typography sx={{ fontSize: 15 }}>
        <Link to="/assets">Assets</Link> /
      </Typography>
      <Typography variant="h1">{data.name}</Typography>
      {data.note !== '' && <Typography sx={{ color: 'text.secondary' }}>{data.note}</Typography>}
      <Box sx={{ display: 'grid', columnGap: 5, gridTemplateColumns: { lg: 'repeat(2, minmax(0, 1fr))' } }}>
        {data.faces.map((face) => (
          <Box key={face.id} id={`face-${face.id}`} component="section" sx={{ mt: 3 }}>
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
                {face.name}, {face.holes.length} {face.holes.length === 1 ? 'hole' : 'holes'}
              </Typography>
              <Button onClick={() => setStarting(face)}>Another hole here</Button>
            </Box>
            {face.holes.map((hole) => (
              <HoleRow key={hole.id} hole={hole} withPlace={false} />
            ))}
          </Box>
        ))}
      </Box>
      {data.faces.length === 0 && (
        <Typography sx={{ mt: 2 }}>
          A face is a surface with holes in it: the head, the sump flange, the pump cover. Add the first.
        </Typography>
      )}
      <Box
        component="form"
        onSubmit={(event) => {
          event.preventDefault();
          const there = sameNamed(
            faceName,
            data.faces.map(({ id, name }) => ({ name, to: `#face-${id}` })),
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
            setFaceName(event.target.value);
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
      {starting && <StartMend face={starting} onClose={() => setStarting(null)} />}
    </Box>
  );
}
