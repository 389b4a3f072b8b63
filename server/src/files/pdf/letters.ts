import type { Measure, PaperLetters } from '@deep-mend/drawing';
import { createRequire } from 'node:module';
import PDFDocument from 'pdfkit';

// Fonts ship with the application, as packages of open fonts. Of a weight each only what is set: a page embeds the letters it uses.
const require = createRequire(import.meta.url);
const FILES = {
  text: '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-400-normal.woff',
  'text bold': '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-700-normal.woff',
  drawing: '@fontsource/barlow/files/barlow-latin-400-normal.woff',
  'drawing bold': '@fontsource/barlow/files/barlow-latin-600-normal.woff',
} as const;
export type FontName = keyof typeof FILES;

/** Registers the fonts of a document. */
export function withFonts(doc: PDFKit.PDFDocument): PDFKit.PDFDocument {
  for (const [name, file] of Object.entries(FILES)) doc.registerFont(name, require.resolve(file));
  return doc;
}

export const fontOf = ({ font, bold }: Pick<PaperLetters, 'font' | 'bold'>): FontName => (bold ? `${font} bold` : font);

/** Signs that the fonts lack, by what says the same. */
const INSTEAD: readonly (readonly [RegExp, string])[] = [
  [/≥\s?/g, 'at least '],
  [/≤\s?/g, 'at most '],
  [/≈\s?/g, 'about '],
  [/→/g, 'to'],
  [/√/g, 'root of '],
  [/[µμ]/g, 'u'],
  [/′/g, "'"],
  [/″/g, '"'],
];
/** Letters beyond the Latin ones that the fonts hold: without their marks, else a question mark that shows that one is missing. */
const LATIN = /[^\u0020-\u007e\u00a0-\u00ff\u0131\u0152\u0153\u2013\u2014\u2018\u2019\u201c\u201d\u2026\u2212\u00bd]/gu;

/**
 * A text as the fonts can set it. A name that somebody typed with other letters is set without their marks. @example paperText('≥ 3 mm') // 'at least 3 mm'
 */
export const paperText = (text: string): string =>
  INSTEAD.reduce((told, [sign, words]) => told.replace(sign, words), text).replace(LATIN, (letter) => {
    const plain = letter.normalize('NFD').replace(/\p{M}/gu, '');
    return /^[\u0020-\u00ff]+$/.test(plain) ? plain : '?';
  });

let ruled: PDFKit.PDFDocument | null = null;
/** How wide a text is set, by the letters themselves. */
export const measure: Measure = (text, { sizePt, ...letters }) => {
  ruled ??= withFonts(new PDFDocument({ autoFirstPage: false }));
  return ruled.font(fontOf(letters)).fontSize(sizePt).widthOfString(paperText(text));
};
