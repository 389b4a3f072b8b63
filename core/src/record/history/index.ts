export { foldHole } from './foldHole.ts';
export { HEAD_FOLD, headOf, nextHead, type HoleHead } from './holeHead.ts';
export { inputsOf } from './inputsOf.ts';
export { CUT_BARS, mayCut, type CutBar } from './mayCut.ts';
export { CLOSE_BARS, mayClose } from './mayClose.ts';
export { placeWords } from './placeWords.ts';
export { MEND_STATIONS, stationOf } from './stationOf.ts';
export { wantsTwoSignatures } from './wantsTwoSignatures.ts';
