import { rackDrills, type Rack, type RackDrill } from '../../facts/drills/index.ts';

/** The drill of the rack nearest to a size; none in an empty rack. */
export const nearestDrill = (rack: Rack, mm: number): RackDrill | undefined =>
  [...rackDrills(rack)].sort((a, b) => Math.abs(a.diameterMm - mm) - Math.abs(b.diameterMm - mm))[0];
