export { boltCircle, centreDistanceMm, type CirclePoint } from './positions.ts';
