import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import type { BenchInstrument } from '@deep-mend/contract';
import { MM_PER_INCH, type BenchInstrumentKind } from '@deep-mend/core';
import { useState } from 'react';
import { useRead } from '../base/client.ts';
import { useInstrument } from './useInstrument.ts';

/** Which instrument sent a reading, and whether it is a stand-in, as a result or a step records it. */
export type SentBy = { instrument: string; simulated?: true };

const nameOf = ({ name, simulated }: BenchInstrument): string => (simulated ? `${name} (simulated)` : name);

function Reading({
  instrument,
  near,
  onTake,
  onClose,
}: {
  instrument: BenchInstrument;
  near: number | null;
  onTake: (text: string, by: SentBy) => void;
  onClose: () => void;
}) {
  const { text, steady, gone } = useInstrument(instrument, near);
  return (
    // The keys go back to what is round it: the next press of a foot switch is not this one's again.
    <Dialog open onClose={onClose} fullWidth maxWidth="xs" disableRestoreFocus>
      <DialogTitle>{nameOf(instrument)}</DialogTitle>
      <DialogContent>
        <p className="instrument-shows" aria-live="off">
          {text ?? '—'}
        </p>
        <p role="status">
          {gone
            ? 'It sends nothing any more. Type what it shows, or open it again.'
            : steady
              ? 'At rest.'
              : 'Moving: hold it still.'}
        </p>
        {instrument.simulated && (
          <p className="instrument-simulated">
            A stand-in: it shows made-up figures near what is wanted. It proves nothing about a real hole.
          </p>
        )}
      </DialogContent>
      <DialogActions sx={{ p: 2 }}>
        <Button onClick={onClose} sx={{ minHeight: 64 }}>
          Leave it
        </Button>
        <Button
          autoFocus
          variant="contained"
          // Never shut: a key that cannot be pressed takes no focus, and the foot switch would find nothing.
          onClick={() => {
            if (text === null) return;
            onTake(text, { instrument: nameOf(instrument), ...(instrument.simulated ? { simulated: true } : {}) });
            onClose();
          }}
          sx={{ minHeight: 64, minWidth: 140 }}
        >
          {text === null ? 'Nothing yet' : `Take ${text}`}
        </Button>
      </DialogActions>
    </Dialog>
  );
}

interface Wanted {
  low: number | null;
  high: number | null;
}
/** A part that was made well lies this far inside a limit that it has on one side only. */
const INSIDE = 0.03;

/** What lies under a stand-in, about, in its own unit: the middle of what is wanted. */
function nearIn({ unit }: BenchInstrument, { low, high }: Wanted): number | null {
  const near =
    low !== null && high !== null
      ? (low + high) / 2
      : low !== null
        ? low * (1 + INSIDE)
        : high !== null
          ? high * (1 - INSIDE)
          : null;
  return near !== null && unit === 'in' ? near / MM_PER_INCH : near;
}

/** Instruments at the bench that can read this; nothing where none is connected. */
export function FromInstrument({
  kinds,
  wanted,
  onTake,
}: {
  kinds: readonly BenchInstrumentKind[];
  /** What is wanted, in mm, Nm or °C: only for a stand-in, which has nothing to measure. */
  wanted: Wanted;
  onTake: (text: string, by: SentBy) => void;
}) {
  const { data = [] } = useRead('/instruments', { revalidateOnFocus: false, shouldRetryOnError: false });
  const [open, setOpen] = useState<BenchInstrument | null>(null);
  const fitting = kinds.flatMap((kind) => data.filter((instrument) => instrument.kind === kind));
  return (
    <>
      {fitting.map((instrument) => (
        <Button
          key={instrument.id}
          variant="outlined"
          onClick={() => setOpen(instrument)}
          sx={{ minHeight: 64, color: 'inherit', mr: 1 }}
        >
          Read the {nameOf(instrument)}
        </Button>
      ))}
      {open && <Reading instrument={open} near={nearIn(open, wanted)} onTake={onTake} onClose={() => setOpen(null)} />}
    </>
  );
}
