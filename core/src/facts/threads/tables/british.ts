/** Whitworth threads, size in inches and threads per inch. Source: BS 84, 1/8 to 1 1/2 in. */
export const WHITWORTH: readonly { size: string; BSW: number | null; BSF: number | null }[] = [
  { size: '1/8', BSW: 40, BSF: null },
  { size: '3/16', BSW: 24, BSF: 32 },
  { size: '7/32', BSW: null, BSF: 28 },
  { size: '1/4', BSW: 20, BSF: 26 },
  { size: '9/32', BSW: null, BSF: 26 },
  { size: '5/16', BSW: 18, BSF: 22 },
  { size: '3/8', BSW: 16, BSF: 20 },
  { size: '7/16', BSW: 14, BSF: 18 },
  { size: '1/2', BSW: 12, BSF: 16 },
  { size: '9/16', BSW: 12, BSF: 16 },
  { size: '5/8', BSW: 11, BSF: 14 },
  { size: '11/16', BSW: 11, BSF: 14 },
  { size: '3/4', BSW: 10, BSF: 12 },
  { size: '7/8', BSW: 9, BSF: 11 },
  { size: '1', BSW: 8, BSF: 10 },
  { size: '1 1/8', BSW: 7, BSF: 9 },
  { size: '1 1/4', BSW: 7, BSF: 9 },
  { size: '1 3/8', BSW: null, BSF: 8 },
  { size: '1 1/2', BSW: 6, BSF: 8 },
];

/** BA threads, number, major and pitch in mm: P = 0.9^N to 0.01, D = 6·P^1.2 to 0.1. Source: BS 93. */
export const BRITISH_ASSOCIATION: readonly { number: number; majorMm: number; pitchMm: number }[] = [
  { number: 0, majorMm: 6, pitchMm: 1 },
  { number: 1, majorMm: 5.3, pitchMm: 0.9 },
  { number: 2, majorMm: 4.7, pitchMm: 0.81 },
  { number: 3, majorMm: 4.1, pitchMm: 0.73 },
  { number: 4, majorMm: 3.6, pitchMm: 0.66 },
  { number: 5, majorMm: 3.2, pitchMm: 0.59 },
  { number: 6, majorMm: 2.8, pitchMm: 0.53 },
  { number: 7, majorMm: 2.5, pitchMm: 0.48 },
  { number: 8, majorMm: 2.2, pitchMm: 0.43 },
  { number: 9, majorMm: 1.9, pitchMm: 0.39 },
  { number: 10, majorMm: 1.7, pitchMm: 0.35 },
];

/**
 * Fine British threads of one pitch through many sizes: cycle and motorcycle (60°, BS 811), brass tube (Whitworth form) and
 * model engineers' (Whitworth form). Sizes as they are met; no printed table is at hand, diameters follow the form.
 */
export const BRITISH_CONSTANT: readonly {
  series: 'cycle' | 'brass' | 'ME';
  threadsPerInch: number;
  sizes: readonly string[];
}[] = [
  { series: 'cycle', threadsPerInch: 26, sizes: ['1/4', '5/16', '3/8', '7/16', '1/2', '9/16', '5/8', '11/16', '3/4'] },
  { series: 'cycle', threadsPerInch: 20, sizes: ['7/16', '1/2', '9/16', '5/8', '11/16', '3/4'] },
  {
    series: 'brass',
    threadsPerInch: 26,
    sizes: ['1/4', '5/16', '3/8', '7/16', '1/2', '9/16', '5/8', '3/4', '7/8', '1'],
  },
  { series: 'ME', threadsPerInch: 32, sizes: ['3/16', '7/32', '1/4', '9/32', '5/16', '3/8', '7/16', '1/2'] },
  {
    series: 'ME',
    threadsPerInch: 40,
    sizes: ['1/8', '5/32', '3/16', '7/32', '1/4', '9/32', '5/16', '3/8', '7/16', '1/2'],
  },
];

/** Steel conduit threads, 80°: number, major in mm, threads per inch. Source: DIN 40430. */
export const CONDUIT: readonly { size: string; majorMm: number; threadsPerInch: number }[] = [
  { size: '7', majorMm: 12.5, threadsPerInch: 20 },
  { size: '9', majorMm: 15.2, threadsPerInch: 18 },
  { size: '11', majorMm: 18.6, threadsPerInch: 18 },
  { size: '13.5', majorMm: 20.4, threadsPerInch: 18 },
  { size: '16', majorMm: 22.5, threadsPerInch: 18 },
  { size: '21', majorMm: 28.3, threadsPerInch: 16 },
  { size: '29', majorMm: 37, threadsPerInch: 16 },
  { size: '36', majorMm: 47, threadsPerInch: 16 },
  { size: '42', majorMm: 54, threadsPerInch: 16 },
  { size: '48', majorMm: 59.3, threadsPerInch: 16 },
];
