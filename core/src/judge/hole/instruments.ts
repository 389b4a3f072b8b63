/** What a reading is taken with, and its usual 95 % half-width (our engineering estimate; the field can be edited). */
export const INSTRUMENTS = [
  { id: 'caliper', name: 'Caliper', halfWidthMm: 0.05 },
  { id: 'depth-rod', name: 'Depth rod', halfWidthMm: 0.3 },
  { id: 'micrometer', name: 'Micrometer', halfWidthMm: 0.01 },
  { id: 'drill-shank', name: 'Drill shank or plug', halfWidthMm: 0.1 },
  { id: 'screw-turns', name: 'Good screw, turns counted', halfWidthMm: 0.6 },
  { id: 'rule', name: 'Steel rule', halfWidthMm: 0.5 },
  { id: 'drawing', name: 'Drawing', halfWidthMm: 0.2 },
  { id: 'sister', name: 'Read on its sister', halfWidthMm: 0.5 },
  { id: 'eye', name: 'By eye', halfWidthMm: 1 },
] as const;

export type InstrumentId = (typeof INSTRUMENTS)[number]['id'];

/** What stands at a bench and sends what it reads: a length, a torque, a temperature. */
export const BENCH_INSTRUMENT_KINDS = [
  'caliper',
  'depth-gauge',
  'dial-indicator',
  'torque-wrench',
  'thermometer',
] as const;
export type BenchInstrumentKind = (typeof BENCH_INSTRUMENT_KINDS)[number];
