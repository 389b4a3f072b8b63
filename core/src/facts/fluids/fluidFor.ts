import type { ParentMaterial } from '../materials/index.ts';
import { FLUID_ROWS, FLUIDS, type DryReason, type FluidId, type FluidRow } from './tables/fluids.ts';

/** Which row a material goes by. */
function metalOf({ id, group, cutting }: Pick<ParentMaterial, 'id' | 'group' | 'cutting'>): FluidRow['metal'] {
  if (id === 'ductile-iron') return 'ductile';
  if (group === 'steel') return cutting === 'tough' ? 'tough' : 'steel';
  return group;
}

/**
 * What goes on a material while it is cut. @example fluidFor(parentById('grey-iron')).first // null
 * @example fluidFor(parentById('austenitic-stainless')).first // 'ep-oil'
 */
export const fluidFor = (parent: Pick<ParentMaterial, 'id' | 'group' | 'cutting'>): FluidRow =>
  FLUID_ROWS.find(({ metal }) => metal === metalOf(parent))!;

/** A fluid in a sentence. @example fluidName('paste') // 'tapping paste' */
export const fluidName = (id: FluidId): string => FLUIDS.find((row) => row.id === id)!.short;

const DRY: Readonly<Record<DryReason, string>> = {
  graphite: 'its own graphite is fluid enough, and the dust is taken off as it falls',
  powder: 'its chips fall as powder',
  melts: 'it is kept cool by a sharp tool, short bites and air',
};

/** Why nothing goes on it. @example dryWords('powder') // 'its chips fall as powder' */
export const dryWords = (reason: DryReason): string => DRY[reason];
