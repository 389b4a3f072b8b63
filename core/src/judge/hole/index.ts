export { CHOICES, choiceOf, choiceRow, mayBeEmptied, type ChoiceId, type HoleChoices } from './choices.ts';
export type { ChoiceRow } from './choices/ChoiceRow.ts';
export { isAsked } from './asked.ts';
export { HOLDS, STARTS, STUCK_THINGS, type StuckThing, type HoldId, type StartId } from './choices/freeingRows.ts';
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
  type Work,
} from './HoleCase.ts';
export { BENCH_INSTRUMENT_KINDS, INSTRUMENTS, type BenchInstrumentKind, type InstrumentId } from './instruments.ts';
export { blankCase } from './blankCase.ts';
export { shopRulesOf, type ShopRules } from './shopRules.ts';
export { questionReading, questionSlip } from './questionReading.ts';
export { endsWithMend, isGauged, QUANTITIES, quantityRow, type QuantityId, type QuantityRow } from './quantities.ts';
export { asksScrewedIn, asksSeat, goodOne, isBolted, keepsIn, keepsPressure, sealsOnFace } from './screwedIn.ts';
export { HURT_KINDS } from './choices/dutyRows.ts';
export { type WorkShape } from './choices/workRows.ts';
export type { Behind } from './choices/holeRows.ts';
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
export { offersOrdinary, ORDINARY, ORDINARY_PARTS, ordinaryLeft } from './ordinary.ts';
export { SISTER_TELLS } from './sisterTells.ts';
export { askedName } from './askedName.ts';
export { soundsStuck } from './soundsStuck.ts';
export { caseFromInputs, type CaseInputs, type MissingInput } from './caseFromInputs.ts';
export { behindOf } from './caseOfChoices.ts';
export { hurts } from './duty.ts';
export { readingRefusal } from './readingRefusal.ts';
export { COIL_SET_DOWNS, TAP_DRILL_RULES, TAP_NAMINGS } from './houseRules.ts';
export { OWN_KINDS, ownUsed, type OwnUsed } from './ownUsed.ts';
