export {
  DEFAULT_HOUSE_RULES,
  type Duty,
  type HoleCase,
  type HouseRules,
  type Joint,
  type LoadDemand,
  type Measured,
} from './HoleCase.ts';
export { INSTRUMENTS, type InstrumentId } from './instruments.ts';
export { shopRulesOf, type RackSettings, type ShopRules } from './shopRules.ts';
export { questionReading } from './questionReading.ts';
export { QUANTITIES, type QuantityId } from './quantities.ts';
