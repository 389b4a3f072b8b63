export { boltCircle, centreDistanceMm } from './positions.ts';
