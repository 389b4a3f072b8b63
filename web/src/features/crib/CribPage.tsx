import Alert from '@mui/material/Alert';
import Autocomplete from '@mui/material/Autocomplete';
import Box from '@mui/material/Box';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import type { ShopSettings } from '@deep-mend/contract';
import { DRILL_SETS, rackDrills, tapName } from '@deep-mend/core';
import { useMemo, useState } from 'react';
import { ApiProblem } from '../../base/client.ts';
import { useShop } from '../../base/ShopContext.tsx';
import { OwnedLists } from './OwnedLists.tsx';
import { RackExtras } from './RackExtras.tsx';
import { RankingRules } from './RankingRules.tsx';

const TAP_DRILL_RULES = [
  {
    id: 'by-material',
    name: 'By material and depth',
    why: 'Default: 76 % in general, less where a tap would snap, more in short soft threads.',
  },
  { id: 'chart-75', name: 'The 75 % chart', why: 'Right when the whole shop works by one wall chart.' },
  { id: 'major-minus-pitch', name: 'Major minus pitch (77 %)', why: 'Right when there is no chart at hand.' },
] as const;
const SET_DOWNS = [
  { turns: 0.25, why: 'Right in thin metal.' },
  { turns: 0.5, why: 'Default: covers the first thread and leaves room for a chamfer.' },
  { turns: 0.75, why: 'Right where the face may be skimmed later.' },
] as const;
const NAMES = ['taper-second-bottoming', 'taper-plug-bottoming', 'lead-threads'] as const;

/** What the shop owns, and its house rules with their reasons. */
export function CribPage() {
  const { settings, save, rules, units } = useShop();
  const [problem, setProblem] = useState('');
  const [name, setName] = useState<string | null>(null);
  const owned = useMemo(
    () => rackDrills({ setIds: settings.drillSets, missingIds: [] }).map((drill) => drill.id),
    [settings.drillSets],
  );
  const change = async (changes: Partial<ShopSettings>) => {
    try {
      await save({ ...settings, ...changes });
      setProblem('');
    } catch (error) {
      if (!(error instanceof ApiProblem)) throw error;
      setProblem(error.message);
    }
  };
  const rule = (changes: Partial<ShopSettings['rules']>) => void change({ rules: { ...settings.rules, ...changes } });
  return (
    <Box sx={{ pt: 1.5, display: 'grid', gap: 5, gridTemplateColumns: { md: '1fr 1fr' } }}>
      <Box sx={{ display: 'grid', gap: 2, alignContent: 'start' }}>
        <Typography variant="h1">Crib</Typography>
        {problem !== '' && <Alert severity="error">{problem}</Alert>}
        <Typography variant="h2">Drill sets in the shop</Typography>
        <Box>
          {DRILL_SETS.map((set) => (
            <FormControlLabel
              key={set.id}
              sx={{ display: 'flex', minHeight: 48 }}
              control={
                <Checkbox
                  checked={settings.drillSets.includes(set.id)}
                  onChange={(event) =>
                    void change({
                      drillSets: DRILL_SETS.map((s) => s.id).filter((id) =>
                        id === set.id ? event.target.checked : settings.drillSets.includes(id),
                      ),
                    })
                  }
                />
              }
              label={set.title}
            />
          ))}
        </Box>
        <Autocomplete
          multiple
          options={owned}
          value={settings.missingDrills}
          onChange={(_, missingDrills) => void change({ missingDrills })}
          renderInput={(params) => (
            <TextField
              {...params}
              label="Missing"
              helperText="Routes and charts stop offering these and name what to take instead."
            />
          )}
        />
        <Typography sx={{ color: 'text.secondary' }}>{rackDrills(rules.rack).length} sizes in the rack.</Typography>
        <RackExtras settings={settings} owned={owned} units={units} change={(changes) => void change(changes)} />
        <OwnedLists owned={settings.rules.kit} units={units} change={(owned) => rule({ kit: owned })} />
      </Box>
      <Box sx={{ display: 'grid', gap: 2, alignContent: 'start' }}>
        <Typography variant="h2">House rules</Typography>
        <TextField
          label="Name of the shop"
          value={name ?? settings.name}
          onChange={(event) => setName(event.target.value)}
          onBlur={() => {
            if (name !== null && name.trim() !== '' && name !== settings.name) void change({ name });
            setName(null);
          }}
        />
        <TextField
          select
          label="Units"
          value={settings.units}
          onChange={(event) => void change({ units: event.target.value as 'mm' | 'in' })}
          helperText="Each device can switch for itself with u."
        >
          <MenuItem value="mm">millimetres</MenuItem>
          <MenuItem value="in">inches</MenuItem>
        </TextField>
        <RankingRules rules={settings.rules} change={rule} />
        <TextField
          select
          label="Tap drill"
          value={settings.rules.tapDrill}
          onChange={(event) => rule({ tapDrill: event.target.value as ShopSettings['rules']['tapDrill'] })}
          helperText={TAP_DRILL_RULES.find((r) => r.id === settings.rules.tapDrill)!.why}
        >
          {TAP_DRILL_RULES.map((r) => (
            <MenuItem key={r.id} value={r.id}>
              {r.name}
            </MenuItem>
          ))}
        </TextField>
        <TextField
          select
          label="Coil under the face"
          value={settings.rules.coilSetDownTurns}
          onChange={(event) =>
            rule({ coilSetDownTurns: Number(event.target.value) as ShopSettings['rules']['coilSetDownTurns'] })
          }
          helperText={SET_DOWNS.find((r) => r.turns === settings.rules.coilSetDownTurns)!.why}
        >
          {SET_DOWNS.map((r) => (
            <MenuItem key={r.turns} value={r.turns}>
              {r.turns} of a turn
            </MenuItem>
          ))}
        </TextField>
        <TextField
          select
          label="The middle tap is called"
          value={settings.rules.tapNames}
          onChange={(event) => rule({ tapNames: event.target.value as ShopSettings['rules']['tapNames'] })}
          helperText="Always shown with its lead, because one name means two taps in two regions."
        >
          {NAMES.map((id) => (
            <MenuItem key={id} value={id}>
              {tapName(4, id)}
            </MenuItem>
          ))}
        </TextField>
      </Box>
    </Box>
  );
}
