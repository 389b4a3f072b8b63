export { EARLIER_REPAIRS, WAY_IDS, WAYS, type WayId } from './registry.ts';
export type { Way } from './Way.ts';
export { causeName, CAUSES, type Cause } from './causes.ts';
