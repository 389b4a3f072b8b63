import type { Measure, PaperLetters } from '@deep-mend/drawing';
import { create, type Font } from 'fontkit';
import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { unpackWoff } from './unpackWoff.ts';

// Fonts ship with the application, as packages of open fonts. Of a weight each only what is set: a page embeds the letters it uses.
const require = createRequire(import.meta.url);
const FILES = {
  text: '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-400-normal.woff',
  'text bold': '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-700-normal.woff',
  drawing: '@fontsource/barlow/files/barlow-latin-400-normal.woff',
  'drawing bold': '@fontsource/barlow/files/barlow-latin-600-normal.woff',
} as const;
export type FontName = keyof typeof FILES;

/** Words that are set again and again are shaped once: shaping is most of the time that a page takes. */
const MOST_SHAPED = 20_000;

/** Opens a font; what it has shaped once it gives again. Whoever takes a run scales its places, so each gets its own. */
function opened(file: string): Font {
  const font = create(unpackWoff(readFileSync(require.resolve(file))));
  if (!('layout' in font)) throw new Error(`${file} holds more than one font`);
  const shape = font.layout.bind(font);
  const shaped = new Map<string, ReturnType<typeof shape>>();
  font.layout = (text, ...rest) => {
    if (rest.some((option) => option !== undefined)) return shape(text, ...rest);
    let run = shaped.get(text);
    if (run === undefined) {
      run = shape(text);
      if (shaped.size >= MOST_SHAPED) shaped.clear();
      shaped.set(text, run);
    }
    // Copied with its own kind, so that what it computes from its places it still does.
    return Object.assign(Object.create(Object.getPrototypeOf(run) as object) as typeof run, run, {
      positions: run.positions.map((place) => ({ ...place })),
    });
  };
  return font;
}

const FONTS = new Map<string, Font>();
function fontNamed(name: FontName): Font {
  const known = FONTS.get(name) ?? opened(FILES[name]);
  FONTS.set(name, known);
  return known;
}

/** Registers the fonts of a document: opened once, whatever the number of documents. */
export function withFonts(doc: PDFKit.PDFDocument): PDFKit.PDFDocument {
  // Its types know files and bytes only; it takes an open font as well.
  for (const name of Object.keys(FILES) as FontName[]) doc.registerFont(name, fontNamed(name) as never);
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

/** How wide a text is set, by the letters themselves. */
export const measure: Measure = (text, { sizePt, ...letters }) => {
  const font = fontNamed(fontOf(letters));
  return (font.layout(paperText(text)).advanceWidth * sizePt) / font.unitsPerEm;
};
