// Pure functions from core results to a display list in millimetres. Web, server and paper paint the same list.
export {
  pointsOf,
  type DisplayList,
  type Fill,
  type Ink,
  type Layer,
  type Pen,
  type Point,
  type Shape,
} from './DisplayList.ts';
export { endView } from './endView.ts';
export { generationRings } from './generationRings.ts';
export { holeGlyph, type GlyphFacts } from './holeGlyph.ts';
export { stuckSection, type StuckSectionInput } from './stuckSection.ts';
