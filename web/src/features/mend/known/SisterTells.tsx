import Button from '@mui/material/Button';
import type { HoleDetail } from '@deep-mend/contract';
import { foldHole, INSTRUMENTS, SISTER_TELLS, type HoleFile } from '@deep-mend/core';
import { useState } from 'react';
import { read, useRead } from '../../../base/client.ts';
import type { HoleAccess } from '../../../parts/useHole.ts';

const SISTER = INSTRUMENTS.find(({ id }) => id === 'sister')!;

/** The sisters of a hole on its face: same thread, with something recorded that tells. */
function useSisters(place: HoleDetail['place'], file: HoleFile, id: string) {
  const { data } = useRead(place ? `/holes?limit=100&face=${place.faceId}` : null);
  return (data?.items ?? []).filter(
    (hole) =>
      hole.id !== id &&
      hole.threadId === file.choices.threadId &&
      // One of which nothing was ever recorded has nothing to tell.
      (hole.repairs > 0 || hole.openMendId !== null || hole.lastOutcome !== null),
  );
}

/** A sister tells: class, length, reach, depth and torque of a neighbour in one tap, recorded as read on the sister. */
export function SisterTells({
  detail,
  file,
  access,
  guarded,
}: {
  detail: HoleDetail;
  file: HoleFile;
  access: HoleAccess;
  guarded: (work: () => Promise<unknown>) => Promise<boolean>;
}) {
  const sisters = useSisters(detail.place, file, detail.id);
  const [told, setTold] = useState<string | null>(null);
  const tell = async (id: string, name: string) => {
    const sister = foldHole((await read(`/holes/${id}`)).events);
    let count = 0;
    for (const quantity of SISTER_TELLS.readings) {
      const entry = sister.live[quantity];
      if (!entry || file.live[quantity]) continue;
      count += 1;
      const { text, notation, mm } = entry;
      const halfWidthMm = Math.max(entry.halfWidthMm, SISTER.halfWidthMm);
      await access.append('reading', { quantity, text, notation, mm, halfWidthMm, instrument: SISTER.id });
    }
    for (const field of SISTER_TELLS.choices) {
      const value = sister.choices[field];
      if (value === undefined || value === null || file.choices[field] !== undefined) continue;
      count += 1;
      await access.append('choice', { field, value } as Parameters<typeof access.append<'choice'>>[1]);
    }
    setTold(count === 0 ? `${name} has nothing recorded that this hole lacks.` : `Taken from ${name}: ${count}.`);
  };
  if (sisters.length === 0) return null;
  return (
    <div role="group" aria-label="A sister tells">
      <p className="quiet-text">A sister tells its screw, reach, depth and torque:</p>
      <div style={{ display: 'flex', flexWrap: 'wrap', gap: 6 }}>
        {sisters.slice(0, 4).map(({ id, name }) => (
          <Button key={id} size="small" variant="outlined" onClick={() => void guarded(() => tell(id, name))}>
            As {name}
          </Button>
        ))}
      </div>
      {told && (
        <p role="status" className="quiet-text">
          {told}
        </p>
      )}
    </div>
  );
}
