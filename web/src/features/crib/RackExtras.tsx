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
  estimatedOversizeMm,
  PRECISION,
  DRILLING_SET_UPS,
  explainLengthProblem,
  formatLengthWithUnit,
  parseLength,
  type UnitSystem,
} from '@deep-mend/core';
import { useState } from 'react';
import { useTyped, type Read } from '../../base/useTyped.ts';
import { SETTING_LABELS, wornWords } from './settingWords.ts';

type Change = (changes: Partial<ShopSettings>) => void;

/** A drill as it is typed: the size from the tables with this diameter, else a size of its own. */
function readDrill(text: string, units: UnitSystem): { id: string; diameterMm: number } | string {
  const parsed = readCut(text, units);
  if (!parsed.ok) return explainLengthProblem(parsed.problem);
  const { mm, notation } = parsed.length;
  const known = DRILL_SIZES.find((size) => Math.abs(size.diameterMm - mm) < 0.0005);
  return {
    id: known?.id ?? formatLengthWithUnit(mm, notation === 'mm' ? 'mm' : 'in'),
    diameterMm: known?.diameterMm ?? mm,
  };
}

const readCut = (text: string, units: UnitSystem) => parseLength(text, { bareUnit: units, minMm: 0.2, maxMm: 100 });

interface Props {
  settings: ShopSettings;
  units: UnitSystem;
  change: Change;
}

/** What was put on a list, each to be taken off again. */
function Listed({ rows, onTake }: { rows: readonly { id: string; label: string }[]; onTake: (id: string) => void }) {
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
      {rows.map(({ id, label }) => (
        <Chip key={id} label={label} onDelete={() => onTake(id)} />
      ))}
    </Box>
  );
}

/** Drills that belong to no set. */
function SingleDrills({ settings: { singleDrills }, units, change }: Props) {
  const [text, setText] = useState('');
  const read = text.trim() === '' ? null : readDrill(text, units);
  const problem = typeof read === 'string' ? read : null;
  const add = () => {
    if (read === null || typeof read === 'string') return;
    change({ singleDrills: [...singleDrills.filter((row) => row.id !== read.id), read] });
    setText('');
  };
  return (
    <>
      <Box sx={{ display: 'grid', gridTemplateColumns: '1fr auto', gap: 1, alignItems: 'start' }}>
        <TextField
          label={SETTING_LABELS.singleDrills}
          value={text}
          onChange={(event) => setText(event.target.value)}
          onKeyDown={(event) => {
            if (event.key === 'Enter') add();
          }}
          error={problem !== null}
          helperText={problem ?? 'for example 14.2 mm or 33/64'}
        />
        <Button onClick={add} disabled={read === null || problem !== null}>
          Add
        </Button>
      </Box>
      <Listed
        rows={singleDrills.map(({ id }) => ({ id, label: id }))}
        onTake={(id) => change({ singleDrills: singleDrills.filter((row) => row.id !== id) })}
      />
    </>
  );
}

/** Worn drills, by what they cut. */
function WornDrills({ settings: { wornDrills }, owned, units, change }: Props & { owned: string[] }) {
  const [worn, setWorn] = useState<string | null>(null);
  const [cuts, setCuts] = useState('');
  const read = cuts.trim() === '' ? null : readCut(cuts, units);
  const add = () => {
    if (worn === null || !read?.ok) return;
    change({ wornDrills: [...wornDrills.filter((row) => row.id !== worn), { id: worn, cutsMm: read.length.mm }] });
    setWorn(null);
    setCuts('');
  };
  return (
    <>
      <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr auto', gap: 1, alignItems: 'start' }}>
        <Autocomplete
          options={owned}
          value={worn}
          onChange={(_, value) => setWorn(value)}
          renderInput={(params) => <TextField {...params} label={SETTING_LABELS.wornDrills} />}
        />
        <TextField
          label={`bores, ${units}`}
          value={cuts}
          onChange={(event) => setCuts(event.target.value)}
          error={read !== null && !read.ok}
          helperText={read !== null && !read.ok ? explainLengthProblem(read.problem) : 'as measured'}
        />
        <Button onClick={add} disabled={worn === null || !read?.ok}>
          Add
        </Button>
      </Box>
      <Listed
        rows={wornDrills.map((row) => ({ id: row.id, label: wornWords(row, units) }))}
        onTake={(id) => change({ wornDrills: wornDrills.filter((row) => row.id !== id) })}
      />
    </>
  );
}

/** An oversize of one's own; empty: the estimate is used. */
function readOversize(text: string, units: UnitSystem): Read<number | null> {
  if (text.trim() === '') return { value: null };
  const read = parseLength(text, { bareUnit: units, maxMm: 2 });
  return read.ok ? { value: read.length.mm } : { problem: explainLengthProblem(read.problem) };
}

/** Two ends of a rack, as examples of what an oversize comes to. */
const SMALL_MM = 3;
const LARGE_MM = 25;

/** How holes are drilled here, and so by how much a drill cuts over its size. */
function DrillingHere({ settings: { drilling }, units, change }: Props) {
  const over = (drillMm: number) =>
    formatLengthWithUnit(estimatedOversizeMm(drillMm, drilling.setUp), units, PRECISION.bore[units]);
  const { measuredOversizeMm } = drilling;
  const { text, problem, on } = useTyped({
    shown: measuredOversizeMm === null ? '' : formatLengthWithUnit(measuredOversizeMm, units),
    units,
    parse: readOversize,
    commit: (mm) => change({ drilling: { ...drilling, measuredOversizeMm: mm } }),
    keepAs: 'oversize',
  });
  return (
    <>
      <TextField
        select
        label={SETTING_LABELS.drilling}
        value={drilling.setUp}
        onChange={(event) => change({ drilling: { ...drilling, setUp: event.target.value as typeof drilling.setUp } })}
        helperText={`A drill cuts over its size: with this set-up about ${over(SMALL_MM)} at ${formatLengthWithUnit(SMALL_MM, units)}, ${over(LARGE_MM)} at ${formatLengthWithUnit(LARGE_MM, units)} (estimate).`}
      >
        {DRILLING_SET_UPS.map((row) => (
          <MenuItem key={row.id} value={row.id}>
            {row.name}
          </MenuItem>
        ))}
      </TextField>
      <TextField
        label={`Oversize measured here, ${units}`}
        value={text}
        error={problem !== null}
        helperText={problem ?? 'Empty: the estimate is used. Drill ten holes, measure them, and put the mean here.'}
        {...on}
      />
    </>
  );
}

/** Single drills beside the sets, worn ones by what they cut, and how holes are drilled here. */
export function RackExtras({ owned, ...props }: Props & { owned: string[] }) {
  return (
    <>
      <SingleDrills {...props} />
      <WornDrills {...props} owned={owned} />
      <DrillingHere {...props} />
      <Typography sx={{ fontSize: 14, color: 'text.secondary' }}>
        Worn and single drills stand in every chart and route by what they cut.
      </Typography>
    </>
  );
}
