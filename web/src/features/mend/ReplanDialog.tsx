import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import {
  quantityRow,
  explainLengthProblem,
  type LengthResult,
  type QuantityId,
  type UnitSystem,
} from '@deep-mend/core';
import { useKeptForm } from '../../base/useKeptForm.ts';
import { optionsOf } from './known/options.ts';
import { useShop } from '../../base/ShopContext.tsx';
import { doubtMmOf, readDraft, type Draft } from './drafts.ts';
import type { Found, FoundTold } from './useReplan.ts';

/** What can turn out otherwise at the machine: a reading, something that is now stuck in the hole, or the metal itself. */
type Turn = { id: string; name: string; end: FoundTold['end'] } & (
  { quantity: QuantityId } | { choice: 'parentId' } | { choice: 'stuck'; value: 'tap' | 'extractor' } | { drill: true }
);
const TURNS: readonly Turn[] = [
  { id: 'bore', name: 'The hole came out another size', end: 'otherwise', quantity: 'bore-a' },
  { id: 'walked', name: 'It walked off its axis', end: 'otherwise', quantity: 'offset-along' },
  { id: 'drill', name: 'The drill wanted is not here', end: 'not-done', drill: true },
  { id: 'edge', name: 'The wall is another thickness', end: 'not-done', quantity: 'edge' },
  { id: 'depth', name: 'The depth is another', end: 'not-done', quantity: 'depth' },
  { id: 'damage', name: 'Sound thread begins elsewhere', end: 'not-done', quantity: 'damage-to' },
  { id: 'floor', name: 'What lies beyond is nearer', end: 'not-done', quantity: 'floor' },
  { id: 'metal', name: 'It is another metal', end: 'not-done', choice: 'parentId' },
  { id: 'tap', name: 'The tap broke in it', end: 'otherwise', choice: 'stuck', value: 'tap' },
  { id: 'extractor', name: 'An extractor broke in it', end: 'otherwise', choice: 'stuck', value: 'extractor' },
];

/** What the dialog has by now: what was found, as far as it is said; null: not far enough. */
function foundBy(turn: Turn, typed: Typed, read: LengthResult | null, draft: Draft): Found | null {
  if ('quantity' in turn) return read?.ok === true ? { kind: 'reading', quantity: turn.quantity, draft } : null;
  if ('drill' in turn) return typed.drillId === '' ? null : { kind: 'drill', drillId: typed.drillId };
  if (turn.choice === 'stuck') return { kind: 'choice', choice: { field: 'stuck', value: turn.value } };
  return typed.metal === '' ? null : { kind: 'choice', choice: { field: 'parentId', value: typed.metal } };
}

interface Typed {
  text: string;
  /** Of a bare number: the switch of units does not change what was meant. */
  units: UnitSystem;
  metal: string;
  drillId: string;
}

/** What is there in place of what the plan has: a size, a metal, a drill that is not. */
function InPlace({
  turn,
  typed: { text, units, metal, drillId },
  drillIds,
  read,
  change,
}: {
  turn: Turn;
  typed: Typed;
  drillIds: readonly string[];
  read: LengthResult | null;
  change: (part: Partial<Omit<Typed, 'units'>>) => void;
}) {
  if ('quantity' in turn)
    return (
      <TextField
        autoFocus
        label={`${quantityRow(turn.quantity).name}, ${units}`}
        value={text}
        onChange={(event) => change({ text: event.target.value })}
        error={read !== null && !read.ok}
        helperText={read !== null && !read.ok ? explainLengthProblem(read.problem) : 'as it is measured now'}
        slotProps={{ htmlInput: { autoComplete: 'off' } }}
      />
    );
  if ('drill' in turn)
    return (
      <TextField
        select
        label="Drill"
        value={drillId}
        onChange={(event) => change({ drillId: event.target.value })}
        helperText="The crib keeps it as missing, for every hole, until it is back"
      >
        {drillIds.map((id) => (
          <MenuItem key={id} value={id}>
            {id}
          </MenuItem>
        ))}
      </TextField>
    );
  if (turn.choice !== 'parentId') return null;
  return (
    <TextField select label="Cut in" value={metal} onChange={(event) => change({ metal: event.target.value })}>
      {optionsOf('parentId').map(({ value, text: name }) => (
        <MenuItem key={String(value)} value={String(value)}>
          {name}
        </MenuItem>
      ))}
    </TextField>
  );
}

/** Plan again from what was found: the old plan and its readings stay in the record, the ladder starts from the new state. */
export function ReplanDialog({
  units,
  drillIds,
  keepAs,
  onFound,
  onClose,
}: {
  units: UnitSystem;
  /** The drills that the plan asks for. */
  drillIds: readonly string[];
  /** What is typed is kept on the device under this name, until it is recorded. */
  keepAs: string;
  /** Whether it was recorded. */
  onFound: (found: Found, told: FoundTold) => Promise<boolean>;
  onClose: () => void;
}) {
  const kept = useKeptForm(keepAs, {
    turnId: 'bore',
    text: '',
    units: units as string,
    metal: '',
    drillId: drillIds.length === 1 ? drillIds[0]! : '',
    why: '',
  });
  const { rules } = useShop().rules;
  const { turnId, text, metal, why, drillId } = kept.typed;
  const turn = TURNS.find((row) => row.id === turnId) ?? TURNS[0]!;
  const typed: Typed = {
    text,
    metal,
    units: text.trim() === '' ? units : kept.typed.units === 'in' ? 'in' : 'mm',
    // What was kept may be of an earlier plan.
    drillId: drillIds.includes(drillId) ? drillId : '',
  };
  const instrument = 'quantity' in turn ? quantityRow(turn.quantity).usual : 'caliper';
  const halfWidth = String(doubtMmOf(instrument, rules));
  const draft: Draft = { text, instrument, halfWidth, units: typed.units };
  const read: LengthResult | null = 'quantity' in turn && text.trim() !== '' ? readDraft(turn.quantity, draft) : null;
  const found = foundBy(turn, typed, read, draft);
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="xs">
      <DialogTitle>It came out otherwise</DialogTitle>
      <DialogContent sx={{ display: 'grid', gap: 2 }}>
        <Typography>
          Say what was found. The old plan stays in the record; the ways are weighed again from here.
        </Typography>
        <TextField
          select
          label="What happened"
          value={turn.id}
          onChange={(event) => kept.change({ turnId: event.target.value })}
        >
          {TURNS.filter((row) => !('drill' in row) || drillIds.length > 0).map((row) => (
            <MenuItem key={row.id} value={row.id}>
              {row.name}
            </MenuItem>
          ))}
        </TextField>
        <InPlace
          turn={turn}
          typed={typed}
          drillIds={drillIds}
          read={read}
          change={(part) => kept.change({ ...part, units: typed.units })}
        />
        <TextField
          label="What was seen, in a few words"
          value={why}
          onChange={(event) => kept.change({ why: event.target.value })}
          slotProps={{ htmlInput: { autoComplete: 'off', maxLength: 400 } }}
        />
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Cancel</Button>
        <Button
          variant="contained"
          disabled={found === null}
          onClick={() => {
            const words = why.trim();
            if (!found) return;
            const note = `${turn.name}${words === '' ? '' : `: ${words}`}`;
            void onFound(found, { end: turn.end, note }).then((done) => done && kept.forget());
          }}
        >
          Weigh again
        </Button>
      </DialogActions>
    </Dialog>
  );
}
