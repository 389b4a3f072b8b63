export type { ParentGroup, ParentMaterial } from './ParentMaterial.ts';
export { differentialGrowthMm } from './expansion.ts';
export { findParent } from './findParent.ts';
export { parentById, PARENTS } from './parents.ts';
export { FASTENER_CLASS_NAMES, fastenerClass, isStainless } from './fastenerClasses.ts';
export type { FastenerClassRow } from './tables/fastenerClasses.ts';
export { CHIP_LOOKS, chipsOfMetal, metalsOfLook, type ChipLook } from './chips.ts';
