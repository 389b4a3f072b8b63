import Autocomplete from '@mui/material/Autocomplete';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Chip from '@mui/material/Chip';
import FormControlLabel from '@mui/material/FormControlLabel';
import Switch from '@mui/material/Switch';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import {
  explainLengthProblem,
  FLUIDS,
  formatLengthWithUnit,
  parseLength,
  parseThread,
  threadById,
  NOTHING_LISTED,
  TOOLS,
  type Owned,
  type UnitSystem,
} from '@deep-mend/core';
import { useState } from 'react';
import { KIT_TITLES, SETTING_LABELS } from './settingWords.ts';

/** What one list is read with: a message for the field, or the entry. */
type Reads<T> = (text: string) => { entry: T } | { problem: string };

const readThread: Reads<string> = (text) => {
  const parsed = parseThread(text);
  return parsed.ok
    ? { entry: parsed.thread.id }
    : { problem: `“${text}” was read; expected a thread, for example M8 or 3/8-16.` };
};

const lengthKey = (threadId: string, lengthMm: number): string => `${threadId} | ${lengthMm}`;
const ofLengthKey = (key: string): { threadId: string; lengthMm: number } => {
  const [threadId, mm] = key.split(' | ');
  return { threadId: threadId!, lengthMm: Number(mm) };
};

/** “M8 x 12”: the thread, and the coil’s nominal length after the last space or ×. */
function readCoilLength(text: string, units: UnitSystem): { entry: string } | { problem: string } {
  const [, threadText, lengthText] = /^(.+?)\s+[x×]?\s*([\d.,/]+\s*(?:mm|in)?)$/.exec(text) ?? [];
  const thread = threadText === undefined ? null : parseThread(threadText);
  const length = lengthText === undefined ? null : parseLength(lengthText, { bareUnit: units, minMm: 1, maxMm: 500 });
  return thread?.ok && length?.ok
    ? { entry: lengthKey(thread.thread.id, length.length.mm) }
    : { problem: `“${text}” was read; expected a thread and a length, for example M8 x 12.` };
}

/** Whether a list was made at all. Switched off by a slip, it comes back with the switch. */
function ListSwitch<T>({
  title,
  list,
  onChange,
}: {
  title: string;
  list: readonly T[] | null;
  onChange: (list: T[] | null) => void;
}) {
  const [before, setBefore] = useState<readonly T[]>([]);
  return (
    <FormControlLabel
      control={
        <Switch
          checked={list !== null}
          onChange={(_, on) => {
            setBefore(list ?? []);
            onChange(on ? [...before] : null);
          }}
        />
      }
      label={`${title}: ${list === null ? 'not listed' : 'only these'}`}
    />
  );
}

/** One list of what is owned. Switched off it was never made, and nothing is said to be missing. */
function OneList<T extends string | number>({
  title,
  hint,
  list,
  read,
  show,
  onChange,
}: {
  title: string;
  hint: string;
  list: readonly T[] | null;
  read: Reads<T>;
  show: (entry: T) => string;
  onChange: (list: T[] | null) => void;
}) {
  const [text, setText] = useState('');
  const words = text.split(/[,;]+/).map((word) => word.trim());
  const readings = words.filter((word) => word !== '').map(read);
  const problem = readings.find((reading) => 'problem' in reading);
  const add = () => {
    if (problem || readings.length === 0) return;
    const entries = readings.flatMap((reading) => ('entry' in reading ? [reading.entry] : []));
    onChange([...new Set([...(list ?? []), ...entries])]);
    setText('');
  };
  return (
    <Box sx={{ display: 'grid', gap: 1 }}>
      <ListSwitch title={title} list={list} onChange={onChange} />
      {list !== null && (
        <>
          <Box sx={{ display: 'grid', gridTemplateColumns: '1fr auto', gap: 1, alignItems: 'start' }}>
            <TextField
              label={title}
              value={text}
              onChange={(event) => setText(event.target.value)}
              onKeyDown={(event) => {
                if (event.key === 'Enter') add();
              }}
              error={problem !== undefined}
              helperText={problem && 'problem' in problem ? problem.problem : hint}
            />
            <Button
              onClick={add}
              disabled={problem !== undefined || readings.length === 0}
              aria-label={`Add to ${title}`}
            >
              Add
            </Button>
          </Box>
          <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
            {list.map((entry) => (
              <Chip
                key={entry}
                label={show(entry)}
                onDelete={() => onChange(list.filter((other) => other !== entry))}
              />
            ))}
          </Box>
        </>
      )}
    </Box>
  );
}

/** What is picked from a table of the core: switched off it was never listed. */
function PickedList<Id extends string>({
  title,
  rows,
  list,
  onChange,
}: {
  title: string;
  rows: readonly { id: Id; name: string }[];
  list: readonly Id[] | null;
  onChange: (list: Id[] | null) => void;
}) {
  return (
    <Box sx={{ display: 'grid', gap: 1 }}>
      <ListSwitch title={title} list={list} onChange={onChange} />
      {list !== null && (
        <Autocomplete
          multiple
          options={rows}
          getOptionLabel={(row) => row.name}
          isOptionEqualToValue={(a, b) => a.id === b.id}
          value={rows.filter(({ id }) => list.includes(id))}
          onChange={(_, picked) => onChange(picked.map(({ id }) => id))}
          renderInput={(params) => <TextField {...params} label={title} />}
        />
      )}
    </Box>
  );
}

/** Taps, coil kits and extractors that are owned: what is not on a list has to be fetched, and the time counts. */
export function OwnedLists({
  owned = NOTHING_LISTED,
  units,
  change,
}: {
  owned: Owned | undefined;
  units: UnitSystem;
  change: (owned: Owned) => void;
}) {
  const name = (id: string) => threadById(id).designation;
  return (
    <>
      <Typography variant="h2">{SETTING_LABELS['rules.kit']}</Typography>
      <OneList
        title={KIT_TITLES.taps}
        hint="several at once: M6, M8, 3/8-16"
        list={owned.taps}
        read={readThread}
        show={name}
        onChange={(taps) => change({ ...owned, taps })}
      />
      <OneList
        title={KIT_TITLES.coils}
        hint="by the screw’s thread: M6, M8"
        list={owned.coils}
        read={readThread}
        show={name}
        onChange={(coils) => change({ ...owned, coils })}
      />
      <OneList
        title={KIT_TITLES.coilLengths}
        hint={`each with its thread: M8 x 12, M8 x 14 (${units} if no unit is said)`}
        list={owned.coilLengths?.map(({ threadId, lengthMm }) => lengthKey(threadId, lengthMm)) ?? null}
        read={(text) => readCoilLength(text, units)}
        show={(key) => {
          const { threadId, lengthMm } = ofLengthKey(key);
          return `${name(threadId)}, ${formatLengthWithUnit(lengthMm, units)} long`;
        }}
        onChange={(keys) => change({ ...owned, coilLengths: keys?.map(ofLengthKey) ?? null })}
      />
      <OneList
        title={KIT_TITLES.extractorDrillsMm}
        hint={`each by the drill that goes before it: 4.5, 5.5`}
        list={owned.extractorDrillsMm}
        read={(text) => {
          const parsed = parseLength(text, { bareUnit: units, minMm: 0.5, maxMm: 50 });
          return parsed.ok ? { entry: parsed.length.mm } : { problem: explainLengthProblem(parsed.problem) };
        }}
        show={(mm) => `after ${formatLengthWithUnit(mm, units)}`}
        onChange={(extractorDrillsMm) => change({ ...owned, extractorDrillsMm })}
      />
      <PickedList
        title={KIT_TITLES.tools}
        rows={TOOLS}
        list={owned.tools ?? null}
        onChange={(tools) => change({ ...owned, tools })}
      />
      <PickedList
        title={KIT_TITLES.fluids}
        rows={FLUIDS}
        list={owned.fluids ?? null}
        onChange={(fluids) => change({ ...owned, fluids })}
      />
      <Typography sx={{ fontSize: 14, color: 'text.secondary' }}>
        What is not on a list has to be fetched, about half a day; ranking by time sees it.
      </Typography>
    </>
  );
}
