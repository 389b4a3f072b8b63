import type { StripFacts } from '../../../judge/strength/index.ts';
import { DILATION_LOWEST_RATIO } from '../../../judge/strength/index.ts';

/** What a check of the strength knows of the thread that may strip. */
export type StripsFacts = {
  /** Null: outside the strength model. */
  stripN: number | null;
  side: 'parent' | 'fastener';
  /** The doubt of the readings is what decides. */
  doubtful: boolean;
  strip: StripFacts;
};

export const OUTSIDE_MODEL = `the wall is outside the strength model (s/D below ${DILATION_LOWEST_RATIO})`;
export const sideWords = (side: StripsFacts['side']): string =>
  side === 'parent' ? 'the parent strips' : 'the screw’s thread strips';
export const doubtWords = (doubtful: boolean): string => (doubtful ? '; the readings’ doubt decides' : '');
