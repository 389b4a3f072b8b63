/** So many readings in a row, within so many of their last figures, are an instrument at rest (our estimate). */
const IN_A_ROW = 5;
const LAST_FIGURES = 5;

/**
 * Whether what an instrument shows has come to rest, by its last readings as it showed them.
 * @param shown - readings as text, the last one last
 * @example isSteady(['9.12', '8.41', '8.38', '8.39', '8.38', '8.40', '8.38']) // true
 */
export function isSteady(shown: readonly string[]): boolean {
  const last = shown.slice(-IN_A_ROW);
  if (last.length < IN_A_ROW) return false;
  const values = last.map(Number);
  const figure = 10 ** -(last[0]!.split('.')[1]?.length ?? 0);
  return Math.max(...values) - Math.min(...values) <= LAST_FIGURES * figure * (1 + 1e-9);
}
