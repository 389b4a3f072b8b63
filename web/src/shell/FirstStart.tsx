import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import Radio from '@mui/material/Radio';
import RadioGroup from '@mui/material/RadioGroup';
import Typography from '@mui/material/Typography';
import { DRILL_SETS, TAP_NAMINGS, tapName } from '@deep-mend/core';
import { useState } from 'react';
import { ApiProblem } from '../base/client.ts';
import { useShop } from '../base/ShopContext.tsx';

/** The three questions of the first start. All can be changed later in the Crib. */
export function FirstStart() {
  const { settings, save } = useShop();
  const [units, setUnits] = useState(settings.units);
  const [names, setNames] = useState(settings.rules.tapNames);
  const [sets, setSets] = useState<string[]>(settings.drillSets);
  const [problem, setProblem] = useState('');
  const start = async () => {
    try {
      await save({
        ...settings,
        units,
        drillSets: DRILL_SETS.map((set) => set.id).filter((id) => sets.includes(id)),
        rules: { ...settings.rules, tapNames: names },
        setUp: true,
      });
    } catch (error) {
      if (!(error instanceof ApiProblem)) throw error;
      setProblem(error.message);
    }
  };
  return (
    <Box
      component="main"
      sx={{ minHeight: '100vh', bgcolor: 'background.default', color: 'text.primary', p: { xs: 2, md: 6 } }}
    >
      <Box sx={{ maxWidth: 640, display: 'grid', gap: 3 }}>
        <Typography variant="h1">Deep Mend</Typography>
        <Typography sx={{ fontSize: 18 }}>
          For threaded holes that no longer hold. Three questions, then the first hole. You can change all of it later
          in the Crib.
        </Typography>
        <Box component="fieldset" sx={{ border: 0, p: 0, m: 0 }}>
          <Typography component="legend" variant="h2">
            You measure in
          </Typography>
          <RadioGroup row value={units} onChange={(event) => setUnits(event.target.value as 'mm' | 'in')}>
            <FormControlLabel value="mm" control={<Radio />} label="millimetres" />
            <FormControlLabel value="in" control={<Radio />} label="inches" />
          </RadioGroup>
        </Box>
        <Box component="fieldset" sx={{ border: 0, p: 0, m: 0 }}>
          <Typography component="legend" variant="h2">
            Your middle tap is called
          </Typography>
          <RadioGroup value={names} onChange={(event) => setNames(event.target.value as typeof names)}>
            {TAP_NAMINGS.map(({ id }) => (
              <FormControlLabel key={id} value={id} control={<Radio />} label={tapName(4, id)} />
            ))}
          </RadioGroup>
        </Box>
        <Box component="fieldset" sx={{ border: 0, p: 0, m: 0 }}>
          <Typography component="legend" variant="h2">
            Drill sets in the shop
          </Typography>
          {DRILL_SETS.map((set) => (
            <FormControlLabel
              key={set.id}
              sx={{ display: 'flex' }}
              control={
                <Checkbox
                  checked={sets.includes(set.id)}
                  onChange={(event) =>
                    setSets(event.target.checked ? [...sets, set.id] : sets.filter((id) => id !== set.id))
                  }
                />
              }
              label={set.title}
            />
          ))}
        </Box>
        {problem !== '' && (
          <Typography role="alert" color="error">
            {problem}
          </Typography>
        )}
        <Button variant="contained" onClick={() => void start()} sx={{ justifySelf: 'start', px: 4 }}>
          Start
        </Button>
      </Box>
    </Box>
  );
}
