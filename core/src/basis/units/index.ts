export { MM_PER_INCH, inchToMm, mmToInch } from './inch.ts';
export {
  parseLength,
  type LengthNotation,
  type LengthProblem,
  type LengthResult,
  type ParsedLength,
} from './parseLength.ts';
export { explainLengthProblem } from './explainLengthProblem.ts';
export { PRECISION } from './precision.ts';
export { formatLength, formatLengthWithUnit, type UnitSystem } from './formatLength.ts';
export { LETTER_DRILL_TENTHOUSANDTHS, NUMBER_DRILL_TENTHOUSANDTHS } from './tables/gaugeSizes.ts';
export { formatArea, formatLoad, formatTorque, parseLoadN, parseTorqueNm, SAY, settableMm, type Say } from './say.ts';
export { sizeName } from './sizeName.ts';
