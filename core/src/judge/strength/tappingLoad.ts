import type { ParentMaterial } from '../../facts/materials/index.ts';
import type { Working } from '../../basis/checks/index.ts';
import type { Thread } from '../../facts/threads/index.ts';
import { THREAD_FORMS } from '../../facts/threads/index.ts';

/** Specific cutting force in tapping, MPa (our estimate). */
const CUTTING_FORCE_MPA: Readonly<Record<string, number>> = {
  'magnesium-cast': 500,
  'aluminium-sand-cast': 900,
  'aluminium-cast-heat-treated': 900,
  'aluminium-die-cast': 900,
  'aluminium-6xxx': 900,
  'aluminium-7xxx': 900,
  'zinc-die-cast': 900,
  brass: 900,
  bronze: 1200,
  'grey-iron': 1500,
  'ductile-iron': 1800,
  'cast-steel': 2300,
  'mild-steel': 2300,
  'medium-carbon-steel': 2600,
  'alloy-steel': 3000,
  'austenitic-stainless': 3000,
  'engineering-plastic': 300,
};
/** Force to cut a material, MPa of chip. @example cuttingForceMpa('mild-steel') // 2300 */
export const cuttingForceMpa = (parentId: string): number => CUTTING_FORCE_MPA[parentId]!;

/** A sharp tap with fluid; a worn or dry one takes up to 2.5 (our estimate). */
const SHARP = 1.5;
/** Core of a tap as a share of its major, and the shear stress that snaps it, MPa (estimate). */
const CORE_SHARE = 0.45;
const TAP_SHEAR_MPA = 1600;
/** Flat at the root of the groove, in pitches. */
const ROOT_FLAT_PER_PITCH = 1 / 8;

export interface TappingLoad {
  torqueNm: number;
  snapsAtNm: number;
  /** How many times stronger the tap is than the cut. */
  ratio: number;
  /** What it follows from: force, groove left to cut and its mean radius, major of the tap. */
  forceMpa: number;
  areaMm2: number;
  radiusMm: number;
  majorMm: number;
}

/**
 * Tapping torque k·A·r·f against what the tap's core stands, π/16·dc³·1600 MPa. A is the groove that the drill left to cut.
 * An estimate: good for telling 2 from 4.
 * @example tappingLoad({ majorMm: 8, majorInternalMm: 8, pitchMm: 1.25, form: 'iso-60' }, 6.8, parentById('mild-steel')).ratio // 3.8
 */
export function tappingLoad(
  thread: Pick<Thread, 'majorMm' | 'pitchMm' | 'form'> & { majorInternalMm: number },
  boreMm: number,
  parent: ParentMaterial,
): TappingLoad {
  const heightMm = Math.max(0, (thread.majorInternalMm - boreMm) / 2);
  const half = (THREAD_FORMS[thread.form].angleDeg * Math.PI) / 360;
  const areaMm2 = heightMm * (ROOT_FLAT_PER_PITCH * thread.pitchMm + heightMm * Math.tan(half));
  const radiusMm = (thread.majorMm + boreMm) / 4;
  const forceMpa = CUTTING_FORCE_MPA[parent.id]!;
  const torqueNm = (forceMpa * areaMm2 * radiusMm * SHARP) / 1000;
  const snapsAtNm = ((Math.PI / 16) * (CORE_SHARE * thread.majorMm) ** 3 * TAP_SHEAR_MPA) / 1000;
  const ratio = torqueNm > 0 ? snapsAtNm / torqueNm : Infinity;
  return {
    torqueNm,
    snapsAtNm,
    ratio,
    forceMpa,
    areaMm2,
    radiusMm,
    majorMm: thread.majorMm,
  };
}

/** Working of the tapping load. */
export function tappingWorking(load: Omit<TappingLoad, 'ratio'> & { designation: string }): Working {
  const { torqueNm, snapsAtNm } = load;
  return {
    title: `Tapping load, ${load.designation}`,
    formula: 'T = k · A · r · f; tap = π/16 · (0.45 · D)³ · 1600 MPa',
    symbols: [
      { symbol: 'k', meaning: 'specific cutting force', value: load.forceMpa, unit: 'MPa' },
      { symbol: 'A', meaning: 'groove left to cut', value: load.areaMm2, unit: 'mm²' },
      { symbol: 'r', meaning: 'mean radius', value: load.radiusMm, unit: 'mm' },
      { symbol: 'f', meaning: 'sharp tap with fluid (worn or dry: up to 2.5)', value: SHARP, unit: '' },
      { symbol: 'D', meaning: 'major diameter of the tap', value: load.majorMm, unit: 'mm' },
      { symbol: 'T', meaning: 'torque of the cut', value: torqueNm, unit: 'Nm' },
      { symbol: 'tap', meaning: 'torque that snaps the tap', value: snapsAtNm, unit: 'Nm' },
    ],
    result: { symbol: 'tap / T', value: torqueNm > 0 ? snapsAtNm / torqueNm : 0, unit: '' },
    source: 'our estimate',
    estimate: true,
  };
}
