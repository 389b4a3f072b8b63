import type { FormId } from './forms.ts';
import type { InternalClass } from './limits/ThreadLimits.ts';

export type Hand = 'right' | 'left';
export type ThreadFamily =
  | 'metric'
  | 'unified'
  | 'whitworth'
  | 'ba'
  | 'pipe-parallel'
  | 'pipe-taper'
  | 'cycle'
  | 'conduit'
  | 'acme'
  | 'trapezoidal'
  | 'custom';
export type ThreadSeries =
  | 'coarse'
  | 'fine'
  | 'fittings'
  | 'UNC'
  | 'UNF'
  | 'UNEF'
  | 'UN'
  | 'BSW'
  | 'BSF'
  | 'BA'
  | 'brass'
  | 'ME'
  | 'cycle'
  | 'Pg'
  | 'G'
  | 'R'
  | 'NPT'
  | 'Acme'
  | 'Tr'
  | 'custom';

/** One screw thread as designated: what a tap or a fastener of it is called, and its basic size. */
// A type, not an interface: it travels in facts.
export type Thread = {
  /** Stable key, for example `M8x1.25`, `5/16-18`, `1/4-20 BSW`, `Tr40x7 2-start LH`. */
  id: string;
  /** How it is written on a drawing. */
  designation: string;
  family: ThreadFamily;
  series: ThreadSeries;
  form: FormId;
  /** Basic major diameter; of a taper pipe thread, at its gauge plane. */
  majorMm: number;
  /** Distance from crest to crest. The lead is this times the starts. */
  pitchMm: number;
  /** For inch threads, as designated; null for metric. */
  threadsPerInch: number | null;
  majorInch: number | null;
  hand: Hand;
  starts: number;
  /** Of a taper pipe thread, 1 in 16 on diameter: where the gauge plane stands and how long the useful thread is. */
  taper: { gaugeLengthMm: number; usefulLengthMm: number } | null;
  /** Class of fit that somebody chose for the hole; left out: the usual one of its standard. */
  fit?: InternalClass;
};
