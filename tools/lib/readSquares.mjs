// What the code of squares on a paper says: its first page painted by Debian's own tool, read off the pixels as a phone does.
import { spawnSync } from 'node:child_process';
import readCode from 'jsqr';

/** Coarser than any printer. */
const DOTS_PER_INCH = '110';

/**
 * @param file - path of a PDF
 * @returns what its first code says; null: none is read
 */
export function readSquares(file) {
  const painted = spawnSync('pdftoppm', ['-r', DOTS_PER_INCH, '-f', '1', '-l', '1', file], { maxBuffer: 1 << 26 });
  if (painted.status !== 0) throw new Error(painted.stderr.toString());
  const [head, width, height] = /^P6\s+(\d+)\s+(\d+)\s+255\s/.exec(painted.stdout.subarray(0, 40).toString('latin1'));
  const rgb = painted.stdout.subarray(head.length);
  const pixels = new Uint8ClampedArray(Number(width) * Number(height) * 4).fill(255);
  // Black and white: one of its three is enough.
  for (let at = 0; 3 * at < rgb.length; at += 1) pixels[4 * at] = pixels[4 * at + 1] = pixels[4 * at + 2] = rgb[3 * at];
  return readCode(pixels, Number(width), Number(height))?.data ?? null;
}
