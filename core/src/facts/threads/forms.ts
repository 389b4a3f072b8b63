/** Shapes of thread that are known here. */
export type FormId =
  | 'iso-60'
  | 'whitworth-55'
  | 'ba-47.5'
  | 'cycle-60'
  | 'conduit-80'
  | 'taper-60'
  | 'acme-29'
  | 'trapezoidal-30'
  | 'square';

/** One form: heights are on diameter, in pitches. */
export interface ThreadForm {
  id: FormId;
  title: string;
  /** Included angle; 0 for square. */
  angleDeg: number;
  /** D − D2. */
  pitchDropPerPitch: number;
  /** D − D1, basic. */
  minorDropPerPitch: number;
  /** d − d3, screw. Clearance of the power threads comes on top. */
  rootDropPerPitch: number;
  /** What drill charts call 100 % of this form. */
  fullHeightPerPitch: number;
  source: string;
}

const SQRT3 = Math.sqrt(3);

/**
 * Heights of each form. ISO 60°: H = √3/2·P; D2 = D − 3/4 H, D1 = D − 5/4 H, d3 = d − 17/12 H; the chart's full height is
 * 3/2 H = 1.299038 P, so that the basic minor is 83.3 %. The other forms count their basic height as 100 %.
 */
export const THREAD_FORMS: Readonly<Record<FormId, ThreadForm>> = {
  'iso-60': {
    id: 'iso-60',
    title: 'ISO 60°',
    angleDeg: 60,
    pitchDropPerPitch: (3 / 8) * SQRT3,
    minorDropPerPitch: (5 / 8) * SQRT3,
    rootDropPerPitch: (17 / 24) * SQRT3,
    fullHeightPerPitch: (3 / 4) * SQRT3,
    source: 'ISO 68-1; ASME B1.1',
  },
  'whitworth-55': {
    id: 'whitworth-55',
    title: 'Whitworth 55°',
    angleDeg: 55,
    pitchDropPerPitch: 0.640327,
    minorDropPerPitch: 1.280654,
    rootDropPerPitch: 1.280654,
    fullHeightPerPitch: 1.280654,
    source: 'BS 84; ISO 228-1; ISO 7-1',
  },
  'ba-47.5': {
    id: 'ba-47.5',
    title: 'BA 47½°',
    angleDeg: 47.5,
    pitchDropPerPitch: 0.6,
    minorDropPerPitch: 1.2,
    rootDropPerPitch: 1.2,
    fullHeightPerPitch: 1.2,
    source: 'BS 93',
  },
  'cycle-60': {
    id: 'cycle-60',
    title: 'British cycle 60°',
    angleDeg: 60,
    pitchDropPerPitch: 0.5327,
    minorDropPerPitch: 1.0654,
    rootDropPerPitch: 1.0654,
    fullHeightPerPitch: 1.0654,
    source: 'BS 811',
  },
  'conduit-80': {
    id: 'conduit-80',
    title: 'conduit 80°',
    angleDeg: 80,
    pitchDropPerPitch: 0.48,
    minorDropPerPitch: 0.96,
    rootDropPerPitch: 0.96,
    fullHeightPerPitch: 0.96,
    source: 'DIN 40430',
  },
  'taper-60': {
    id: 'taper-60',
    title: 'taper pipe 60°',
    angleDeg: 60,
    pitchDropPerPitch: 0.8,
    minorDropPerPitch: 1.6,
    rootDropPerPitch: 1.6,
    fullHeightPerPitch: 1.6,
    source: 'ASME B1.20.1',
  },
  'acme-29': {
    id: 'acme-29',
    title: 'Acme 29°',
    angleDeg: 29,
    pitchDropPerPitch: 0.5,
    minorDropPerPitch: 1,
    rootDropPerPitch: 1,
    fullHeightPerPitch: 1,
    source: 'ASME B1.5',
  },
  'trapezoidal-30': {
    id: 'trapezoidal-30',
    title: 'trapezoidal 30°',
    angleDeg: 30,
    pitchDropPerPitch: 0.5,
    minorDropPerPitch: 1,
    rootDropPerPitch: 1,
    fullHeightPerPitch: 1,
    source: 'ISO 2904',
  },
  square: {
    id: 'square',
    title: 'square',
    angleDeg: 0,
    pitchDropPerPitch: 0.5,
    minorDropPerPitch: 1,
    rootDropPerPitch: 1,
    fullHeightPerPitch: 1,
    source: 'shop practice: depth half the pitch',
  },
};
