/** A sheet of paper in points, and the margin that every printer reaches. */
export const PAPERS = {
  a4: { name: 'A4', widthPt: 595.28, heightPt: 841.89 },
  letter: { name: 'Letter', widthPt: 612, heightPt: 792 },
} as const;
export type PaperId = keyof typeof PAPERS;
export const MARGIN_PT = 34;

/** Points to a millimetre and to an inch on paper, exact. */
export const PT_PER_MM = 72 / 25.4;
export const PT_PER_INCH = 72;

/** How letters look on paper. */
export interface PaperLetters {
  sizePt: number;
  font: 'drawing' | 'text';
  bold?: boolean;
}

/** How wide a text is set; whoever paints it knows the letters, and passes this in. */
export type Measure = (text: string, letters: PaperLetters) => number;
