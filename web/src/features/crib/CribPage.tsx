import Alert from '@mui/material/Alert';
import Autocomplete from '@mui/material/Autocomplete';
import Box from '@mui/material/Box';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import type { ShopSettings } from '@deep-mend/contract';
import { COIL_SET_DOWNS, DRILL_SETS, rackDrills, TAP_DRILL_RULES, TAP_NAMINGS, tapName } from '@deep-mend/core';
import { useMemo, useState } from 'react';
import { ApiProblem } from '../../base/client.ts';
import { isConflict } from '../../base/outbox/useOutbox.ts';
import { useShop } from '../../base/ShopContext.tsx';
import { useTyped } from '../../base/useTyped.ts';
import { Machines } from './Machines.tsx';
import { OwnFigures } from './OwnFigures.tsx';
import { OwnedLists } from './OwnedLists.tsx';
import { Practices } from './Practices.tsx';
import { RackExtras } from './RackExtras.tsx';
import { RankingRules } from './RankingRules.tsx';
import { SETTING_LABELS, turnsWords, unitsWords } from './settingWords.ts';
import { TwoSettings } from './TwoSettings.tsx';

interface Props {
  settings: ShopSettings;
  change: (changes: Partial<ShopSettings>) => void;
}
type Rules = ShopSettings['rules'];
type ChangeRules = (changes: Partial<Rules>) => void;

/** The sets of drills in the shop, and the sizes that are missing in them. */
function DrillSets({ settings, owned, change }: Props & { owned: string[] }) {
  const { drillSets, missingDrills } = settings;
  const tick = (setId: (typeof drillSets)[number], on: boolean) =>
    change({
      drillSets: DRILL_SETS.map(({ id }) => id).filter((id) => (id === setId ? on : drillSets.includes(id))),
    });
  return (
    <>
      <Typography variant="h2">{SETTING_LABELS.drillSets}</Typography>
      <Box>
        {DRILL_SETS.map((set) => (
          <FormControlLabel
            key={set.id}
            sx={{ display: 'flex', minHeight: 48 }}
            control={
              <Checkbox checked={drillSets.includes(set.id)} onChange={(event) => tick(set.id, event.target.checked)} />
            }
            label={set.title}
          />
        ))}
      </Box>
      <Autocomplete
        multiple
        options={owned}
        value={missingDrills}
        onChange={(_, missing) => change({ missingDrills: missing })}
        renderInput={(params) => (
          <TextField
            {...params}
            label={SETTING_LABELS.missingDrills}
            helperText="Routes and charts stop offering these and name what to take instead."
          />
        )}
      />
    </>
  );
}

/** The shop's name and the unit that it works in. */
function ShopItself({ settings, change }: Props) {
  const { text, on } = useTyped({
    shown: settings.name,
    units: settings.units,
    // Emptied, it keeps the name that it had.
    parse: (typed) => ({ value: typed.trim() }),
    commit: (name) => {
      if (name !== '' && name !== settings.name) change({ name });
    },
    keepAs: 'shop name',
  });
  return (
    <>
      <TextField label={SETTING_LABELS.name} value={text} {...on} />
      <TextField
        select
        label={SETTING_LABELS.units}
        value={settings.units}
        onChange={(event) => change({ units: event.target.value as 'mm' | 'in' })}
        helperText="Each device can switch for itself with u."
      >
        {(['mm', 'in'] as const).map((units) => (
          <MenuItem key={units} value={units}>
            {unitsWords(units)}
          </MenuItem>
        ))}
      </TextField>
    </>
  );
}

/** Where good practitioners differ: each rule with its reason. */
function HouseRules({ rules, change }: { rules: Rules; change: ChangeRules }) {
  return (
    <>
      <TextField
        select
        label={SETTING_LABELS['rules.tapDrill']}
        value={rules.tapDrill}
        onChange={(event) => change({ tapDrill: event.target.value as Rules['tapDrill'] })}
        helperText={TAP_DRILL_RULES.find((r) => r.id === rules.tapDrill)!.why}
      >
        {TAP_DRILL_RULES.map((r) => (
          <MenuItem key={r.id} value={r.id}>
            {r.name}
          </MenuItem>
        ))}
      </TextField>
      <TextField
        select
        label={SETTING_LABELS['rules.coilSetDownTurns']}
        value={rules.coilSetDownTurns}
        onChange={(event) => change({ coilSetDownTurns: Number(event.target.value) as Rules['coilSetDownTurns'] })}
        helperText={COIL_SET_DOWNS.find((r) => r.turns === rules.coilSetDownTurns)!.why}
      >
        {COIL_SET_DOWNS.map((r) => (
          <MenuItem key={r.turns} value={r.turns}>
            {turnsWords(r.turns)}
          </MenuItem>
        ))}
      </TextField>
      <TextField
        select
        label={SETTING_LABELS['rules.tapNames']}
        value={rules.tapNames}
        onChange={(event) => change({ tapNames: event.target.value as Rules['tapNames'] })}
        helperText="Always shown with its lead, because one name means two taps in two regions."
      >
        {TAP_NAMINGS.map(({ id }) => (
          <MenuItem key={id} value={id}>
            {tapName(4, id)}
          </MenuItem>
        ))}
      </TextField>
    </>
  );
}

/** What the shop owns, and its house rules with their reasons. */
export function CribPage() {
  const { settings, save, rules, units } = useShop();
  const [problem, setProblem] = useState('');
  const owned = useMemo(
    () => rackDrills({ setIds: settings.drillSets, missingIds: [] }).map((drill) => drill.id),
    [settings.drillSets],
  );
  const saveChanges = async (changes: Partial<ShopSettings>) => {
    try {
      await save({ ...settings, ...changes });
      setProblem('');
    } catch (error) {
      if (!(error instanceof ApiProblem)) throw error;
      setProblem(isConflict(error.problem) ? '' : error.message);
    }
  };
  const change = (changes: Partial<ShopSettings>) => void saveChanges(changes);
  const rule: ChangeRules = (changes) => change({ rules: { ...settings.rules, ...changes } });
  return (
    <Box sx={{ pt: 1.5, display: 'grid', gap: 5, gridTemplateColumns: { md: '1fr 1fr' } }}>
      <Box sx={{ display: 'grid', gap: 2, alignContent: 'start' }}>
        <Typography variant="h1">Crib</Typography>
        {problem !== '' && <Alert severity="error">{problem}</Alert>}
        <TwoSettings />
        <DrillSets settings={settings} owned={owned} change={change} />
        <Typography sx={{ color: 'text.secondary' }}>{rackDrills(rules.rack).length} sizes in the rack.</Typography>
        <RackExtras settings={settings} owned={owned} units={units} change={change} />
        <OwnedLists owned={settings.rules.kit} units={units} change={(kit) => rule({ kit })} />
        <Machines machines={settings.rules.machines} units={units} change={(machines) => rule({ machines })} />
      </Box>
      <Box sx={{ display: 'grid', gap: 2, alignContent: 'start' }}>
        <Typography variant="h2">House rules</Typography>
        <ShopItself settings={settings} change={change} />
        <RankingRules rules={settings.rules} change={rule} />
        <HouseRules rules={settings.rules} change={rule} />
        <OwnFigures settings={settings} units={units} change={change} />
        <Practices practice={settings.rules.practice} change={(practice) => rule({ practice })} />
      </Box>
    </Box>
  );
}
