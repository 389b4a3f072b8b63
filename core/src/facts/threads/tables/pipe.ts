/**
 * Pipe threads of 55°: size in inches of the pipe's bore, threads per inch, major in mm (of R at the gauge plane), and for
 * the taper thread the gauge length and useful length. `null`: no taper thread of that size. Source: ISO 228-1, ISO 7-1.
 */
export const PIPE_55: readonly {
  size: string;
  threadsPerInch: 28 | 19 | 14 | 11;
  majorMm: number;
  taper: { gaugeLengthMm: number; usefulLengthMm: number } | null;
}[] = [
  { size: '1/16', threadsPerInch: 28, majorMm: 7.723, taper: { gaugeLengthMm: 4, usefulLengthMm: 6.5 } },
  { size: '1/8', threadsPerInch: 28, majorMm: 9.728, taper: { gaugeLengthMm: 4, usefulLengthMm: 6.5 } },
  { size: '1/4', threadsPerInch: 19, majorMm: 13.157, taper: { gaugeLengthMm: 6, usefulLengthMm: 9.7 } },
  { size: '3/8', threadsPerInch: 19, majorMm: 16.662, taper: { gaugeLengthMm: 6.4, usefulLengthMm: 10.1 } },
  { size: '1/2', threadsPerInch: 14, majorMm: 20.955, taper: { gaugeLengthMm: 8.2, usefulLengthMm: 13.2 } },
  { size: '5/8', threadsPerInch: 14, majorMm: 22.911, taper: null },
  { size: '3/4', threadsPerInch: 14, majorMm: 26.441, taper: { gaugeLengthMm: 9.5, usefulLengthMm: 14.5 } },
  { size: '7/8', threadsPerInch: 14, majorMm: 30.201, taper: null },
  { size: '1', threadsPerInch: 11, majorMm: 33.249, taper: { gaugeLengthMm: 10.4, usefulLengthMm: 16.8 } },
  { size: '1 1/8', threadsPerInch: 11, majorMm: 37.897, taper: null },
  { size: '1 1/4', threadsPerInch: 11, majorMm: 41.91, taper: { gaugeLengthMm: 12.7, usefulLengthMm: 19.1 } },
  { size: '1 1/2', threadsPerInch: 11, majorMm: 47.803, taper: { gaugeLengthMm: 12.7, usefulLengthMm: 19.1 } },
  { size: '1 3/4', threadsPerInch: 11, majorMm: 53.746, taper: null },
  { size: '2', threadsPerInch: 11, majorMm: 59.614, taper: { gaugeLengthMm: 15.9, usefulLengthMm: 23.4 } },
];

/** By threads per inch, mm: pitch, height and tolerances of the parallel thread, class A outside. Source: ISO 228-1. */
export const PIPE_55_BY_PITCH: Readonly<
  Record<
    28 | 19 | 14 | 11,
    { pitchMm: number; heightMm: number; pitchToleranceMm: number; minorToleranceMm: number; majorToleranceMm: number }
  >
> = {
  28: { pitchMm: 0.907, heightMm: 0.581, pitchToleranceMm: 0.107, minorToleranceMm: 0.282, majorToleranceMm: 0.214 },
  19: { pitchMm: 1.337, heightMm: 0.856, pitchToleranceMm: 0.125, minorToleranceMm: 0.445, majorToleranceMm: 0.25 },
  14: { pitchMm: 1.814, heightMm: 1.162, pitchToleranceMm: 0.142, minorToleranceMm: 0.541, majorToleranceMm: 0.284 },
  11: { pitchMm: 2.309, heightMm: 1.479, pitchToleranceMm: 0.18, minorToleranceMm: 0.64, majorToleranceMm: 0.36 },
};

/** Taper pipe threads of 60°: pipe's outside diameter, threads per inch, hand-tight engagement L1, inches. Source: ASME B1.20.1. */
export const PIPE_TAPER_60: readonly {
  size: string;
  outsideInch: number;
  threadsPerInch: number;
  handTightInch: number;
}[] = [
  { size: '1/16', outsideInch: 0.3125, threadsPerInch: 27, handTightInch: 0.16 },
  { size: '1/8', outsideInch: 0.405, threadsPerInch: 27, handTightInch: 0.1615 },
  { size: '1/4', outsideInch: 0.54, threadsPerInch: 18, handTightInch: 0.2278 },
  { size: '3/8', outsideInch: 0.675, threadsPerInch: 18, handTightInch: 0.24 },
  { size: '1/2', outsideInch: 0.84, threadsPerInch: 14, handTightInch: 0.32 },
  { size: '3/4', outsideInch: 1.05, threadsPerInch: 14, handTightInch: 0.339 },
  { size: '1', outsideInch: 1.315, threadsPerInch: 11.5, handTightInch: 0.4 },
  { size: '1 1/4', outsideInch: 1.66, threadsPerInch: 11.5, handTightInch: 0.42 },
  { size: '1 1/2', outsideInch: 1.9, threadsPerInch: 11.5, handTightInch: 0.42 },
  { size: '2', outsideInch: 2.375, threadsPerInch: 11.5, handTightInch: 0.436 },
];
