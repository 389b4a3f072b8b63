import { outcomeWords } from '@deep-mend/core';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import type { HoleDetail } from '@deep-mend/contract';
import type { HoleFile, MendEntry } from '@deep-mend/core';
import { useState } from 'react';
import { Link } from 'react-router';
import { useKeptForm } from '../../../../base/useKeptForm.ts';
import { FacePicker } from '../../../../parts/FacePicker.tsx';
import { readableDate } from '../../../../parts/format.ts';

interface Props {
  detail: HoleDetail;
  file: HoleFile;
  onFile: (name: string, faceId: string) => Promise<void>;
  /** Whether it was recorded. */
  onOpen: (what: string) => Promise<boolean>;
}

/** A plan that was given up mended nothing: the end is said beside it. */
const earlierWords = ({ plan, outcome, closedAt }: MendEntry): string =>
  `${plan ? `${plan.title}, ` : ''}${outcomeWords(outcome)}, ${readableDate(closedAt!)}`;

/** Where the hole is, what happened to it, and its earlier mends; a loose part can be filed under an asset later. */
export function LocatePanel({ detail, file, onFile, onOpen }: Props) {
  const [faceId, setFaceId] = useState('');
  const [name, setName] = useState(file.name);
  const opening = useKeptForm(`locate:${detail.id}`, { what: '' });
  const { what } = opening.typed;
  const open = file.mends.find((mend) => mend.outcome === 'open');
  const earlier = file.mends.filter((mend) => mend.outcome !== 'open');
  return (
    <Box component="section" aria-label="Where it is" sx={{ display: 'grid', gap: 2 }}>
      <Typography variant="h3" component="h2">
        {detail.place ? `${detail.place.assetName}, ${detail.place.faceName}` : 'On a loose part'}
      </Typography>
      <Typography>
        {file.name}
        {open?.what ? `: ${open.what}` : ''}
      </Typography>
      {earlier.length > 0 && (
        <Typography>
          Before: {earlier.map(earlierWords).join('; ')}. <Link to={`/holes/${detail.id}`}>See its passport</Link>
        </Typography>
      )}
      {!open && (
        <>
          <TextField
            label="What happened to it?"
            value={what}
            onChange={(event) => opening.change({ what: event.target.value })}
          />
          <Button variant="contained" onClick={() => void onOpen(what).then((opened) => opened && opening.clear())}>
            Start a mend here
          </Button>
        </>
      )}
      <Typography variant="h3" component="h3" sx={{ borderTop: 1, borderColor: 'divider', pt: 2 }}>
        {detail.place ? 'Filed in the wrong place?' : 'File it under an asset'}
      </Typography>
      <FacePicker faceId={faceId} onPick={setFaceId} />
      <TextField label="Name of the hole there" value={name} onChange={(event) => setName(event.target.value)} />
      <Button
        variant="outlined"
        disabled={faceId === '' || name.trim() === ''}
        onClick={() => void onFile(name, faceId)}
      >
        File it there
      </Button>
      <Typography sx={{ color: 'text.secondary', fontSize: 14 }}>
        Its readings, plans and signatures go with it.
      </Typography>
    </Box>
  );
}
