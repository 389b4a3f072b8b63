import { inchToMm } from '../../../basis/units/index.ts';

/** One strength class over one range of diameters (up to and including `toMajorMm`). */
export interface FastenerClassRow {
  id: string;
  name: string;
  system: 'metric' | 'inch';
  toMajorMm: number;
  tensileMpa: number;
  proofMpa: number;
  /** Thread shear as a share of tensile (handbook value). */
  shearRatio: number;
  source: string;
}

/** MPa in 1 ksi, from the pound-force and the inch, both exact. */
const KSI = 6.894757;
/** Larger than any diameter held: the row has no upper limit here. */
const ANY = 1000;

/** Sources: ISO 898-1 (4.6 to 12.9), ISO 3506-1 (A2/A4), SAE J429 (grades, ksi converted at 6.894757 MPa). */
export const FASTENER_CLASSES: readonly FastenerClassRow[] = [
  {
    id: '4.6',
    name: 'Class 4.6',
    system: 'metric',
    toMajorMm: ANY,
    tensileMpa: 400,
    proofMpa: 225,
    shearRatio: 0.7,
    source: 'ISO 898-1',
  },
  {
    id: '5.8',
    name: 'Class 5.8',
    system: 'metric',
    toMajorMm: ANY,
    tensileMpa: 520,
    proofMpa: 380,
    shearRatio: 0.7,
    source: 'ISO 898-1',
  },
  {
    id: '8.8',
    name: 'Class 8.8',
    system: 'metric',
    toMajorMm: 16,
    tensileMpa: 800,
    proofMpa: 580,
    shearRatio: 0.65,
    source: 'ISO 898-1',
  },
  {
    id: '8.8',
    name: 'Class 8.8',
    system: 'metric',
    toMajorMm: ANY,
    tensileMpa: 830,
    proofMpa: 600,
    shearRatio: 0.65,
    source: 'ISO 898-1',
  },
  {
    id: '10.9',
    name: 'Class 10.9',
    system: 'metric',
    toMajorMm: ANY,
    tensileMpa: 1040,
    proofMpa: 830,
    shearRatio: 0.62,
    source: 'ISO 898-1',
  },
  {
    id: '12.9',
    name: 'Class 12.9',
    system: 'metric',
    toMajorMm: ANY,
    tensileMpa: 1220,
    proofMpa: 970,
    shearRatio: 0.6,
    source: 'ISO 898-1',
  },
  {
    id: 'A2-50',
    name: 'Stainless A2/A4-50',
    system: 'metric',
    toMajorMm: ANY,
    tensileMpa: 500,
    proofMpa: 210,
    shearRatio: 0.8,
    source: 'ISO 3506-1',
  },
  {
    id: 'A2-70',
    name: 'Stainless A2/A4-70',
    system: 'metric',
    toMajorMm: ANY,
    tensileMpa: 700,
    proofMpa: 450,
    shearRatio: 0.72,
    source: 'ISO 3506-1',
  },
  {
    id: 'A2-80',
    name: 'Stainless A2/A4-80',
    system: 'metric',
    toMajorMm: ANY,
    tensileMpa: 800,
    proofMpa: 600,
    shearRatio: 0.68,
    source: 'ISO 3506-1',
  },
  {
    id: 'grade-2',
    name: 'Grade 2',
    system: 'inch',
    toMajorMm: inchToMm(0.75),
    tensileMpa: 74 * KSI,
    proofMpa: 55 * KSI,
    shearRatio: 0.7,
    source: 'SAE J429',
  },
  {
    id: 'grade-2',
    name: 'Grade 2',
    system: 'inch',
    toMajorMm: ANY,
    tensileMpa: 60 * KSI,
    proofMpa: 33 * KSI,
    shearRatio: 0.7,
    source: 'SAE J429',
  },
  {
    id: 'grade-5',
    name: 'Grade 5',
    system: 'inch',
    toMajorMm: inchToMm(1),
    tensileMpa: 120 * KSI,
    proofMpa: 85 * KSI,
    shearRatio: 0.65,
    source: 'SAE J429',
  },
  {
    id: 'grade-5',
    name: 'Grade 5',
    system: 'inch',
    toMajorMm: ANY,
    tensileMpa: 105 * KSI,
    proofMpa: 74 * KSI,
    shearRatio: 0.65,
    source: 'SAE J429',
  },
  {
    id: 'grade-8',
    name: 'Grade 8',
    system: 'inch',
    toMajorMm: ANY,
    tensileMpa: 150 * KSI,
    proofMpa: 120 * KSI,
    shearRatio: 0.62,
    source: 'SAE J429',
  },
];
