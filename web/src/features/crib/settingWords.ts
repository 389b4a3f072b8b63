import type { ShopSettings } from '@deep-mend/contract';
import { formatLengthWithUnit, type RankingWeights, type UnitSystem } from '@deep-mend/core';

type Rules = ShopSettings['rules'];
/** A setting by its way from the top. A new one without a name does not compile. */
export type SettingKey = Exclude<keyof ShopSettings, 'rules'> | `rules.${keyof Rules}`;

/** What each setting is called: at its field, and where two people's versions of it stand side by side. */
export const SETTING_LABELS: Readonly<Record<SettingKey, string>> = {
  name: 'Name of the shop',
  units: 'Units',
  drillSets: 'Drill sets in the shop',
  missingDrills: 'Missing',
  singleDrills: 'Single drill beside the sets',
  wornDrills: 'Worn drill',
  drilling: 'Holes are drilled with',
  setUp: 'First questions',
  'rules.tapDrill': 'Tap drill',
  'rules.coilSetDownTurns': 'Coil under the face',
  'rules.tapNames': 'The middle tap is called',
  'rules.ranking': 'Order of the ways that hold',
  'rules.rates': 'An hour in the shop, a job sent out',
  'rules.kit': 'Taps, coils, extractors, tools, fluids',
  'rules.machines': 'Machines',
  'rules.practice': 'Where good mechanics differ',
  'rules.own': 'Own figures in use',
};

export const unitsWords = (units: ShopSettings['units']): string => (units === 'mm' ? 'millimetres' : 'inches');
export const turnsWords = (turns: Rules['coilSetDownTurns']): string => `${turns} of a turn`;
export const wornWords = ({ id, cutsMm }: ShopSettings['wornDrills'][number], units: UnitSystem): string =>
  `${id} bores ${formatLengthWithUnit(cutsMm, units)}`;

/** What each weight is about. */
export const WEIGHT_WORDS: Readonly<Record<keyof RankingWeights, string>> = {
  metal: 'metal taken',
  fastener: 'change of fastener',
  upsize: 'not going up a size',
  strength: 'strength missing',
  time: 'working time',
  cost: 'cost',
};

/** What each list of what is owned is called. */
export const KIT_TITLES: Readonly<Record<keyof Rules['kit'], string>> = {
  taps: 'Taps',
  coils: 'Coil kits',
  coilLengths: 'Coil lengths',
  extractorDrillsMm: 'Extractors',
  tools: 'Hand tools and aids',
  fluids: 'Cutting fluids',
};
