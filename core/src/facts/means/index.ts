export { MEANS, MEANS_IDS, type MeansId } from './registry.ts';
