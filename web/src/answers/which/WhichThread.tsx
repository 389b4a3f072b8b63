import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { identify, MADE_IN, type UnitSystem } from '@deep-mend/core';
import { useState, type ReactNode } from 'react';
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

/** What the fields show, and how they change it. */
interface Sheet {
  inputs: WhichInputs;
  problems: ReturnType<typeof evidenceOf>['problems'];
  change: (part: Partial<WhichInputs>) => void;
}

function Field({ sheet, name, label, hint }: { sheet: Sheet; name: TextName; label: string; hint: string }) {
  const { inputs, problems, change } = sheet;
  return (
    <TextField
      label={label}
      value={inputs[name]}
      onChange={(event) => change({ [name]: event.target.value })}
      error={problems[name] !== undefined}
      helperText={problems[name] ?? hint}
      slotProps={{ htmlInput: { autoComplete: 'off', spellCheck: false } }}
    />
  );
}

function Tick({ sheet: { inputs, change }, name, label }: { sheet: Sheet; name: 'worn' | 'leftHand'; label: string }) {
  return (
    <FormControlLabel
      control={<Checkbox checked={inputs[name]} onChange={(event) => change({ [name]: event.target.checked })} />}
      label={label}
    />
  );
}

function Pick({
  sheet: { inputs, change },
  name,
  label,
  options,
}: {
  sheet: Sheet;
  name: 'angle' | 'angleBy' | 'taper' | 'region';
  label: string;
  options: readonly { value: string; name: string }[];
}) {
  return (
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
}

/** Fields that stand beside one another. */
const Beside = ({ columns, children }: { columns: string; children: ReactNode }) => (
  <Box sx={{ display: 'grid', gridTemplateColumns: columns, gap: 1 }}>{children}</Box>
);

const FLANKS = ANGLES.map(({ deg, name }) => ({ value: deg, name }));
const TOLD_BY = [
  { value: 'blade', name: 'by a blade' },
  { value: 'eye', name: 'by eye' },
] as const;
const TAPERS = [
  { value: '', name: 'not looked at' },
  { value: 'yes', name: 'yes, it is a taper' },
  { value: 'no', name: 'no, it is parallel' },
] as const;
const REGIONS = [{ value: '', name: 'not known' }, ...MADE_IN.map(({ id, name }) => ({ value: id, name }))];

/** What can be measured of a screw or a hole. */
function Readings({ sheet, units }: { sheet: Sheet; units: UnitSystem }) {
  return (
    <>
      <Field
        sheet={sheet}
        name="major"
        label={`Across the screw’s crests, ${units}`}
        hint="a good screw measures a little under its name"
      />
      <Tick sheet={sheet} name="worn" label="its crests are worn" />
      <Beside columns="2fr 1fr">
        <Field sheet={sheet} name="over" label={`Length over pitches, ${units}`} hint="crest to crest" />
        <Field sheet={sheet} name="pitches" label="how many" hint="" />
      </Beside>
      <Field sheet={sheet} name="perInch" label="or threads per inch" hint="by the gauge that sits without light" />
      <Field sheet={sheet} name="bore" label={`Bore of the hole, ${units}`} hint="inside, over the crests" />
      <Beside columns="1fr 1fr">
        <Field sheet={sheet} name="plug" label="Largest drill that enters" hint="for example 6.6 mm" />
        <Field sheet={sheet} name="plugNext" label="the next does not" hint="empty: 1/64 in more" />
      </Beside>
      <Beside columns="1fr 1fr">
        <Field sheet={sheet} name="screw" label="A known screw" hint="for example M8 or M8 LH" />
        <Field sheet={sheet} name="binds" label="binds after, turns" hint="0: does not start; empty: runs free" />
      </Beside>
      <Beside columns="3fr 2fr">
        <Pick sheet={sheet} name="angle" label="Angle between flanks" options={FLANKS} />
        <Pick sheet={sheet} name="angleBy" label="told" options={TOLD_BY} />
      </Beside>
    </>
  );
}

/** What is seldom known or seldom needed. */
function SeldomAsked({ sheet }: { sheet: Sheet }) {
  const { region, taper, leftHand } = sheet.inputs;
  const [open, setOpen] = useState(region !== '' || taper !== '' || leftHand);
  if (!open)
    return (
      <Button onClick={() => setOpen(true)} sx={{ justifySelf: 'start', px: 0 }}>
        Taper, age and place, left hand
      </Button>
    );
  return (
    <>
      <Pick sheet={sheet} name="taper" label="Grows along its length" options={TAPERS} />
      <Beside columns="2fr 1fr">
        <Pick sheet={sheet} name="region" label="The machine was made in" options={REGIONS} />
        <Field sheet={sheet} name="year" label="about" hint="year" />
      </Beside>
      <Tick sheet={sheet} name="leftHand" label="it winds to the left" />
    </>
  );
}

/** Which thread is this? Any reading in any order; the list moves with every keystroke. */
export function WhichThread({ pickWords, onPick }: { pickWords: string; onPick: (threadId: string) => void }) {
  const { units } = useShop();
  const [inputs, setInputs] = useState<WhichInputs>(() => ({
    ...NO_INPUTS,
    ...onDevice.value(STORED, isWhichInputs),
  }));
  const { evidence, problems } = evidenceOf(inputs, units);
  const result = evidence.length > 0 ? identify(evidence) : null;
  const change = (part: Partial<WhichInputs>) => {
    const next = { ...inputs, ...part };
    onDevice.keep(STORED, next);
    setInputs(next);
  };
  const sheet: Sheet = { inputs, problems, change };
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
          <Readings sheet={sheet} units={units} />
          <SeldomAsked sheet={sheet} />
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
