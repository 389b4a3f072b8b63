import Autocomplete from '@mui/material/Autocomplete';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import type { AssetDetail, AssetSummary } from '@deep-mend/contract';
import { useState } from 'react';
import useSWR from 'swr';
import { read, useRead } from '../base/client.ts';

/** All faces of an asset, however many pages they are. */
function useFaces(assetId: string | null): AssetDetail['faces'] | undefined {
  const { data } = useSWR(assetId && `faces of ${assetId}`, async () => {
    const faces: AssetDetail['faces'] = [];
    for (let cursor: string | null = ''; cursor !== null;) {
      const page: AssetDetail = await read(`/assets/${assetId!}${cursor === '' ? '' : `?cursor=${cursor}`}`);
      faces.push(...page.faces);
      cursor = page.next;
    }
    return faces;
  });
  return data;
}

/** Chooses an asset by search, then one of its faces. */
export function FacePicker({ faceId, onPick }: { faceId: string; onPick: (faceId: string) => void }) {
  const [search, setSearch] = useState('');
  const [asset, setAsset] = useState<AssetSummary | null>(null);
  const { data } = useRead(`/assets?limit=20&search=${encodeURIComponent(search)}`, {
    keepPreviousData: true,
  });
  const faces = useFaces(asset?.id ?? null);
  return (
    <>
      <Autocomplete
        options={data?.items ?? []}
        value={asset}
        getOptionLabel={(option) => option.name}
        isOptionEqualToValue={(a, b) => a.id === b.id}
        filterOptions={(options) => options}
        onInputChange={(_, text) => setSearch(text)}
        onChange={(_, option) => {
          setAsset(option);
          onPick('');
        }}
        renderInput={(params) => <TextField {...params} label="Asset" />}
      />
      <TextField
        select
        label="Face"
        value={faceId}
        disabled={!faces}
        onChange={(event) => onPick(event.target.value)}
        helperText={faces?.length === 0 ? 'This asset has no face yet; add one on its page.' : undefined}
      >
        {(faces ?? []).map((face) => (
          <MenuItem key={face.id} value={face.id}>
            {face.name}
          </MenuItem>
        ))}
      </TextField>
    </>
  );
}
