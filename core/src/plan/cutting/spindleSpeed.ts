import type { Working } from '../../basis/checks/index.ts';
import { positive } from '../../basis/numeric/index.ts';

/** Drilling speed in m/min for high-speed steel, dry or as the material wants it. Handbook values; zinc and cast steel are our estimate. */
const DRILLING_M_PER_MIN: Readonly<Record<string, number>> = {
  'grey-iron': 25,
  'ductile-iron': 20,
  'cast-steel': 20,
  'mild-steel': 27,
  'medium-carbon-steel': 20,
  'alloy-steel': 13,
  'austenitic-stainless': 10,
  'aluminium-sand-cast': 60,
  'aluminium-cast-heat-treated': 60,
  'aluminium-die-cast': 60,
  'aluminium-6xxx': 60,
  'aluminium-7xxx': 60,
  'magnesium-cast': 80,
  'zinc-die-cast': 50,
  brass: 50,
  bronze: 30,
  'engineering-plastic': 40,
};

/** The same in a screw, by its class: handbook values for 8.8, 10.9 and 12.9; soft classes as mild steel, stainless as stainless. */
const IN_SCREW_M_PER_MIN: readonly (readonly [classes: readonly string[], mPerMin: number])[] = [
  [['4.6', '5.8', 'grade-2'], 27],
  [['8.8', 'grade-5'], 15],
  [['10.9', 'grade-8'], 8],
  [['12.9'], 5],
];
const IN_STAINLESS_SCREW = 10;
/** A screw of unknown class is drilled as the strongest of the usual hexagon heads. */
const UNKNOWN_SCREW = 8;
/** Speeds are set to the next lower 10 rev/min, and small slow ones to the next lower 5. */
const SPEED_STEP_RPM = 10;

/**
 * A speed as a hand sets it, never above what was worked out. @example setSpeedRpm(598) // 590
 */
export const setSpeedRpm = (speedRpm: number): number =>
  Math.max(SPEED_STEP_RPM, Math.floor(speedRpm / SPEED_STEP_RPM + 1e-9) * SPEED_STEP_RPM);

/**
 * Spindle speed for drilling: 1000·v/(π·d). @example drillSpeed('grey-iron', 8).speedRpm // 995
 */
export function drillSpeed(parentId: string, drillMm: number): { speedRpm: number; working: Working } {
  return speedOf(positive(DRILLING_M_PER_MIN[parentId] ?? NaN, `cutting speed of ${parentId}`), drillMm);
}

/**
 * The same in a screw that is drilled out. Of unknown class it is taken as 10.9.
 * @example screwDrillSpeed({ classId: '12.9', stainless: false }, 5).speedRpm // 318
 */
export function screwDrillSpeed(
  { classId, stainless }: { classId: string | null; stainless: boolean },
  drillMm: number,
): { speedRpm: number; working: Working } {
  const ofClass = IN_SCREW_M_PER_MIN.find(([classes]) => classes.includes(classId ?? ''))?.[1];
  return speedOf(ofClass ?? (stainless ? IN_STAINLESS_SCREW : UNKNOWN_SCREW), drillMm);
}

function speedOf(v: number, drillMm: number): { speedRpm: number; working: Working } {
  const speedRpm = (1000 * v) / (Math.PI * positive(drillMm, 'drill'));
  return {
    speedRpm,
    working: {
      title: 'Spindle speed for the drill',
      formula: 'n = 1000 · v / (π · d)',
      symbols: [
        { symbol: 'v', meaning: 'cutting speed, high-speed steel', value: v, unit: 'm/min' },
        { symbol: 'd', meaning: 'drill', value: drillMm, unit: 'mm' },
      ],
      result: { symbol: 'n', value: speedRpm, unit: 'rev/min' },
      source: 'handbook cutting speeds; tap at about a third, by hand in a single casting',
    },
  };
}
