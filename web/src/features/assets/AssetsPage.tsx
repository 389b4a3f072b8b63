import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { MOST_FOUND, type AssetSummary, type Page } from '@deep-mend/contract';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import useSWRInfinite from 'swr/infinite';
import { ApiProblem, newId, read, useRead } from '../../base/client.ts';
import { useWrite } from '../../base/outbox/useOutbox.ts';
import { useAddressText } from '../../base/useAddressText.ts';
import { useKeptForm } from '../../base/useKeptForm.ts';
import { useShop } from '../../base/ShopContext.tsx';
import { askSameName, SameName, type Named } from '../../parts/SameName.tsx';
import { Empty, Failed, Loading } from '../../parts/states.tsx';
import { Holes } from './Holes.tsx';

/** One asset in the list: its name, what is on it, and what waits. */
function AssetRow({ asset }: { asset: AssetSummary }) {
  return (
    <Box
      component={Link}
      to={`/assets/${asset.id}`}
      sx={{
        display: 'flex',
        justifyContent: 'space-between',
        gap: 2,
        py: 1.25,
        minHeight: 56,
        borderBottom: 1,
        borderColor: 'divider',
        color: 'inherit',
        textDecoration: 'none',
        '&:hover': { bgcolor: 'action.hover' },
      }}
    >
      <Box>
        <Typography sx={{ fontWeight: 700 }}>{asset.name}</Typography>
        <Typography sx={{ fontSize: 14.5, color: 'text.secondary' }}>{asset.note}</Typography>
      </Box>
      <Typography sx={{ fontSize: 14.5, color: 'text.secondary', textAlign: 'right', whiteSpace: 'nowrap' }}>
        {asset.faces} {asset.faces === 1 ? 'face' : 'faces'}, {asset.holes} {asset.holes === 1 ? 'hole' : 'holes'}
        <br />
        {asset.openMends > 0 && <b>{asset.openMends} under way</b>}
      </Typography>
    </Box>
  );
}

/** No asset at all, or none of that name. */
function NoAsset({ search }: { search: string }) {
  if (search !== '') return <Typography sx={{ py: 2 }}>No asset is called “{search}”.</Typography>;
  return (
    <Empty title="No asset yet">
      <Typography>Add the machine that the hole is in: an engine, a winch, a pump.</Typography>
    </Empty>
  );
}

/** A new asset; the same name twice is asked about. */
function AddAsset() {
  const { actor } = useShop();
  const navigate = useNavigate();
  const { typed, change, clear } = useKeptForm('asset', { name: '' });
  const { name } = typed;
  const [problem, setProblem] = useState('');
  const [asked, setAsked] = useState<Named | null>(null);
  const write = useWrite();
  const add = async (another: boolean) => {
    const id = newId();
    try {
      const there = another ? null : await askSameName(name, '/assets?limit=50', '/assets');
      if (there) {
        setAsked(there);
        return;
      }
      const line = `/assets/${id}`;
      const sent = await write({
        line,
        method: 'post',
        address: '/assets',
        body: { id, name: name.trim(), note: '' },
        key: id,
        actorId: actor.id,
        seen: null,
        decides: false,
        shows: [],
        title: `New asset: ${name.trim()}`,
      });
      // It has a page when the server knows it; until then it stands among what waits.
      if (sent === 'recorded') void navigate(line);
      clear();
    } catch (error) {
      if (!(error instanceof ApiProblem)) throw error;
      setProblem(error.message);
    }
  };
  return (
    <Box
      component="form"
      onSubmit={(event) => {
        event.preventDefault();
        void add(false);
      }}
      sx={{ display: 'grid', gap: 1.5, mb: 4, pt: { md: 0.5 } }}
    >
      <Typography variant="h2">Add an asset</Typography>
      <TextField
        label="Its name"
        value={name}
        onChange={(event) => {
          change({ name: event.target.value });
          setAsked(null);
        }}
        error={problem !== ''}
        helperText={problem}
        slotProps={{ htmlInput: { maxLength: 120 } }}
      />
      {asked && <SameName there={asked} where="an asset" onAnother={() => void add(true)} />}
      <Button type="submit" variant="contained" disabled={name.trim() === ''}>
        Add it
      </Button>
    </Box>
  );
}

/** A search finds more than it sorts: what is shown is a part. */
function MoreThan({ more }: { more: boolean }) {
  if (!more) return null;
  return (
    <Alert severity="info" sx={{ my: 1 }}>
      More than {MOST_FOUND} found. These are from the first {MOST_FOUND}: type more of the name, of the machine, or the
      hole’s code.
    </Alert>
  );
}

/** Holes by what is typed: name, face, asset, code, what happened. */
function FoundHoles({ search }: { search: string }) {
  const from = `/holes?limit=50&search=${encodeURIComponent(search)}` as const;
  const { data, error, mutate } = useRead(from, { keepPreviousData: true });
  return (
    <>
      <Typography variant="h2" sx={{ pb: 0.5 }}>
        Holes
      </Typography>
      {error && !data && <Failed error={error} retry={() => void mutate()} />}
      {data && <MoreThan more={data.more} />}
      {data && <Holes key={from} holes={data.items} next={data.next} from={from} withPlace />}
      {data?.items.length === 0 && <Typography sx={{ color: 'text.secondary' }}>No hole is called so.</Typography>}
    </>
  );
}

/** Holes that were filed under no asset. */
function LooseParts() {
  const loose = useRead('/holes?loose=true&limit=50');
  return (
    <>
      <Typography variant="h2" sx={{ pb: 0.5 }}>
        On loose parts
      </Typography>
      {loose.data && <Holes holes={loose.data.items} next={loose.data.next} from="/holes?loose=true&limit=50" />}
      {loose.data?.items.length === 0 && (
        <Typography sx={{ color: 'text.secondary' }}>
          None. A mend can start without an asset and be filed later.
        </Typography>
      )}
    </>
  );
}

/** Assets by name, searched on the server page by page, and the holes on loose parts. */
export function AssetsPage() {
  const [search, setSearch] = useAddressText('search');
  const pages = useSWRInfinite(
    (index: number, before: Page<AssetSummary> | null) =>
      before && before.next === null
        ? null
        : `/assets?limit=50&search=${encodeURIComponent(search)}${index > 0 ? `&cursor=${before!.next}` : ''}`,
    (address: `/assets?${string}`) => read(address),
    { keepPreviousData: true },
  );
  if (pages.error && !pages.data) return <Failed error={pages.error as Error} retry={() => void pages.mutate()} />;
  if (!pages.data) return <Loading what="the assets" />;
  const assets = pages.data.flatMap((page) => page.items);
  const more = pages.data.at(-1)!.next !== null;
  return (
    <Box
      sx={{
        display: 'grid',
        gap: { xs: 3, md: 5 },
        gridTemplateColumns: { md: 'minmax(0, 3fr) minmax(0, 2fr)' },
        pt: 1.5,
      }}
    >
      <Box>
        <Typography variant="h1" sx={{ mb: 1.5 }}>
          Assets
        </Typography>
        <TextField
          label="Search assets and holes"
          type="search"
          value={search}
          onChange={(event) => setSearch(event.target.value)}
        />
        <MoreThan more={pages.data[0]!.more} />
        {assets.map((asset) => (
          <AssetRow key={asset.id} asset={asset} />
        ))}
        {assets.length === 0 && <NoAsset search={search} />}
        {more && <Button onClick={() => void pages.setSize(pages.size + 1)}>More</Button>}
      </Box>
      <Box>
        {search.trim() === '' ? (
          <>
            <AddAsset />
            <LooseParts />
          </>
        ) : (
          <FoundHoles search={search} />
        )}
      </Box>
    </Box>
  );
}
