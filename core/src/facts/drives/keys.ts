import { inchToMm } from '../../basis/units/index.ts';
import { SOCKETS_MM } from './drives.ts';

/** Width across flats of the key of a button or countersunk head by thread, mm. Sources: ISO 7380-1, ISO 10642. */
export const LOW_HEADS_MM: Readonly<Record<number, number>> = {
  3: 2,
  4: 2.5,
  5: 3,
  6: 4,
  8: 5,
  10: 6,
  12: 8,
  16: 10,
};

/** The same for cap and for button heads in inches, by major diameter: across flats, inches. Source: ASME B18.3. */
const INCH_KEYS: readonly { majorIn: number; capIn: number; lowIn: number }[] = [
  { majorIn: 0.112, capIn: 3 / 32, lowIn: 1 / 16 },
  { majorIn: 0.138, capIn: 7 / 64, lowIn: 5 / 64 },
  { majorIn: 0.164, capIn: 9 / 64, lowIn: 3 / 32 },
  { majorIn: 0.19, capIn: 5 / 32, lowIn: 1 / 8 },
  { majorIn: 0.25, capIn: 3 / 16, lowIn: 5 / 32 },
  { majorIn: 0.3125, capIn: 1 / 4, lowIn: 3 / 16 },
  { majorIn: 0.375, capIn: 5 / 16, lowIn: 7 / 32 },
  { majorIn: 0.5, capIn: 3 / 8, lowIn: 5 / 16 },
  { majorIn: 0.625, capIn: 1 / 2, lowIn: 3 / 8 },
];

/**
 * What a hexagon key stands, Nm, for each mm³ of its size: its strength goes with the cube of its width, large ones are a little
 * softer. Never over the least test torques of ISO 2936 (5 mm 30, 6 mm 52, 8 mm 120, 10 mm 220, 12 mm 370, 17 mm 980 Nm) by more
 * than a hundredth.
 */
const NM_PER_MM3 = [
  { toMm: 6, factor: 0.24 },
  { toMm: 12, factor: 0.214 },
  { toMm: Infinity, factor: 0.199 },
] as const;

/** What a hexagon key stands before it twists or rounds its socket, Nm (estimate). @example keyStandsNm(6) // 51.84 */
export const keyStandsNm = (acrossFlatsMm: number): number =>
  NM_PER_MM3.find(({ toMm }) => acrossFlatsMm <= toMm)!.factor * acrossFlatsMm ** 3;

export type Keys = { capMm: number; lowMm: number | null };

/**
 * Keys of a thread's cap head and of its button or countersunk head, across flats in mm; null where the standards list none.
 * @example keysOf({ majorMm: 8, threadsPerInch: null }) // { capMm: 6, lowMm: 5 }
 */
export function keysOf({ majorMm, threadsPerInch }: { majorMm: number; threadsPerInch: number | null }): Keys | null {
  if (threadsPerInch === null) {
    const capMm = SOCKETS_MM[majorMm];
    return capMm === undefined ? null : { capMm, lowMm: LOW_HEADS_MM[majorMm] ?? null };
  }
  const row = INCH_KEYS.find(({ majorIn }) => Math.abs(inchToMm(majorIn) - majorMm) < 1e-6);
  return row ? { capMm: inchToMm(row.capIn), lowMm: inchToMm(row.lowIn) } : null;
}
