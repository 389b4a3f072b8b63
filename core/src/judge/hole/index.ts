export {
  DEFAULT_HOUSE_RULES,
  DRIVES,
  type Drive,
  EARLIER_REPAIRS,
  RANKING_RULES,
  RANKING_WEIGHTS,
  USUAL_RATES,
  type EarlierRepair,
  type Limit,
  type RankingRule,
  type RankingWeights,
  type Rates,
  type Sealing,
  type Stuck,
  type Duty,
  type HoleCase,
  type HouseRules,
  type Joint,
  type LoadDemand,
  type Measured,
} from './HoleCase.ts';
export { INSTRUMENTS, type InstrumentId } from './instruments.ts';
export { blankCase } from './blankCase.ts';
export { shopRulesOf, type RackSettings, type ShopRules } from './shopRules.ts';
export { questionReading } from './questionReading.ts';
export { isGauged, QUANTITIES, type QuantityId } from './quantities.ts';
export { soundsStuck } from './soundsStuck.ts';
