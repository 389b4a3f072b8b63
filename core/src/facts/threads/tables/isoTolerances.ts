/**
 * ISO 965-1 tolerances in micrometres. The standard's tables are held, not its formulas: R40 rounding makes the
 * formulas miss about one printed value in ten (TD1 grade 6 for P = 1.5 is 300, the formula gives 305). `null`: the
 * standard has no value there.
 */

export type InternalGrade = 4 | 5 | 6 | 7;

/** By pitch: TD1 (internal minor) by grade, Td (external major) grade 6, es of position g (to be subtracted). */
export const BY_PITCH_UM: readonly {
  pitchMm: number;
  td1: Record<InternalGrade, number | null>;
  tdGrade6: number;
  esG: number;
}[] = [
  { pitchMm: 0.35, td1: { 4: 63, 5: 80, 6: 100, 7: null }, tdGrade6: 85, esG: 19 },
  { pitchMm: 0.4, td1: { 4: 71, 5: 90, 6: 112, 7: null }, tdGrade6: 95, esG: 19 },
  { pitchMm: 0.45, td1: { 4: 80, 5: 100, 6: 125, 7: null }, tdGrade6: 100, esG: 20 },
  { pitchMm: 0.5, td1: { 4: 90, 5: 112, 6: 140, 7: 180 }, tdGrade6: 106, esG: 20 },
  { pitchMm: 0.6, td1: { 4: 100, 5: 125, 6: 160, 7: 200 }, tdGrade6: 125, esG: 21 },
  { pitchMm: 0.7, td1: { 4: 112, 5: 140, 6: 180, 7: 224 }, tdGrade6: 140, esG: 22 },
  { pitchMm: 0.75, td1: { 4: 118, 5: 150, 6: 190, 7: 236 }, tdGrade6: 140, esG: 22 },
  { pitchMm: 0.8, td1: { 4: 125, 5: 160, 6: 200, 7: 250 }, tdGrade6: 150, esG: 24 },
  { pitchMm: 1, td1: { 4: 150, 5: 190, 6: 236, 7: 300 }, tdGrade6: 180, esG: 26 },
  { pitchMm: 1.25, td1: { 4: 170, 5: 212, 6: 265, 7: 335 }, tdGrade6: 212, esG: 28 },
  { pitchMm: 1.5, td1: { 4: 190, 5: 236, 6: 300, 7: 375 }, tdGrade6: 236, esG: 32 },
  { pitchMm: 1.75, td1: { 4: 212, 5: 265, 6: 335, 7: 425 }, tdGrade6: 265, esG: 34 },
  { pitchMm: 2, td1: { 4: 236, 5: 300, 6: 375, 7: 475 }, tdGrade6: 280, esG: 38 },
  { pitchMm: 2.5, td1: { 4: 280, 5: 355, 6: 450, 7: 560 }, tdGrade6: 335, esG: 42 },
  { pitchMm: 3, td1: { 4: 315, 5: 400, 6: 500, 7: 630 }, tdGrade6: 375, esG: 48 },
  { pitchMm: 3.5, td1: { 4: 355, 5: 450, 6: 560, 7: 710 }, tdGrade6: 425, esG: 53 },
  { pitchMm: 4, td1: { 4: 375, 5: 475, 6: 600, 7: 750 }, tdGrade6: 475, esG: 60 },
];

/** By diameter range (over, up to and including) and pitch: TD2 (internal) by grade, Td2 (external) grade 6. */
export const BY_DIAMETER_UM: readonly {
  overMm: number;
  toMm: number;
  pitchMm: number;
  td2Internal: Record<InternalGrade, number | null>;
  td2ExternalGrade6: number;
}[] = [
  { overMm: 1.4, toMm: 2.8, pitchMm: 0.35, td2Internal: { 4: 53, 5: 67, 6: 85, 7: null }, td2ExternalGrade6: 63 },
  { overMm: 1.4, toMm: 2.8, pitchMm: 0.4, td2Internal: { 4: 56, 5: 71, 6: 90, 7: null }, td2ExternalGrade6: 67 },
  { overMm: 1.4, toMm: 2.8, pitchMm: 0.45, td2Internal: { 4: 60, 5: 75, 6: 95, 7: null }, td2ExternalGrade6: 71 },
  { overMm: 2.8, toMm: 5.6, pitchMm: 0.35, td2Internal: { 4: 56, 5: 71, 6: 90, 7: null }, td2ExternalGrade6: 67 },
  { overMm: 2.8, toMm: 5.6, pitchMm: 0.5, td2Internal: { 4: 63, 5: 80, 6: 100, 7: 125 }, td2ExternalGrade6: 75 },
  { overMm: 2.8, toMm: 5.6, pitchMm: 0.6, td2Internal: { 4: 71, 5: 90, 6: 112, 7: 140 }, td2ExternalGrade6: 85 },
  { overMm: 2.8, toMm: 5.6, pitchMm: 0.7, td2Internal: { 4: 75, 5: 95, 6: 118, 7: 150 }, td2ExternalGrade6: 90 },
  { overMm: 2.8, toMm: 5.6, pitchMm: 0.8, td2Internal: { 4: 80, 5: 100, 6: 125, 7: 160 }, td2ExternalGrade6: 95 },
  { overMm: 5.6, toMm: 11.2, pitchMm: 0.75, td2Internal: { 4: 85, 5: 106, 6: 132, 7: 170 }, td2ExternalGrade6: 100 },
  { overMm: 5.6, toMm: 11.2, pitchMm: 1, td2Internal: { 4: 95, 5: 118, 6: 150, 7: 190 }, td2ExternalGrade6: 112 },
  { overMm: 5.6, toMm: 11.2, pitchMm: 1.25, td2Internal: { 4: 100, 5: 125, 6: 160, 7: 200 }, td2ExternalGrade6: 118 },
  { overMm: 5.6, toMm: 11.2, pitchMm: 1.5, td2Internal: { 4: 112, 5: 140, 6: 180, 7: 224 }, td2ExternalGrade6: 132 },
  { overMm: 11.2, toMm: 22.4, pitchMm: 1, td2Internal: { 4: 100, 5: 125, 6: 160, 7: 200 }, td2ExternalGrade6: 118 },
  { overMm: 11.2, toMm: 22.4, pitchMm: 1.25, td2Internal: { 4: 112, 5: 140, 6: 180, 7: 224 }, td2ExternalGrade6: 132 },
  { overMm: 11.2, toMm: 22.4, pitchMm: 1.5, td2Internal: { 4: 118, 5: 150, 6: 190, 7: 236 }, td2ExternalGrade6: 140 },
  { overMm: 11.2, toMm: 22.4, pitchMm: 1.75, td2Internal: { 4: 125, 5: 160, 6: 200, 7: 250 }, td2ExternalGrade6: 150 },
  { overMm: 11.2, toMm: 22.4, pitchMm: 2, td2Internal: { 4: 132, 5: 170, 6: 212, 7: 265 }, td2ExternalGrade6: 160 },
  { overMm: 11.2, toMm: 22.4, pitchMm: 2.5, td2Internal: { 4: 140, 5: 180, 6: 224, 7: 280 }, td2ExternalGrade6: 170 },
  { overMm: 22.4, toMm: 45, pitchMm: 1, td2Internal: { 4: 106, 5: 132, 6: 170, 7: 212 }, td2ExternalGrade6: 125 },
  { overMm: 22.4, toMm: 45, pitchMm: 1.5, td2Internal: { 4: 125, 5: 160, 6: 200, 7: 250 }, td2ExternalGrade6: 150 },
  { overMm: 22.4, toMm: 45, pitchMm: 2, td2Internal: { 4: 140, 5: 180, 6: 224, 7: 280 }, td2ExternalGrade6: 170 },
  { overMm: 22.4, toMm: 45, pitchMm: 3, td2Internal: { 4: 170, 5: 212, 6: 265, 7: 335 }, td2ExternalGrade6: 200 },
  { overMm: 22.4, toMm: 45, pitchMm: 3.5, td2Internal: { 4: 180, 5: 224, 6: 280, 7: 355 }, td2ExternalGrade6: 212 },
  { overMm: 22.4, toMm: 45, pitchMm: 4, td2Internal: { 4: 190, 5: 236, 6: 300, 7: 375 }, td2ExternalGrade6: 224 },
  { overMm: 45, toMm: 90, pitchMm: 1.5, td2Internal: { 4: 132, 5: 170, 6: 212, 7: 265 }, td2ExternalGrade6: 160 },
];
