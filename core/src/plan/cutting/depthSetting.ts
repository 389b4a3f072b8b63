import { finite, positive } from '../../basis/numeric/index.ts';

/**
 * What a depth stop is set to: the reading when the still tip touches, and the depth to the tip, in the scale's direction.
 * @example stopSettingMm({ touchMm: 7, depthMm: 23, growsDown: true }) // 30
 * @example stopSettingMm({ touchMm: 40, depthMm: 23, growsDown: false }) // 17
 */
export const stopSettingMm = ({
  touchMm,
  depthMm,
  growsDown,
}: {
  touchMm: number;
  depthMm: number;
  growsDown: boolean;
}) => finite(touchMm, 'reading at touch') + (growsDown ? 1 : -1) * positive(depthMm, 'depth');

/** Where the flag goes on a drill above a guide, and where the tip would be through. mm from the tip. */
export type FlagSetting = {
  flagMm: number;
  /** Wall + guide + gap: breakthrough, never a setting; null where the wall is not known or is drilled through. */
  breaksAtMm: number | null;
  /** The setting asked for is at or past it. */
  alarm: boolean;
};

/**
 * The flag on a drill above a guide: guide + shim or gap + depth to the tip. The margin to a wall is kept apart, inside the
 * depth: wall + guide is where it breaks through.
 * @example flagSetting({ guideMm: 12, gapMm: 0, toTipMm: 19 - 2, wallMm: 19 }) // { flagMm: 29, breaksAtMm: 31, alarm: false }
 * @example flagSetting({ guideMm: 12, gapMm: 0, toTipMm: 19, wallMm: 19 }).alarm // true
 */
export function flagSetting(input: {
  guideMm: number;
  gapMm: number;
  toTipMm: number;
  wallMm: number | null;
}): FlagSetting {
  const { guideMm, gapMm, toTipMm, wallMm } = input;
  return {
    flagMm: guideMm + gapMm + toTipMm,
    breaksAtMm: wallMm === null ? null : guideMm + gapMm + wallMm,
    alarm: wallMm !== null && toTipMm >= wallMm - 1e-9,
  };
}

/** A guide is at least two drills thick, so that it guides (rule of thumb). @example guideThicknessMm(8.3) // 17 */
export const guideThicknessMm = (drillMm: number): number => Math.ceil(2 * positive(drillMm, 'drill'));
