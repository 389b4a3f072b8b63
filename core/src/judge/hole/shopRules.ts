import { USUAL_DRILLING, type Drilling, type DrillSetId, type Rack } from '../../facts/drills/index.ts';
import type { HouseRules } from './HoleCase.ts';

/** What a proposal takes from the shop: its rules and its drills. */
export interface ShopRules {
  rules: HouseRules;
  rack: Rack;
}

/** The part of a shop's settings that the rules are made from. */
export interface RackSettings {
  rules: HouseRules;
  drillSets: readonly DrillSetId[];
  missingDrills: readonly string[];
  singleDrills?: readonly { id: string; diameterMm: number }[];
  wornDrills?: readonly { id: string; cutsMm: number }[];
  drilling?: Drilling;
}

/**
 * The rules that a proposal follows, from a shop's settings.
 * @example shopRulesOf({ rules: DEFAULT_HOUSE_RULES, drillSets: ['letter'], missingDrills: ['Q'] }).rack.missingIds // ['Q']
 */
export function shopRulesOf(settings: RackSettings): ShopRules {
  return {
    rules: settings.rules,
    rack: {
      setIds: settings.drillSets,
      missingIds: settings.missingDrills,
      singles: settings.singleDrills ?? [],
      worn: settings.wornDrills ?? [],
      drilling: settings.drilling ?? USUAL_DRILLING,
    },
  };
}
