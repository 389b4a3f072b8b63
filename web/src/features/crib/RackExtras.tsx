import Autocomplete from '@mui/material/Autocomplete';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Chip from '@mui/material/Chip';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import type { ShopSettings } from '@deep-mend/contract';
import {
  DRILL_SIZES,
  DRILLING_SET_UPS,
  explainLengthProblem,
  formatLengthWithUnit,
  parseLength,
  type UnitSystem,
} from '@deep-mend/core';
import { useState } from 'react';

type Change = (changes: Partial<ShopSettings>) => void;

/** A drill as it is typed: the size from the tables with this diameter, else a size of its own. */
function readDrill(text: string, units: UnitSystem): { id: string; diameterMm: number } | string {
  const parsed = parseLength(text, { bareUnit: units, minMm: 0.2, maxMm: 100 });
  if (!parsed.ok) return explainLengthProblem(parsed.problem);
  const { mm, notation } = parsed.length;
  const known = DRILL_SIZES.find((size) => Math.abs(size.diameterMm - mm) < 0.0005);
  return {
    id: known?.id ?? formatLengthWithUnit(mm, notation === 'mm' ? 'mm' : 'in'),
    diameterMm: known?.diameterMm ?? mm,
  };
}

/** Single drills beside the sets, worn ones by what they cut, and how holes are drilled here. */
export function RackExtras({
  settings,
  owned,
  units,
  change,
}: {
  settings: ShopSettings;
  owned: string[];
  units: UnitSystem;
  change: Change;
}) {
  const [single, setSingle] = useState('');
  const [worn, setWorn] = useState<string | null>(null);
  const [cuts, setCuts] = useState('');
  const [oversize, setOversize] = useState<string | null>(null);
  const readSingle = single.trim() === '' ? null : readDrill(single, units);
  const readCuts = cuts.trim() === '' ? null : parseLength(cuts, { bareUnit: units, minMm: 0.2, maxMm: 100 });
  const measured =
    oversize === null || oversize.trim() === '' ? null : parseLength(oversize, { bareUnit: units, maxMm: 2 });
  const addSingle = () => {
    if (readSingle === null || typeof readSingle === 'string') return;
    change({ singleDrills: [...settings.singleDrills.filter((row) => row.id !== readSingle.id), readSingle] });
    setSingle('');
  };
  const addWorn = () => {
    if (worn === null || !readCuts?.ok) return;
    change({
      wornDrills: [...settings.wornDrills.filter((row) => row.id !== worn), { id: worn, cutsMm: readCuts.length.mm }],
    });
    setWorn(null);
    setCuts('');
  };
  const saveOversize = () => {
    if (oversize === null || (measured && !measured.ok)) return;
    change({ drilling: { ...settings.drilling, measuredOversizeMm: measured?.ok ? measured.length.mm : null } });
    setOversize(null);
  };
  const setUp = DRILLING_SET_UPS.find((row) => row.id === settings.drilling.setUp)!;
  return (
    <>
      <Box sx={{ display: 'grid', gridTemplateColumns: '1fr auto', gap: 1, alignItems: 'start' }}>
        <TextField
          label="Single drill beside the sets"
          value={single}
          onChange={(event) => setSingle(event.target.value)}
          onKeyDown={(event) => {
            if (event.key === 'Enter') addSingle();
          }}
          error={typeof readSingle === 'string'}
          helperText={typeof readSingle === 'string' ? readSingle : 'for example 14.2 mm or 33/64'}
        />
        <Button onClick={addSingle} disabled={readSingle === null || typeof readSingle === 'string'}>
          Add
        </Button>
      </Box>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
        {settings.singleDrills.map((row) => (
          <Chip
            key={row.id}
            label={row.id}
            onDelete={() => change({ singleDrills: settings.singleDrills.filter((other) => other.id !== row.id) })}
          />
        ))}
      </Box>
      <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr auto', gap: 1, alignItems: 'start' }}>
        <Autocomplete
          options={owned}
          value={worn}
          onChange={(_, value) => setWorn(value)}
          renderInput={(params) => <TextField {...params} label="Worn drill" />}
        />
        <TextField
          label={`bores, ${units}`}
          value={cuts}
          onChange={(event) => setCuts(event.target.value)}
          error={readCuts !== null && !readCuts.ok}
          helperText={readCuts !== null && !readCuts.ok ? explainLengthProblem(readCuts.problem) : 'as measured'}
        />
        <Button onClick={addWorn} disabled={worn === null || !readCuts?.ok}>
          Add
        </Button>
      </Box>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
        {settings.wornDrills.map((row) => (
          <Chip
            key={row.id}
            label={`${row.id} bores ${formatLengthWithUnit(row.cutsMm, units)}`}
            onDelete={() => change({ wornDrills: settings.wornDrills.filter((other) => other.id !== row.id) })}
          />
        ))}
      </Box>
      <TextField
        select
        label="Holes are drilled with"
        value={settings.drilling.setUp}
        onChange={(event) =>
          change({ drilling: { ...settings.drilling, setUp: event.target.value as typeof setUp.id } })
        }
        helperText={`A drill cuts over its size: with this set-up about ${2 * setUp.factor} thou for a small one, ${7 * setUp.factor} for an inch (estimate).`}
      >
        {DRILLING_SET_UPS.map((row) => (
          <MenuItem key={row.id} value={row.id}>
            {row.name}
          </MenuItem>
        ))}
      </TextField>
      <TextField
        label={`Oversize measured here, ${units}`}
        value={
          oversize ??
          (settings.drilling.measuredOversizeMm === null
            ? ''
            : formatLengthWithUnit(settings.drilling.measuredOversizeMm, units))
        }
        onChange={(event) => setOversize(event.target.value)}
        onBlur={saveOversize}
        error={measured !== null && !measured.ok}
        helperText={
          measured !== null && !measured.ok
            ? explainLengthProblem(measured.problem)
            : 'Empty: the estimate is used. Drill ten holes, measure them, and put the mean here.'
        }
      />
      <Typography sx={{ fontSize: 14, color: 'text.secondary' }}>
        Worn and single drills stand in every chart and route by what they cut.
      </Typography>
    </>
  );
}
