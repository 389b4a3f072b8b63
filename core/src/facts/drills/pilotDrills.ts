import { rackDrills, type Rack, type RackDrill } from './drillSizes.ts';

export interface PilotDrills {
  /** In the order in which they are used, the pilot first; empty where the drill goes in at once. */
  steps: RackDrill[];
  because: string;
}

/** Up to this a drill in metal goes in at once (rule of thumb). */
const NO_PILOT_UP_TO_MM = 8;
/** The web at a twist drill's point is about this share of its diameter; the pilot clears it (rule of thumb). */
const WEB_SHARE = 0.2;
/** A drill over this takes a second step between pilot and size, so that the machine is not stalled (rule of thumb). */
const TWO_STEPS_OVER_MM = 16;
const SECOND_STEP_SHARE = 0.6;

/**
 * Pilot and step drills before the final one: above 8 mm a pilot about the web of the next drill, above 16 mm one more step.
 * Soft metal needs none, and work-hardening metal none that only rubs. Rule of thumb.
 * @example pilotDrills(10.2, { cutting: 'medium', rack: FULL_RACK, system: 'mm' }).steps.map((d) => d.id) // ['2 mm']
 */
export function pilotDrills(
  finalMm: number,
  options: { cutting: 'soft' | 'medium' | 'tough' | 'brittle'; rack: Rack; system?: 'mm' | 'in' },
): PilotDrills {
  const { cutting, rack } = options;
  if (finalMm <= NO_PILOT_UP_TO_MM) return { steps: [], because: 'up to 8 mm the drill goes in at once' };
  if (cutting === 'soft') return { steps: [], because: 'soft metal: a pilot makes a large drill snatch' };
  const owned = rackDrills(rack).filter((d) => options.system === undefined || d.system === options.system);
  const nearest = (mm: number) =>
    [...owned].filter((d) => d.diameterMm < finalMm - 1).sort((a, b) => off(a, mm) - off(b, mm))[0];
  const off = (drill: RackDrill, mm: number) => Math.abs(drill.diameterMm - mm);
  const second = finalMm > TWO_STEPS_OVER_MM ? nearest(SECOND_STEP_SHARE * finalMm) : undefined;
  const pilot = nearest(WEB_SHARE * (second?.diameterMm ?? finalMm));
  const steps = [pilot, second].filter((drill) => drill !== undefined);
  return {
    steps,
    because:
      cutting === 'tough'
        ? 'pilot about the web of the next drill; keep it cutting, a pilot that rubs hardens the hole'
        : 'pilot about the web of the next drill, so that its point is not pushed aside',
  };
}
