import Autocomplete from '@mui/material/Autocomplete';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import type { AssetSummary } from '@deep-mend/contract';
import { useState } from 'react';
import { useRead } from '../base/client.ts';

/** Chooses an asset by search, then one of its faces. */
export function FacePicker({ faceId, onPick }: { faceId: string; onPick: (faceId: string) => void }) {
  const [search, setSearch] = useState('');
  const [asset, setAsset] = useState<AssetSummary | null>(null);
  const { data } = useRead(`/assets?limit=20&search=${encodeURIComponent(search)}`, {
    keepPreviousData: true,
  });
  const { data: detail } = useRead(asset ? `/assets/${asset.id}` : null);
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
        disabled={!detail}
        onChange={(event) => onPick(event.target.value)}
        helperText={
          detail && detail.faces.length === 0 ? 'This asset has no face yet; add one on its page.' : undefined
        }
      >
        {(detail?.faces ?? []).map((face) => (
          <MenuItem key={face.id} value={face.id}>
            {face.name}
          </MenuItem>
        ))}
      </TextField>
    </>
  );
}
