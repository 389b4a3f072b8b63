// Pure functions from core results to a display list in millimetres. Web, server and paper paint the same list.
export {
  pointsOf,
  type Box,
  type DisplayList,
  type Fill,
  type Ink,
  type Layer,
  type Pen,
  type Place,
  type Point,
  type Shape,
  type Sheet,
  type SheetLayer,
  type Words,
} from './DisplayList.ts';
export { comb } from './charts/comb.ts';
export { HARM_WIDTH_PT, harmChart, harmSeries, harmSize, type HarmChartInput } from './charts/harmChart.ts';
export { loadScale, type LoadRow } from './charts/loadScale.ts';
export { cardPages, type CardInput } from './paper/cardPages.ts';
export { labelPages, type LabelInput } from './paper/labelPages.ts';
export { passportPages, type PassportInput } from './paper/passportPages.ts';
export { PAPERS, PT_PER_MM, type Measure, type PaperId, type PaperLetters } from './paper/Paper.ts';
export { tablePages, type PaperTable } from './paper/tablePages.ts';
export { bandSize, minorBand, type MinorBandInput } from './charts/minorBand.ts';
export { benchSheet, type BenchTool } from './benchSheet.ts';
export { endView } from './endView.ts';
export { generationRings } from './generationRings.ts';
export { holeGlyph, type GlyphFacts } from './holeGlyph.ts';
export { sameLayer, sameLetters, sameShape } from './same.ts';
export { stuckSection } from './stuckSection.ts';
export { ladderSheet, sameLadder, type LadderRung, type LadderSheet } from './plate/ladderSheet.ts';
export { plateLayout, type PlateLayout } from './plate/plateLayout.ts';
export { plateSheet } from './plate/plateSheet.ts';
export { rungKey, rungsOf } from './plate/rungs.ts';
export { stuckLayout, type StuckLayout } from './stuckLayout.ts';
export { stuckSheet } from './stuckSheet.ts';
export { VERDICT_INK, VERDICT_MARK_SIDE, verdictMark } from './verdictMark.ts';
