export type Hand = 'right' | 'left';
export type ThreadFamily = 'metric' | 'unified';
export type ThreadSeries = 'coarse' | 'fine' | 'UNC' | 'UNF' | 'UNEF';

/** One screw thread as designated: what a tap or a fastener of it is called, and its basic size. */
export interface Thread {
  /** Stable key, for example `M8x1.25`, `5/16-18`, `M12x1.25 LH`. */
  id: string;
  /** How it is written on a drawing. */
  designation: string;
  family: ThreadFamily;
  series: ThreadSeries;
  /** Basic major diameter. */
  majorMm: number;
  pitchMm: number;
  /** For inch threads, as designated; null for metric. */
  threadsPerInch: number | null;
  majorInch: number | null;
  /** Included angle of the form. */
  formAngleDeg: 60;
  hand: Hand;
  starts: 1;
}
