export {
  CHOICES,
  choiceOf,
  choiceRow,
  isAsked,
  mayBeEmptied,
  type ChoiceId,
  type ChoiceRow,
  type HoleChoices,
} from './choices.ts';
export { HOLDS, STARTS, STUCK_THINGS, type StuckThing, type HoldId, type StartId } from './freeingChoices.ts';
export {
  DEFAULT_HOUSE_RULES,
  RANKING_RULES,
  RANKING_WEIGHTS,
  USUAL_RATES,
  type RankingRule,
  type RankingWeights,
  type HoleCase,
  type HouseRules,
  type Joint,
  type Measured,
} from './HoleCase.ts';
export { INSTRUMENTS, type InstrumentId } from './instruments.ts';
export { blankCase } from './blankCase.ts';
export { shopRulesOf, type ShopRules } from './shopRules.ts';
export { questionReading } from './questionReading.ts';
export { endsWithMend, isGauged, QUANTITIES, quantityRow, type QuantityId, type QuantityRow } from './quantities.ts';
export { asksScrewedIn } from './caseOfChoices.ts';
export { HURT_KINDS, type Behind } from './jointChoices.ts';
export {
  BOTTOM_ROOM_PITCHES,
  edgeTaken,
  isLight,
  leastReachMm,
  longReachMm,
  presumedServiceC,
  serviceTakenC,
  TIP_PITCHES,
  UNKNOWN_EDGE_D,
  type UnknownEnd,
} from './unknowns.ts';
export { offersOrdinary, ORDINARY, ordinaryLeft } from './ordinary.ts';
export { askedName } from './askedName.ts';
export { soundsStuck } from './soundsStuck.ts';
export { caseFromInputs, type CaseInputs, type MissingInput } from './caseFromInputs.ts';
export { hurts, isBolted } from './duty.ts';
