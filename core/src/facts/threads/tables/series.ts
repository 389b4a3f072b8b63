/**
 * Metric threads held, diameter and pitch in mm. Source: ISO 261 / ISO 262 selected sizes, M1.6 to M39, with the fine
 * pitches of plugs, drains, spark plugs and glands.
 */
export const METRIC_COARSE: readonly { majorMm: number; pitchMm: number }[] = [
  { majorMm: 1.6, pitchMm: 0.35 },
  { majorMm: 1.8, pitchMm: 0.35 },
  { majorMm: 2, pitchMm: 0.4 },
  { majorMm: 2.2, pitchMm: 0.45 },
  { majorMm: 2.5, pitchMm: 0.45 },
  { majorMm: 3, pitchMm: 0.5 },
  { majorMm: 3.5, pitchMm: 0.6 },
  { majorMm: 4, pitchMm: 0.7 },
  { majorMm: 5, pitchMm: 0.8 },
  { majorMm: 6, pitchMm: 1 },
  { majorMm: 7, pitchMm: 1 },
  { majorMm: 8, pitchMm: 1.25 },
  { majorMm: 10, pitchMm: 1.5 },
  { majorMm: 12, pitchMm: 1.75 },
  { majorMm: 14, pitchMm: 2 },
  { majorMm: 16, pitchMm: 2 },
  { majorMm: 18, pitchMm: 2.5 },
  { majorMm: 20, pitchMm: 2.5 },
  { majorMm: 22, pitchMm: 2.5 },
  { majorMm: 24, pitchMm: 3 },
  { majorMm: 27, pitchMm: 3 },
  { majorMm: 30, pitchMm: 3.5 },
  { majorMm: 33, pitchMm: 3.5 },
  { majorMm: 36, pitchMm: 4 },
  { majorMm: 39, pitchMm: 4 },
];

export const METRIC_FINE: readonly { majorMm: number; pitchMm: number }[] = [
  { majorMm: 2.5, pitchMm: 0.35 },
  { majorMm: 3, pitchMm: 0.35 },
  { majorMm: 4, pitchMm: 0.5 },
  { majorMm: 5, pitchMm: 0.5 },
  { majorMm: 6, pitchMm: 0.75 },
  { majorMm: 8, pitchMm: 1 },
  { majorMm: 8, pitchMm: 0.75 },
  { majorMm: 10, pitchMm: 1.25 },
  { majorMm: 10, pitchMm: 1 },
  { majorMm: 12, pitchMm: 1.5 },
  { majorMm: 12, pitchMm: 1.25 },
  { majorMm: 12, pitchMm: 1 },
  { majorMm: 14, pitchMm: 1.5 },
  { majorMm: 14, pitchMm: 1.25 },
  { majorMm: 14, pitchMm: 1 },
  { majorMm: 16, pitchMm: 1.5 },
  { majorMm: 16, pitchMm: 1 },
  { majorMm: 18, pitchMm: 2 },
  { majorMm: 18, pitchMm: 1.5 },
  { majorMm: 18, pitchMm: 1 },
  { majorMm: 20, pitchMm: 2 },
  { majorMm: 20, pitchMm: 1.5 },
  { majorMm: 20, pitchMm: 1 },
  { majorMm: 22, pitchMm: 2 },
  { majorMm: 22, pitchMm: 1.5 },
  { majorMm: 22, pitchMm: 1 },
  { majorMm: 24, pitchMm: 2 },
  { majorMm: 24, pitchMm: 1.5 },
  { majorMm: 27, pitchMm: 2 },
  { majorMm: 27, pitchMm: 1.5 },
  { majorMm: 30, pitchMm: 2 },
  { majorMm: 30, pitchMm: 1.5 },
  { majorMm: 33, pitchMm: 2 },
  { majorMm: 36, pitchMm: 3 },
  { majorMm: 36, pitchMm: 2 },
  { majorMm: 39, pitchMm: 3 },
  { majorMm: 39, pitchMm: 2 },
];

/** Metric threads of plugs, drains, sensors and cable glands outside the fine series above. Source: ISO 261; ISO 262 pitches. */
export const METRIC_FITTINGS: readonly { majorMm: number; pitchMm: number }[] = [
  { majorMm: 9, pitchMm: 1.25 },
  { majorMm: 9, pitchMm: 1 },
  { majorMm: 11, pitchMm: 1.5 },
  { majorMm: 11, pitchMm: 1 },
  { majorMm: 16, pitchMm: 1.25 },
  { majorMm: 24, pitchMm: 1 },
  { majorMm: 25, pitchMm: 1.5 },
  { majorMm: 26, pitchMm: 1.5 },
  { majorMm: 28, pitchMm: 1.5 },
  { majorMm: 32, pitchMm: 1.5 },
  { majorMm: 33, pitchMm: 1.5 },
  { majorMm: 35, pitchMm: 1.5 },
  { majorMm: 36, pitchMm: 1.5 },
  { majorMm: 38, pitchMm: 1.5 },
  { majorMm: 39, pitchMm: 1.5 },
  { majorMm: 40, pitchMm: 1.5 },
  { majorMm: 50, pitchMm: 1.5 },
  { majorMm: 63, pitchMm: 1.5 },
];

/**
 * Unified threads held: name of the size, major in ten-thousandths of an inch (exact), threads per inch of each series.
 * Number sizes follow 0.060 + 0.013 n. Source: ASME B1.1, #0 to 1 1/2 in.
 */
export const UNIFIED: readonly {
  size: string;
  majorTenthousandths: number;
  UNC: number | null;
  UNF: number | null;
  UNEF: number | null;
}[] = [
  { size: '0', majorTenthousandths: 600, UNC: null, UNF: 80, UNEF: null },
  { size: '1', majorTenthousandths: 730, UNC: 64, UNF: 72, UNEF: null },
  { size: '2', majorTenthousandths: 860, UNC: 56, UNF: 64, UNEF: null },
  { size: '3', majorTenthousandths: 990, UNC: 48, UNF: 56, UNEF: null },
  { size: '4', majorTenthousandths: 1120, UNC: 40, UNF: 48, UNEF: null },
  { size: '5', majorTenthousandths: 1250, UNC: 40, UNF: 44, UNEF: null },
  { size: '6', majorTenthousandths: 1380, UNC: 32, UNF: 40, UNEF: null },
  { size: '8', majorTenthousandths: 1640, UNC: 32, UNF: 36, UNEF: null },
  { size: '10', majorTenthousandths: 1900, UNC: 24, UNF: 32, UNEF: null },
  { size: '12', majorTenthousandths: 2160, UNC: 24, UNF: 28, UNEF: 32 },
  { size: '1/4', majorTenthousandths: 2500, UNC: 20, UNF: 28, UNEF: 32 },
  { size: '5/16', majorTenthousandths: 3125, UNC: 18, UNF: 24, UNEF: 32 },
  { size: '3/8', majorTenthousandths: 3750, UNC: 16, UNF: 24, UNEF: 32 },
  { size: '7/16', majorTenthousandths: 4375, UNC: 14, UNF: 20, UNEF: 28 },
  { size: '1/2', majorTenthousandths: 5000, UNC: 13, UNF: 20, UNEF: 28 },
  { size: '9/16', majorTenthousandths: 5625, UNC: 12, UNF: 18, UNEF: 24 },
  { size: '5/8', majorTenthousandths: 6250, UNC: 11, UNF: 18, UNEF: 24 },
  { size: '3/4', majorTenthousandths: 7500, UNC: 10, UNF: 16, UNEF: 20 },
  { size: '7/8', majorTenthousandths: 8750, UNC: 9, UNF: 14, UNEF: 20 },
  { size: '1', majorTenthousandths: 10000, UNC: 8, UNF: 12, UNEF: 20 },
  { size: '1 1/8', majorTenthousandths: 11250, UNC: 7, UNF: 12, UNEF: 18 },
  { size: '1 1/4', majorTenthousandths: 12500, UNC: 7, UNF: 12, UNEF: 18 },
  { size: '1 3/8', majorTenthousandths: 13750, UNC: 6, UNF: 12, UNEF: 18 },
  { size: '1 1/2', majorTenthousandths: 15000, UNC: 6, UNF: 12, UNEF: 18 },
];

/** Constant-pitch inch threads: 8, 12 and 16 threads per inch wherever UNC, UNF and UNEF leave room. Source: ASME B1.1. */
export const UNIFIED_CONSTANT: readonly { threadsPerInch: 8 | 12 | 16; sizes: readonly string[] }[] = [
  { threadsPerInch: 8, sizes: ['1 1/8', '1 1/4', '1 3/8', '1 1/2'] },
  // With those of hydraulic ports: 1 1/16, 1 3/16 and 1 5/16.
  { threadsPerInch: 12, sizes: ['5/8', '3/4', '7/8', '1 1/16', '1 3/16', '1 5/16'] },
  { threadsPerInch: 16, sizes: ['7/16', '1/2', '9/16', '5/8', '7/8', '1', '1 1/8', '1 1/4', '1 3/8', '1 1/2'] },
];
