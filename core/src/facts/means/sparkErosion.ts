import { USUAL_MEANS, type MeansFact } from './MeansFact.ts';

/** Eroded without touching the parent. */
export const sparkErosion: MeansFact = { ...USUAL_MEANS, minutes: null, cost: 'outside', name: 'spark erosion' };
