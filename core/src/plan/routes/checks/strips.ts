import type { StripFacts } from '../../../judge/strength/index.ts';
import { DILATION_LOWEST_RATIO } from '../../../judge/strength/index.ts';

/** What a check of the strength knows of the thread that may strip. */
export type StripsFacts = {
  /** Null: outside the strength model. */
  stripN: number | null;
  side: 'parent' | 'fastener' | 'inside';
  /** The reading or answer that is not known and that its verdict hangs on. */
  unknown: string | null;
  /** The doubt of the readings is what decides. */
  doubtful: boolean;
  strip: StripFacts;
};

export const OUTSIDE_MODEL = `the wall is outside the strength model (s/D below ${DILATION_LOWEST_RATIO})`;
export const sideWords = (side: StripsFacts['side']): string =>
  ({ parent: 'the parent strips', fastener: 'the screw’s thread strips', inside: 'the thread inside the bush strips' })[
    side
  ];

const UNKNOWN_WORDS: Readonly<Record<string, string>> = {
  'screw-reach': '; how far the screw reaches is not known, and it decides',
  edge: '; the metal beside it is not measured, and it decides',
  fastenerClassId: '; the screw’s class is not known, and it decides: look at its head',
};
/** What is not known and decides, as the end of a sentence. */
export const unknownWords = (unknown: string | null): string => (unknown === null ? '' : UNKNOWN_WORDS[unknown]!);
export const doubtWords = (doubtful: boolean): string => (doubtful ? '; the readings’ doubt decides' : '');
