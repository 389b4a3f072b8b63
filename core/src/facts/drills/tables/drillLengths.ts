/**
 * Lengths of twist drills with a straight shank, mm: jobber and stub series of ISO 235. `toMm` is the largest diameter of the
 * row; flutes come before the shank, so that overall less flute is what a chuck may hold.
 */
export const DRILL_LENGTHS: readonly {
  toMm: number;
  jobberMm: number;
  jobberFluteMm: number;
  stubMm: number;
  stubFluteMm: number;
}[] = [
  { toMm: 2, jobberMm: 49, jobberFluteMm: 24, stubMm: 38, stubFluteMm: 12 },
  { toMm: 3, jobberMm: 61, jobberFluteMm: 33, stubMm: 46, stubFluteMm: 16 },
  { toMm: 3.35, jobberMm: 65, jobberFluteMm: 36, stubMm: 49, stubFluteMm: 18 },
  { toMm: 3.75, jobberMm: 70, jobberFluteMm: 39, stubMm: 52, stubFluteMm: 20 },
  { toMm: 4.25, jobberMm: 75, jobberFluteMm: 43, stubMm: 55, stubFluteMm: 22 },
  { toMm: 4.75, jobberMm: 80, jobberFluteMm: 47, stubMm: 58, stubFluteMm: 24 },
  { toMm: 5.3, jobberMm: 86, jobberFluteMm: 52, stubMm: 62, stubFluteMm: 26 },
  { toMm: 6, jobberMm: 93, jobberFluteMm: 57, stubMm: 66, stubFluteMm: 28 },
  { toMm: 6.7, jobberMm: 101, jobberFluteMm: 63, stubMm: 70, stubFluteMm: 31 },
  { toMm: 7.5, jobberMm: 109, jobberFluteMm: 69, stubMm: 74, stubFluteMm: 34 },
  { toMm: 8.5, jobberMm: 117, jobberFluteMm: 75, stubMm: 79, stubFluteMm: 37 },
  { toMm: 9.5, jobberMm: 125, jobberFluteMm: 81, stubMm: 84, stubFluteMm: 40 },
  { toMm: 10.6, jobberMm: 133, jobberFluteMm: 87, stubMm: 89, stubFluteMm: 43 },
  { toMm: 11.8, jobberMm: 142, jobberFluteMm: 94, stubMm: 95, stubFluteMm: 47 },
  { toMm: 13.2, jobberMm: 151, jobberFluteMm: 101, stubMm: 102, stubFluteMm: 51 },
  { toMm: 14, jobberMm: 160, jobberFluteMm: 108, stubMm: 107, stubFluteMm: 54 },
  { toMm: 15, jobberMm: 169, jobberFluteMm: 114, stubMm: 111, stubFluteMm: 56 },
  { toMm: 16, jobberMm: 178, jobberFluteMm: 120, stubMm: 115, stubFluteMm: 58 },
  { toMm: 17, jobberMm: 184, jobberFluteMm: 125, stubMm: 119, stubFluteMm: 60 },
  { toMm: 18, jobberMm: 191, jobberFluteMm: 130, stubMm: 123, stubFluteMm: 62 },
  { toMm: 19, jobberMm: 198, jobberFluteMm: 135, stubMm: 127, stubFluteMm: 64 },
  { toMm: 20, jobberMm: 205, jobberFluteMm: 140, stubMm: 131, stubFluteMm: 66 },
];
