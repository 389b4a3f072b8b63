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

/**
 * Spindle speed for drilling: 1000·v/(π·d). @example drillSpeed('grey-iron', 8).speedRpm // 995
 */
export function drillSpeed(parentId: string, drillMm: number): { speedRpm: number; working: Working } {
  const v = positive(DRILLING_M_PER_MIN[parentId] ?? NaN, `cutting speed of ${parentId}`);
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
