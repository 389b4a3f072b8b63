export type { MeansFact } from './MeansFact.ts';
export { MEANS, MEANS_IDS, type MeansId } from './registry.ts';
