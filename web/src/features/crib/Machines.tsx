import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import FormControlLabel from '@mui/material/FormControlLabel';
import MenuItem from '@mui/material/MenuItem';
import Switch from '@mui/material/Switch';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import {
  explainLengthProblem,
  formatLength,
  MACHINE_KINDS,
  parseLength,
  readSpeeds,
  speedsWords,
  USUAL_COLLET_MM,
  usualMachine,
  type Machine,
  type MachineKind,
  type UnitSystem,
} from '@deep-mend/core';
import { useState } from 'react';
import { v7 } from 'uuid';
import { useTyped, type Read } from '../../base/useTyped.ts';
import { SETTING_LABELS } from './settingWords.ts';

type Change = (changes: Partial<Machine>) => void;

/** One line of text that is read when it is left. */
function Line<T>({
  label,
  hint,
  shown,
  units,
  keepAs,
  parse,
  commit,
}: {
  label: string;
  hint?: string;
  shown: string;
  units: UnitSystem;
  keepAs: string;
  parse: (text: string, units: UnitSystem) => Read<T>;
  commit: (value: T) => void;
}) {
  const { text, problem, on } = useTyped({ shown, units, parse, commit, keepAs });
  return (
    <TextField
      size="small"
      label={label}
      value={text}
      error={problem !== null}
      helperText={problem ?? hint}
      slotProps={{ htmlInput: { autoComplete: 'off', spellCheck: false } }}
      {...on}
    />
  );
}

const MOST_MM = 20_000;

/** A length of a machine; emptied, nobody measured it. */
function readSize(text: string, units: UnitSystem, needed: boolean): Read<number | null> {
  if (text.trim() === '' && !needed) return { value: null };
  const read = parseLength(text, { bareUnit: units, minMm: 0.1, maxMm: MOST_MM, gauges: false });
  return read.ok ? { value: read.length.mm } : { problem: explainLengthProblem(read.problem) };
}

/** Sizes in the order in which a tape is held to a machine; a needed one is never empty. */
const SIZES = [
  { key: 'daylightMm', label: 'Spindle to table, most', needed: false },
  { key: 'travelMm', label: 'Quill travel', needed: false },
  { key: 'spindleBoreMm', label: 'Bore of the spindle', needed: false },
  { key: 'chuckMinMm', label: 'Chuck, smallest', needed: true },
  { key: 'chuckMaxMm', label: 'Chuck, largest', needed: true },
  { key: 'chuckLengthMm', label: 'Chuck, nose to jaws', needed: true },
  { key: 'chuckRadiusMm', label: 'Chuck, half its width', needed: true },
] as const satisfies readonly { key: keyof Machine; label: string; needed: boolean }[];

const FLAGS = [
  { key: 'belt', label: 'speeds by belt' },
  { key: 'reverse', label: 'turns backward' },
  { key: 'clutch', label: 'clutch that slips' },
] as const satisfies readonly { key: keyof Machine; label: string }[];

function MachineFields({ machine, units, change }: { machine: Machine; units: UnitSystem; change: Change }) {
  const { id, collet } = machine;
  const size = (mm: number | null) => (mm === null ? '' : formatLength(mm, units));
  return (
    <Box sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: { sm: '1fr 1fr' }, pb: 1 }}>
      <Line
        label="Name"
        shown={machine.name}
        units={units}
        keepAs={`machine:${id}:name`}
        parse={(text) => ({ value: text.trim() })}
        commit={(name) => name !== '' && change({ name })}
      />
      <Line
        label="Speeds, rev/min"
        hint="as they stand on it: 300, 540, 950, or 60 to 2800"
        shown={speedsWords(machine.speeds)}
        units={units}
        keepAs={`machine:${id}:speeds`}
        parse={(text) => {
          const read = readSpeeds(text);
          return read.ok ? { value: read.speeds } : { problem: read.problem };
        }}
        commit={(speeds) => change({ speeds })}
      />
      {SIZES.map(({ key, label, needed }) => (
        <Line
          key={key}
          label={`${label}, ${units}`}
          shown={size(machine[key])}
          units={units}
          keepAs={`machine:${id}:${key}`}
          parse={(text, inUnits) => readSize(text, inUnits, needed)}
          commit={(mm) => change({ [key]: mm })}
        />
      ))}
      <Line
        label={`Largest collet, ${units}`}
        hint="empty: no collets"
        shown={size(collet?.mostMm ?? null)}
        units={units}
        keepAs={`machine:${id}:collet`}
        parse={(text, inUnits) => readSize(text, inUnits, false)}
        commit={(mostMm) =>
          change({ collet: mostMm === null ? null : { mostMm, lengthMm: collet?.lengthMm ?? USUAL_COLLET_MM } })
        }
      />
      {collet !== null && (
        <Line
          label={`Collet, nose to its end, ${units}`}
          shown={size(collet.lengthMm)}
          units={units}
          keepAs={`machine:${id}:collet-length`}
          parse={(text, inUnits) => readSize(text, inUnits, true)}
          commit={(lengthMm) => lengthMm !== null && change({ collet: { ...collet, lengthMm } })}
        />
      )}
      <Box sx={{ gridColumn: '1 / -1', display: 'flex', flexWrap: 'wrap' }}>
        {FLAGS.map(({ key, label }) => (
          <FormControlLabel
            key={key}
            control={<Switch checked={machine[key]} onChange={(_, on) => change({ [key]: on })} />}
            label={label}
          />
        ))}
      </Box>
    </Box>
  );
}

const kindName = (kind: MachineKind) => MACHINE_KINDS.find(({ id }) => id === kind)!.name;

/** The machines of the shop: a card takes the first in this order that suits the place and can do it. */
export function Machines({
  machines,
  units,
  change,
}: {
  machines: readonly Machine[];
  units: UnitSystem;
  change: (machines: Machine[]) => void;
}) {
  const [kind, setKind] = useState<MachineKind>('bench-drill');
  const swapped = (at: number) =>
    machines.map((one, i) => (i === at ? machines[at - 1]! : i === at - 1 ? machines[at]! : one));
  return (
    <>
      <Typography variant="h2">{SETTING_LABELS['rules.machines']}</Typography>
      <Typography sx={{ color: 'text.secondary' }}>
        A card takes the first that suits the place and holds the drill, and sets the speeds that it really has.
      </Typography>
      {machines.map((machine, at) => (
        <details key={machine.id} className="more-block">
          <summary>
            {machine.name}, {kindName(machine.kind).toLowerCase()}: {speedsWords(machine.speeds)} rev/min
          </summary>
          <MachineFields
            machine={machine}
            units={units}
            change={(changes) => change(machines.map((one) => (one.id === machine.id ? { ...one, ...changes } : one)))}
          />
          <Button disabled={at === 0} onClick={() => change(swapped(at))}>
            Take it before
          </Button>
          <Button color="error" onClick={() => change(machines.filter(({ id }) => id !== machine.id))}>
            Take {machine.name} off the list
          </Button>
        </details>
      ))}
      <Box sx={{ display: 'grid', gridTemplateColumns: '1fr auto', gap: 1 }}>
        <TextField
          select
          size="small"
          label="Kind of machine"
          value={kind}
          onChange={(event) => setKind(event.target.value as MachineKind)}
        >
          {MACHINE_KINDS.map(({ id, name }) => (
            <MenuItem key={id} value={id}>
              {name}
            </MenuItem>
          ))}
        </TextField>
        <Button onClick={() => change([...machines, usualMachine(kind, v7())])}>Add machine</Button>
      </Box>
    </>
  );
}
