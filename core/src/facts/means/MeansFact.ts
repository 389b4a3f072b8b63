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
  /** How soon a mechanic is tempted to reach for it, 1 first, for a screw and for a pin: said first where it would do harm. */
  tempts: { screw: number | null; pin: number | null };
}

/** What holds of a means unless its file says otherwise. */
export const USUAL_MEANS = {
  rounds: 1,
  always: false,
  drillsToCore: false,
  tempts: { screw: null, pin: null },
} as const satisfies Partial<MeansFact>;
