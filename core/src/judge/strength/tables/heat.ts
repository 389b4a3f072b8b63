/** Points of temperature, °C, and share of cold strength, ascending. */
export type HeatCurve = readonly (readonly [atC: number, share: number])[];

const STEEL: HeatCurve = [
  [300, 0.9],
  [400, 0.75],
  [500, 0.5],
];

/** Parents by id: typical shares after long exposure; ours, shown as estimates (docs/methods.md, Heat). */
export const PARENT_HEAT: Readonly<Record<string, HeatCurve>> = {
  'aluminium-cast-heat-treated': [
    [100, 0.95],
    [150, 0.7],
    [205, 0.36],
    [260, 0.23],
    [315, 0.12],
  ],
  'aluminium-sand-cast': [
    [150, 0.85],
    [205, 0.55],
    [260, 0.35],
  ],
  'aluminium-die-cast': [
    [100, 0.94],
    [150, 0.73],
    [205, 0.51],
    [260, 0.28],
  ],
  'aluminium-6xxx': [
    [100, 0.94],
    [150, 0.75],
    [205, 0.42],
    [260, 0.17],
    [315, 0.1],
  ],
  'aluminium-7xxx': [
    [100, 0.84],
    [150, 0.37],
    [205, 0.19],
  ],
  'magnesium-cast': [
    [100, 0.85],
    [120, 0.75],
  ],
  'zinc-die-cast': [
    [50, 0.85],
    [95, 0.68],
  ],
  brass: [
    [150, 0.9],
    [200, 0.75],
  ],
  bronze: [
    [200, 0.9],
    [260, 0.75],
  ],
  'grey-iron': [
    [400, 1],
    [500, 0.8],
  ],
  'ductile-iron': [
    [200, 1],
    [300, 0.9],
    [400, 0.75],
    [500, 0.5],
  ],
  'cast-steel': STEEL,
  'mild-steel': STEEL,
  'medium-carbon-steel': STEEL,
  'alloy-steel': STEEL,
  'austenitic-stainless': [
    [200, 0.8],
    [400, 0.72],
    [600, 0.6],
  ],
};

/** A plastic's own sheet goes first; without it no more than this, °C. */
export const PLASTIC_LIMIT_C = 60;

const PLAIN: HeatCurve = [
  [100, 0.9],
  [200, 0.77],
  [250, 0.72],
  [300, 0.65],
];
const MEDIUM: HeatCurve = [
  [100, 0.92],
  [200, 0.84],
  [250, 0.8],
  [300, 0.75],
];
const HIGH: HeatCurve = [
  [100, 0.93],
  [200, 0.84],
  [250, 0.8],
  [300, 0.75],
];
const STAINLESS: HeatCurve = [
  [100, 0.85],
  [200, 0.8],
  [300, 0.75],
  [400, 0.7],
];

/** Screws by class: share of yield; ours, shown as estimates (docs/methods.md, Heat). */
export const FASTENER_HEAT: Readonly<Record<string, HeatCurve>> = {
  '4.6': PLAIN,
  '5.8': PLAIN,
  'grade-2': PLAIN,
  '8.8': MEDIUM,
  'grade-5': MEDIUM,
  '10.9': HIGH,
  '12.9': HIGH,
  'grade-8': HIGH,
  'A2-50': STAINLESS,
  'A2-70': STAINLESS,
  'A2-80': STAINLESS,
};
