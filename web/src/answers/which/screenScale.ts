import { useCallback, useState } from 'react';
import { isNumber, onDevice } from '../../base/kept.ts';

const STORED = 'screen-px-per-mm';
/** What a browser takes for granted: 96 pixels an inch. Real screens differ by up to a third. */
const NOMINAL_PX_PER_MM = 96 / 25.4;
export const SCALE_RANGE = { low: 0.6 * NOMINAL_PX_PER_MM, high: 1.8 * NOMINAL_PX_PER_MM } as const;

/** Pixels in a millimetre of this screen: checked once with a ruler, kept on the device. */
export function useScreenScale() {
  const [stored, setStored] = useState(() => onDevice.value(STORED, isNumber) ?? 0);
  const checked = stored >= SCALE_RANGE.low && stored <= SCALE_RANGE.high;
  const keep = useCallback((pxPerMm: number) => {
    onDevice.keep(STORED, pxPerMm);
    setStored(pxPerMm);
  }, []);
  return { pxPerMm: checked ? stored : NOMINAL_PX_PER_MM, checked, keep };
}
