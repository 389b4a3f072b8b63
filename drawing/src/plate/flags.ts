import type { DepthFlag } from '@deep-mend/core';

export interface PlateFlag {
  id: string;
  /** What is at this depth; several things in as many lines as they take beside the rule. */
  lines: string[];
  main: string;
  other: string;
  kind: DepthFlag['kind'];
  /** Where the depth is on the rule, and where its text stands. */
  y: number;
  textY: number;
}

const FLAG_STEP = 35;
const MERGE_WITHIN_MM = 0.3;

/** Which colour a flag has that says several things: what was measured before what is planned before what was found. */
const KIND_ORDER = ['done', 'plan', 'found'] as const;

/** Flags within three tenths of a millimetre are one, that says all of them. */
export function mergeFlags(flags: readonly DepthFlag[]): DepthFlag[] {
  const merged: DepthFlag[] = [];
  for (const flag of flags) {
    const last = merged.at(-1);
    if (last && flag.depthMm - last.depthMm < MERGE_WITHIN_MM) {
      merged[merged.length - 1] = {
        ...last,
        label: `${last.label}, ${flag.label}`,
        kind: KIND_ORDER.find((kind) => kind === last.kind || kind === flag.kind)!,
      };
    } else merged.push(flag);
  }
  return merged;
}

/** Width of a letter of a label, roughly, and the height of one more line of it. */
export const LETTER_PX = 5.3;
export const LABEL_LINE_PX = 13;
/** The rule and its marks stand so far from a label's end. */
export const LABEL_CLEAR_PX = 14;

/** Things at one depth in as few lines as fit beside the rule. @example labelLines('thread ends, stripped to', 104) // ['thread ends,', 'stripped to'] */
export function labelLines(label: string, roomPx: number): string[] {
  const parts = label.split(', ');
  const lines: string[] = [];
  parts.forEach((part, index) => {
    const text = index === parts.length - 1 ? part : `${part},`;
    const joined = `${lines.at(-1) ?? ''} ${text}`;
    if (lines.length > 0 && joined.length * LETTER_PX <= roomPx) lines[lines.length - 1] = joined;
    else lines.push(text);
  });
  return lines;
}

/** How high each flag's words stand, from one figure to the next. */
const heightOf = (lines: readonly string[]): number => FLAG_STEP + (lines.length - 1) * LABEL_LINE_PX;

/** Where the last flag's words end when they stand one below the other. */
export const flagsEnd = (topPx: number, lines: readonly string[][]): number =>
  topPx + lines.reduce((sum, of) => sum + heightOf(of), 0);

/** Keeps the order of depths and at least each flag's own height between neighbours, within the section. */
export function spread(ys: readonly number[], top: number, bottom: number, lines: readonly string[][]): number[] {
  const tall = ys.map((_, index) => heightOf(lines[index]!));
  const placed: number[] = [];
  ys.forEach((y, index) => placed.push(Math.max(y, (placed.at(-1) ?? top - FLAG_STEP) + tall[index]!)));
  for (let i = placed.length - 1; i >= 0; i -= 1) {
    const below = i === placed.length - 1 ? bottom : placed[i + 1]! - tall[i + 1]!;
    placed[i] = Math.min(placed[i]!, below);
  }
  return placed;
}
