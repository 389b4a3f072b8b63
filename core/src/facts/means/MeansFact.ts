/** What a means costs besides time. */
export const MEANS_COSTS = {
  nothing: 'nothing to buy',
  tool: 'a small tool',
  machine: 'time on a machine',
  outside: 'another shop’s bill',
} as const;

/** What a means of freeing is. How it is judged for a case stands in `plan/freeing/means`. */
export interface MeansFact {
  /** Its name in the record of what was tried. */
  name: string;
  /** How often its steps are gone through before the next means. */
  rounds: number;
  /** Stays possible whatever was tried. */
  always: boolean;
  /** Drills to the core of what is stuck, so that the chance of harm is worth simulating. */
  drillsToCore: boolean;
  /** Makes what it works on hot: what heat does to things near is ticked off first. */
  heats: boolean;
  /** Time of one round with its waits, minutes (our estimate); null: the part is away for days. */
  minutes: readonly [from: number, to: number] | null;
  cost: keyof typeof MEANS_COSTS;
  /** How soon a mechanic is tempted to reach for it, 1 first, for a screw and for a pin: said first where it would do harm. */
  tempts: { screw: number | null; pin: number | null };
}

/** What holds of a means unless its file says otherwise. */
export const USUAL_MEANS = {
  rounds: 1,
  always: false,
  drillsToCore: false,
  heats: false,
  cost: 'nothing',
  tempts: { screw: null, pin: null },
} as const satisfies Partial<MeansFact>;
