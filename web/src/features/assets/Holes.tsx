import Button from '@mui/material/Button';
import type { HoleSummary } from '@deep-mend/contract';
import { useState } from 'react';
import { useRead } from '../../base/client.ts';
import { HoleRow } from '../../paint/HoleRow.tsx';
import { Failed, Loading } from '../../parts/states.tsx';

type Address = `/holes?${string}`;

/** Holes that are there already, and the way to the next of them. */
export function Holes({
  holes,
  next,
  from,
  withPlace = false,
}: {
  holes: readonly HoleSummary[];
  next: string | null;
  /** The list that they are from, without a cursor. */
  from: Address;
  withPlace?: boolean;
}) {
  const [open, setOpen] = useState<string | null>(null);
  return (
    <>
      {holes.map((hole) => (
        <HoleRow key={hole.id} hole={hole} withPlace={withPlace} />
      ))}
      {next !== null && open !== next && <Button onClick={() => setOpen(next)}>More holes</Button>}
      {next !== null && open === next && <HolesPage from={from} cursor={next} withPlace={withPlace} />}
    </>
  );
}

/** The holes from a cursor on. */
function HolesPage({ from, cursor, withPlace }: { from: Address; cursor: string; withPlace: boolean }) {
  const { data, error, mutate } = useRead(`${from}&cursor=${cursor}`);
  if (error && !data) return <Failed error={error} retry={() => void mutate()} />;
  if (!data) return <Loading what="more holes" />;
  return <Holes holes={data.items} next={data.next} from={from} withPlace={withPlace} />;
}
