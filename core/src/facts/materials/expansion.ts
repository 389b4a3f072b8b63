import { InputError } from '../../basis/numeric/index.ts';
import type { ParentGroup } from './ParentMaterial.ts';

/** Thermal expansion, ×10⁻⁶ per kelvin, typical handbook values. */
const EXPANSION_PER_MILLION: Readonly<Record<ParentGroup, number>> = {
  iron: 10.5,
  steel: 12,
  stainless: 16,
  aluminium: 23,
  magnesium: 26,
  zinc: 27,
  copper: 18,
  plastic: 80,
};

/**
 * How much a hole outgrows what is stuck in it when both are heated: (α_parent − α_fastener)·D·ΔT. Negative: heating both
 * tightens it.
 * @example differentialGrowthMm({ parent: 'aluminium', fastener: 'steel', diameterMm: 8, riseK: 130 }) // 0.0114
 */
export function differentialGrowthMm(input: {
  parent: ParentGroup;
  fastener: 'steel' | 'stainless';
  diameterMm: number;
  riseK: number;
}): number {
  const { parent, fastener, diameterMm, riseK } = input;
  if (!(diameterMm > 0 && riseK >= 0))
    throw new InputError('out-of-range', `${diameterMm} mm, ${riseK} K`, ['more than 0']);
  return (EXPANSION_PER_MILLION[parent] - EXPANSION_PER_MILLION[fastener]) * 1e-6 * diameterMm * riseK;
}
