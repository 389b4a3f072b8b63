import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { identify, MADE_IN } from '@deep-mend/core';
import { useState } from 'react';
import { useShop } from '../../base/ShopContext.tsx';
import { onDevice } from '../../base/kept.ts';
import { evidenceOf, isWhichInputs, type WhichInputs, NO_INPUTS } from './whichEvidence.ts';
import { WhichAnswer } from './WhichAnswer.tsx';

const STORED = 'which-thread';
const ANGLES = [
  { deg: '', name: 'not looked at' },
  { deg: '60', name: '60°' },
  { deg: '55', name: '55°' },
  { deg: '47.5', name: '47½°' },
  { deg: '29.5', name: '29 or 30°, steep flanks' },
  { deg: '80', name: '80°, conduit' },
  { deg: '0', name: 'square' },
] as const;

type TextName = 'major' | 'over' | 'pitches' | 'perInch' | 'bore' | 'plug' | 'plugNext' | 'screw' | 'binds' | 'year';

/** Which thread is this? Any reading in any order; the list moves with every keystroke. */
export function WhichThread({ pickWords, onPick }: { pickWords: string; onPick: (threadId: string) => void }) {
  const { units } = useShop();
  const [inputs, setInputs] = useState<WhichInputs>(() => ({
    ...NO_INPUTS,
    ...onDevice.value(STORED, isWhichInputs),
  }));
  const [more, setMore] = useState(inputs.region !== '' || inputs.taper !== '' || inputs.leftHand);
  const { evidence, problems } = evidenceOf(inputs, units);
  const result = evidence.length > 0 ? identify(evidence) : null;
  const change = (part: Partial<WhichInputs>) => {
    const next = { ...inputs, ...part };
    onDevice.keep(STORED, next);
    setInputs(next);
  };
  const field = (name: TextName, label: string, hint: string) => (
    <TextField
      label={label}
      value={inputs[name]}
      onChange={(event) => change({ [name]: event.target.value })}
      error={problems[name] !== undefined}
      helperText={problems[name] ?? hint}
      slotProps={{ htmlInput: { autoComplete: 'off', spellCheck: false } }}
    />
  );
  const tick = (name: 'worn' | 'leftHand', label: string) => (
    <FormControlLabel
      control={<Checkbox checked={inputs[name]} onChange={(event) => change({ [name]: event.target.checked })} />}
      label={label}
    />
  );
  const pick = (
    name: 'angle' | 'angleBy' | 'taper' | 'region',
    label: string,
    options: { value: string; name: string }[],
  ) => (
    <TextField
      select
      label={label}
      value={inputs[name]}
      onChange={(event) => change({ [name]: event.target.value } as Partial<WhichInputs>)}
      slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}
    >
      {options.map((option) => (
        <MenuItem key={option.value} value={option.value}>
          {option.name}
        </MenuItem>
      ))}
    </TextField>
  );
  return (
    <Box component="section" aria-label="Which thread is this?">
      <Box
        sx={{
          display: 'flex',
          justifyContent: 'space-between',
          alignItems: 'center',
          borderTop: 2,
          borderColor: 'text.primary',
          mb: 1.5,
        }}
      >
        <Typography variant="h2">Which thread is this?</Typography>
        <Button onClick={() => change(NO_INPUTS)}>Clear</Button>
      </Box>
      <Box
        sx={{ display: 'grid', gap: { xs: 2, md: 4 }, gridTemplateColumns: { md: 'minmax(0, 2fr) minmax(0, 3fr)' } }}
      >
        <Box sx={{ display: 'grid', gap: 1.5, alignContent: 'start' }}>
          {field('major', `Across the screw’s crests, ${units}`, 'a good screw measures a little under its name')}
          {tick('worn', 'its crests are worn')}
          <Box sx={{ display: 'grid', gridTemplateColumns: '2fr 1fr', gap: 1 }}>
            {field('over', `Length over pitches, ${units}`, 'crest to crest')}
            {field('pitches', 'how many', '')}
          </Box>
          {field('perInch', 'or threads per inch', 'by the gauge that sits without light')}
          {field('bore', `Bore of the hole, ${units}`, 'inside, over the crests')}
          <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1 }}>
            {field('plug', 'Largest drill that enters', 'for example 6.6 mm')}
            {field('plugNext', 'the next does not', 'empty: 1/64 in more')}
          </Box>
          <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1 }}>
            {field('screw', 'A known screw', 'for example M8 or M8 LH')}
            {field('binds', 'binds after, turns', '0: does not start; empty: runs free')}
          </Box>
          <Box sx={{ display: 'grid', gridTemplateColumns: '3fr 2fr', gap: 1 }}>
            {pick(
              'angle',
              'Angle between flanks',
              ANGLES.map(({ deg, name }) => ({ value: deg, name })),
            )}
            {pick('angleBy', 'told', [
              { value: 'blade', name: 'by a blade' },
              { value: 'eye', name: 'by eye' },
            ])}
          </Box>
          {more ? (
            <>
              {pick('taper', 'Grows along its length', [
                { value: '', name: 'not looked at' },
                { value: 'yes', name: 'yes, it is a taper' },
                { value: 'no', name: 'no, it is parallel' },
              ])}
              <Box sx={{ display: 'grid', gridTemplateColumns: '2fr 1fr', gap: 1 }}>
                {pick('region', 'The machine was made in', [
                  { value: '', name: 'not known' },
                  ...MADE_IN.map(({ id, name }) => ({ value: id, name })),
                ])}
                {field('year', 'about', 'year')}
              </Box>
              {tick('leftHand', 'it winds to the left')}
            </>
          ) : (
            <Button onClick={() => setMore(true)} sx={{ justifySelf: 'start', px: 0 }}>
              Taper, age and place, left hand
            </Button>
          )}
        </Box>
        <Box aria-live="polite">
          {result === null ? (
            <Typography sx={{ color: 'text.secondary' }}>
              Type one reading. Each further one narrows the list.
            </Typography>
          ) : (
            <WhichAnswer result={result} evidence={evidence} units={units} pickWords={pickWords} onPick={onPick} />
          )}
        </Box>
      </Box>
    </Box>
  );
}
