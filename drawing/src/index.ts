// Pure functions from core results to a display list in millimetres. Web, server and paper paint the same list.
export {
  pointsOf,
  type DisplayList,
  type Fill,
  type Ink,
  type Layer,
  type Pen,
  type Place,
  type Point,
  type Shape,
} from './DisplayList.ts';
export { endView } from './endView.ts';
export { generationRings } from './generationRings.ts';
export { holeGlyph, type GlyphFacts } from './holeGlyph.ts';
export { stuckSection } from './stuckSection.ts';
export { LABEL_CLEAR_PX, LABEL_LINE_PX, LETTER_PX, type PlateFlag } from './plate/flags.ts';
export { type LadderRow } from './plate/ladderLayout.ts';
export { plateLayout, type PlateLayout } from './plate/plateLayout.ts';
export { rungKey, rungsOf } from './plate/rungs.ts';
export { stuckLayout, type RuleLayout, type StuckLayout } from './stuckLayout.ts';
