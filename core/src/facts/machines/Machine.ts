/** What turns the tool, from the least guided to the best, and whether it stands by itself. */
export const MACHINE_KINDS = [
  { id: 'hand-drill', name: 'Hand drill', stands: false },
  { id: 'magnet-drill', name: 'Magnet drill', stands: true },
  { id: 'bench-drill', name: 'Bench drill', stands: true },
  { id: 'mill', name: 'Mill', stands: true },
] as const;
export type MachineKind = (typeof MACHINE_KINDS)[number]['id'];

/** The speeds that a spindle really has: steps, ascending, or anything between two. rev/min. */
export type SpindleSpeeds = { steps: number[] } | { fromRpm: number; toRpm: number };

/** A machine of the shop, as it stands there; null where nobody measured. Lengths in mm. */
export type Machine = {
  id: string;
  name: string;
  kind: MachineKind;
  speeds: SpindleSpeeds;
  /** Speeds are changed by moving a belt: with the plug out. */
  belt: boolean;
  /** Spindle nose to table, at its most. */
  daylightMm: number | null;
  /** How far the quill comes down. */
  travelMm: number | null;
  /** What passes up through the spindle: long taps and rods. */
  spindleBoreMm: number | null;
  chuckMinMm: number;
  chuckMaxMm: number;
  /** Nose to the ends of the jaws, and the chuck's widest, as a radius. */
  chuckLengthMm: number;
  chuckRadiusMm: number;
  /** A collet holder beside the chuck: shorter, and it holds a hardened shank. */
  collet: { mostMm: number; lengthMm: number } | null;
  /** Turns backward; slips before a tap snaps. */
  reverse: boolean;
  clutch: boolean;
};

/** Nose to the end of a collet holder that nobody measured, mm (our estimate). */
export const USUAL_COLLET_MM = 40;
/** Nose to jaws of an ordinary key chuck and its radius, mm (our estimate). */
const USUAL_CHUCK = { chuckLengthMm: 75, chuckRadiusMm: 24 } as const;

/**
 * A machine of a kind as most shops have it: where a new one is written down, and what a card is written for where none is listed.
 * @example usualMachine('bench-drill', 'm1').speeds // { steps: [300, 540, 950, 1500, 2400] }
 */
export function usualMachine(kind: MachineKind, id: string): Machine {
  const { name } = MACHINE_KINDS.find((row) => row.id === kind)!;
  const common = { id, name, kind, ...USUAL_CHUCK, chuckMinMm: 1.5, chuckMaxMm: 13, spindleBoreMm: null };
  switch (kind) {
    case 'hand-drill':
      return {
        ...common,
        speeds: { fromRpm: 50, toRpm: 1200 },
        belt: false,
        daylightMm: null,
        travelMm: null,
        collet: null,
        reverse: true,
        clutch: true,
      };
    case 'magnet-drill':
      return {
        ...common,
        speeds: { steps: [200, 400] },
        belt: false,
        daylightMm: 200,
        travelMm: 120,
        collet: null,
        reverse: false,
        clutch: false,
      };
    case 'bench-drill':
      return {
        ...common,
        speeds: { steps: [300, 540, 950, 1500, 2400] },
        belt: true,
        daylightMm: 420,
        travelMm: 80,
        collet: null,
        reverse: false,
        clutch: false,
      };
    case 'mill':
      return {
        ...common,
        speeds: { fromRpm: 60, toRpm: 2800 },
        belt: false,
        daylightMm: 400,
        travelMm: 120,
        collet: { mostMm: 16, lengthMm: USUAL_COLLET_MM },
        reverse: true,
        clutch: false,
      };
  }
}

/** Whether a chuck or a collet of the machine holds a shank. @example holdsShank(usualMachine('bench-drill', 'm1'), 16) // false */
export const holdsShank = ({ chuckMinMm, chuckMaxMm, collet }: Machine, shankMm: number): boolean =>
  (shankMm >= chuckMinMm && shankMm <= chuckMaxMm) || (collet !== null && shankMm <= collet.mostMm);
